import { checkPlan } from '../../planning/check/checkPlan'
import type { Miss } from '../../planning/check/miss'
import { jobClocks } from '../../nature/cure/areaClocks'
import type { Job, Said } from '../../base/nouns'
import type { PlacedTask } from '../../planning/plan/placement'
import type { ScheduleProblem } from '../../planning/problem/problem'
import type { Parameters } from '../../base/parameters/parameters'
import type { Hem } from '../../survey/hems/deriveHems'
import { airProblems } from './airProblems'
import type { Task } from './task'
import { tellMisses } from './tellMisses'

interface TellNewSetup {
  readonly job: Job
  readonly tasks: readonly Task[]
  /** What the plan before misses. */
  readonly before: readonly Miss[]
  readonly from: number
  readonly hems: readonly Hem[]
  readonly parameters: Parameters
}

/** All that goes wrong by a plan that did not go wrong by the one before, in words. */
export function tellNew(
  { before, ...given }: TellNewSetup,
  problem: ScheduleProblem,
  placed: readonly PlacedTask[],
): Said[] {
  const known = new Set(before.map(keyOf))
  const misses = checkPlan(problem, { placed }).filter((each) => !known.has(keyOf(each)))
  const setup = { ...given, placed, misses }
  return [...tellMisses(setup), ...airProblems({ ...setup, clocks: jobClocks(given.job) })]
}

/** A miss is the same one however much it is by. */
const keyOf = ({ kind, activityId, other }: Miss): string => `${kind}|${activityId}|${other}`
