import { said, type Job, type Said } from '../ground'
import type { Miss } from '../check/miss'
import type { JobClocks } from '../cure/areaClocks'
import type { Hem } from '../hems/deriveHems'
import type { PlacedTask } from '../plan/placement'
import type { RecipeAnswer } from '../recipes/recipe'
import type { Work } from '../work'
import { airProblems, isOfAir } from './airProblems'
import { tellDoubtful, type DoubtfulCoat } from './doubtfulCoats'
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
  readonly doubtful: readonly DoubtfulCoat[]
  /** The instant the plan was made for. */
  readonly from: number
}

/** What stands in the way of a plan, worst first. */
export function problemsOf(setup: ProblemsSetup): Said[] {
  const { job, work } = setup
  return [
    ...tellDoubtful(job, setup.doubtful, setup.from),
    ...airProblems(setup),
    ...(job.crews.some((crew) => crew.people.length > 0) ? [] : [said('plan.no_crew')]),
    ...recipeProblems(setup),
    ...work.problems,
    ...tellMisses({ ...setup, misses: setup.misses.filter(({ kind }) => !isOfAir(kind)) }),
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
