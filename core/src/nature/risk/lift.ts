import type { Known, Sheen, Soundness, Tool } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'
import { normalCdf, normalQuantile, Z90, type Estimate } from './normal'
import { spreadOfKnown } from './spreadOf'

/** What lies under the tape: how firmly it can hold. */
export interface KeepFinish {
  readonly soundness: Soundness
  readonly tool: Tool | null
  /** Its sheen; left out where nobody said. */
  readonly sheen?: Sheen
  /** Cure age, reference minutes at 23 °C; null when nobody knows, Infinity for an old finish. */
  readonly ageRefMin: number | null
  /** What a day gains where it lies, reference minutes: what nobody dated is taken for no older. Left out: a day at 23 °C. */
  readonly dayRefMin?: number
  /** ISO 2409 class of a cross-cut made on site; it says more than the look of the face. Left out or null: none made. */
  readonly crossCut?: number | null
}

/** How the tape is taken off: angle between the strip's back and the face ahead of the peel, degrees. */
interface PullManner {
  readonly foldDeg: number
  readonly speed: 'slow' | 'fast'
}

/** Slowly, folded back low at 45° to the face: common practice. */
const GOOD_PULL: PullManner = { foldDeg: 45, speed: 'slow' }

const MIN_PER_DAY = 1440

/** What the hold of a finish is made of. */
type HoldParameters = Pick<Parameters, 'lift' | 'holdShare' | 'crossCuts'>

/** Median hold of a finish, N per 25 mm. docs/science.md eq. 8. */
export function holdN25(finish: KeepFinish, by: HoldParameters): number {
  const { lift } = by
  const age = finish.ageRefMin ?? Number.POSITIVE_INFINITY
  const days = (finish.tool === 'spray' ? lift.sprayedGrowthDays : lift.growthDays).value
  const grown = 1 - Math.exp(-((Math.max(0, age) / (days * MIN_PER_DAY)) ** lift.shape.value))
  const sound = lift.freshN25.value + (lift.fullN25.value - lift.freshN25.value) * grown
  return sound * ownShare(finish, by)
}

/** What a finish holds of a sound one of its age: by what a test or its look says, and by its sheen. */
const ownShare = (finish: KeepFinish, by: HoldParameters): number =>
  (finish.sheen === undefined ? 1 : by.lift.sheenShare[finish.sheen].value) * shareKnown(finish, by).value

/** Which figure says how firm a finish is of its kind: the test, or its look. */
function shareKnown(
  finish: Pick<KeepFinish, 'crossCut' | 'ageRefMin' | 'soundness'>,
  { crossCuts, holdShare }: HoldParameters,
): Known {
  const tested = finish.crossCut === null ? undefined : crossCuts.find((cut) => cut.iso === finish.crossCut)
  return (
    tested?.share ?? holdShare[finish.ageRefMin === null && finish.soundness === 'sound' ? 'unknown' : finish.soundness]
  )
}

/**
 * How far the hold may be off, on a log scale, with every figure as far off as its mark lets it be: each by how much the hold moves with
 * it, all of them together as independent errors add. docs/science.md eq. 10b.
 */
function holdDoubt(finish: KeepFinish, by: HoldParameters): number {
  const { lift } = by
  const days = finish.tool === 'spray' ? lift.sprayedGrowthDays : lift.growthDays
  const age = Math.max(0, finish.ageRefMin ?? Number.POSITIVE_INFINITY) / (days.value * MIN_PER_DAY)
  const power = age ** lift.shape.value
  const left = Number.isFinite(power) ? Math.exp(-power) : 0
  const [fresh, more] = [lift.freshN25.value, lift.fullN25.value - lift.freshN25.value]
  const hold = fresh + more * (1 - left)
  // What a share of one more of each figure adds to the hold, as a share of it.
  const grows = left > 0 ? (more * left * power * lift.shape.value) / hold : 0
  const moves: readonly (readonly [Known, number])[] = [
    [lift.fullN25, (lift.fullN25.value * (1 - left)) / hold],
    [lift.freshN25, (fresh * left) / hold],
    [days, grows],
    [lift.shape, grows > 0 && age > 0 ? grows * Math.log(age) : 0],
    [shareKnown(finish, by), finish.soundness === 'sound' && finish.ageRefMin !== null ? 0 : 1],
  ]
  return Math.hypot(...moves.map(([one, move]) => spreadOfKnown(one) * move))
}

/** What a finish is judged as: log of load over hold, how hold varies along it, and how far both may be off. */
interface Judged {
  readonly ratio: number
  readonly spread: number
  readonly holdDoubt: number
  readonly spreadDoubt: number
}

/**
 * How many spreads the load lies over the hold where the figures are so many standard deviations off, the likeliest way of being so
 * (design point of the first-order reliability method; Hasofer & Lind 1974). A wider spread counts as far as the load lies from the hold.
 */
function overHold({ ratio, spread, holdDoubt: hold, spreadDoubt }: Judged, off: number): number {
  const bySpread = spreadDoubt * Math.abs(ratio)
  const all = Math.hypot(hold, bySpread)
  if (all === 0) return ratio / spread
  const shift = (off * hold * hold) / all
  const wider = Math.exp((-Math.sign(ratio) * off * spreadDoubt * bySpread) / all)
  return (ratio + shift) / (spread * wider)
}

const isTested = (finish: KeepFinish) => finish.crossCut !== undefined && finish.crossCut !== null
/** A cross-cut says more than a look: what was tested varies no more than what is known. */
const isUnsure = (finish: KeepFinish): boolean =>
  !isTested(finish) && (finish.ageRefMin === null || finish.soundness === 'unknown')
const spreadOf = (finish: KeepFinish, { lift }: HoldParameters) =>
  (isUnsure(finish) ? lift.spreadUnknown : lift.spreadKnown).value

/**
 * What a grip, measured at 180°, does to the finish at another pull: the part of the peel force that opens the
 * finish, relative to a slow pull folded back at 45°. Kendall 1975: force = G·b/(1 − cos θ), its part across the
 * face is sin θ of it, so G·cot(θ/2) with θ = 180° − fold. docs/science.md eq. 9.
 */
export function pullFactor(manner: PullManner, { lift }: Pick<Parameters, 'lift'>): number {
  const opening = (foldDeg: number) => 1 / Math.tan(((180 - foldDeg) * Math.PI) / 360)
  const angle = (1 + opening(manner.foldDeg)) / (1 + opening(GOOD_PULL.foldDeg))
  return angle * (manner.speed === 'fast' ? lift.fastPull.value : 1)
}

/**
 * What a finish is judged as; the worst counts. One nobody knows is judged by its wide prior, by the same prior narrow
 * (not knowing never helps), and, where its age is what nobody knows, as one that was coated yesterday.
 */
function priorsOf(finish: KeepFinish, by: HoldParameters): { hold: number; spread: number }[] {
  const { lift } = by
  const prior = { hold: holdN25(finish, by), spread: spreadOf(finish, by) }
  if (prior.spread === lift.spreadKnown.value) return [prior]
  const narrow = { hold: prior.hold, spread: lift.spreadKnown.value }
  if (finish.ageRefMin !== null) return [prior, narrow]
  const young = {
    ...finish,
    ageRefMin: lift.unknownAsDays.value * Math.min(MIN_PER_DAY, finish.dayRefMin ?? MIN_PER_DAY),
  }
  const fresh = holdN25(young, by)
  return [prior, narrow, { hold: fresh, spread: spreadOf(young, by) }, { hold: fresh, spread: lift.spreadKnown.value }]
}

/**
 * Grip of a tape that has been on for a while, N per 25 mm: its label's for a day, then a little more for every tenfold of it, sooner
 * where it is warm. It is never less than the label's. docs/science.md eq. 9b.
 *
 * @param onRefMin  how long it has been on, minutes at 23 °C
 */
export const builtGripN25 = (gripN25: number, onRefMin: number, { lift }: Pick<Parameters, 'lift'>): number =>
  gripN25 * (1 + lift.buildUp.value * Math.log10(Math.max(1, onRefMin / MIN_PER_DAY)))

/** Chance that a metre of finish visibly lifts, with the span that holds nine of ten of what it would be by doubt in its figures. docs/science.md eq. 10. */
export function liftPerMetre(
  gripN25: number,
  finish: KeepFinish,
  by: HoldParameters,
  manner: PullManner = GOOD_PULL,
): Estimate {
  const load = gripN25 * pullFactor(manner, by)
  const doubts = {
    holdDoubt: holdDoubt(finish, by),
    spreadDoubt: spreadOfKnown(isUnsure(finish) ? by.lift.spreadUnknown : by.lift.spreadKnown),
  }
  const priors = priorsOf(finish, by).map(({ hold, spread }) => ({ ratio: Math.log(load / hold), spread, ...doubts }))
  const at = (off: number) => Math.max(...priors.map((prior) => normalCdf(overHold(prior, off))))
  return { mean: at(0), low: at(-Z90), high: at(Z90) }
}

/**
 * The cure age from which a grip is safe on a finish: the root of {@link liftPerMetre} = limit, in closed form.
 * @returns reference minutes at 23 °C; 0 when always safe; null when this finish never bears it
 */
export function safeAgeRefMin(
  gripN25: number,
  finish: Omit<KeepFinish, 'ageRefMin'>,
  limit: number,
  by: HoldParameters,
): number | null {
  const { lift } = by
  const aged = { ...finish, ageRefMin: 0 }
  const needed = (gripN25 * Math.exp(normalQuantile(1 - limit) * spreadOf(aged, by))) / ownShare(aged, by)
  const grown = (needed - lift.freshN25.value) / (lift.fullN25.value - lift.freshN25.value)
  if (grown <= 0) return 0
  if (grown >= 1) return null
  const days = (finish.tool === 'spray' ? lift.sprayedGrowthDays : lift.growthDays).value
  return days * MIN_PER_DAY * (-Math.log(1 - grown)) ** (1 / lift.shape.value)
}
