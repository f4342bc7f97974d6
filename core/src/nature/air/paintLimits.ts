import { type Coating, known, said, type Said, type Tool, decimals, word } from '../../base/nouns'
import type { AirPoint } from './airSeries'
import { aboveDewC, DEW_MARGIN } from './vapour'
import { wetting } from './wet'

/** Wind in which an outside face is no longer sprayed. From memory. */
export const SPRAY_WIND = known(7, 'm/s', 'from-memory', word('source', 'mist-drifts-and-masking-flaps'))

/**
 * Why a coating must not go on in this air: too near the dew point, too cold or hot, too damp, in rain, or in too much wind
 * for the gun. Cold counts for the air and the face: sun that warms a face goes, and the air stays. None: it may.
 */
export function paintFaults(coating: Coating, air: AirPoint, tool: Tool): Said[] {
  const faceC = air.faceC ?? air.tempC
  const faults: Said[] = []
  if (aboveDewC(faceC, air.tempC, air.rh) < DEW_MARGIN.value) faults.push(nearDew(air))
  faults.push(...coldFaults(coating, air))
  if (Math.max(faceC, air.tempC) > coating.maxC) faults.push(outOfRange(coating, Math.max(faceC, air.tempC)))
  if (air.rh > coating.maxRh)
    faults.push(said('plan.damp_paint', { coating: coating.name, limit: coating.maxRh, rh: Math.round(air.rh) }))
  if ((air.rainMm ?? 0) > 0) faults.push(rain(air))
  if ((air.wetMm ?? 0) > 0) faults.push(said('plan.wet_face'))
  if (tool === 'spray' && (air.freeWindMs ?? 0) > SPRAY_WIND.value)
    faults.push(said('plan.windy', { wind: air.freeWindMs ?? 0, limit: SPRAY_WIND.value }))
  return faults
}

/** Below this tape does not grip, and comes off with frost behind it. From memory. */
const TAPE_LEAST = known(5, '°C', 'from-memory', word('source', 'glue-is-hard-in-the-cold'))

/** Why no tape is laid in this air: rain, a face that is wet, dew on it, or a cold one. None: it may. */
export function tapeFaults(air: AirPoint): Said[] {
  const coldestC = Math.min(air.tempC, air.faceC ?? air.tempC)
  const faults: Said[] = []
  if (wetting(air) === 'dew' || (air.wetMm ?? 0) > 0) faults.push(said('plan.wet_face'))
  if ((air.rainMm ?? 0) > 0) faults.push(rain(air))
  if (coldestC < TAPE_LEAST.value)
    faults.push(said('plan.cold_tape', { temp: Math.round(coldestC * 10) / 10, limit: TAPE_LEAST.value }))
  return faults
}

/** Why this air spoils a coat that is on and not rain-safe yet: it is rained on, or dew forms on it. */
export function filmFaults(air: AirPoint): Said[] {
  const wet = wetting(air)
  return [...(wet === 'rain' ? [rain(air)] : []), ...(wet === 'dew' ? [nearDew(air)] : [])]
}

/** Why this air keeps the film of a coat from forming: it, or the face, is too cold. Heat, wind and damp do it no harm any more. */
export function coldFaults(coating: Coating, { tempC, faceC = tempC }: AirPoint): Said[] {
  const coldestC = Math.min(tempC, faceC)
  return coldestC < coating.filmFormingC ? [outOfRange(coating, coldestC)] : []
}

const rain = (air: AirPoint): Said => said('plan.rain', { mm: air.rainMm ?? 0 })
const nearDew = ({ tempC, rh, faceC = tempC }: AirPoint): Said =>
  said('plan.near_dew', { margin: decimals(aboveDewC(faceC, tempC, rh), 1), limit: DEW_MARGIN.value })
const outOfRange = (coating: Coating, faceC: number): Said =>
  said('plan.cold_paint', {
    coating: coating.name,
    low: coating.filmFormingC,
    high: coating.maxC,
    temp: Math.round(faceC * 10) / 10,
  })
