/** The names of a message's gaps in ICU form: what follows a brace, up to a comma or the closing brace. */
export type Gaps<S extends string> = S extends `${string}{${infer Rest}` ? GapName<Rest> | Gaps<Rest> : never
type GapName<Rest extends string> = Rest extends `${infer Inside}}${string}` ? Name<Inside> : never
type Name<Inside extends string> = Inside extends `${infer Head},${string}` ? Word<Head> : Word<Inside>
/** Words of a plural's or choice's form hold a blank, a sign or a gap of their own; the name of a gap does not. */
type Word<S extends string> = S extends '' | `${string} ${string}` | `${string}#${string}` | `${string}{${string}`
  ? never
  : S
