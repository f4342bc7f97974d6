import { nth } from '../../base/units/sure'
import type { Crew, HouseRules, Job } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'
import { fromLocal, MIN_PER_DAY, parseClock, parseInstant, toLocal, weekday } from '../../base/units/time'

/** A stretch of work without a break, minutes since the epoch, end not included. */
export interface Stretch {
  readonly from: number
  readonly to: number
}

/** Minutes at either end of a shift that go into setting up, and into washing out and clearing up. */
export interface DayEnds {
  readonly setUpMin: number
  readonly washOutMin: number
}
/** Shifts as they are paid, with both ends. */
export const WHOLE_DAYS: DayEnds = { setUpMin: 0, washOutMin: 0 }

/** What a house takes for them. */
export const dayEndsOf = ({ rates }: Pick<HouseRules, 'rates'>): DayEnds => ({
  setUpMin: Math.round(rates.setUpEach),
  washOutMin: Math.round(rates.washOutEach),
})

/**
 * The unbroken stretches a crew works between two instants, in order. A shift is cut by its breaks; clock changes
 * move with the site's clock, so a night shift over a change is really longer or shorter.
 *
 * @param ends  minutes left free at either end of each shift; none when left out
 */
export function workStretches(crew: Crew, zone: string, { from, to }: Stretch, ends = WHOLE_DAYS): Stretch[] {
  const stretches: Stretch[] = []
  for (let day = toLocal(from, zone).day - 1; day <= toLocal(to, zone).day; day++) {
    for (const shift of crew.shifts) {
      if (!shift.days.includes(weekday(day))) continue
      const start = parseClock(shift.from)
      const bounds = [start]
      for (const rest of [...shift.breaks].sort((a, b) => behind(a.from, start) - behind(b.from, start))) {
        bounds.push(behind(rest.from, start), behind(rest.to, start))
      }
      bounds.push(behind(shift.to, start) - ends.washOutMin)
      bounds[0] = start + ends.setUpMin
      for (let i = 0; i < bounds.length; i += 2)
        stretches.push(stretchOn(day, nth(bounds, i), nth(bounds, i + 1), zone))
    }
  }
  return apart(stretches)
    .map((stretch) => ({ from: Math.max(stretch.from, from), to: Math.min(stretch.to, to) }))
    .filter((each) => each.to > each.from)
}

/** A clock time of a shift, minutes since the day it begins: one before its start belongs to the next day. */
function behind(clock: string, start: number): number {
  const minute = parseClock(clock)
  return minute < start ? minute + MIN_PER_DAY : minute
}

/** A crew's shift: setting up at its beginning, washing out and clearing up at its end. */
export interface ShiftEnds {
  readonly setUp: Stretch
  readonly washOut: Stretch
}

/** The ends of the shift in which a crew is at work at an instant; null when it is in none. */
export function shiftEndsAt(crew: Crew, zone: string, at: number, { setUpMin, washOutMin }: DayEnds): ShiftEnds | null {
  const today = toLocal(at, zone).day
  for (const day of [today, today - 1])
    for (const shift of crew.shifts) {
      if (!shift.days.includes(weekday(day))) continue
      const start = parseClock(shift.from)
      const { from, to } = stretchOn(day, start, behind(shift.to, start), zone)
      if (at >= from && at < to) return { setUp: { from, to: from + setUpMin }, washOut: { from: to - washOutMin, to } }
    }
  return null
}

/** In order and apart: over a clock change two stretches may come to meet, and nobody works twice at one time. */
function apart(stretches: readonly Stretch[]): Stretch[] {
  const sorted = stretches.filter((stretch) => stretch.to > stretch.from).sort((a, b) => a.from - b.from)
  return sorted.reduce<Stretch[]>((done, stretch) => {
    const from = Math.max(stretch.from, done.at(-1)?.to ?? stretch.from)
    return from < stretch.to ? [...done, { from, to: stretch.to }] : done
  }, [])
}

function stretchOn(day: number, from: number, to: number, zone: string): Stretch {
  const at = (minute: number) => fromLocal(day + Math.floor(minute / MIN_PER_DAY), minute % MIN_PER_DAY, zone)
  return { from: at(from), to: at(to) }
}

/** Every crew's stretches from an instant on, by crew id. */
export type Calendars = ReadonlyMap<string, readonly Stretch[]>

/** How far ahead crews' calendars are laid out. */
export const HORIZON_DAYS = 90

/**
 * Shifts of every crew between two instants, without the time in which it is away.
 *
 * @param ends  minutes left free at either end; left out, what the house takes for setting up and washing out
 */
export const crewCalendars = (
  { crews, site, planning, house }: Pick<Job, 'crews' | 'site' | 'planning' | 'house'>,
  from: number,
  to: number,
  ends: DayEnds = dayEndsOf(house),
): Calendars =>
  new Map(
    crews.map((crew) => {
      const away = planning.away
        .filter((each) => each.crewId === crew.id && each.person === null)
        .map((each): Stretch => ({ from: parseInstant(each.from), to: parseInstant(each.to) }))
      return [crew.id, away.reduce(without, workStretches(crew, site.zone, { from, to }, ends))]
    }),
  )

/** What is left of stretches when one is taken out of them. */
const without = (stretches: Stretch[], gone: Stretch): Stretch[] =>
  stretches.flatMap(({ from, to }) =>
    [
      { from, to: Math.min(to, gone.from) },
      { from: Math.max(from, gone.to), to },
    ].filter((left) => left.to > left.from && (left.to <= gone.from || left.from >= gone.to)),
  )

/** The longest unbroken stretch, minutes; 0 for nobody on shift. */
export const longestStretchMin = (stretches: readonly Stretch[] = []): number =>
  stretches.reduce((most, stretch) => Math.max(most, stretch.to - stretch.from), 0)

/** Finds the first minute at or after an instant at which some crew is at work; the instant itself when nobody ever is. */
export function shiftFinder(calendars: Calendars): (at: number) => number {
  const all = [...calendars.values()].flat().sort((a, b) => a.from - b.from)
  return (at) => {
    const stretch = all.find((each) => each.to > at)
    return stretch ? Math.max(at, stretch.from) : at
  }
}

/** How many practised painters a crew is worth. */
export const crewSpeed = (crew: Crew, { work }: Pick<Parameters, 'work'>): number =>
  crew.people.reduce((sum, painter) => sum + 1 / work.skillFactor[painter.skill].value, 0)
