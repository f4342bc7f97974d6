import type { PlacedTask } from '../plan/placement'
import type { ScheduleProblem } from '../problem/problem'
import { miss, type Miss } from './miss'

/** Tape on a floor that comes off while a wall or a ceiling above it is still to be painted. */
export const checkKeeps = (
  { keeps }: Pick<ScheduleProblem, 'keeps'>,
  placed: ReadonlyMap<string, PlacedTask>,
): Miss[] =>
  keeps.flatMap(({ pullId, coatIds }) => {
    const pull = placed.get(pullId)
    if (!pull || pull.done) return []
    const drips = coatIds.flatMap((id) => placed.get(id) ?? []).filter((coat) => coat.to > pull.from)
    const last = drips.sort((a, b) => b.to - a.to)[0]
    return last ? [miss('bare-floor', pullId, { minutes: last.to - pull.from, at: last.to, other: last.taskId })] : []
  })
