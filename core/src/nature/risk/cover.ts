import type { Cover, Tape } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'

/** Gravity, m/s². Exact by definition. */
const GRAVITY = 9.80665
interface HungCover {
  readonly cover: Pick<Cover, 'gramsPerM2'>
  readonly dropM: number
  readonly airMs: number
  readonly slackM: number
  readonly parameters: Pick<Parameters, 'work'>
}

/** What pulls at a metre of taped edge, N: film's weight over its drop, and air on the part that can flap. */
export function coverLoadNPerM({ cover, dropM, airMs, slackM, parameters: { work } }: HungCover): number {
  return (cover.gramsPerM2 / 1000) * GRAVITY * dropM + work.airPull.value * airMs * airMs * slackM
}

/**
 * Farthest distance between tacks at which a tape of this width still holds, m; null when even a continuous edge does
 * not (a higher grip, two tapes or paper is needed then). A tack is 100 mm of tape. docs/science.md eq. 15.
 */
export function tackSpacingM(
  tape: Pick<Tape, 'gripN25'>,
  loadNPerM: number,
  { work }: Pick<Parameters, 'work'>,
): number | null {
  const perTackN = tape.gripN25 * 4 * work.holdShareOfGrip.value
  const continuous = tape.gripN25 * 40 * work.holdShareOfGrip.value
  if (continuous < loadNPerM) return null
  return perTackN / Math.max(loadNPerM, 1e-6)
}

/** Chance that a square metre of film sheds a flake into the coat: coats dried on it × air × slack. From memory. */
export function flakesPerM2(kind: Cover['kind'], dryCoats: number, airMs: number, slackShare: number): number {
  const loose = kind === 'film' ? 1 : 0.03
  return loose * dryCoats * 0.25 * airMs * slackShare
}
