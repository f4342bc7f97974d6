import { HYBRID_CLOCK } from '../../base/units/hybridClock'
import { isOnCalendar } from '../../base/units/time'
import { expects, type Expectation } from '../../base/units/faults'
import type { ErrorFacts } from '../../base/units/errors'
import { ID_PATTERN, readEdge, readFace, readSubject } from '../../base/nouns'
import { array, boolean, mixed, number, object, string, type AnyObject, type ObjectShape, type Schema } from 'yup'

/** What Yup takes for a message: what was expected, as a code with its facts. Yup's own type of it is an open record. */
export const needs = (what: Expectation, facts: ErrorFacts = {}) => ({ ...expects(what, facts) })

/** Building blocks of all schemas: nothing is cast, nothing unknown is let through, and each names what it expects. */
export const text = (max = 200) =>
  string()
    .strict()
    .required(needs('text'))
    .max(max, needs('text_at_most', { most: max }))
export const optionalText = (max = 2000) =>
  string()
    .strict()
    .defined(needs('any_text'))
    .max(max, needs('text_at_most', { most: max }))
export const id = () =>
  string()
    .strict()
    .required(needs('id'))
    .matches(ID_PATTERN, { message: needs('id') })

/** A key that one of the readers of ground understands. */
const key = (what: Expectation, reads: (text: string) => unknown) =>
  string()
    .strict()
    .required(needs(what))
    .max(600, needs(what))
    .test('key', needs(what), (text) => text === undefined || text === null || reads(text) !== null)
export const faceKey = () => key('face_key', readFace)
export const edgeKey = () => key('edge_key', readEdge)
export const subjectKey = () => key('subject_key', readSubject)

export const hybridClock = () =>
  string()
    .strict()
    .required(needs('device_clock'))
    .matches(HYBRID_CLOCK, { message: needs('device_clock') })

export const wholeNumber = (least: number, most: number) =>
  number()
    .strict()
    .required(needs('whole'))
    .typeError(needs('whole'))
    .integer(needs('whole'))
    .min(least, needs('at_least', { least }))
    .max(most, needs('at_most', { most }))

export const decimal = (least: number, most: number) =>
  number()
    .strict()
    .required(needs('number'))
    .typeError(needs('number'))
    .min(least, needs('at_least', { least }))
    .max(most, needs('at_most', { most }))

export const flag = () => boolean().strict().required(needs('flag'))

export const oneOf = <T extends string>(list: readonly T[]) =>
  string<T>()
    .strict()
    .required(needs('one_of', { options: list.join(', ') }))
    .oneOf([...list], needs('one_of', { options: list.join(', ') }))

export const swatch = () =>
  string()
    .strict()
    .required(needs('colour'))
    .matches(/^#[0-9a-fA-F]{6}$/, { message: needs('colour') })

export const instant = () =>
  string()
    .strict()
    .required(needs('instant'))
    .matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d)?Z$/, { message: needs('instant') })
    .test(
      'real-time',
      needs('real_time'),
      (value) =>
        value === undefined ||
        value === null ||
        (!Number.isNaN(Date.parse(value)) && isOnCalendar(value, Date.parse(value))),
    )

export const clock = () =>
  string()
    .strict()
    .required(needs('time_of_day'))
    .matches(/^([01]\d|2[0-3]):[0-5]\d$|^24:00$/, { message: needs('time_of_day') })

/** An object with these fields and no others. */
export const exact = <S extends ObjectShape>(shape: S) =>
  object(shape)
    .noUnknown(({ unknown }: { unknown: string }) => needs('no_field', { field: unknown }))
    .strict()
    .required(needs('object'))

export const list = <T extends AnyObject | string | number>(of: Schema<T>, least = 0, most = 10_000) =>
  array()
    .strict()
    .of(of)
    .required(needs('list'))
    .min(least, needs('list_at_least', { least }))
    .max(most, needs('list_at_most', { most }))

/** The same schema, but `null` is allowed and the field must be there. */
export const orNull = <S extends Schema>(schema: S): S => {
  const open = schema as unknown as { nullable: () => Schema; clone: () => Schema }
  // `required` refuses null, so it is loosened to `defined`. What it was typed for, it still is.
  const loose = open.nullable() as unknown as { optional: () => { defined: (message: object) => S } }
  return loose.optional().defined(needs('value_or_null'))
}

export { mixed }
