/**
 * A smallest set of demands that cannot all be kept, by QuickXplain (Junker 2004): every demand in it is needed for the conflict.
 *
 * @param demands  in order of how gladly one would keep them: what stands last is blamed first
 * @param fails  whether a set of demands cannot be kept; a set that holds a failing one fails too
 * @returns null where all can be kept together
 */
export function smallestConflict<T>(demands: readonly T[], fails: (demands: readonly T[]) => boolean): T[] | null {
  if (!fails(demands)) return null
  if (fails([])) return []
  return explained([], false, demands, fails)
}

function explained<T>(
  given: readonly T[],
  isNew: boolean,
  demands: readonly T[],
  fails: (demands: readonly T[]) => boolean,
): T[] {
  if (isNew && fails(given)) return []
  const [only] = demands
  if (demands.length === 1 && only !== undefined) return [only]
  const half = demands.length >> 1
  const [first, rest] = [demands.slice(0, half), demands.slice(half)]
  const late = explained([...given, ...first], first.length > 0, rest, fails)
  const early = explained([...given, ...late], late.length > 0, first, fails)
  return [...early, ...late]
}
