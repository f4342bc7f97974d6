import type { FactChange } from './edit'
import { isFields, isThings, type Fields, type Thing } from './things'

/**
 * What turns one version of some facts into another, as small as it goes: fields of objects one by one, things of lists by
 * their ids. Lists of anything else change as a whole. Applied in order they give the other version.
 */
export function changesBetween(before: unknown, after: unknown, path: readonly string[] = []): FactChange[] {
  if (before === after) return []
  if (isThings(before) && isThings(after)) return betweenLists(before, after, path)
  if (isFields(before) && isFields(after)) return betweenFields(before, after, path)
  return isSame(before, after) ? [] : [{ path, act: 'set', value: after, before }]
}

function betweenFields(before: Fields, after: Fields, path: readonly string[]): FactChange[] {
  const names = [...new Set([...Object.keys(before), ...Object.keys(after)])]
  return names.flatMap((name): FactChange[] => {
    const own = [...path, name]
    if (!(name in after)) return [{ path: own, act: 'drop', value: null, before: before[name] }]
    if (!(name in before)) return [{ path: own, act: 'set', value: after[name], before: null }]
    return changesBetween(before[name], after[name], own)
  })
}

function betweenLists(
  before: readonly (Thing & Fields)[],
  after: readonly (Thing & Fields)[],
  path: readonly string[],
): FactChange[] {
  const old = new Map(before.map((thing) => [thing.id, thing]))
  const now = new Map(after.map((thing) => [thing.id, thing]))
  const kept = before.filter(({ id }) => now.has(id))
  const added = after.filter(({ id }) => !old.has(id))
  const order = after.map(({ id }) => id)
  const comesOut = [...kept, ...added].map(({ id }) => id)
  return [
    ...before
      .filter(({ id }) => !now.has(id))
      .map((thing): FactChange => ({ path: [...path, thing.id], act: 'drop', value: null, before: thing })),
    ...kept.flatMap((thing) => changesBetween(thing, now.get(thing.id), [...path, thing.id])),
    ...added.map((thing): FactChange => ({ path: [...path, thing.id], act: 'add', value: thing, before: null })),
    ...(isSame(comesOut, order)
      ? []
      : [{ path, act: 'order', value: order, before: before.map(({ id }) => id) } as const]),
  ]
}

/** The same, whatever the order of fields. */
function isSame(a: unknown, b: unknown): boolean {
  if (a === b) return true
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((each, i) => isSame(each, b[i]))
  if (!isFields(a) || !isFields(b)) return false
  const names = Object.keys(a)
  return names.length === Object.keys(b).length && names.every((name) => name in b && isSame(a[name], b[name]))
}
