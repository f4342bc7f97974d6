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

/** The names of a message's gaps: what follows a brace, up to a comma or the closing brace. */
type Gaps<S extends string> = S extends `${string}{${infer Rest}` ? GapName<Rest> | Gaps<Rest> : never
type GapName<Rest extends string> = Rest extends `${infer Inside}}${string}` ? Name<Inside> : never
type Name<Inside extends string> = Inside extends `${infer Head},${string}` ? Word<Head> : Word<Inside>
/** Words of a plural's or choice's form hold a blank, a sign or a gap of their own; the name of a gap does not. */
type Word<S extends string> = S extends '' | `${string} ${string}` | `${string}#${string}` | `${string}{${string}`
  ? never
  : S

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
