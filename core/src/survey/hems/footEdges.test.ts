import type { Edge } from './edge'
import type { FootStretch, Opening, Room } from '../../base/nouns'
import { door } from '../../../../demo/parts'
import fc from 'fast-check'
import { newRoom, OUTLINE_TEMPLATES, USUAL_FACES } from '../rooms/roomTemplate'
import { footEdges } from './footEdges'

const room = newRoom('r', 'Room', OUTLINE_TEMPLATES.rectangle)
const [wall] = room.walls as [Room['walls'][number]]
const CASING = 60
const DOOR = 800

const doorAt = (id: string, atMm: number): Opening => door(id, wall.id, atMm, { widthMm: DOOR, casingMm: CASING })
const stretch = (id: string, fromMm: number, toMm: number): FootStretch => ({
  id,
  wallId: wall.id,
  fromMm,
  toMm,
  floor: USUAL_FACES.floor,
  gapMm: 4,
})
const edges = (change: Partial<Room>): Edge[] => footEdges({ ...room, ...change }, wall)
const spans = (found: readonly Edge[], kind: Edge['kind']): [number, number][] =>
  found
    .filter((edge) => edge.kind === kind)
    .map(({ segments: [part] }) => [part!.x1, part!.x2] as [number, number])
    .sort((a, b) => a[0] - b[0])

describe('by hand', () => {
  test('a plain wall has one skirting line and one floor line, as long as it is', () => {
    expect(spans(edges({}), 'wall-to-skirting')).toEqual([[0, wall.lengthMm]])
    expect(spans(edges({}), 'skirting-to-floor')).toEqual([[0, wall.lengthMm]])
  })
  test('a door with its casings cuts both; a window does not', () => {
    const cut: [number, number][] = [
      [0, 940],
      [1860, wall.lengthMm],
    ]
    expect(spans(edges({ openings: [doorAt('d', 1000)] }), 'wall-to-skirting')).toEqual(cut)
    expect(spans(edges({ openings: [doorAt('d', 1000)] }), 'skirting-to-floor')).toEqual(cut)
    const window = { ...doorAt('w', 1000), kind: 'window' as const, sillMm: 900 }
    expect(spans(edges({ openings: [window] }), 'skirting-to-floor')).toEqual([[0, wall.lengthMm]])
  })
  test('another floor cuts the floor line alone, and its gap goes with it', () => {
    const found = edges({ foot: [stretch('f', 1000, 2000)] })
    expect(spans(found, 'wall-to-skirting')).toHaveLength(1)
    expect(spans(found, 'skirting-to-floor')).toEqual([
      [0, 1000],
      [1000, 2000],
      [2000, wall.lengthMm],
    ])
    expect(found.filter((edge) => edge.b === 'floor:f').map((edge) => edge.gapMm)).toEqual([4])
  })
  test('without a skirting the wall itself meets the floor', () => {
    const found = edges({ skirting: null })
    expect(found.map((edge) => edge.kind)).toEqual(['wall-to-floor'])
  })
  test('a door at the very end leaves no stretch behind it', () => {
    const found = edges({ openings: [doorAt('d', wall.lengthMm - DOOR - CASING)] })
    expect(spans(found, 'skirting-to-floor')).toEqual([[0, wall.lengthMm - DOOR - 2 * CASING]])
  })
})

const feet = fc
  .tuple(
    fc.uniqueArray(fc.integer({ min: 0, max: 4 }), { maxLength: 2 }),
    fc.uniqueArray(fc.integer({ min: 0, max: wall.lengthMm }), { minLength: 0, maxLength: 6 }),
  )
  .map(([places, cuts]) => {
    const sorted = [...cuts].sort((a, b) => a - b)
    return {
      openings: places.map((place, i) => doorAt(`d${i}`, CASING + place * (DOOR + 2 * CASING))),
      foot: Array.from({ length: Math.floor(sorted.length / 2) }, (_, i) =>
        stretch(`f${i}`, sorted[2 * i]!, sorted[2 * i + 1]!),
      ),
    }
  })
  .filter(({ openings }) => openings.every((opening) => opening.atMm + DOOR + CASING <= wall.lengthMm))

test('whatever stands at its foot: the lines and the doors make the wall, no line twice, no two of one name', () => {
  fc.assert(
    fc.property(feet, (change) => {
      const found = edges(change)
      const doors = change.openings.length * (DOOR + 2 * CASING)
      for (const kind of ['wall-to-skirting', 'skirting-to-floor'] as const) {
        const lines = spans(found, kind)
        expect(lines.reduce((sum, [from, to]) => sum + to - from, 0)).toBe(wall.lengthMm - doors)
        lines.slice(1).forEach(([from], i) => expect(from).toBeGreaterThanOrEqual(lines[i]![1]))
      }
      expect(new Set(found.map((edge) => edge.key)).size).toBe(found.length)
    }),
  )
})

test('whatever stands at its foot: names outlive a door moved within its stretch', () => {
  fc.assert(
    fc.property(fc.integer({ min: 100, max: 900 }), fc.integer({ min: 100, max: 900 }), (at, moved) => {
      const keys = (place: number) => edges({ openings: [doorAt('d', place)] }).map((edge) => edge.key)
      expect(keys(moved)).toEqual(keys(at))
    }),
  )
})
