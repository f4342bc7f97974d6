import type { PlacedTask, WorkPiece } from '../plan/placement'
import { LATE_TICK_MIN } from '../problem/underWay'

/**
 * A plan made now, with what people were at already as they began it: planning places only what is left of such work, from now
 * on. Its beginning is no news, and stays in the record.
 *
 * @param told  the plan people work by  @param now  the instant the other was made for
 */
export function asBegun(told: readonly PlacedTask[], placed: readonly PlacedTask[], now: number): PlacedTask[] {
  const before = new Map(told.map((task) => [task.taskId, task]))
  return placed.map((task) => {
    const old = before.get(task.taskId)
    if (!old || task.done || !isRest(old, task, now)) return task
    return { ...task, from: old.from, pieces: joined(old.pieces, task.pieces) }
  })
}

/** Whether a task is what is left of one that had begun: by the same crew, from within its time, and shorter. */
const isRest = (old: PlacedTask, task: PlacedTask, now: number): boolean =>
  old.crewId === task.crewId &&
  old.from < now &&
  task.from > old.from &&
  task.from < old.to + LATE_TICK_MIN &&
  minutesOf(task) < minutesOf(old)

const minutesOf = ({ pieces }: PlacedTask): number => pieces.reduce((sum, { from, to }) => sum + to - from, 0)

/** Old pieces up to where the rest begins, as one with it where nothing but a late tick lies between. */
function joined(old: readonly WorkPiece[], rest: readonly WorkPiece[]): WorkPiece[] {
  const [first, ...more] = rest
  if (!first) return [...old]
  const begun = old.flatMap(({ from, to }) => (from < first.from ? [{ from, to: Math.min(to, first.from) }] : []))
  const last = begun.at(-1)
  if (!last || first.from - last.to >= LATE_TICK_MIN) return [...begun, ...rest]
  return [...begun.slice(0, -1), { from: last.from, to: first.to }, ...more]
}
