import { isGunUp } from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import type { PlacedTask } from '../plan/placement'
import type { ScheduleProblem } from '../problem/problem'
import { STAYS_MIN } from '../work'
import { miss, type Miss } from './miss'

type Lags = Pick<ScheduleProblem, 'lags'>

/** A gun that is filled so long before its first coat that the paint in it would set: its filling, that coat, and the minutes between. */
interface EarlyFill {
  readonly up: PlacedTask
  readonly first: PlacedTask
  readonly standsMin: number
}

/** Guns of a plan that stand filled for longer than paint stays in one: over a night, most of all. */
export const earlyFills = ({ lags }: Lags): ((placed: readonly PlacedTask[]) => EarlyFill[]) => {
  const coatsOf = groupedBy(
    lags.filter(({ from }) => isGunUp(from)),
    ({ from }) => from,
  )
  return (placed) => {
    const ups = placed.filter(({ taskId, done }) => isGunUp(taskId) && !done)
    if (ups.length === 0) return []
    const at = new Map<string, PlacedTask>(placed.map((task) => [task.taskId, task]))
    return ups.flatMap((up) => {
      const coats = (coatsOf.get(up.taskId) ?? []).flatMap(({ to }) => at.get(to) ?? [])
      const [first] = coats.sort((a, b) => a.from - b.from)
      const standsMin = first ? first.from - up.to : 0
      return first && standsMin > STAYS_MIN ? [{ up, first, standsMin }] : []
    })
  }
}

export const checkFills = (problem: Lags, placed: readonly PlacedTask[]): Miss[] =>
  earlyFills(problem)(placed).map(({ up, first, standsMin }) =>
    miss('filled-early', up.taskId, { minutes: standsMin, at: first.from, other: first.taskId }),
  )
