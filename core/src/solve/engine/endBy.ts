import type { ModelTask } from './model'
import { rampReaches } from './ramp'
import { shared, startsOf } from './starts'

/** A task that has to end by an instant: later starts are taken from it. */
export function endBy(task: ModelTask, instant: number): ModelTask {
  const last = task.finish ? rampReaches(task.finish, instant + 1) - 1 : instant - task.minutes
  return { ...task, starts: shared(task.starts, startsOf([[0, last]])) }
}
