import fc from 'fast-check'
import { applyEdits, valueAt } from './applyEdits'
import { changesBetween } from './changesBetween'

/** Things as a survey has them: lists of things with ids, plain lists, records, nulls. */
const thing = (depth: number): fc.Arbitrary<unknown> =>
  fc.record({
    id: fc.constantFrom('a', 'b', 'c', 'd', 'e'),
    size: fc.integer({ min: 0, max: 4 }),
    marks: fc.array(fc.integer({ min: 0, max: 3 }), { maxLength: 3 }),
    held: fc.option(fc.record({ from: fc.integer({ min: 0, max: 3 }), why: fc.constantFrom('x', 'y') }), { nil: null }),
    parts:
      depth === 0
        ? fc.constant([])
        : fc.uniqueArray(thing(depth - 1), { maxLength: 4, selector: (each) => (each as { id: string }).id }),
  })
const facts = fc.record({
  name: fc.constantFrom('one', 'two'),
  rooms: fc.uniqueArray(thing(2), { maxLength: 5, selector: (each) => (each as { id: string }).id }),
})

describe('changes between two versions', () => {
  test('give the other version, and nothing where both are the same', () =>
    fc.assert(
      fc.property(facts, facts, (before, after) => {
        expect(applyEdits(before, changesBetween(before, after))).toEqual(after)
        expect(changesBetween(before, structuredClone(before))).toEqual([])
      }),
      { seed: 41, numRuns: 500 },
    ))

  test('can come twice', () =>
    fc.assert(
      fc.property(facts, facts, (before, after) => {
        const changes = changesBetween(before, after)
        expect(applyEdits(applyEdits(before, changes), changes)).toEqual(after)
      }),
      { seed: 42, numRuns: 300 },
    ))

  test('made in two rooms by two offices all stand, in either order', () => {
    const before = { rooms: [room('r1', 2400), room('r2', 2500)] }
    const mine = changesBetween(before, { rooms: [room('r1', 2410), room('r2', 2500)] })
    const theirs = changesBetween(before, { rooms: [room('r1', 2400), room('r2', 2600)] })
    const both = { rooms: [room('r1', 2410), room('r2', 2600)] }
    expect(mine).toEqual([{ path: ['rooms', 'r1', 'heightMm'], act: 'set', value: 2410, before: 2400 }])
    expect(applyEdits(before, [...mine, ...theirs])).toEqual(both)
    expect(applyEdits(before, [...theirs, ...mine])).toEqual(both)
  })

  test('of a thing that is gone meanwhile change nothing', () => {
    const before = { rooms: [room('r1', 2400)] }
    const high = changesBetween(before, { rooms: [room('r1', 9)] })
    const gone = applyEdits(before, changesBetween(before, { rooms: [] }))
    expect(gone).toEqual({ rooms: [] })
    expect(applyEdits(gone, high)).toEqual({ rooms: [] })
  })

  test('of a new order move things and keep those that came meanwhile', () => {
    const before = { rooms: [room('r1', 1), room('r2', 2)] }
    const turned = changesBetween(before, { rooms: [room('r2', 2), room('r1', 1)] })
    expect(turned.map(({ act }) => act)).toEqual(['order'])
    const with3 = { rooms: [...before.rooms, room('r3', 3)] }
    expect(applyEdits(with3, turned).rooms.map(({ id }) => id)).toEqual(['r2', 'r1', 'r3'])
  })
})

test('names that every object has lead nowhere', () => {
  for (const name of ['__proto__', 'constructor', 'toString'])
    expect(applyEdits({ rooms: [] }, [{ path: [name, 'polluted'], act: 'set', value: 1, before: null }])).toEqual({
      rooms: [],
    })
  expect(({} as { polluted?: number }).polluted).toBeUndefined()
  expect(valueAt({ rooms: [room('r1', 7)] }, ['rooms', 'r1', 'heightMm'])).toBe(7)
  expect(valueAt({ rooms: [] }, ['constructor', 'name'])).toBeUndefined()
})

const room = (id: string, heightMm: number) => ({ id, heightMm })
