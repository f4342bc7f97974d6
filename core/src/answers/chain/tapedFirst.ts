import { groupedBy } from '../../base/units/groupedBy'
import type { Translation } from '../../planning/plan/problemModel'
import type { ScheduleProblem } from '../../planning/problem/problem'

/**
 * Tasks of a model that stand between tape which is on already and its coming off: nobody tapes the next wall while a taped one waits
 * for its paint, where nothing else is to be said for it. Common practice, no published source.
 */
export function tapedFirst({ pulls, lags }: ScheduleProblem, { items }: Translation): ReadonlySet<number> {
  const before = groupedBy(lags, ({ to }) => to)
  const isTaped = ({ stays }: ScheduleProblem['pulls'][number]) =>
    stays.length > 0 && stays.every(({ laidAt }) => laidAt !== null)
  const ids = new Set(pulls.filter(isTaped).map(({ activityId }) => activityId))
  // A set that is added to while it is gone through is gone through to its end.
  for (const id of ids) for (const { from } of before.get(id) ?? []) ids.add(from)
  return new Set([...items.keys()].filter((i) => items[i]?.block.activities.some(({ id }) => ids.has(id))))
}
