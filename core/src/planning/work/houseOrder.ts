import { groupedBy } from '../../base/units/groupedBy'
import { writeActivity, type Crew, type PaintStep, type Room } from '../../base/nouns'
import { AT_ONCE, type Activity, type GunRun, type Lag } from './activity'

interface Placed {
  readonly room: Room
  readonly crew: Crew
}

/** Colours that one gun goes through without being cleaned between. */
export interface GunRuns {
  readonly begins: (roomId: string, step: PaintStep) => boolean
  readonly ends: (roomId: string, step: PaintStep) => boolean
  /** What the coats of a run, and its cleaning, wait for. */
  readonly lags: (activities: readonly Activity[]) => Lag[]
  /** The runs themselves, with their coats. */
  readonly runs: (activities: readonly Activity[]) => GunRun[]
}

/**
 * Outside, a crew sprays one colour round the whole house: the gun is made ready on the first side and cleaned after the
 * last. Inside, every room has its own.
 */
export function gunRuns(placed: readonly { readonly room: Room; readonly crewId: string }[]): GunRuns {
  const sprayed = placed.flatMap(({ room, crewId }) =>
    room.steps
      .filter((step) => step.tool === 'spray')
      .map((step) => ({
        roomId: room.id,
        stepId: step.id,
        paint: `${step.coatingId}|${step.colour}`,
        run: room.kind === 'elevation' ? `${crewId}|${step.coatingId}|${step.colour}` : `${room.id}|${step.id}`,
      })),
  )
  const runs = [...groupedBy(sprayed, (each) => each.run).values()]
  const isAt = (pick: number) => (roomId: string, step: PaintStep) =>
    runs.some((run) => run.at(pick)?.roomId === roomId && run.at(pick)?.stepId === step.id)
  return {
    begins: isAt(0),
    ends: isAt(-1),
    lags: (activities) => runs.flatMap((run) => runLags(run, activities)),
    runs: (activities) =>
      runs.flatMap((run): GunRun[] => {
        const [first, last] = [run[0], run.at(-1)]
        const coatIds = coatsOf(run, activities).map((coat) => coat.id)
        return first && last ? [{ first: idsOf(first), last: idsOf(last), coatIds, paint: first.paint }] : []
      }),
  }
}

function runLags(
  run: readonly { readonly roomId: string; readonly stepId: string }[],
  activities: readonly Activity[],
): Lag[] {
  const [first, last] = [run[0], run.at(-1)]
  if (!first || !last) return []
  const link = (from: string, to: string): Lag => ({ from, to, min: AT_ONCE, max: null })
  const up = writeActivity({ of: 'step', ...idsOf(first), act: 'gun-up' })
  const down = writeActivity({ of: 'step', ...idsOf(last), act: 'gun-down' })
  return coatsOf(run, activities).flatMap((coat) => [
    ...(coat.roomId === first.roomId ? [] : [link(up, coat.id)]),
    link(coat.id, down),
  ])
}

const coatsOf = (
  run: readonly { readonly roomId: string; readonly stepId: string }[],
  activities: readonly Activity[],
): Activity[] =>
  activities.filter(
    (act) => act.kind === 'coat' && run.some((each) => each.roomId === act.roomId && each.stepId === act.stepId),
  )

const idsOf = ({ roomId, stepId }: { roomId: string; stepId: string }) => ({ roomId, stepId })

/** Kinds that mask a front, before the gun comes. */
const MASKING: readonly Activity['kind'][] = ['prep', 'cover', 'mark', 'lay']

/**
 * Activities in the order they go in where several could: rooms as they stand, but a house's fronts under one crew
 * together, all masking before the gun.
 */
export function inHouseOrder(activities: readonly Activity[], placed: readonly Placed[]): Activity[] {
  const crewOf = new Map(
    placed.flatMap(({ room, crew }) => (room.kind === 'elevation' ? [[room.id, crew.id] as const] : [])),
  )
  const done = new Set<string>()
  return activities.flatMap((act) => {
    const crewId = crewOf.get(act.roomId)
    if (crewId === undefined) return [act]
    if (done.has(crewId)) return []
    done.add(crewId)
    const house = activities.filter((activity) => crewOf.get(activity.roomId) === crewId)
    const isMasking = (activity: Activity) => MASKING.includes(activity.kind)
    return [...house.filter(isMasking), ...house.filter((activity) => !isMasking(activity))]
  })
}
