import type { Schema } from 'yup'
import type { Fault } from '@crisp-hem/core'
import { editFaults, factsSchema } from '@crisp-hem/core/wire'
import { ternQuaySurvey } from '../../../../demo'
import { FIELD_WORDS } from './enFields'
import { errorText, faultText, fieldFaultText } from '.'

const { log: _, published: __, ...facts } = ternQuaySurvey()

test.each([
  [{ rh: 140 }, 'humidity: expected 100 or less'],
  [{ tempC: -80 }, expect.stringMatching(/^temperature: expected -\d+ or more$/)],
])('air %j is refused by the name of its field', (air, words) => {
  const [fault] = editFaults(facts, { ...facts, air: { ...facts.air, ...air } })
  expect(fieldFaultText(fault!)).toEqual(words)
})

test('a thing of a list is told by its number, as people count', () => {
  const [room] = facts.rooms
  const walls = room!.walls.map((wall, i) => (i === 2 ? { ...wall, lengthMm: -4 } : wall))
  const [fault] = editFaults(facts, { ...facts, rooms: [{ ...room!, walls }, ...facts.rooms.slice(1)] })
  expect(fieldFaultText(fault!)).toBe('wall 3, length: expected 1 or more')
})

test('a place without words of its own is told as files have it', () => {
  const fault: Fault = { place: 'rooms[1].splits[0].edge', expected: { code: 'expected.edge_key', facts: {} } }
  expect(fieldFaultText(fault)).toBe('splits[0].edge: expected an edge such as wall:w1|ceiling')
})

test('a place that is a saying, and one in a table', () => {
  const expected = { code: 'expected.coating_on_shelf', facts: { coating: 'gone' } }
  expect(
    fieldFaultText({ place: { code: 'at.last_coat', facts: { place: 'rooms[0]', face: 'floor' } }, expected }),
  ).toBe('rooms[0] (last coat of floor): expected a coating on the shelf, not “gone”')
  const row = { code: 'at.row', facts: { row: 4 } }
  expect(faultText({ place: { code: 'at.cell', facts: { row, column: 'grip' } }, expected })).toMatch(/^row 4, grip: /)
})

test('an answer of the server is told by its code and facts, whatever language it wrote itself', () => {
  const facts = { place: 'name', expected: { code: 'expected.text', facts: {} } }
  expect(errorText({ code: 'request.invalid', facts, message: 'ganz anders' })).toBe('name: expected text')
  expect(errorText({ code: 'nobody.knows', facts: {}, message: 'as it says itself' })).toBe('as it says itself')
  expect(errorText(new Error('plain'))).toBe('plain')
})

/** Names of all fields of numbers that people type in a job; the shelf has a table of its own for what it holds. */
function numberFields(schema: Schema, found = new Set<string>()): Set<string> {
  const { fields, innerType } = schema as Schema & { fields?: Record<string, Schema>; innerType?: Schema }
  for (const [name, field] of Object.entries(fields ?? {})) {
    // Quotes are worked out, and kept as they were given.
    if (name === 'shelf' || name === 'quotes') continue
    if (field.type === 'number') found.add(name)
    numberFields(field, found)
  }
  return innerType ? numberFields(innerType, found) : found
}

test('every number somebody types has a name to be refused by', () => {
  const names = [...numberFields(factsSchema)]
  expect(names.length).toBeGreaterThan(60)
  expect(names.filter((name) => !Object.hasOwn(FIELD_WORDS.names, name))).toEqual([])
})
