import type { Tables } from '../db/tables'
import { refusalOf, thrownFrom, type Outcome } from '../errors'
import { TASKS, type TaskAnswer, type TaskFacts, type TaskName } from './tasks'

/** Where heavy tasks are done: beside the main thread, or here in tests. */
export interface HeavyWork {
  readonly run: <N extends TaskName>(name: N, body: Uint8Array, facts: TaskFacts) => Promise<TaskAnswer<N>>
  readonly close: () => Promise<void>
}

/** Does a task and tells how it ended; only errors that nobody foresaw are thrown. */
export function outcomeOf(tables: Tables, name: TaskName, body: Uint8Array, facts: TaskFacts): Outcome {
  try {
    return { answer: TASKS[name](tables, body, facts) }
  } catch (error) {
    const refused = refusalOf(error)
    if (!refused) throw error
    return { refused }
  }
}

/** The answer of an outcome. @throws what was refused, as the error it was */
export function answerOf<N extends TaskName>(outcome: Outcome): TaskAnswer<N> {
  if ('refused' in outcome) throw thrownFrom(outcome.refused)
  // The task's own answer, whose type its name tells.
  return outcome.answer as TaskAnswer<N>
}

/** Does everything where it is called: for tests and for databases in memory, which no other thread can see. */
export const heavyWorkHere = (tables: Tables): HeavyWork => ({
  run: async (name, body, facts) => answerOf<typeof name>(outcomeOf(tables, name, body, facts)),
  close: async () => {},
})
