import type { PlacedTask } from '../plan/placement'
import type { ScheduleProblem } from '../problem/problem'
import { miss, type Miss } from './miss'
import type { Passed } from './reach'

/** Lags that are not kept. Between two things that happened there is nothing left to plan. */
export function checkLags(
  problem: Pick<ScheduleProblem, 'lags'>,
  placed: ReadonlyMap<string, PlacedTask>,
  passed: Passed,
): Miss[] {
  return problem.lags.flatMap(({ from, to, min, max }) => {
    const [before, after] = [placed.get(from), placed.get(to)]
    if (!before || !after || after.done) return []
    const soonest = passed(before.to, min)
    const latest = max && passed(before.to, max)
    const found: Miss[] = []
    if (soonest === null) found.push(miss('never-ready', to, { other: from }))
    else if (after.from < soonest - SLACK_MIN)
      found.push(miss('lag-too-short', to, { minutes: Math.ceil(soonest - after.from), at: soonest, other: from }))
    // What has happened already may have come late; the pull rules judge that.
    if (latest !== null && !before.done && after.from > latest + SLACK_MIN)
      found.push(miss('lag-too-long', to, { minutes: Math.ceil(after.from - latest), at: latest, other: from }))
    return found
  })
}

/** Sums of many small gains miss an instant by the last bits of a number. */
const SLACK_MIN = 1e-6
