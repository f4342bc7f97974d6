import { said, when, type Job, type Said } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'
import { parseInstant } from '../../base/units/time'
import type { PullPlan } from '../../planning/windows/pullPlans'
import { wetPassedAt } from '../../planning/windows/wetPassed'
import { tapeOf } from '../../survey/shelf/find'
import type { Load } from '../../masking/load/takeLoad'
import type { Miss } from '../../planning/check/miss'
import type { JobClocks } from '../../nature/cure/areaClocks'
import type { Hem } from '../../survey/hems/deriveHems'
import type { PlacedTask } from '../../planning/plan/placement'
import type { RecipeAnswer } from '../../masking/recipes/recipe'
import { activityName, type Work } from '../../planning/work'
import { airProblems, isOfAir } from './airProblems'
import { tellDoubtful, type DoubtfulCoat } from './doubtfulCoats'
import type { Task } from './task'
import { tellMisses } from './tellMisses'

interface ProblemsSetup {
  readonly job: Job
  readonly clocks: (roomId: string) => JobClocks
  readonly hems: readonly Hem[]
  readonly answers: readonly RecipeAnswer[]
  readonly work: Pick<Work, 'problems' | 'rounds'>
  readonly tasks: readonly Task[]
  readonly placed: readonly PlacedTask[]
  readonly misses: readonly Miss[]
  readonly doubtful: readonly DoubtfulCoat[]
  readonly pulls: readonly PullPlan[]
  readonly parameters: Parameters
  /** What holds papers and films. */
  readonly holding: Load['holding']
  /** The instant the plan was made for. */
  readonly from: number
}

/** What stands in the way of a plan, worst first. */
export function problemsOf(setup: ProblemsSetup): Said[] {
  const { job, work } = setup
  return [
    ...passedWindows(setup),
    ...tellDoubtful(job, setup.doubtful, setup.from),
    ...airProblems(setup),
    ...(job.crews.some((crew) => crew.people.length > 0) ? [] : [said('plan.no_crew')]),
    ...recipeProblems(setup),
    ...work.problems,
    ...holdingShort(setup),
    ...tellMisses({ ...setup, misses: setup.misses.filter(({ kind }) => !isOfAir(kind)) }),
  ]
}

/** Tape that holds papers and films longer than any on the shelf may stay. */
function holdingShort({ job, holding }: ProblemsSetup): Said[] {
  if (!holding || holding.days <= holding.stayDays) return []
  const facts = { tape: tapeOf(job.shelf, holding.tapeId).name, stay: holding.stayDays, days: Math.ceil(holding.days) }
  return [said('plan.holding_short', facts)]
}

/** Tape whose wet window closed with it on, until somebody decides: pulls it, or puts its pull on a later time by hand. */
function passedWindows({ job, tasks, pulls, from }: ProblemsSetup): Said[] {
  const byId = new Map(tasks.map((task) => [task.id, task]))
  const decided = new Set<string>(
    job.planning.holds.filter(({ at }) => parseInstant(at) >= from).map(({ taskId }) => taskId),
  )
  return pulls.flatMap((pull) => {
    const due = wetPassedAt(pull, from)
    const task = byId.get(pull.taskId)
    if (due === null || !task || decided.has(pull.taskId)) return []
    return [
      said('plan.wet_passed', {
        what: activityName(job.rooms, pull.taskId),
        due: when(due, from, job.site.zone),
      }),
    ]
  })
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
