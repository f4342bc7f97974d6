import type { JobFacts } from '../src/base/nouns'
import { factsFaults, factsSchema, toJsonSchema } from '@crisp-hem/core/wire'
import { seededNumbers } from '../src/base/units/seeded'

/** What of a JSON Schema tells which values a field may take. */
interface Shape {
  readonly type: string | readonly string[]
  readonly enum?: readonly unknown[]
  readonly minimum?: number
  readonly maximum?: number
  readonly minItems?: number
  readonly properties?: Readonly<Record<string, Shape>>
  readonly items?: Shape
}

/** One field of a job's facts: how to reach it, and what it may hold. */
interface Field {
  readonly path: readonly (string | number)[]
  readonly shape: Shape
  readonly value: unknown
}

const SHAPE = toJsonSchema(factsSchema, 'facts') as unknown as Shape

/** A field found by going down from the whole, one part at a time: what is rare is met as often as what is many. */
function fieldBelow(value: unknown, shape: Shape, next: () => number, path: Field['path'] = []): Field {
  const field: Field = { path, shape, value }
  const nth = (count: number) => Math.floor(next() * count)
  if (Array.isArray(value) && shape.items) {
    const i = nth(value.length + 1)
    return i === value.length ? field : fieldBelow(value[i], shape.items, next, [...path, i])
  }
  if (typeof value === 'object' && value !== null && shape.properties) {
    const names = Object.keys(shape.properties)
    const i = nth(names.length + (path.length > 0 ? 1 : 0))
    const name = names[i]
    const part = name === undefined ? undefined : shape.properties[name]
    if (name === undefined || !part) return field
    return fieldBelow((value as Record<string, unknown>)[name], part, next, [...path, name])
  }
  return field
}

/** What a field might be set to instead: another word of its list, the other answer, none, an end of its range, less or more. */
function othersOf({ shape, value }: Field): unknown[] {
  const types = Array.isArray(shape.type) ? shape.type : [shape.type]
  const none = types.includes('null') && value !== null ? [null] : []
  if (shape.enum) return [...none, ...shape.enum.filter((each) => each !== value)]
  if (typeof value === 'boolean') return [...none, !value]
  if (typeof value === 'number') {
    const { minimum, maximum } = shape
    return [...none, minimum, maximum, 0, 1, Math.round(value / 2), value * 2].filter(
      (each) => each !== undefined && each !== value,
    )
  }
  if (Array.isArray(value)) {
    const [first] = value as unknown[]
    return [[], value.slice(1), value.slice(0, -1), ...(first === undefined ? [] : [[...value, fresh(first)]])]
  }
  return none
}

/** The same thing once more, as one of its own. */
const fresh = (thing: unknown): unknown =>
  typeof thing === 'object' && thing !== null && 'id' in thing ? { ...thing, id: `${String(thing.id)}-x` } : thing

const setAt = (of: unknown, path: readonly (string | number)[], value: unknown): unknown => {
  const [head, ...rest] = path
  if (head === undefined) return value
  if (Array.isArray(of)) return of.map((each: unknown, i) => (i === head ? setAt(each, rest, value) : each))
  const object = of as Record<string, unknown>
  return { ...object, [head]: setAt(object[head], rest, value) }
}

/** A change of facts that the schema lets through, told by its path. */
export interface MadeEdit {
  readonly facts: JobFacts
  readonly told: string
}

const TRIES = 500
/** What names a thing, or the file itself. */
const KEPT = ['format', 'version', 'id']

/**
 * Random changes of a job's facts, one after another, each as a form or an import could make it: all of them pass the
 * schema and what fields must say of one another.
 *
 * @param isNear  which fields are changed; left out: any
 */
export function* editsOf(
  start: JobFacts,
  seed: number,
  isNear: (path: string) => boolean = () => true,
): Generator<MadeEdit> {
  const next = seededNumbers(seed)
  const pick = <T>(of: readonly T[]): T | undefined => of[Math.floor(next() * of.length)]
  for (let facts = start; ;) {
    let made: MadeEdit | null = null
    for (let tries = 0; !made && tries < TRIES; tries++) {
      const field = fieldBelow(facts, SHAPE, next)
      if (KEPT.includes(String(field.path.at(-1))) || !isNear(field.path.join('.'))) continue
      const value = pick(othersOf(field))
      if (value === undefined) continue
      const edited = setAt(facts, field.path, value) as JobFacts
      if (factsFaults(edited).length > 0) continue
      made = { facts: edited, told: `${field.path.join('.')} = ${JSON.stringify(value)?.slice(0, 80)}` }
    }
    if (!made) return
    facts = made.facts
    yield made
  }
}
