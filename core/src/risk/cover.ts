import { type Cover, known, type Tape, word } from '../ground'

/** Gravity, m/s². Exact by definition. */
const GRAVITY = 9.80665
/** Share of a tape's 180° peel that resists a hanging load in shear at its edge before it creeps off overnight. */
export const HOLD_SHARE_OF_GRIP = known(
  0.04,
  '',
  'common-practice',
  word('source', 'fits-tacks-about-every-60-cm-under'),
)
/** Pull of the gun's air and of wind on a square metre of loose film, N per (m/s)². 0.5 · ρ · c, from memory. */
export const AIR_PULL = known(
  0.35,
  'N·s²/m⁴',
  'from-memory',
  word('source', 'half-air-density-times-a-flapping-coefficient'),
)
/** Air the gun moves at the film, m/s. From memory. */
export const GUN_AIR_MS = known(2.5, 'm/s', 'from-memory', word('source', 'airless-gun-at-working-distance'))

/** What pulls at a metre of taped edge, N: film's weight over its drop, and air on the part that can flap. */
export function coverLoadNPerM(cover: Pick<Cover, 'gramsPerM2'>, dropM: number, airMs: number, slackM: number): number {
  return (cover.gramsPerM2 / 1000) * GRAVITY * dropM + AIR_PULL.value * airMs * airMs * slackM
}

/**
 * Farthest distance between tacks at which a tape of this width still holds, m; null when even a continuous edge does
 * not (a higher grip, two tapes or paper is needed then). A tack is 100 mm of tape. docs/science.md eq. 15.
 */
export function tackSpacingM(tape: Pick<Tape, 'gripN25'>, loadNPerM: number): number | null {
  const perTackN = tape.gripN25 * 4 * HOLD_SHARE_OF_GRIP.value
  const continuous = tape.gripN25 * 40 * HOLD_SHARE_OF_GRIP.value
  if (continuous < loadNPerM) return null
  return perTackN / Math.max(loadNPerM, 1e-6)
}

/** Chance that a square metre of film sheds a flake into the coat: coats dried on it × air × slack. From memory. */
export function flakesPerM2(kind: Cover['kind'], dryCoats: number, airMs: number, slackShare: number): number {
  const loose = kind === 'film' ? 1 : 0.03
  return loose * dryCoats * 0.25 * airMs * slackShare
}
