import type { PublishedPlan, PublishedTask } from '../../base/nouns'
import { parseInstant } from '../../base/units/time'
import type { PlacedTask } from '../plan/placement'

/**
 * The plan people work by: done tasks as they were ticked, the rest as published. A device never plans anew by itself;
 * it only tells what has happened since. Tasks that came to the job after publishing have no place in it yet.
 *
 * @param proposed  what planning anew would do now; tells which tasks are done
 */
export function standingPlan(published: PublishedPlan, proposed: readonly PlacedTask[]): PlacedTask[] {
  const done = proposed.filter((task) => task.done)
  const over = new Set(done.map((task) => task.taskId))
  return [...done, ...published.tasks.filter((task) => !over.has(task.taskId)).map(asPlaced)]
}

/** A task as it was told, as one of a plan. */
export const asPlaced = ({ taskId, crewId, hands, from, to, pieces }: PublishedTask): PlacedTask => ({
  taskId,
  crewId,
  ...(hands === null ? {} : { hands }),
  from: parseInstant(from),
  to: parseInstant(to),
  pieces: pieces.map((piece) => ({ from: parseInstant(piece.from), to: parseInstant(piece.to) })),
  done: false,
})
