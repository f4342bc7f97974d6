import type { Crew } from '../../base/nouns'
import { expects, type Fault } from '../../base/units/faults'
import { nth } from '../../base/units/sure'
import { MIN_PER_DAY, parseClock } from '../../base/units/time'

type Shift = Crew['shifts'][number]
interface Span {
  readonly from: number
  readonly to: number
}

/** A shift on its own clock: minutes of its first day, past midnight where it ends the next. */
function spanOf(shift: Pick<Shift, 'from' | 'to'>): Span {
  const [from, to] = [parseClock(shift.from), parseClock(shift.to)]
  return { from, to: to <= from ? to + MIN_PER_DAY : to }
}

/** A break within the day its shift begins on; a clock time before the shift's start is after midnight. */
function breakIn(shift: Span, rest: Shift['breaks'][number]): Span {
  const after = (clock: number) => (clock < shift.from ? clock + MIN_PER_DAY : clock)
  return { from: after(parseClock(rest.from)), to: after(parseClock(rest.to)) }
}

/**
 * What cannot be in a crew's shifts: a break outside its shift or over another, and two shifts at one time. Each would have
 * the crew work at night, or twice at once.
 */
export function shiftFaults(crew: Crew, place: string): Fault[] {
  const faults: Fault[] = []
  crew.shifts.forEach((shift, i) => {
    const span = spanOf(shift)
    const rests = shift.breaks.map((rest) => breakIn(span, rest))
    rests.forEach((rest, k) => {
      const where = `${place}.shifts[${i}].breaks[${k}]`
      if (rest.to <= rest.from || rest.from < span.from || rest.to > span.to)
        faults.push({ place: where, expected: expects('break_in_shift', { from: shift.from, to: shift.to }) })
      else if (rests.some((other, m) => m < k && overlap(other, rest)))
        faults.push({ place: where, expected: expects('breaks_apart') })
    })
  })
  const weeks = crew.shifts.map((shift) => shift.days.map((day) => moved(spanOf(shift), day * MIN_PER_DAY)))
  weeks.forEach((spans, i) => {
    const earlier = weeks.slice(0, i)
    const twice = earlier.findIndex((other) => spans.some((a) => other.some((b) => overlapInWeek(a, b))))
    const itself = spans.some((a, k) => spans.some((b, m) => m < k && overlapInWeek(a, b)))
    if (twice >= 0) {
      const { from, to } = nth(crew.shifts, twice)
      faults.push({ place: `${place}.shifts[${i}]`, expected: expects('shifts_apart', { from, to }) })
    } else if (itself) {
      const { from, to } = nth(crew.shifts, i)
      faults.push({ place: `${place}.shifts[${i}]`, expected: expects('shifts_apart', { from, to }) })
    }
  })
  return faults
}

const WEEK = 7 * MIN_PER_DAY
const moved = ({ from, to }: Span, by: number): Span => ({ from: from + by, to: to + by })
const overlap = (a: Span, b: Span): boolean => a.from < b.to && b.from < a.to
/** Sunday's night runs into Monday. */
const overlapInWeek = (a: Span, b: Span): boolean => [-WEEK, 0, WEEK].some((by) => overlap(a, moved(b, by)))
