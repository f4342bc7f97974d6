import type { FactChange } from './edit'
import { isFields, isThings, type Fields, type Thing } from './things'

/**
 * Facts after some edits, in their order. One whose place is gone meanwhile changes nothing: what was dropped with its room
 * is not to be had. A thing that is there already is replaced by the one that is added, so that edits may come twice.
 */
export const applyEdits = <T>(facts: T, edits: readonly FactChange[]): T =>
  // An edit changes what stands in facts, not what kind of facts they are; checks of the whole come after.
  edits.reduce<unknown>((at, edit) => changed(at, edit.path, edit), facts) as T

/** What stands at a path; undefined where there is no such place. */
export function valueAt(facts: unknown, path: readonly string[]): unknown {
  const [name, ...rest] = path
  if (name === undefined) return facts
  if (Array.isArray(facts))
    return valueAt(
      facts.find((fact: unknown) => isFields(fact) && fact.id === name),
      rest,
    )
  return isFields(facts) && Object.hasOwn(facts, name) ? valueAt(facts[name], rest) : undefined
}

function changed(at: unknown, path: readonly string[], edit: FactChange): unknown {
  const [name, ...rest] = path
  if (name === undefined) return edit.act === 'order' ? inOrder(at, edit.value) : edit.act === 'set' ? edit.value : at
  if (isThings(at)) return changedList(at, name, rest, edit)
  if (!isFields(at)) return at
  if (rest.length === 0) return changedField(at, name, edit)
  return Object.hasOwn(at, name) ? withField(at, name, changed(at[name], rest, edit)) : at
}

function changedField(at: Fields, name: string, edit: FactChange): Fields {
  if (edit.act === 'drop') return Object.fromEntries(Object.entries(at).filter(([own]) => own !== name))
  if (edit.act === 'order') return Object.hasOwn(at, name) ? withField(at, name, inOrder(at[name], edit.value)) : at
  return edit.act === 'set' ? withField(at, name, edit.value) : at
}

const withField = (at: Fields, name: string, value: unknown): Fields =>
  at[name] === value && Object.hasOwn(at, name) ? at : { ...at, [name]: value }

function changedList(
  at: readonly (Thing & Fields)[],
  id: string,
  rest: readonly string[],
  edit: FactChange,
): readonly unknown[] {
  const isThere = at.some((each) => each.id === id)
  if (rest.length === 0 && edit.act === 'drop') return isThere ? at.filter((each) => each.id !== id) : at
  if (rest.length === 0 && (edit.act === 'add' || edit.act === 'set')) {
    if (!isFields(edit.value) || edit.value.id !== id) return at
    return isThere ? at.map((each) => (each.id === id ? edit.value : each)) : [...at, edit.value]
  }
  return isThere ? at.map((each) => (each.id === id ? changed(each, rest, edit) : each)) : at
}

/** Things in an order of ids; those it does not name stay behind the others. */
function inOrder(at: unknown, order: unknown): unknown {
  if (!isThings(at) || !Array.isArray(order)) return at
  const place = new Map(order.map((id: unknown, i) => [id, i]))
  const rank = (thing: Thing) => place.get(thing.id) ?? order.length
  return [...at].sort((a, b) => rank(a) - rank(b))
}
