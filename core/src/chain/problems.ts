import { said, when, type Job, type Said } from '../ground'
import { airAt } from '../air/airSeries'
import { paintFaults } from '../air/paintLimits'
import { coatingOf } from '../catalogue/find'
import type { Miss } from '../check/miss'
import type { JobClocks } from '../cure/areaClocks'
import type { Hem } from '../hems/deriveHems'
import type { PlacedTask } from '../plan/placement'
import type { RecipeAnswer } from '../recipes/recipe'
import type { Work } from '../work'
import type { Task } from './task'
import { tellMisses } from './tellMisses'

export interface ProblemsSetup {
  readonly job: Job
  readonly clocks: (roomId: string) => JobClocks
  readonly hems: readonly Hem[]
  readonly answers: readonly RecipeAnswer[]
  readonly work: Pick<Work, 'problems' | 'rounds'>
  readonly tasks: readonly Task[]
  readonly placed: readonly PlacedTask[]
  readonly misses: readonly Miss[]
  /** The instant the plan was made for. */
  readonly from: number
}

/** What stands in the way of a plan, worst first. */
export function problemsOf(setup: ProblemsSetup): Said[] {
  const { job, work } = setup
  return [
    ...airProblems(setup),
    ...(job.crews.some((crew) => crew.people.length > 0) ? [] : [said('plan.no_crew')]),
    ...recipeProblems(setup),
    ...work.problems,
    ...tellMisses(setup),
  ]
}

function recipeProblems({ job, hems, answers }: ProblemsSetup): Said[] {
  const rooms = new Map(job.rooms.map((room) => [room.id, room.name]))
  const byId = new Map(hems.map((hem) => [hem.id, hem]))
  return answers.flatMap((answer) => {
    const hem = byId.get(answer.hemId)
    return answer.safe || !hem
      ? []
      : [said('plan.no_recipe', { room: rooms.get(hem.roomId) ?? hem.roomId, place: hem.place })]
  })
}

/** The first planned coat that meets air its coating must not go on in, once for each coating and reason. */
function airProblems({ job, clocks, tasks, placed, from }: ProblemsSetup): Said[] {
  const byId = new Map(tasks.map((task) => [task.id, task]))
  const found = new Map<string, Said>()
  for (const each of [...placed].sort((a, b) => a.from - b.from)) {
    const task = byId.get(each.taskId)
    if (each.done || task?.kind !== 'coat') continue
    const room = job.rooms.find((other) => other.id === task.roomId)
    const step = room?.steps.find((other) => other.id === task.stepId)
    if (!room || !step) continue
    const coating = coatingOf(job.shelf, step.coatingId)
    for (const fault of paintFaults(coating, airAt(clocks(room.id).air, each.from), step.tool)) {
      const key = `${coating.id}|${fault.code}`
      const facts = { room: room.name, when: when(each.from, from, job.site.zone), fault }
      if (!found.has(key)) found.set(key, said('plan.air', facts))
    }
  }
  return [...found.values()]
}
