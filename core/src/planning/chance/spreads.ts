import { known, readActivity, word, type ActivityId } from '../../base/nouns'

const guess = (value: number) => known(value, '', 'from-memory', word('source', 'no-records-of-days-yet'))

/** How much a day differs from its plan, each the standard deviation of a logarithm. */
export const SPREADS = {
  /** A crew on a good or a bad day: all it does. */
  crew: guess(0.08),
  /** One piece of work by itself. */
  work: {
    cover: guess(0.25),
    lay: guess(0.2),
    seal: guess(0.15),
    coat: guess(0.15),
    pull: guess(0.15),
    other: guess(0.25),
  },
  /** The weather against its forecast, on every clock: what is to come within hours, and what each root of a day ahead adds, up to most. */
  clocks: guess(0.08),
  clocksAhead: guess(0.04),
  clocksMost: guess(0.2),
  /** By how much bad air comes sooner or later than forecast, min: within hours, and for each root of a day ahead, up to most. */
  airShift: known(20, 'min', 'from-memory', word('source', 'no-records-of-days-yet')),
  airShiftAhead: known(40, 'min', 'from-memory', word('source', 'no-records-of-days-yet')),
  airShiftMost: known(240, 'min', 'from-memory', word('source', 'no-records-of-days-yet')),
  /** A shower nobody forecast while a coat outside is not safe yet: chance for an hour, and for each day ahead. */
  shower: guess(0.003),
  showerAhead: guess(0.003),
  /** How one coat dries against its label in that weather. */
  coat: guess(0.1),
} as const

/** Days ahead beyond which a forecast knows no more than the season. From memory. */
const DAYS_KNOWN = 10

/** How sure a forecast is for an instant so many minutes ahead: spread of every clock, shift of bad air, chance of a shower in an hour. */
export function forecastOf(aheadMin: number): { clocks: number; airShiftMin: number; showerPerHour: number } {
  const days = Math.min(DAYS_KNOWN, Math.max(0, aheadMin / 1440))
  const root = Math.sqrt(days)
  return {
    clocks: Math.min(SPREADS.clocksMost.value, SPREADS.clocks.value + SPREADS.clocksAhead.value * root),
    airShiftMin: Math.min(SPREADS.airShiftMost.value, SPREADS.airShift.value + SPREADS.airShiftAhead.value * root),
    showerPerHour: SPREADS.shower.value + SPREADS.showerAhead.value * days,
  }
}

/** The spread of one activity’s minutes, by what it does. */
export function workSpread(activityId: ActivityId): number {
  const ref = readActivity(activityId)
  const { work } = SPREADS
  if (ref?.of !== 'round') return work.cover.value
  switch (ref.act) {
    case 'lay':
      return work.lay.value
    case 'seal':
    case 'bead':
      return work.seal.value
    case 'coat':
    case 'roll':
      return work.coat.value
    case 'pull':
    case 'pull-dry':
    case 'peel':
      return work.pull.value
    default:
      return work.other.value
  }
}
