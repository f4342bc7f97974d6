import type { AirPoint, AirSeries } from '../../nature/air/airSeries'
import { coldFaults, filmFaults, paintFaults, tapeFaults } from '../../nature/air/paintLimits'
import { coatingOf } from '../../survey/shelf/find'
import { filmClockOf } from '../../nature/cure/paintClocks'
import type { JobClocks } from '../../nature/cure/areaClocks'
import { filmFormedMin, rainSafeMin } from '../../nature/cure/rainSafe'
import type { Job, Said } from '../../base/nouns'
import { dampFacesOf } from '../../survey/rooms/damp'
import { stepAt } from '../../survey/rooms/stepAt'
import { whileSame } from '../../base/units/whileSame'
import { MIN_PER_HOUR } from '../../base/units/time'
import type { Activity } from '../work'
import type { ClockBook } from './clockBook'
import type { AirBan, AirRule } from './problem'

/** The code of what keeps every coat off a face that reads too damp. */
export const DAMP_GROUND = 'plan.damp_ground'

interface AirRulesSetup {
  readonly job: Job
  readonly clocks: (roomId: string) => JobClocks
  /** Between which instants bans are wanted, minutes since the epoch. */
  readonly from: number
  readonly to: number
}

/** The air that coats and tape must be kept out of, one rule for each coating, tool and air that a coat is put on in, and one for tape. */
export interface AirRules {
  /** The rule of an activity that puts paint or tape on; null for all others. */
  readonly of: (activity: Activity) => string | null
  /** All rules that were asked for. */
  readonly rules: () => AirRule[]
}

export function airRules({ job, clocks, from, to }: AirRulesSetup, book: ClockBook): AirRules {
  const found = new Map<string, AirRule>()
  const isOutdoors = (roomId: string) => job.rooms.find(({ id }) => id === roomId)?.kind === 'elevation'
  /** Tape is laid on nothing wet or cold; once it is on, the weather is its label's affair. */
  const tapeRule = (roomId: string): string => {
    const clock = book.paint('drying', roomId)
    const id = `tape ${clock}`
    const { air } = clocks(roomId)
    if (!found.has(id)) {
      const during = keptTapeBans(air, [from, to], () => bans(air, from, to, tapeFaults))
      found.set(id, {
        id,
        during,
        until: [],
        cold: [],
        clock,
        safeMin: 0,
        formedMin: 0,
        isOutdoors: isOutdoors(roomId),
      })
    }
    return id
  }
  return {
    of(activity) {
      if (activity.kind === 'lay') return tapeRule(activity.roomId)
      const at = stepAt(job, activity)
      if (!at || (activity.kind !== 'coat' && activity.kind !== 'roll')) return null
      const { room, step } = at
      const coating = coatingOf(job.shelf, step.coatingId)
      const clock = book.paint(filmClockOf(coating), room.id)
      const isDamp = dampFacesOf(room, step, activity.roundId).length > 0
      const id = `${coating.id} ${step.tool} ${clock}${isDamp ? ' damp' : ''}`
      // The ground has no forecast: what was read stands until somebody reads it again.
      if (isDamp && !found.has(id))
        found.set(id, ruledOut({ id, clock, from, to, isOutdoors: room.kind === 'elevation' }))
      if (!found.has(id)) {
        const { air } = clocks(room.id)
        found.set(id, {
          id,
          ...keptBans(air, [coating, step.tool, from, to], () => ({
            during: bans(air, from, to, (point) => paintFaults(coating, point, step.tool)),
            until: bans(air, from, to, filmFaults),
            cold: bans(air, from, to, (point) => coldFaults(coating, point)),
          })),
          clock,
          safeMin: rainSafeMin(coating),
          formedMin: filmFormedMin(coating),
          isOutdoors: room.kind === 'elevation',
        })
      }
      return id
    },
    rules: () => [...found.values()].sort((a, b) => (a.id < b.id ? -1 : 1)),
  }
}

type Never = Pick<AirRule, 'id' | 'clock' | 'isOutdoors'> & { readonly from: number; readonly to: number }

/** A rule that no air will do for: the ground is damp. */
const ruledOut = ({ id, clock, isOutdoors, from, to }: Never): AirRule => ({
  id,
  during: [{ from, to, why: DAMP_GROUND }],
  until: [],
  cold: [],
  clock,
  safeMin: 0,
  formedMin: 0,
  isOutdoors,
})

const keptTapeBans = whileSame<readonly AirBan[]>()
const keptBans = whileSame<Pick<AirRule, 'during' | 'until' | 'cold'>>()

/** The stretches of a series whose hours have a fault, each with the first fault of its first hour. */
export function bans(
  air: AirSeries,
  from: number,
  to: number,
  faultsIn: (point: AirPoint) => readonly Said[],
): AirBan[] {
  const found: { from: number; to: number; why: string }[] = []
  air.hours.forEach((point, i) => {
    const [fault] = faultsIn(point)
    // The first hour stands for all time before it, the last for all time after.
    const start = i === 0 ? from : Math.max(from, air.startMin + i * MIN_PER_HOUR)
    const end = i === air.hours.length - 1 ? to : Math.min(to, air.startMin + (i + 1) * MIN_PER_HOUR)
    if (!fault || end <= start) return
    const last = found.at(-1)
    if (last?.to === start && last.why === fault.code) last.to = end
    else found.push({ from: start, to: end, why: fault.code })
  })
  return found
}
