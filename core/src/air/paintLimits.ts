import { type Coating, known, said, type Said, type Tool, decimals, word } from '../ground'
import type { AirPoint } from './airSeries'
import { aboveDewC, DEW_MARGIN } from './vapour'

/** Wind in which an outside face is no longer sprayed. From memory. */
export const SPRAY_WIND = known(7, 'm/s', 'from-memory', word('source', 'mist-drifts-and-masking-flaps'))

/** Why a coating must not go on in this air: too near the dew point, too cold or hot, too damp, in rain, or in too much wind for the gun. None: it may. */
export function paintFaults(coating: Coating, air: AirPoint, tool: Tool): Said[] {
  const faceC = air.faceC ?? air.tempC
  const found: Said[] = []
  const margin = aboveDewC(faceC, air.tempC, air.rh)
  if (margin < DEW_MARGIN.value)
    found.push(said('plan.near_dew', { margin: decimals(margin, 1), limit: DEW_MARGIN.value }))
  if (faceC < coating.filmFormingC || faceC > coating.maxC)
    found.push(
      said('plan.cold_paint', {
        coating: coating.name,
        low: coating.filmFormingC,
        high: coating.maxC,
        temp: Math.round(faceC * 10) / 10,
      }),
    )
  if (air.rh > coating.maxRh)
    found.push(said('plan.damp_paint', { coating: coating.name, limit: coating.maxRh, rh: Math.round(air.rh) }))
  if ((air.rainMm ?? 0) > 0) found.push(said('plan.rain', { mm: air.rainMm ?? 0 }))
  if (tool === 'spray' && (air.freeWindMs ?? 0) > SPRAY_WIND.value)
    found.push(said('plan.windy', { wind: air.freeWindMs ?? 0, limit: SPRAY_WIND.value }))
  return found
}
