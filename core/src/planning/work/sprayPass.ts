import type { PaintStep, Room } from '../../base/nouns'
import { AT_ONCE, type Activity, type Lag, type SprayPass } from './activity'
import { lastCoats, type StepDone } from './touching'

/**
 * A sprayed room is sprayed to the end before any strip or film in it comes off, whichever way the house pulls: the mist of the
 * next wall would lie on what was just freed. Common practice (C28).
 */
export function sprayPass(
  room: Room,
  { step, rounds, uncover }: StepDone,
  activities: readonly Activity[],
): SprayPass | null {
  if (step.tool !== 'spray') return null
  const coatIds = lastCoats(room, { step, rounds }).flatMap(({ act }) => (act.kind === 'coat' ? [act.id] : []))
  const stripIds = [
    ...rounds.flatMap(({ round }) => round.pulls.map(({ taskId }) => taskId)),
    ...(uncover ? [uncover.id] : []),
  ]
  const sprayIds = rounds.flatMap((round) => round.activities.flatMap((act) => (act.kind === 'coat' ? [act.id] : [])))
  const shieldIds = activities.flatMap((act) => (isShield(act, step) ? [act.id] : []))
  return coatIds.length > 0 && stripIds.length + shieldIds.length > 0
    ? { coatIds, stripIds, sprayIds, shieldIds }
    : null
}

/** What has to be on before a gun's first stroke in a room: what lies in it, the covers for its fall-out, and the tape of its lines. */
const isShield = ({ kind, stepId }: Activity, step: PaintStep): boolean =>
  (kind === 'cover' && (stepId === null || stepId === step.id)) || (kind === 'lay' && stepId === step.id)

/** The waits of a pass: every strip for every coat of it. */
export const passLags = ({ coatIds, stripIds }: SprayPass): Lag[] =>
  stripIds.flatMap((to) => coatIds.map((from): Lag => ({ from, to, min: AT_ONCE, max: null })))

/** A wet pull that waits for the whole pass cannot follow its own coat without a break as well. */
export function freeOfOwn(pass: SprayPass, lags: readonly Lag[]): Lag[] {
  const strips = new Set<string>(pass.stripIds)
  return lags.map((lag) => (pass.coatIds.length > 1 && strips.has(lag.to) ? { ...lag, max: null } : lag))
}
