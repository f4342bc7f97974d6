/**
 * A hybrid logical clock: wall time that never runs backwards and never falls behind what it has seen, so that of two things
 * said by different devices one is later for everybody (Kulkarni, Demirbas, Madappa, Avva & Leone 2014). As text it sorts as
 * it counts: milliseconds since the epoch, a count within them, the device.
 */
export type HybridClock = string

const MS_DIGITS = 9
const COUNT_DIGITS = 4
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
  const now = Math.max(0, Math.floor(wallMs))
  return now > before.ms
    ? written({ ms: now, count: 0 }, device)
    : written({ ms: before.ms, count: before.count + 1 }, device)
}

/** The later of two readings; null where there is none. */
export const laterClock = (one: HybridClock | null, other: HybridClock | null): HybridClock | null =>
  one === null || (other !== null && other > one) ? other : one

/** Milliseconds since the epoch of a reading. */
export const clockMs = (clock: HybridClock): number => partsOf(clock).ms
