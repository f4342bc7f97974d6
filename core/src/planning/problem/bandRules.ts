import { groupedBy } from '../../base/units/groupedBy'
import { sure } from '../../base/units/sure'
import { coatOf, type Job } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'
import { coatOfStep, openOn } from '../../nature/cure/film'
import { surfaceClockOf } from '../../nature/cure/paintClocks'
import { bandShows } from '../../nature/risk/banding'
import { lightness } from '../../survey/rooms/contrast'
import { isDrunkInRound } from '../../survey/rooms/drinks'
import { stepAt } from '../../survey/rooms/stepAt'
import type { ActivityId } from '../../base/nouns'
import type { Activity, Round, Work } from '../work'
import type { ClockBook } from './clockBook'
import type { BandRule } from './problem'

interface BandRulesSetup {
  readonly job: Job
  readonly work: Pick<Work, 'activities' | 'rounds'>
  readonly minutes: ReadonlyMap<ActivityId, number>
  readonly parameters: Pick<Parameters, 'band' | 'work'>
}

/**
 * Fields whose cut-in line must be rolled up to while it is open, where a band that has set would show: satin and dark walls. A
 * line is cut wall by wall, so that a later wall's begins later; of a pair one cuts just ahead of the other.
 */
export function bandRules({ job, work, minutes, parameters }: BandRulesSetup, book: ClockBook): BandRule[] {
  const rounds = new Map(work.rounds.map((round) => [round.id, round]))
  const actsOf = groupedBy(work.activities, ({ roundId }) => roundId)
  return work.activities.flatMap((act): BandRule[] => {
    const at = act.kind === 'roll' && act.ref.of === 'round' ? stepAt(job, act) : null
    const round = rounds.get(act.roundId ?? '')
    if (!at || !round || round.fieldOrder !== 'after-pull' || act.ref.of !== 'round') return []
    const coating = coatOfStep(job.shelf, at.step)
    if (!bandShows(coating.sheen, lightness(at.step.swatch), parameters)) return []
    const lineId = coatOf(round, act.coat ?? 1)
    const isFirst = isDrunkInRound(at.room, at.step, act.coat ?? 1, round.id)
    const [wallId = ''] = act.ref.round.wallIds
    const pairNeed = round.pairNeeds?.[wallId]
    const before = Math.max(0, round.wallIds.indexOf(wallId)) / Math.max(1, round.wallIds.length)
    return [
      {
        fieldId: act.id,
        lineId,
        startsAfterMin:
          pairNeed === undefined
            ? Math.floor(before * sure(minutes.get(lineId)))
            : Math.max(0, Math.floor(minutesBefore(actsOf.get(round.id) ?? [], minutes, round, act) - pairNeed)),
        clock: book.paint(surfaceClockOf(coating), at.room.id),
        openMin: openOn(coating, isFirst, parameters.work.drunkShare).openMin,
      },
    ]
  })
}

/** Minutes of a round from the first stroke of its lines to a field, one thing after another: lines, wet pulls, fields before it. */
function minutesBefore(
  acts: readonly Activity[],
  minutes: BandRulesSetup['minutes'],
  round: Round,
  field: Activity,
): number {
  const own = acts.filter(({ coat, kind }) => coat === field.coat && kind !== 'pull')
  const before = own.slice(0, own.indexOf(field)).filter(({ kind }) => kind === 'coat' || kind === 'roll')
  const pulls = round.pulls.flatMap(({ manner, taskId }) => (manner === 'wet' ? [taskId] : []))
  return [...before.map(({ id }) => id), ...pulls].reduce((sum, id) => sum + sure(minutes.get(id)), 0)
}
