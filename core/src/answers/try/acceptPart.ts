import { checkPlan } from '../../planning/check/checkPlan'
import type { Job, Said } from '../../base/nouns'
import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import type { PlacedTask } from '../../planning/plan/placement'
import { planWithProblem } from '../chain/planJob'
import { tellNew } from '../tell/tellNew'

/** A plan in which only some of what is proposed is taken; the rest stays as it was told. @param taken  ids of tasks */
export function partly(
  told: readonly PlacedTask[],
  proposed: readonly PlacedTask[],
  taken: ReadonlySet<string>,
): PlacedTask[] {
  const before = new Set(told.map((task) => task.taskId))
  const after = new Map(proposed.map((task) => [task.taskId, task]))
  return [
    ...told.flatMap((task) => {
      if (task.done || !taken.has(task.taskId)) return [task]
      const next = after.get(task.taskId)
      return next ? [next] : []
    }),
    ...proposed.filter((task) => !before.has(task.taskId) && taken.has(task.taskId)),
  ]
}

/** All that goes wrong by a plan that does not go wrong by the one people work by, in words. */
export function newBreaks(
  job: Job,
  now: number,
  placed: readonly PlacedTask[],
  parameters: Parameters = DEFAULT_PARAMETERS,
): Said[] {
  const { plan, problem } = planWithProblem(job, now, parameters)
  const { tasks, hems } = plan
  return tellNew({ job, tasks, hems, parameters, before: checkPlan(problem, plan), from: now }, problem, placed)
}
