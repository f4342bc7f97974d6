import type { PaintStep, Room } from '../../base/nouns'
import { lastCoatOf } from '../../survey/rooms/faces'
import { AT_ONCE, type Activity, type Lag } from './activity'
import type { RoundWork } from './roundWork'
import type { StepDone } from './touching'

/** One pass of a gun through a room: its last coats, and what comes off behind it. */
export interface SprayPass {
  readonly coatIds: readonly string[]
  /** Pulls and covers of the same colour. */
  readonly stripIds: readonly string[]
}

/**
 * A sprayed room is sprayed to the end before any strip or film in it comes off, whichever way the house pulls: the mist of the
 * next wall would lie on what was just freed. Common practice (C28).
 */
export function sprayPass(room: Room, { step, rounds, uncover }: StepDone): SprayPass | null {
  if (step.tool !== 'spray') return null
  const coatIds = rounds.flatMap((work) => lastCoatsIn(room, step, work).map(({ id }) => id))
  const stripIds = [
    ...rounds.flatMap(({ round }) => round.pulls.map(({ taskId }) => taskId)),
    ...(uncover ? [uncover.id] : []),
  ]
  return coatIds.length > 0 && stripIds.length > 0 ? { coatIds, stripIds } : null
}

const lastCoatsIn = (room: Room, step: PaintStep, { activities }: RoundWork): Activity[] =>
  activities.filter((act) => act.kind === 'coat' && act.coat === lastCoatOf(room, step))

/** The waits of a pass: every strip for every coat of it. */
export const passLags = ({ coatIds, stripIds }: SprayPass): Lag[] =>
  stripIds.flatMap((to) => coatIds.map((from): Lag => ({ from, to, min: AT_ONCE, max: null })))

/** A wet pull that waits for the whole pass cannot follow its own coat without a break as well. */
export function freeOfOwn(pass: SprayPass, lags: readonly Lag[]): Lag[] {
  const strips = new Set(pass.stripIds)
  return lags.map((lag) => (pass.coatIds.length > 1 && strips.has(lag.to) ? { ...lag, max: null } : lag))
}
