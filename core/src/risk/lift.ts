import { known, type Soundness, type Tool, word } from '../ground'
import { CROSS_CUT_CLASSES, HOLD_SHARE } from '../catalogue/soundness'
import { normalCdf, normalQuantile, Z90, type Estimate } from './normal'

/**
 * Hold of a sound finish against tape, N per 25 mm of tape grip it can bear, growing with its cure age.
 * Scaled so that: 0.8 N per 10 mm is safe on day-old paint, general grip after days, 7.5 N per 25 mm only at
 * full cure (about 30 days); a thin sprayed coat takes a mid grip the next day. Common practice, no published source.
 */
export const HOLD = {
  freshN25: known(1, 'N/25 mm', 'from-memory', word('source', 'hold-at-touch-dry')),
  fullN25: known(18, 'N/25 mm', 'common-practice', word('source', 'full-cure-takes-outdoor-grip')),
  growthDays: known(7, 'd', 'common-practice', word('source', 'brushed-or-rolled-coat-cured-at-about')),
  sprayedGrowthDays: known(3, 'd', 'common-practice', word('source', 'thin-sprayed-coat-takes-mid-grip-next')),
  shape: known(0.6, '', 'from-memory', word('source', 'fast-at-first-slow-at-the-end')),
}

/** Spread of the finish's hold along a wall (log scale), for a known and for an unknown history. */
export const HOLD_SPREAD = {
  known: known(0.35, '', 'from-memory', word('source', 'variation-along-one-wall')),
  unknown: known(0.6, '', 'from-memory', word('source', 'wide-because-nobody-knows-its-history')),
}

/** How far the model itself may be off (log scale), for the interval shown. */
export const LIFT_MODEL_SPREAD = known(0.25, '', 'from-memory', word('source', 'no-trials-yet'))

/** What lies under the tape: how firmly it can hold. */
export interface KeepFinish {
  readonly soundness: Soundness
  readonly tool: Tool | null
  /** Cure age, reference minutes at 23 °C; null when nobody knows, Infinity for an old finish. */
  readonly ageRefMin: number | null
  /** ISO 2409 class of a cross-cut made on site; it says more than the look of the face. Left out or null: none made. */
  readonly crossCut?: number | null
}

/** How the tape is taken off: angle between the strip's back and the face ahead of the peel, degrees. */
export interface PullManner {
  readonly foldDeg: number
  readonly speed: 'slow' | 'fast'
}

/** Slowly, folded back low at 45° to the face: common practice. */
export const GOOD_PULL: PullManner = { foldDeg: 45, speed: 'slow' }

const MIN_PER_DAY = 1440

/** Median hold of a finish, N per 25 mm. docs/science.md eq. 8. */
export function holdN25(finish: KeepFinish): number {
  const age = finish.ageRefMin ?? Number.POSITIVE_INFINITY
  const days = (finish.tool === 'spray' ? HOLD.sprayedGrowthDays : HOLD.growthDays).value
  const grown = 1 - Math.exp(-((Math.max(0, age) / (days * MIN_PER_DAY)) ** HOLD.shape.value))
  const sound = HOLD.freshN25.value + (HOLD.fullN25.value - HOLD.freshN25.value) * grown
  return sound * holdShare(finish)
}

function holdShare(finish: KeepFinish): number {
  const tested = finish.crossCut === null ? undefined : CROSS_CUT_CLASSES.find((each) => each.iso === finish.crossCut)
  if (tested) return tested.share.value
  return HOLD_SHARE[finish.ageRefMin === null && finish.soundness === 'sound' ? 'unknown' : finish.soundness].value
}
const isTested = (finish: KeepFinish) => finish.crossCut !== undefined && finish.crossCut !== null
const spreadOf = (finish: KeepFinish) =>
  (!isTested(finish) && (finish.ageRefMin === null || finish.soundness === 'unknown')
    ? HOLD_SPREAD.unknown
    : HOLD_SPREAD.known
  ).value

/**
 * What a grip, measured at 180°, does to the finish at another pull: the part of the peel force that opens the
 * finish, relative to a slow pull folded back at 45°. Kendall 1975: force = G·b/(1 − cos θ), its part across the
 * face is sin θ of it, so G·cot(θ/2) with θ = 180° − fold. docs/science.md eq. 9.
 */
export function pullFactor(manner: PullManner): number {
  const opening = (foldDeg: number) => 1 / Math.tan(((180 - foldDeg) * Math.PI) / 360)
  const angle = (1 + opening(manner.foldDeg)) / (1 + opening(GOOD_PULL.foldDeg))
  return angle * (manner.speed === 'fast' ? FAST_PULL.value : 1)
}

/** Peel force of a fast pull over a slow one. */
export const FAST_PULL = known(1.35, '', 'from-memory', word('source', 'peel-rises-with-speed'))

/** Chance that a metre of finish visibly lifts, with its 90 % interval. docs/science.md eq. 10. */
export function liftPerMetre(gripN25: number, finish: KeepFinish, manner: PullManner = GOOD_PULL): Estimate {
  const load = gripN25 * pullFactor(manner)
  const at = (shift: number) => normalCdf(Math.log((load * Math.exp(shift)) / holdN25(finish)) / spreadOf(finish))
  const shift = Z90 * LIFT_MODEL_SPREAD.value
  return { mean: at(0), low: at(-shift), high: at(shift) }
}

/**
 * The cure age from which a grip is safe on a finish: the root of {@link liftPerMetre} = limit, in closed form.
 * @returns reference minutes at 23 °C; 0 when always safe; null when this finish never bears it
 */
export function safeAgeRefMin(gripN25: number, finish: Omit<KeepFinish, 'ageRefMin'>, limit: number): number | null {
  const aged = { ...finish, ageRefMin: 0 }
  const needed = (gripN25 * Math.exp(normalQuantile(1 - limit) * spreadOf(aged))) / holdShare(aged)
  const grown = (needed - HOLD.freshN25.value) / (HOLD.fullN25.value - HOLD.freshN25.value)
  if (grown <= 0) return 0
  if (grown >= 1) return null
  const days = (finish.tool === 'spray' ? HOLD.sprayedGrowthDays : HOLD.growthDays).value
  return days * MIN_PER_DAY * (-Math.log(1 - grown)) ** (1 / HOLD.shape.value)
}
