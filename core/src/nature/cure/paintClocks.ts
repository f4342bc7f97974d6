import { known, word, type Coating } from '../../base/nouns'
import type { AirPoint, AirSeries } from '../air/airSeries'
import { onceFor } from '../../base/units/onceFor'
import { cureRate, dryingRate } from './clocks'
import { rateClock, type RateClock } from './rateClock'

/** The clocks a coat dries by: its surface, and its film, in water-based and in solvent paint. */
export const PAINT_CLOCKS = ['drying', 'hardening', 'solvent', 'solvent-hardening'] as const
export type PaintClock = (typeof PAINT_CLOCKS)[number]

/** The clock of a coating's surface: open time, touch-dry, a bead beside it. */
export const surfaceClockOf = ({ base }: Pick<Coating, 'base'>): PaintClock =>
  base === 'solvent' ? 'solvent' : 'drying'
/** The clock of its film: recoat and hard-dry. */
export const filmClockOf = ({ base }: Pick<Coating, 'base'>): PaintClock =>
  base === 'solvent' ? 'solvent-hardening' : 'hardening'

/**
 * Wind and sun take water off the surface; what lies below grows together at its own pace. A film is never reckoned to
 * harden more than this many times as fast as its label says, without the contractor's own record.
 */
export const FASTEST_FILM = known(2, '', 'from-memory', word('source', 'never-under-half-the-label-time'))
/** How much a stream of air speeds up a solvent coat, for each m/s over still room air. */
const SOLVENT_AIR = known(0.25, 'per m/s', 'from-memory', word('source', 'solvent-leaves-with-moving-air'))
const STILL_MS = 0.1

/** The film hardens as fast as its surface dries, but no faster than heat lets it grow together, nor beyond twice its label. */
export const hardeningRate = (point: AirPoint): number =>
  Math.min(
    dryingRate(point),
    FASTEST_FILM.value,
    FASTEST_FILM.value * cureRate(warmthOf(point), Number.NEGATIVE_INFINITY),
  )

/**
 * Solvent paint dries by warmth and moving air, whatever the air's vapour: Arrhenius with the activation energy of cure,
 * times a share for the air's speed. It never stands still because the air is damp.
 */
export const solventRate = (point: AirPoint): number =>
  cureRate(warmthOf(point), Number.NEGATIVE_INFINITY) * (1 + SOLVENT_AIR.value * Math.max(0, point.windMs - STILL_MS))

export const solventHardeningRate = (point: AirPoint): number =>
  Math.min(cureRate(warmthOf(point), Number.NEGATIVE_INFINITY), FASTEST_FILM.value)

const warmthOf = (point: AirPoint): number => point.faceC ?? point.tempC

const RATES: Readonly<Record<PaintClock, (point: AirPoint) => number>> = {
  drying: dryingRate,
  hardening: hardeningRate,
  solvent: solventRate,
  'solvent-hardening': solventHardeningRate,
}

/** How fast a coating's surface dries in some air, as a multiple of the label's. */
export const dryRateOf = (coating: Pick<Coating, 'base'>, point: AirPoint): number =>
  RATES[surfaceClockOf(coating)](point)

/** How fast it dries where and when people paint: the mean of the faster half of a clock's hours, as a multiple of the label's air. */
export const usualRate = onceFor(({ rates }: RateClock): number => {
  const fast = [...rates].sort((a, b) => b - a).slice(0, Math.ceil(rates.length / 2))
  return fast.reduce((sum, rate) => sum + rate, 0) / fast.length
})

/** The clocks of one air, each made when it is first asked for. */
export function paintClocks(air: AirSeries): (clock: PaintClock) => RateClock {
  const made = new Map<PaintClock, RateClock>()
  return (clock) => {
    const found = made.get(clock) ?? rateClock(air, RATES[clock])
    made.set(clock, found)
    return found
  }
}
