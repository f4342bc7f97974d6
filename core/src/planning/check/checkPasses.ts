import type { ActivityId } from '../../base/nouns'
import type { PlacedTask } from '../plan/placement'
import type { PassRule, ScheduleProblem } from '../problem/problem'
import { miss, type Miss } from './miss'

type Placed = ReadonlyMap<string, PlacedTask>

/**
 * Strips and films that come off before the spraying in their room is through, each once with the coat it is too early for; and coats
 * that are sprayed before all that has to be covered or masked for them is.
 */
export const checkPasses = ({ passes }: Pick<ScheduleProblem, 'passes'>, placed: Placed): Miss[] =>
  passes.flatMap((pass) => [...offTooSoon(pass, placed), ...sprayedOpen(pass, placed)])

function offTooSoon({ coatIds, stripIds }: PassRule, placed: Placed): Miss[] {
  const last = lastOf(coatIds, placed)
  if (!last) return []
  return stripIds.flatMap((id) => {
    const strip = placed.get(id)
    if (!strip || strip.done || strip.from >= last.to) return []
    return [miss('off-in-spray', id, { minutes: last.to - strip.from, at: last.to, other: last.taskId })]
  })
}

/** Each coat still to come that begins before something that shields the room is on, with the last of those. */
function sprayedOpen({ sprayIds, shieldIds }: PassRule, placed: Placed): Miss[] {
  const last = lastOf(shieldIds, placed)
  if (!last) return []
  return sprayIds.flatMap((id) => {
    const coat = placed.get(id)
    if (!coat || coat.done || coat.from >= last.to) return []
    return [miss('sprayed-open', id, { minutes: last.to - coat.from, at: last.to, other: last.taskId })]
  })
}

/** Which of some activities ends last. */
const lastOf = (ids: readonly ActivityId[], placed: Placed): PlacedTask | null =>
  ids
    .flatMap((id) => placed.get(id) ?? [])
    .reduce<PlacedTask | null>((task, each) => (task && task.to >= each.to ? task : each), null)
