import type { Job, OutdoorHour } from '../../base/nouns'
import { parseInstant } from '../../base/units/time'
import { SPRAY_WIND } from './paintLimits'
import { sunPosition } from './sun'
import { wetting } from './wet'

type SkyKind = 'night' | 'rain' | 'wind' | 'dew'

/** Something about the sky from one instant to another, minutes since the epoch. */
export interface SkyStretch {
  readonly kind: SkyKind
  readonly from: number
  readonly to: number
}

/** The upper edge of the sun on the horizon: −50′ with usual refraction, degrees. Published: Explanatory Supplement to the Astronomical Almanac. */
const SUNRISE_DEG = -0.833
const STEP_MIN = 10

/**
 * What the sky does between two instants: night where the site’s place is known; rain, wind too strong for the gun, and dew on what
 * has the air’s temperature where the weather is. Stretches of each kind in order.
 */
export function skyBetween({ site, air }: Pick<Job, 'site' | 'air'>, from: number, to: number): SkyStretch[] {
  const { latDeg, lonDeg } = site
  const night =
    latDeg === null || lonDeg === null
      ? []
      : joined({
          kind: 'night',
          step: STEP_MIN,
          from,
          to,
          is: (at) => sunPosition(at, latDeg, lonDeg).altitudeDeg < SUNRISE_DEG,
        })
  const { outside } = air
  if (!outside) return night
  const first = parseInstant(outside.from)
  const { hours } = outside
  const hourAt = (at: number) => hours[Math.floor((at - first) / 60)]
  const of = (kind: SkyKind, is: (hour: OutdoorHour) => boolean) =>
    joined({
      kind,
      step: 60,
      from: first + 60 * Math.floor((from - first) / 60),
      to,
      is: (at) => {
        const hour = hourAt(at)
        return hour !== undefined && is(hour)
      },
    })
  return [
    ...night,
    ...of('rain', ({ rainMm }) => rainMm > 0),
    ...of('wind', ({ windMs }) => windMs > SPRAY_WIND.value),
    ...of('dew', ({ tempC, rh, windMs }) => wetting({ tempC, rh, windMs }) === 'dew'),
  ].map((stretch) => ({ ...stretch, from: Math.max(from, stretch.from), to: Math.min(to, stretch.to) }))
}

interface JoinedSetup {
  readonly kind: SkyKind
  readonly step: number
  readonly from: number
  readonly to: number
  readonly is: (at: number) => boolean
}

/** Steps at which something is so, those in a row as one. */
function joined({ kind, step, from, to, is }: JoinedSetup): SkyStretch[] {
  const found: { kind: SkyKind; from: number; to: number }[] = []
  for (let at = from; at < to; at += step) {
    if (!is(at)) continue
    const last = found.at(-1)
    if (last?.to === at) last.to = at + step
    else found.push({ kind, from: at, to: at + step })
  }
  return found
}
