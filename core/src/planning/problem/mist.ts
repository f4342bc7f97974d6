import type { Resource, ScheduleProblem } from './problem'

const MIST = 'mist '

/** While a gun sprays in a room nobody else is at work there; at other times so many crews, or people by themselves, at once. */
const PARTIES = 2

const SPRAYER = 'sprayer '

/** The one of a crew who sprays: a crew that may split does not take two guns at once. */
export const sprayerOf = (crewId: string): Resource => ({ id: `${SPRAYER}${crewId}`, capacity: 1, carryMin: 0 })

export const isSprayer = (resourceId: string): boolean => resourceId.startsWith(SPRAYER)

/** What stands for the air of a room that is sprayed: a gun takes all of it, any other work a part. */
export const airOfRoom = (roomId: string): Resource => ({ id: `${MIST}${roomId}`, capacity: PARTIES, carryMin: 0 })

export const isMist = (resourceId: string): boolean => resourceId.startsWith(MIST)

/** The room whose air a resource is. */
export const roomOfMist = (resourceId: string): string => resourceId.slice(MIST.length)

/** What an activity takes of it. */
export const mistUses = (roomId: string, sprays: boolean): string[] =>
  Array.from({ length: sprays ? PARTIES : 1 }, () => airOfRoom(roomId).id)

interface InTime {
  readonly taskId: string
  readonly from: number
  readonly to: number
}

/** Whether some work would go on in a room while a gun sprays there. */
export function isInMist(
  { activities }: Pick<ScheduleProblem, 'activities'>,
  placed: ReadonlyMap<string, InTime>,
  { taskId, from, to }: InTime,
): boolean {
  const roomId = activities.find(({ id }) => id === taskId)?.roomId
  return activities.some((act) => {
    const at = act.roomId === roomId && act.id !== taskId ? placed.get(act.id) : undefined
    return at !== undefined && act.uses.filter(isMist).length === PARTIES && at.from < to && at.to > from
  })
}

/** Whether two pieces of work cannot go on in one room at once, since one of them sprays. */
export const areInMist = (one: readonly string[], other: readonly string[]): boolean =>
  one.some((use) => isMist(use) && other.includes(use)) &&
  [one, other].some((uses) => uses.filter(isMist).length === PARTIES)
