import type { Tape } from '../../base/nouns'
import { gainedBetween, instantOfGain, type RateClock } from '../cure/rateClock'
import type { Parameters } from '../../base/parameters/parameters'
import { normalCdf } from './normal'

const MIN_PER_DAY = 1440

/** How much of a tape's clean-removal time is used up between laying and pulling; 1 is all of it. */
export const stayUsed = (clock: RateClock, stayDays: number, laidAt: number, pulledAt: number): number =>
  gainedBetween(clock, laidAt, pulledAt) / (stayDays * MIN_PER_DAY)

/** Label days that count: those for sun and rain outside, those for indoors inside. */
export const stayDaysOf = (tape: Tape, outdoors: boolean): number => (outdoors ? tape.sunStayDays : tape.stayDays)

/** The instant by which a tape laid at `laidAt` must be off; null when the clock stands still. */
export const offBy = (clock: RateClock, stayDays: number, laidAt: number): number | null =>
  instantOfGain(clock, laidAt, stayDays * MIN_PER_DAY)

/** Chance that the dye of a tape stays on a white face. */
export const dyedPerMetre = (days: number, { residue }: Pick<Parameters, 'residue'>): number =>
  1 - Math.exp(-Math.max(0, days) * residue.dyePerDay.value)

/** Chance that a metre leaves glue behind. docs/science.md eq. 16. */
export const residuePerMetre = (used: number, { residue }: Pick<Parameters, 'residue'>): number =>
  used <= 0 ? 0 : normalCdf(Math.log(used) / residue.spread.value)
