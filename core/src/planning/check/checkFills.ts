import { isGunUp } from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import type { PlacedTask } from '../plan/placement'
import type { ScheduleProblem } from '../problem/problem'
import { STAYS_MIN } from '../work'
import { miss, type Miss } from './miss'

type Lags = Pick<ScheduleProblem, 'lags'>

/** Paint that stands in a gun so long that it would set: from its filling, or from a coat, to the next coat. */
interface Stands {
  readonly since: PlacedTask
  readonly next: PlacedTask
  readonly standsMin: number
}

/** Guns of a plan in which paint stands for too long: over a night, most of all. */
export const standingFills = ({ lags }: Lags): ((placed: readonly PlacedTask[]) => Stands[]) => {
  const upsOf = groupedBy(
    lags.filter(({ from }) => isGunUp(from)),
    ({ to }) => to,
  )
  return (placed) => {
    const at = new Map<string, PlacedTask>(placed.map((task) => [task.taskId, task]))
    /** The filling that a coat is sprayed from: of several turns of one colour the last before it. */
    const filledFor = (coat: PlacedTask): string => {
      const ups = (upsOf.get(coat.taskId) ?? []).flatMap(({ from }) => at.get(from) ?? [])
      const before = ups.filter((up) => up.to <= coat.from)
      return before.reduce((last, up) => (up.to > last.to ? up : last), before[0] ?? coat).taskId
    }
    const coats = placed.filter(({ taskId, done }) => upsOf.has(taskId) && !done)
    return [...groupedBy(coats, filledFor)].flatMap(([upId, own]) => {
      const up = at.get(upId)
      if (!up || up.done || !isGunUp(up.taskId)) return []
      const inOrder = own.sort((a, b) => a.from - b.from)
      return inOrder.flatMap((next, i): Stands[] => {
        const since = inOrder[i - 1] ?? up
        const standsMin = next.from - since.to
        return standsMin > STAYS_MIN ? [{ since, next, standsMin }] : []
      })
    })
  }
}

/** A gun that is filled too long before it sprays, or sprays again too long after. */
export const checkFills = (problem: Lags, placed: readonly PlacedTask[]): Miss[] =>
  standingFills(problem)(placed).map(({ since, next, standsMin }) =>
    isGunUp(since.taskId)
      ? miss('filled-early', since.taskId, { minutes: standsMin, at: next.from, other: next.taskId })
      : miss('stood-filled', next.taskId, { minutes: standsMin, at: next.from, other: since.taskId }),
  )
