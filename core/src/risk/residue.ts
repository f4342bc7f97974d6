import type { AirSeries } from '../air/airSeries'
import type { Tape } from '../catalogue/types'
import { cureRate } from '../cure/clocks'
import { gainedBetween, instantOfGain, rateClock, type RateClock } from '../cure/rateClock'
import { known } from '../known'
import { normalCdf } from './normal'

/** Share of the label's clean-removal time we plan with. */
export const STAY_MARGIN = known(0.9, '', 'from memory', 'leave a tenth of the label time')
const RESIDUE_SPREAD = 0.25 // log scale of the label time, from memory
const MIN_PER_DAY = 1440

/** The stay clock: glue creeps into the face with the same warmth law as cure, with no lower limit. */
export const stayClock = (air: AirSeries): RateClock =>
  rateClock(air, (point) => cureRate(point.faceC ?? point.tempC, Number.NEGATIVE_INFINITY))

/** How much of a tape's clean-removal time is used up between laying and pulling; 1 is all of it. */
export const stayUsed = (clock: RateClock, stayDays: number, laidAt: number, pulledAt: number): number =>
  gainedBetween(clock, laidAt, pulledAt) / (stayDays * MIN_PER_DAY)

/** Label days that count: those for sun and rain outside, those for indoors inside. */
export const stayDaysOf = (tape: Tape, outdoors: boolean): number => (outdoors ? tape.sunStayDays : tape.stayDays)

/** The instant by which a tape laid at `laidAt` must be off; null when the clock stands still. */
export const offBy = (clock: RateClock, stayDays: number, laidAt: number): number | null =>
  instantOfGain(clock, laidAt, stayDays * MIN_PER_DAY)

/** Chance that a metre leaves glue behind. docs/science.md eq. 16. */
export const residuePerMetre = (used: number): number => (used <= 0 ? 0 : normalCdf(Math.log(used) / RESIDUE_SPREAD))
