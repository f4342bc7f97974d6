/**
 * A value in which every part that reads the same as before is the very object it was before: what came over a wire or from
 * another thread as a copy is known again, and nothing is worked out anew for it. Plain data only.
 */
export function keptParts<T>(before: unknown, now: T): T {
  if (Object.is(before, now) || !isBranch(before) || !isBranch(now)) return now
  if (Array.isArray(before) !== Array.isArray(now)) return now
  const [old, fresh] = [before as Record<string, unknown>, now as Record<string, unknown>]
  const keys = Object.keys(fresh)
  let isSame = keys.length === Object.keys(old).length
  const kept: Record<string, unknown> = Array.isArray(now) ? ([] as never) : {}
  for (const key of keys) {
    kept[key] = keptParts(old[key], fresh[key])
    isSame &&= key in old && Object.is(kept[key], old[key])
  }
  return (isSame ? before : kept) as T
}

const isBranch = (value: unknown): value is object => typeof value === 'object' && value !== null
