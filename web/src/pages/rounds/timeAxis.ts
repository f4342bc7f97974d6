import { fromLocal, toLocal, type PlacedTask } from '@crisp-hem/core'
import { dayText } from '../../app/words'

interface AxisDay {
  readonly day: number
  readonly name: string
  readonly from: number
  readonly to: number
  readonly x: number
  readonly width: number
}

/** Days side by side, each from its first to its last working hour; nights take no room. */
export interface TimeAxis {
  readonly days: readonly AxisDay[]
  readonly width: number
  /** px of an instant; nights fall on the seam between two days. */
  readonly x: (at: number) => number
  /** The instant at a px: of the day under it, however far beside its hours. */
  readonly at: (x: number) => number
  /** Full hours with their px, thinned so that labels do not touch. */
  readonly hours: readonly { readonly at: number; readonly x: number }[]
}

const LEAST_HOUR_GAP = 44

/** The days on which something is placed, in order. */
export function workingDays(placed: readonly PlacedTask[], zone: string): number[] {
  return [...new Set(placed.flatMap((task) => [toLocal(task.from, zone).day, toLocal(task.to, zone).day]))].sort(
    (a, b) => a - b,
  )
}

/** An axis over some days, as wide as told, from the earliest to the latest minute worked on any of them. */
export function timeAxis(
  days: readonly number[],
  placed: readonly PlacedTask[],
  zone: string,
  width: number,
): TimeAxis {
  const minutes = placed.flatMap((task) => [toLocal(task.from, zone).minute, toLocal(task.to, zone).minute])
  const first = Math.floor(Math.min(7 * 60, ...minutes) / 60) * 60
  const last = Math.ceil(Math.max(16 * 60, ...minutes) / 60) * 60
  const each = width / Math.max(1, days.length)
  const laid = days.map((day, i): AxisDay => {
    const from = fromLocal(day, first, zone)
    return { day, name: dayText(from, zone), from, to: fromLocal(day, last, zone), x: i * each, width: each }
  })
  const x = (at: number) => {
    const day = laid.find((candidate) => at < candidate.to) ?? laid[laid.length - 1]
    if (!day) return 0
    const share = (at - day.from) / (day.to - day.from)
    return day.x + day.width * Math.min(1, Math.max(0, share))
  }
  const at = (px: number) => {
    const day = laid.find((candidate) => px < candidate.x + candidate.width) ?? laid[laid.length - 1]
    return day ? Math.round(day.from + ((px - day.x) / day.width) * (day.to - day.from)) : 0
  }
  const perHour = (each * 60) / (last - first)
  const every = Math.max(1, Math.ceil(LEAST_HOUR_GAP / perHour))
  const hours = laid.flatMap((day) => {
    const marks: { at: number; x: number }[] = []
    // The last of a day leaves room for the first of the next.
    const isFree = (at: number) => at === day.from || x(at) + LEAST_HOUR_GAP <= day.x + day.width
    for (let at = day.from; at < day.to; at += 60 * every) if (isFree(at)) marks.push({ at, x: x(at) })
    return marks
  })
  return { days: laid, width, x, at, hours }
}
