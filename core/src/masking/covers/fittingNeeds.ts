import { BREATHER_KINDS, said, type Fitting, type Room, type Shelf } from '../../base/nouns'
import { hostOf, isBagged } from '../../survey/rooms/fittings'
import { stepsOf } from '../../survey/rooms/faces'
import { coversByKind, fromRoll, panelsOver, type CoverNeed } from './coverNeed'
import { fallsOut } from './mist'

/** How far film goes round what stands out, mm on every side. From memory. */
const ROUND_MM = 100

/**
 * A bag or a piece of film for each fitting that stands out from a wall or a ceiling that is coated, for as long as that colour lasts; and in a
 * room that is sprayed, a piece over every plate before the first sprayed coat, unless the tape of its own wall or ceiling covers it by then.
 */
export function fittingNeeds(room: Room, shelf: Shelf): CoverNeed[] {
  const film = coversByKind(shelf).film[0]
  if (!film) return []
  return room.fittings
    .filter((fitting) => fitting.scope === 'mask')
    .flatMap((fitting) => {
      const own = isBagged(room, fitting) ? stepsOf(room, hostOf(fitting)).map(({ step }) => step.id) : []
      const stepIds = own.length > 0 ? own : underFallOut(room, fitting)
      if (stepIds.length === 0) return []
      const [wide, high] = [fitting.widthMm + 2 * ROUND_MM, fitting.heightMm + 2 * ROUND_MM]
      const why = said(own.length > 0 ? 'cover.bag' : 'cover.fall_out')
      const place = { roomId: room.id, what: fitting.name, hold: 'bagged', why, stepIds } as const
      // What has to breathe or be heard is uncovered before people leave: its cover is there anew for each coat.
      const times = BREATHER_KINDS.includes(fitting.kind) ? coatsOf(room, stepIds) : 1
      const cuts = Array.from({ length: times }, () => panelsOver(wide, high, film)).flat()
      return [fromRoll(place, film, times * wide * high, cuts)]
    })
}

const coatsOf = (room: Room, stepIds: readonly string[]): number =>
  room.steps.reduce((sum, step) => sum + (stepIds.includes(step.id) ? step.coats : 0), 0)

/** Sprayed colours whose fall-out settles on a plate before the tape of its own wall is on, or that come when it gets none. */
function underFallOut(room: Room, fitting: Fitting): string[] {
  const [own] = stepsOf(room, hostOf(fitting))
  const ceiling = room.steps.findIndex((step) => step.targets.includes('ceiling'))
  // Below a sprayed ceiling film hangs before a wall that keeps its colour, and before all that is on it.
  const hangs = (index: number) =>
    fitting.on === 'wall' && index === ceiling && (own === undefined || own.index < ceiling)
  return room.steps
    .filter((step, i) => fallsOut(room, step) && !hangs(i) && (own === undefined || i < own.index))
    .map(({ id }) => id)
}
