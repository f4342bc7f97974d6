import type { Gaps } from '@crisp-hem/core'

/** A tree of messages in ICU form. */
export interface Messages {
  readonly [name: string]: string | readonly string[] | Messages
}

/** Messages by the path that leads to them, under a name of their own: `ui.frame.jobs`. */
export function flattened(tree: Messages, under: string): Record<string, string> {
  return Object.fromEntries(
    Object.entries(tree).flatMap(([name, value]): [string, string][] => {
      const path = `${under}.${name}`
      if (typeof value === 'string') return [[path, value]]
      if (isList(value)) return value.map((each, i) => [`${path}.${i}`, each])
      return Object.entries(flattened(value, path))
    }),
  )
}

const isList = (value: Messages[string]): value is readonly string[] => Array.isArray(value)

type Value = string | number

/** A message as a screen uses it: text, or a function of what fills its gaps. */
type Spoken<T> = T extends string
  ? [Gaps<T>] extends [never]
    ? string
    : (values: Readonly<Record<Gaps<T>, Value>>) => string
  : { readonly [K in keyof T]: Spoken<T[K]> }

/** The tree with every message said by `text`, which is given paths and values. */
export function spoken<T extends Messages>(
  tree: T,
  under: string,
  text: (path: string, values?: Readonly<Record<string, Value>>) => string,
): Spoken<T> {
  const say = (value: Messages[string], path: string): unknown => {
    if (typeof value === 'string')
      return value.includes('{') ? (values: Readonly<Record<string, Value>>) => text(path, values) : text(path)
    if (isList(value)) return value.map((each, i) => say(each, `${path}.${i}`))
    return Object.fromEntries(Object.entries(value).map(([name, each]) => [name, say(each, `${path}.${name}`)]))
  }
  // The shape follows the tree: text for text, functions for messages with gaps.
  return say(tree, under) as Spoken<T>
}
