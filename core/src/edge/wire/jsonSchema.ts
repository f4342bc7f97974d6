import type { Schema } from 'yup'

type Json = Record<string, unknown>

interface Described {
  readonly type: string
  readonly nullable?: boolean
  readonly oneOf?: readonly unknown[]
  readonly tests?: readonly { readonly name?: string; readonly params?: Record<string, unknown> }[]
  readonly fields?: Record<string, Described>
  readonly innerType?: Described
}

/** A Yup schema as JSON Schema (2020-12), so that other programs can check job files. */
export function toJsonSchema(schema: Schema, title: string): Json {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title,
    ...fromDescription(schema.describe()),
  }
}

function fromDescription(described: Described): Json {
  const body = bodyOf(described)
  if (!described.nullable) return body
  if (body.enum) return { ...body, type: [body.type, 'null'], enum: [...(body.enum as unknown[]), null] }
  return { ...body, type: [body.type as string, 'null'] }
}

function bodyOf(described: Described): Json {
  const test = (name: string) => described.tests?.find((each) => each.name === name)?.params
  switch (described.type) {
    case 'object': {
      const fields = Object.entries(described.fields ?? {})
      return {
        type: 'object',
        additionalProperties: false,
        required: fields.map(([name]) => name),
        properties: Object.fromEntries(fields.map(([name, field]) => [name, fromDescription(field)])),
      }
    }
    case 'array':
      return {
        type: 'array',
        ...(described.innerType ? { items: fromDescription(described.innerType) } : {}),
        ...limits(test('min')?.min, test('max')?.max, 'minItems', 'maxItems'),
      }
    case 'number':
      return {
        type: test('integer') || hasInteger(described) ? 'integer' : 'number',
        ...limits(test('min')?.min, test('max')?.max, 'minimum', 'maximum'),
      }
    case 'boolean':
      return { type: 'boolean' }
    default: {
      const pattern = test('matches')?.regex as RegExp | undefined
      return {
        type: 'string',
        ...(described.oneOf?.length ? { enum: described.oneOf.filter((each) => each !== null) } : {}),
        ...(pattern ? { pattern: pattern.source } : {}),
        ...limits(test('min')?.min, test('max')?.max, 'minLength', 'maxLength'),
      }
    }
  }
}

const hasInteger = (described: Described) => described.tests?.some((each) => each.name === 'integer') ?? false

const limits = (least: unknown, most: unknown, leastName: string, mostName: string): Json => ({
  ...(typeof least === 'number' ? { [leastName]: least } : {}),
  ...(typeof most === 'number' ? { [mostName]: most } : {}),
})
