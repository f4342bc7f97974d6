import { ID_PATTERN, readEdge, readFace, readSubject } from '../ground'
import { array, boolean, mixed, number, object, string, type AnyObject, type ObjectShape, type Schema } from 'yup'

/** Building blocks of all schemas: nothing is cast, nothing unknown is let through, and each names what it expects. */
export const text = (max = 200) =>
  string().strict().required('expected text').max(max, `expected at most ${max} characters`)
export const optionalText = (max = 2000) =>
  string().strict().defined('expected text, may be empty').max(max, `expected at most ${max} characters`)
export const id = () =>
  string().strict().required('expected an id').matches(ID_PATTERN, 'expected an id of letters, digits, - and _')

/** A key that one of the readers of ground understands. */
const key = (what: string, reads: (text: string) => unknown) =>
  string()
    .strict()
    .required(`expected ${what}`)
    .max(600, `expected ${what}`)
    .test('key', `expected ${what}`, (text) => text === undefined || text === null || reads(text) !== null)
export const faceKey = () => key('a face such as wall:w1', readFace)
export const edgeKey = () => key('an edge such as wall:w1|ceiling', readEdge)
export const subjectKey = () => key('a hem, room or fitting such as room:r1', readSubject)

export const wholeNumber = (least: number, most: number) =>
  number()
    .strict()
    .required(`expected a whole number`)
    .typeError('expected a whole number')
    .integer('expected a whole number')
    .min(least, `expected ${least} or more`)
    .max(most, `expected ${most} or less`)

export const decimal = (least: number, most: number) =>
  number()
    .strict()
    .required('expected a number')
    .typeError('expected a number')
    .min(least, `expected ${least} or more`)
    .max(most, `expected ${most} or less`)

export const flag = () => boolean().strict().required('expected true or false')

export const oneOf = <T extends string>(list: readonly T[]) =>
  string<T>()
    .strict()
    .required(`expected one of: ${list.join(', ')}`)
    .oneOf([...list], `expected one of: ${list.join(', ')}`)

export const swatch = () =>
  string()
    .strict()
    .required('expected a colour such as #a1b2c3')
    .matches(/^#[0-9a-fA-F]{6}$/, 'expected a colour such as #a1b2c3')

export const instant = () =>
  string()
    .strict()
    .required('expected a UTC time such as 2027-05-12T09:30:00Z')
    .matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d)?Z$/, 'expected a UTC time such as 2027-05-12T09:30:00Z')
    .test(
      'real-time',
      'expected a time that exists',
      (value) => value === undefined || value === null || !Number.isNaN(Date.parse(value)),
    )

export const clock = () =>
  string()
    .strict()
    .required('expected a time of day such as 07:30')
    .matches(/^([01]\d|2[0-3]):[0-5]\d$|^24:00$/, 'expected a time of day such as 07:30')

/** An object with these fields and no others. */
export const exact = <S extends ObjectShape>(shape: S) =>
  object(shape)
    .noUnknown(({ unknown }: { unknown: string }) => `expected no field “${unknown}”`)
    .strict()
    .required('expected an object')

export const list = <T extends AnyObject | string | number>(of: Schema<T>, least = 0, most = 10_000) =>
  array()
    .strict()
    .of(of)
    .required('expected a list')
    .min(least, `expected at least ${least}`)
    .max(most, `expected at most ${most}`)

/** The same schema, but `null` is allowed and the field must be there. */
export const orNull = <S extends Schema>(schema: S): S => {
  const open = schema as unknown as { nullable: () => Schema; clone: () => Schema }
  // `required` refuses null, so it is loosened to `defined`. What it was typed for, it still is.
  const loose = open.nullable() as unknown as { optional: () => { defined: (message: string) => S } }
  return loose.optional().defined('expected a value or null')
}

export { mixed }
