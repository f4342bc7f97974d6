/**
 * A hybrid logical clock: wall time that never runs backwards and never falls behind what it has seen, so that of two things
 * said by different devices one is later for everybody (Kulkarni, Demirbas, Madappa, Avva & Leone 2014). As text it sorts as
 * it counts: milliseconds since the epoch, a count within them, the device.
 */
export type HybridClock = string

const MS_DIGITS = 9
const COUNT_DIGITS = 4
const MOST_COUNT = 36 ** COUNT_DIGITS - 1
const MOST_MS = 36 ** MS_DIGITS - 1
/** Base 36: nine digits of milliseconds reach behind the year 5000. */
const BASE = 36
export const HYBRID_CLOCK = /^[0-9a-z]{9}-[0-9a-z]{4}-[\w-]{1,60}$/

interface Parts {
  readonly ms: number
  readonly count: number
}

const partsOf = (clock: HybridClock | null): Parts =>
  clock === null
    ? { ms: 0, count: 0 }
    : {
        ms: Number.parseInt(clock.slice(0, MS_DIGITS), BASE),
        count: Number.parseInt(clock.slice(MS_DIGITS + 1, MS_DIGITS + 1 + COUNT_DIGITS), BASE),
      }

const written = ({ ms, count }: Parts, device: string): HybridClock =>
  `${ms.toString(BASE).padStart(MS_DIGITS, '0')}-${count.toString(BASE).padStart(COUNT_DIGITS, '0')}-${device}`

/**
 * The next reading of a device's clock.
 *
 * @param last  its reading before, or the latest it has seen of another; null for none
 * @param wallMs  what the device takes for now, milliseconds since the epoch
 */
export function nextClock(last: HybridClock | null, wallMs: number, device: string): HybridClock {
  const before = partsOf(last)
  const now = Math.min(MOST_MS, Math.max(0, Math.floor(wallMs)))
  if (now > before.ms) return written({ ms: now, count: 0 }, device)
  // A count that is full goes on in the next millisecond; at the very end of the scale there is nothing later.
  return before.count < MOST_COUNT
    ? written({ ms: before.ms, count: before.count + 1 }, device)
    : written({ ms: Math.min(MOST_MS, before.ms + 1), count: 0 }, device)
}

/** How far a reading may be ahead of the office's own time, ms: phones set themselves to within seconds. From memory. */
export const CLOCK_AHEAD_MS = 5 * 60_000

/** Whether a reading is further ahead of a wall clock than any device that is set right could be. */
export const isTooFarAhead = (clock: HybridClock, wallMs: number): boolean => clockMs(clock) > wallMs + CLOCK_AHEAD_MS

/**
 * A reading as it may be kept: one that is too far ahead is taken to be of now, so that a wrong clock does not rule for as
 * long as it is wrong by.
 *
 * @param last  the latest reading that was kept; what comes now is later, unless that one is too far ahead itself
 */
export function boundedClock(clock: HybridClock, last: HybridClock | null, wallMs: number): HybridClock {
  if (!isTooFarAhead(clock, wallMs)) return clock
  const base = last !== null && isTooFarAhead(last, wallMs) ? null : last
  return nextClock(base, wallMs, clock.slice(MS_DIGITS + COUNT_DIGITS + 2))
}

/** The later of two readings; null where there is none. */
export const laterClock = (one: HybridClock | null, other: HybridClock | null): HybridClock | null =>
  one === null || (other !== null && other > one) ? other : one

/** Milliseconds since the epoch of a reading. */
export const clockMs = (clock: HybridClock): number => partsOf(clock).ms
