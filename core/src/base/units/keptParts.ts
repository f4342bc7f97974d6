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
  // Entries are set as they stand: a key of any name, `__proto__` too, is one of its own.
  const kept = keys.map((key): [string, unknown] => {
    const is = Object.hasOwn(old, key)
    const value = keptParts(is ? old[key] : undefined, fresh[key])
    isSame &&= is && Object.is(value, old[key])
    return [key, value]
  })
  if (isSame) return before as T
  return (Array.isArray(now) ? kept.map(([, value]) => value) : Object.fromEntries(kept)) as T
}

const isBranch = (value: unknown): value is object => typeof value === 'object' && value !== null
