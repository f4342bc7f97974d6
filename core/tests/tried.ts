import { tellMisses } from '../src/answers/tell/tellMisses'
import type { Plan } from '../src/answers/chain/planJob'
import { DEFAULT_PARAMETERS } from '../src/base/parameters/parameters'
import { sayText } from '../src/edge/words'
import type { Miss } from '../src/planning/check/miss'
import type { PlacedTask } from '../src/planning/plan/placement'
import { jobOf } from './oneHem'

/** A plan of one room in which a hand has put one thing at another minute, for so long. */
export const putAt = (plan: Plan, taskId: string, from: number, minutes: number): PlacedTask[] =>
  plan.placed.map((task) =>
    task.taskId === taskId ? { ...task, from, to: from + minutes, pieces: [{ from, to: from + minutes }] } : task,
  )

/** What people are told of it. */
export const toldOf = (plan: Plan, placed: readonly PlacedTask[], misses: readonly Miss[]): string =>
  tellMisses({
    job: jobOf(),
    tasks: plan.tasks,
    placed,
    misses,
    from: plan.at,
    hems: plan.hems,
    parameters: DEFAULT_PARAMETERS,
  })
    .map(sayText)
    .join()
