import { groupedBy } from '../../base/units/groupedBy'
import { AT_ONCE, type Activity, type Lag } from './activity'
import type { RoundWork } from './roundWork'

/**
 * Rounds that are parts of one wall share its broad faces: they are filled in once all parts are pulled, or before any
 * part's edge is cut in.
 */
export function partLags(rounds: readonly RoundWork[]): Lag[] {
  const parts = rounds.filter(({ round }) => round.part !== null)
  const walls = groupedBy(parts, ({ round }) => `${round.stepId}/${round.wallIds.join('+')}`)
  return [...walls.values()].flatMap((ofWall) => {
    const holder = ofWall.find(({ activities }) => activities.some((act) => act.kind === 'roll'))
    const field = holder?.activities.find((act) => act.kind === 'roll')
    if (!holder || !field) return []
    return ofWall
      .filter(({ round }) => round.id !== field.roundId)
      .flatMap(({ round, activities }): Lag[] => {
        const link = (from: string, to: string): Lag => ({ from, to, min: AT_ONCE, max: null })
        if (holder.round.fieldOrder === 'after-pull')
          return round.pulls.flatMap((pull) => (pull.manner === 'wet' ? [link(pull.taskId, field.id)] : []))
        const first = lastCoatStart(activities, field.coat)
        return first ? [link(field.id, first.id)] : []
      })
  })
}

/** What begins the last coat of a round: its bead, or the coat itself. */
function lastCoatStart(activities: readonly Activity[], coat: number | null): Activity | undefined {
  const at = activities.findIndex((act) => act.kind === 'coat' && act.coat === coat)
  const before = activities[at - 1]
  return before?.kind === 'seal' && before.ref.of === 'round' && before.ref.act === 'bead' ? before : activities[at]
}
