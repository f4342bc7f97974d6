import type { Task } from '../rounds/round'
import { UNTOUCHED, type HemState, type LogState } from '../progress/hemStates'

/** What the log says of one task. */
export interface TaskFacts {
  /** When its last hem was ticked; null while something is left. */
  readonly doneAt: number | null
  /** Share of its hems that is done, 0 … 1. */
  readonly doneShare: number
}

/** A task is done when every hem in it has been ticked for it, or for a later act, or is skipped. */
export function taskFacts(task: Task, log: LogState): TaskFacts {
  if (task.kind === 'cover' || task.kind === 'uncover') return roomFacts(task, log)
  const times = task.subjects.map((hemId) => doneAt(task, log.hems.get(hemId) ?? UNTOUCHED))
  const done = times.filter((at) => at !== null)
  const known = done.filter((at) => Number.isFinite(at))
  if (task.subjects.length === 0) return { doneAt: null, doneShare: 0 }
  return {
    doneAt: done.length === times.length && known.length > 0 ? Math.max(...known) : null,
    doneShare: done.length / times.length,
  }
}

function roomFacts(task: Task, log: LogState): TaskFacts {
  const room = task.subjects[0]!
  const uncoveredAt = log.uncovered.get(room) ?? null
  const at = task.kind === 'uncover' ? uncoveredAt : (log.covered.get(room) ?? uncoveredAt)
  return { doneAt: at, doneShare: at === null ? 0 : 1 }
}

/** When a hem was through a task; −∞ for a skipped one, which holds nobody up; null when it is not. */
function doneAt(task: Task, hem: HemState): number | null {
  if (hem.skipped !== null) return Number.NEGATIVE_INFINITY
  const coats = hem.coatedAt
  const lastCoat = coats[coats.length - 1] ?? null
  switch (task.kind) {
    case 'lay':
      return hem.laidAt ?? hem.sealedAt ?? coats[0] ?? hem.pulledAt
    case 'seal':
      return hem.sealedAt ?? hem.pulledAt
    case 'coat':
      return coats[task.coat! - 1] ?? hem.pulledAt ?? null
    case 'pull':
      return hem.pulledAt
    default:
      return lastCoat
  }
}
