import fc from 'fast-check'
import { keptParts } from './keptParts'

test('what reads the same is the object it was, also inside of what does not', () => {
  const before = { shelf: { tapes: [{ id: 'a' }, { id: 'b' }] }, rooms: [{ id: 'r', walls: [1, 2] }, { id: 's' }] }
  const copy = structuredClone(before)
  expect(keptParts(before, copy)).toBe(before)
  const edited = { ...copy, rooms: [{ ...copy.rooms[0]!, walls: [1, 3] }, copy.rooms[1]!] }
  const kept = keptParts(before, edited)
  expect(kept).toEqual(edited)
  expect(kept.shelf).toBe(before.shelf)
  expect(kept.rooms[1]).toBe(before.rooms[1])
  expect(kept.rooms[0]).not.toBe(before.rooms[0])
})

test('a key of any name is one of its own', () => {
  const odd = JSON.parse('{"__proto__": "x", "toString": 1}') as object
  expect(keptParts({}, structuredClone(odd))).toEqual(odd)
})

test('any value after any other reads as it came', () => {
  fc.assert(
    fc.property(fc.jsonValue(), fc.jsonValue(), (before, now) => {
      const sent = structuredClone(now)
      expect(keptParts(before, sent)).toEqual(now)
      expect(keptParts(sent, structuredClone(now))).toBe(sent)
    }),
  )
})
