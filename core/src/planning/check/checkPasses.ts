import type { PlacedTask } from '../plan/placement'
import type { ScheduleProblem } from '../problem/problem'
import { miss, type Miss } from './miss'

/** Strips and films that come off before the spraying in their room is through, each once with the coat it is too early for. */
export function checkPasses(
  { passes }: Pick<ScheduleProblem, 'passes'>,
  placed: ReadonlyMap<string, PlacedTask>,
): Miss[] {
  return passes.flatMap(({ coatIds, stripIds }) => {
    const ends = coatIds.flatMap((id) => placed.get(id) ?? [])
    const last = ends.reduce<PlacedTask | null>((found, each) => (found && found.to >= each.to ? found : each), null)
    if (!last) return []
    return stripIds.flatMap((id) => {
      const strip = placed.get(id)
      if (!strip || strip.done || strip.from >= last.to) return []
      return [miss('off-in-spray', id, { minutes: last.to - strip.from, at: last.to, other: last.taskId })]
    })
  })
}
