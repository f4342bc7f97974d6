import type { Job } from '../../base/nouns'
import { parseClock, toLocal } from '../../base/units/time'

/**
 * The day that an instant belongs to for people at work: what a night shift does after midnight belongs to the evening on which it
 * began. Days are counted as {@link toLocal} counts them.
 */
export function workDayOf({ crews, site }: Pick<Job, 'crews' | 'site'>): (at: number) => number {
  const shifts = crews
    .flatMap((crew) => crew.shifts)
    .map(({ from, to }) => ({ from: parseClock(from), to: parseClock(to) }))
  const nights = shifts.filter(({ from, to }) => to < from)
  // Not beyond the first start of a day: that belongs to its own.
  const end = Math.min(Math.max(0, ...nights.map(({ to }) => to)), ...shifts.map(({ from }) => from))
  return (at) => toLocal(Math.floor(at) - end, site.zone).day
}
