import type { FactChange } from './edit'

/** The change that puts back what stood there before. */
export function backOf({ path, act, value, before }: FactChange): FactChange {
  if (act === 'add') return { path, act: 'drop', value: null, before: value }
  if (act === 'drop') return { path, act: isThingIn(path, before) ? 'add' : 'set', value: before, before: null }
  return { path, act, value: before, before: value }
}

/** Whether what was dropped was a thing of a list, which goes by its id. */
const isThingIn = (path: readonly string[], thing: unknown): boolean =>
  typeof thing === 'object' && thing !== null && (thing as { id?: unknown }).id === path.at(-1)
