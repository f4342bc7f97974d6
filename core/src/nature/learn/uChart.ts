import { seededNumbers } from '../../base/units/seeded'
import { poisson } from './poisson'
import type { Counted } from './rates'

/** One point of a chart: its rate, and the limits a steady process stays between. Rates are events per unit of exposure. */
export interface ChartPoint extends Counted {
  readonly rate: number
  readonly low: number
  readonly high: number
  /** Signals that end at this point. */
  readonly signals: readonly ChartSignal[]
}
/** Above or below the limits, or so many points one after another on one side of the middle. */
export type ChartSignal = 'above' | 'below' | 'run-above' | 'run-below'

export interface UChart {
  /** Mean rate over all points: the middle line. */
  readonly middle: number
  readonly points: readonly ChartPoint[]
  /** How often a process that never changes gives any signal on a chart of these points. */
  readonly falseAlarm: number
}

/** Limits lie so many standard deviations from the middle, and so many points on one side are a signal: ISO 7870-2 (from memory). */
const SIGMAS = 3
const RUN = 9
/** Made-up charts for the chance of a false alarm. */
const CHARTS = 1000

/**
 * A u-chart: events by exposure, point by point, with limits `ū ± 3 √(ū / n)` (Shewhart chart, ISO 7870-2) and two rules: one point beyond
 * the limits, nine points running on one side of the middle. The chance of a false alarm is found by made-up charts, since with few events
 * the limits are not what a normal law would make them.
 */
export function uChart(counts: readonly Counted[], seed = 1): UChart {
  const { middle, points } = pointsOf(counts)
  return { middle, points, falseAlarm: falseAlarm(counts, middle, seed) }
}

/** Middle, limits and signals alone. */
export function pointsOf(counts: readonly Counted[]): Omit<UChart, 'falseAlarm'> {
  const exposure = counts.reduce((sum, each) => sum + each.exposure, 0)
  const middle = exposure > 0 ? counts.reduce((sum, each) => sum + each.events, 0) / exposure : 0
  let [above, below] = [0, 0]
  const points = counts.map((count): ChartPoint => {
    const rate = count.exposure > 0 ? count.events / count.exposure : middle
    const wide = count.exposure > 0 ? SIGMAS * Math.sqrt(middle / count.exposure) : Infinity
    const [low, high] = [Math.max(0, middle - wide), middle + wide]
    above = rate > middle ? above + 1 : 0
    below = rate < middle ? below + 1 : 0
    const signals = [
      ...(rate > high ? (['above'] as const) : []),
      ...(rate < low ? (['below'] as const) : []),
      ...(above >= RUN ? (['run-above'] as const) : []),
      ...(below >= RUN ? (['run-below'] as const) : []),
    ]
    return { ...count, rate, low, high, signals }
  })
  return { middle, points }
}

function falseAlarm(counts: readonly Counted[], middle: number, seed: number): number {
  if (middle <= 0) return 0
  const random = seededNumbers(seed)
  let rung = 0
  for (let i = 0; i < CHARTS; i++) {
    const made = counts.map(({ exposure }) => ({ events: poisson(middle * exposure, random), exposure }))
    if (pointsOf(made).points.some(({ signals }) => signals.length > 0)) rung += 1
  }
  return rung / CHARTS
}
