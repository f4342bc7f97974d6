import { ValidationError, type Schema } from 'yup'
import type { Coded } from '../../base/units/errors'
import { expects, WHOLE_FILE, type Expectation, type Fault } from '../../base/units/faults'

/** Enough to see what is wrong with a file; looking on for more would only cost time. */
export const MOST_FAULTS = 20

/** What of a Yup schema says which parts it has. */
interface Parts {
  readonly type: string
  readonly fields?: Readonly<Record<string, Schema>>
  readonly innerType?: Schema
}

/**
 * The first faults of any content against a schema, in the order of the schema. Parts are gone through one by one, so
 * that it ends with the twentieth fault however many there are.
 */
export function shapeFaults(schema: Schema, data: unknown, most = MOST_FAULTS): Fault[] {
  const faults: Fault[] = []
  walk(schema, data, '', { found: faults, most })
  return faults
}

interface Finding {
  readonly found: Fault[]
  readonly most: number
}

function walk(schema: Schema, value: unknown, path: string, finding: Finding): void {
  if (finding.found.length >= finding.most) return
  // Yup keeps these on every schema; its types tell them only of the particular kinds.
  const { type, fields, innerType } = schema as unknown as Parts
  if (type === 'object' && fields && isFields(value)) {
    if (unknownField(fields, value, path, finding)) return
    for (const [name, field] of Object.entries(fields))
      walk(field, value[name], path === '' ? name : `${path}.${name}`, finding)
  } else if (type === 'array' && innerType && Array.isArray(value)) {
    if (!check(schema, value, path, finding)) return
    for (let i = 0; i < value.length && finding.found.length < finding.most; i++)
      walk(innerType, value[i], `${path}[${i}]`, finding)
  } else check(schema, value, path, finding)
}

const isFields = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Every object of our formats is exact: a field nobody knows is a slip, and told by its name. */
function unknownField(
  fields: Readonly<Record<string, Schema>>,
  value: Record<string, unknown>,
  path: string,
  finding: Finding,
): boolean {
  for (const name in value)
    if (!Object.hasOwn(fields, name)) {
      finding.found.push({ place: path || WHOLE_FILE, expected: expects('no_field', { field: name.slice(0, 80) }) })
      return true
    }
  return false
}

/** Checks one value without its parts. Returns whether it is right. */
function check(schema: Schema, value: unknown, path: string, { found }: Finding): boolean {
  try {
    schema.validateSync(value, { abortEarly: true, strict: true, recursive: false })
    return true
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error
    found.push({ place: path || WHOLE_FILE, expected: expectedBy(error, schema) })
    return false
  }
}

/** Yup keeps our codes as they are; where it speaks for itself, the value was not even of the schema's kind. */
function expectedBy(error: ValidationError, schema: Schema): Coded {
  const [own] = error.errors as readonly unknown[]
  if (typeof own === 'object' && own !== null && 'code' in own && 'facts' in own) return own as Coded
  return expects(KINDS[schema.type] ?? 'value_or_null')
}

const KINDS: Readonly<Record<string, Expectation>> = {
  string: 'text',
  number: 'number',
  boolean: 'flag',
  object: 'object',
  array: 'list',
}
