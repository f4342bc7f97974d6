import { TOLD_FROM_MIN, type PlanChange, type PublishedTask } from '../../base/nouns'
import { formatInstant, parseInstant } from '../../base/units/time'
import type { PlacedTask } from '../plan/placement'

/**
 * What is new in a plan against the one that people were told, in order of time. What is done already is left out: it
 * happened, and nobody is told of it.
 *
 * @param now  who is at something since before then knows best when it ends. Left out: nobody is at anything.
 */
export function planChanges(
  before: readonly PublishedTask[],
  after: readonly PublishedTask[],
  now = Number.NEGATIVE_INFINITY,
): PlanChange[] {
  const old = new Map(before.map((task) => [task.taskId, task]))
  const fresh = new Map(after.map((task) => [task.taskId, task]))
  const changes = [
    ...after.flatMap((task) => changeOf(old.get(task.taskId), task, now)),
    ...before.flatMap((task): PlanChange[] =>
      fresh.has(task.taskId) ? [] : [{ kind: 'dropped', taskId: task.taskId, before: task.from, after: null }],
    ),
  ]
  return changes.sort(
    (a, b) => compare(a.after ?? a.before ?? '', b.after ?? b.before ?? '') || compare(a.taskId, b.taskId),
  )
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)

function changeOf(old: PublishedTask | undefined, task: PublishedTask, now: number): PlanChange[] {
  if (!old) return [{ kind: 'added', taskId: task.taskId, before: null, after: task.from }]
  const told = { taskId: task.taskId, before: old.from, after: task.from }
  if (old.crewId !== task.crewId) return [{ kind: 'other-crew', ...told }]
  if (old.from === task.from && parseInstant(old.from) < now) return []
  // That it ends otherwise tells nobody anything: what comes behind it is told with its own hour.
  return minutesBetween(old.from, task.from) >= TOLD_FROM_MIN ? [{ kind: 'moved', ...told }] : []
}

const minutesBetween = (a: string, b: string): number => Math.abs(parseInstant(a) - parseInstant(b))

/** A plan's undone tasks as people are told of them. */
export const publishedTasks = (placed: readonly PlacedTask[]): PublishedTask[] =>
  placed
    .filter((task) => !task.done)
    .map(({ taskId, crewId, hands = null, from, to, pieces }) => ({
      taskId,
      crewId,
      hands,
      from: formatInstant(from),
      to: formatInstant(to),
      pieces: pieces.map((piece) => ({ from: formatInstant(piece.from), to: formatInstant(piece.to) })),
    }))
