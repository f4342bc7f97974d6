import { CoreError } from './errors'
import { keptWords } from './keptWords'
import { tzOffset } from '@date-fns/tz'

/**
 * Instants inside the core are minutes since 1970-01-01T00:00Z; facts store ISO text in UTC.
 * Local times exist only together with the site's IANA zone.
 */
export const MIN_PER_HOUR = 60
export const MIN_PER_DAY = 1440

/** A day at the site, counted from 1970-01-01, free of zones and clock changes. */
type LocalDay = number

/** `2027-05-12T09:30:00Z` as whole minutes since the epoch; seconds are dropped. @throws CoreError time.unreadable */
export const parseInstant = keptWords((iso: string): number => {
  const ms = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?Z$/.test(iso) ? Date.parse(iso) : Number.NaN
  if (Number.isNaN(ms) || !isOnCalendar(iso, ms)) throw new CoreError('time.unreadable', { text: iso })
  return Math.floor(ms / 60_000)
})

/** Whether a day exists: readers of dates roll the 30th of February over into March. */
export const isOnCalendar = (iso: string, ms: number): boolean =>
  new Date(ms).toISOString().slice(0, 10) === iso.slice(0, 10) || iso.slice(11, 13) === '24'

/** Minutes since the epoch as ISO text in UTC, to the second. */
export const formatInstant = keptWords((at: number): string =>
  new Date(Math.round(at * 60) * 1000).toISOString().replace('.000Z', 'Z'),
)

/** @throws CoreError time.unknown_zone */
export function checkZone(zone: string): string {
  if (Number.isNaN(tzOffset(zone, new Date(0)))) throw new CoreError('time.unknown_zone', { zone })
  return zone
}

/** Minutes a zone is ahead of UTC in a quarter of an hour since 1970: clocks are put on or back between two of them. */
const offsetsOf = keptWords((zone: string) =>
  keptWords((quarter: number) => tzOffset(zone, new Date(quarter * QUARTER_MIN * 60_000))),
)
const QUARTER_MIN = 15

/** Minutes the zone is ahead of UTC at an instant. */
const zoneOffsetMin = (zone: string, at: number): number => offsetsOf(zone)(Math.floor(at / QUARTER_MIN))

/** The site's calendar day and minute of that day at an instant. */
export function toLocal(at: number, zone: string): { day: LocalDay; minute: number } {
  const local = at + zoneOffsetMin(zone, at)
  const day = Math.floor(local / MIN_PER_DAY)
  return { day, minute: local - day * MIN_PER_DAY }
}

/**
 * The instant at which the site's clock shows a minute of a day.
 * A time skipped by the spring change is taken by the offset before it; a repeated one is its first showing.
 */
export function fromLocal(day: LocalDay, minute: number, zone: string): number {
  const wall = day * MIN_PER_DAY + minute
  const before = zoneOffsetMin(zone, wall - MIN_PER_DAY)
  const first = wall - before
  if (zoneOffsetMin(zone, first) === before) return first
  const after = wall - zoneOffsetMin(zone, first)
  return zoneOffsetMin(zone, after) === wall - after ? after : first
}

/** 0 = Monday … 6 = Sunday. Day 0 of the epoch was a Thursday. */
export const weekday = (day: LocalDay): number => (((day + 3) % 7) + 7) % 7

/** `07:30` as minutes of the day. @throws CoreError time.unreadable */
export function parseClock(text: string): number {
  const match = /^([01]\d|2[0-4]):([0-5]\d)$/.exec(text)
  const minute = match ? Number(match[1]) * 60 + Number(match[2]) : Number.NaN
  if (!(minute <= MIN_PER_DAY)) throw new CoreError('time.unreadable', { text })
  return minute
}
