import { isKnown, type Known } from '../nouns'
import type { Parameters } from './parameters'

/** Where one figure lies in the value that holds them all: names from the outside in. */
export type FigurePath = readonly string[]

/** One figure; null where nothing lies. */
export function figureAt(by: Parameters, path: FigurePath): Known | null {
  let at: unknown = by
  for (const name of path) at = typeof at === 'object' && at !== null ? Reflect.get(at, name) : undefined
  return typeof at === 'object' && at !== null && isKnown(at) ? at : null
}

/** The same figures with one of them so many times as large. */
export const withFigureTimes = (by: Parameters, path: FigurePath, factor: number): Parameters =>
  changedAt(by, path, (one) => ({ ...one, value: one.value * factor }))

function changedAt<T>(value: T, [name, ...rest]: FigurePath, change: (one: Known) => Known): T {
  if (typeof value !== 'object' || value === null) return value
  // Shapes stay as they are: only the figure is changed.
  if (name === undefined) return (isKnown(value) ? change(value) : value) as T
  if (Array.isArray(value))
    return value.map((each: unknown, i) => (String(i) === name ? changedAt(each, rest, change) : each)) as T
  return { ...value, [name]: changedAt(Reflect.get(value, name), rest, change) }
}

/** The figures whose values are read while something is worked out by them. */
export function figuresRead(by: Parameters, work: (by: Parameters) => void): FigurePath[] {
  const read = new Map<string, FigurePath>()
  work(watched(by, [], (path) => read.set(path.join('.'), path)))
  return [...read.values()]
}

/** The same value, telling of each figure that is read. One watcher for a group, so that what is kept for the same figures stays kept. */
function watched<T extends object>(value: T, path: FigurePath, tell: (path: FigurePath) => void): T {
  const within = new Map<string, object>()
  return new Proxy(value, {
    get(target, key) {
      const found: unknown = Reflect.get(target, key)
      if (key === 'value' && isKnown(target)) tell(path)
      if (typeof found !== 'object' || found === null || typeof key !== 'string' || isKnown(target)) return found
      const kept = within.get(key) ?? watched(found, [...path, key], tell)
      within.set(key, kept)
      return kept
    },
  })
}
