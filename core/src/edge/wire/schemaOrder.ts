import { sure } from '../../base/units/sure'
import type { Schema } from 'yup'

interface WithFields {
  readonly fields?: Record<string, Schema>
  readonly innerType?: Schema
}

/** A copy of plain data with every object's fields in the order of its schema; fields without a value are left out. */
export function inSchemaOrder(schema: Schema, data: unknown): unknown {
  if (data === null || typeof data !== 'object') return data
  const { fields, innerType } = schema as unknown as WithFields
  if (Array.isArray(data)) return data.map((each: unknown) => (innerType ? inSchemaOrder(innerType, each) : each))
  const source = data as Record<string, unknown>
  const keys = fields ? Object.keys(fields) : Object.keys(source)
  return Object.fromEntries(
    keys
      .filter((key) => source[key] !== undefined)
      .map((key) => [key, fields ? inSchemaOrder(sure(fields[key]), source[key]) : source[key]]),
  )
}
