import { isGunUp } from '../../base/nouns'
import type { PlacedTask } from '../plan/placement'
import type { ScheduleProblem } from '../problem/problem'
import { miss, type Miss } from './miss'

/** Paint stands in a gun for this long at most before it sprays, its tip in water, min. From memory. */
const STANDS_AT_MOST_MIN = 6 * 60

/** Guns that are filled so long before their first coat that the paint in them would set: the evening before, most of all. */
export const checkFills = (
  { lags }: Pick<ScheduleProblem, 'lags'>,
  placed: ReadonlyMap<string, PlacedTask>,
): Miss[] => {
  const ups = [...placed.values()].filter(({ taskId, done }) => isGunUp(taskId) && !done)
  return ups.flatMap((up) => {
    const coats = lags.flatMap(({ from, to }) => (from === up.taskId ? (placed.get(to) ?? []) : []))
    const [first] = coats.sort((a, b) => a.from - b.from)
    const stands = first ? first.from - up.to : 0
    return first && stands > STANDS_AT_MOST_MIN
      ? [miss('filled-early', up.taskId, { minutes: stands, at: first.from, other: first.taskId })]
      : []
  })
}
