import { TOLD_FROM_MIN, type PublishedPlan } from '../../base/nouns'
import { parseInstant } from '../../base/units/time'
import type { PlacedTask } from '../plan/placement'

/**
 * Counts what of any plan goes otherwise than a crew was told: done by others, or begun five minutes or more sooner or later. What
 * should have begun already counts for nothing: it goes otherwise whatever is planned.
 *
 * @param published  what people were told; null where nobody was told anything  @param now  minutes since the epoch
 */
export function movedIn(
  published: PublishedPlan | null,
  now: number,
): (placed: readonly Pick<PlacedTask, 'taskId' | 'crewId' | 'from' | 'done'>[]) => number {
  const told = new Map<string, { readonly crewId: string; readonly from: number }>()
  for (const { taskId, crewId, from } of published?.tasks ?? []) {
    const at = parseInstant(from)
    if (at >= now) told.set(taskId, { crewId, from: at })
  }
  if (told.size === 0) return () => 0
  return (placed) => {
    let count = 0
    for (const { taskId, crewId, from, done } of placed) {
      const was = done ? undefined : told.get(taskId)
      if (was && (was.crewId !== crewId || Math.abs(was.from - from) >= TOLD_FROM_MIN)) count++
    }
    return count
  }
}
