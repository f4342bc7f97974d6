import { coldFaults, filmFaults, paintFaults } from '../../nature/air/paintLimits'
import type { JobClocks } from '../../nature/cure/areaClocks'
import { filmClockOf } from '../../nature/cure/paintClocks'
import { filmFormedMin, rainSafeMin } from '../../nature/cure/rainSafe'
import { instantOfGain } from '../../nature/cure/rateClock'
import { listed, said, type Coating, type PaintStep, type Room, type Said, type Shelf } from '../../base/nouns'
import { airAt } from '../../nature/air/airSeries'
import { MIN_PER_HOUR } from '../../base/units/time'

/** What would help a coat that never finds its air: paints of the shelf that would, as shiny as it; else heat, or other weather. */
export function airHelp(shelf: Shelf, room: Room, step: PaintStep, clocks: JobClocks): Said {
  const coating = shelf.coatings.find(({ id }) => id === step.coatingId)
  const fit = shelf.coatings.filter(
    (each) => !each.retired && each.id !== coating?.id && each.sheen === coating?.sheen && findsAir(each, step, clocks),
  )
  if (fit.length > 0) return said('help.air_paint', { paints: listed(fit.map(({ name }) => name)) })
  return said(room.kind === 'elevation' ? 'help.air_front' : 'help.air_room')
}

/** Whether there is an hour in which it may go on and after which it is safe, and its film formed, before anything spoils it. */
function findsAir(coating: Coating, { tool }: PaintStep, { air, paint }: JobClocks): boolean {
  const clock = paint(filmClockOf(coating))
  return air.hours.some((point, i) => {
    if (paintFaults(coating, point, tool).length > 0) return false
    const from = air.startMin + i * MIN_PER_HOUR
    const [safe, formed] = [rainSafeMin(coating), filmFormedMin(coating)].map((amount) =>
      instantOfGain(clock, from + MIN_PER_HOUR, amount),
    )
    if (!safe || !formed) return false
    for (let at = from; at < Math.max(safe, formed); at += MIN_PER_HOUR) {
      const later = airAt(air, at)
      if (at < safe && filmFaults(later).length > 0) return false
      if (at < formed && coldFaults(coating, later).length > 0) return false
    }
    return true
  })
}
