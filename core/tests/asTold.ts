import { planJob, type Plan } from '../src/answers/chain/planJob'
import type { Job, LogEvent } from '../src/base/nouns'
import type { PlacedTask } from '../src/planning/plan/placement'
import { TICK_OF } from '../src/planning/progress/activityProgress'
import { publishedTasks } from '../src/planning/published/planChanges'
import { formatInstant } from '../src/base/units/time'
import { logEvent } from './logEvent'

/** A job whose first plan people were told of, and that plan, its tasks as they end. */
export interface Told {
  readonly job: Job
  readonly first: Plan
  readonly inOrder: readonly PlacedTask[]
}

/** Tells people the first plan of a job nothing is ticked of. */
export function told(survey: Job): Told {
  const first = planJob(survey)
  const tasks = publishedTasks(first.placed)
  const published = { number: 1, at: survey.start, by: 'Office', why: '', tasks, changes: [] }
  return { job: { ...survey, published }, first, inOrder: [...first.placed].sort((a, b) => a.to - b.to) }
}

/** The lines that say of some tasks that they were done, each so many minutes later than planned. */
export const ticksOf = (
  { first }: Pick<Told, 'first'>,
  tasks: readonly PlacedTask[],
  lateMin: (task: PlacedTask) => number = () => 0,
): LogEvent[] =>
  tasks.map((task) => {
    const { kind, subjects, coat } = first.tasks.find((each) => each.id === task.taskId)!
    return logEvent(task.taskId.replace(/\W/g, '-'), TICK_OF[kind], formatInstant(task.to + lateMin(task)), subjects, {
      coat,
      crewId: task.crewId,
      expectedAt: formatInstant(task.to),
    })
  })
