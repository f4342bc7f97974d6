import type { PullPlan } from './pullPlans'

/**
 * When the wet window of tape that is coated and still on closed, minutes since the epoch; null while it is open or to come, or
 * where its tape was never to come off wet.
 */
export function wetPassedAt(
  { coated, manner, spans }: Pick<PullPlan, 'coated' | 'manner' | 'spans'>,
  now: number,
): number | null {
  if (!coated || manner !== 'wet') return null
  const wet = spans.filter(({ kind }) => kind === 'wet')
  const last = wet.at(-1)
  return last && last.to !== null && last.to <= now ? last.to : null
}
