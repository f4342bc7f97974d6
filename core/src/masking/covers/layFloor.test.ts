import fc from 'fast-check'
import polygonClipping, { type Polygon } from 'polygon-clipping'
import { door } from '../../../../demo/parts'
import { STARTER_SHELF as SHELF } from '../../survey/shelf/starterShelf'
import { newRoom, OUTLINE_TEMPLATES, USUAL_FACES } from '../../survey/rooms/roomTemplate'
import { signedAreaMm2, traceOutline, type PlanPoint } from '../../survey/rooms/outline'
import { floorPlan } from './floorPlan'
import { layCloths, type ClothSize } from './layCloths'
import { layField, lengthOf, type FieldCover, type Laid } from './layFloor'

const CLOTH: FieldCover = { id: 'cloth', widthMm: 3658, lengthMm: 3658, isRoll: false }
const PAPER: FieldCover = { id: 'paper', widthMm: 900, lengthMm: 50_000, isRoll: true }

const asPolygon = (ring: readonly PlanPoint[]): Polygon => {
  // Whole mm: the library stumbles over ends that are the last bit apart.
  const points = ring.map(({ x, y }): [number, number] => [Math.round(x), Math.round(y)])
  return [[...points, points[0]!]]
}
/** Area of an outline that nothing lies on, mm²: by a polygon library, as an outside check. */
function bareMm2(ring: readonly PlanPoint[], laid: readonly Laid[]): number {
  const left = polygonClipping.difference(asPolygon(ring), ...laid.map(({ corners }) => asPolygon(corners)))
  return left.reduce((sum, polygon) => sum + Math.abs(signedAreaMm2(polygon[0]!.map(([x, y]) => ({ x, y })))), 0)
}

describe('a floor’s real outline is covered', () => {
  for (const [name, walls] of Object.entries(OUTLINE_TEMPLATES))
    test(`${name}: nothing of it stays bare, under cloths or under paper`, () => {
      const ring = traceOutline(walls).corners
      for (const cover of [CLOTH, PAPER]) expect(bareMm2(ring, layField(ring, cover))).toBeLessThan(1000)
    })

  test('made-up outlines, turned any way', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.45, max: 1, noNaN: true }), { minLength: 4, maxLength: 9 }),
        fc.integer({ min: 2000, max: 9000 }),
        fc.boolean(),
        (radii, size, isRoll) => {
          const ring = radii.map((r, i): PlanPoint => {
            const angle = (2 * Math.PI * i) / radii.length + 0.3
            return { x: Math.round(size * r * Math.cos(angle)), y: Math.round(size * r * Math.sin(angle)) }
          })
          expect(bareMm2(ring, layField(ring, isRoll ? PAPER : CLOTH))).toBeLessThan(10_000)
        },
      ),
      { numRuns: 60, seed: 4 },
    )
  })
})

// By hand: 4 m × 3 m, paper of 0.9 m lapped by 50 mm: along it four strips of 4 m, 16 m;
// across it (4000 − 50) / 850 = 4.6, so five of 3 m, 15 m, which is less. Cloths of 3.66 m: two.
test('strips and cloths by hand', () => {
  const box = [
    { x: 0, y: 0 },
    { x: 4000, y: 0 },
    { x: 4000, y: 3000 },
    { x: 0, y: 3000 },
  ]
  expect(layField(box, PAPER).map(lengthOf)).toEqual([3000, 3000, 3000, 3000, 3000])
  expect(layField(box, CLOTH)).toHaveLength(2)
})

describe('cloths of several sizes, as the van has them', () => {
  const size = (id: string, widthMm: number, lengthMm: number, owned: number): ClothSize => ({
    id,
    widthMm,
    lengthMm,
    owned,
    isRoll: false,
  })
  const box = (x: number, y: number): PlanPoint[] => [
    { x: 0, y: 0 },
    { x, y: 0 },
    { x, y },
    { x: 0, y },
  ]
  const counted = (laid: readonly Laid[]) =>
    Object.fromEntries(
      [...new Set(laid.map((each) => each.coverId))]
        .sort()
        .map((id) => [id, laid.filter((each) => each.coverId === id).length]),
    )

  test('made-up outlines stay nowhere bare', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.5, max: 1, noNaN: true }), { minLength: 4, maxLength: 8 }),
        fc.integer({ min: 2000, max: 7000 }),
        fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 3, maxLength: 3 }),
        (radii, mm, owned) => {
          const ring = radii.map((r, i): PlanPoint => {
            const angle = (2 * Math.PI * i) / radii.length + 0.2
            return { x: Math.round(mm * r * Math.cos(angle)), y: Math.round(mm * r * Math.sin(angle)) }
          })
          const sizes = [
            size('a', 3658, 3658, owned[0]!),
            size('b', 2743, 3658, owned[1]!),
            size('c', 1829, 2743, owned[2]!),
          ]
          expect(bareMm2(ring, layCloths(ring, sizes))).toBeLessThan(10_000)
        },
      ),
      { numRuns: 40, seed: 7 },
    )
  })
  // By hand, 6 m × 3.5 m: two of 3.658 m square span it (2 × 3658 − 150 = 7166); where there is one, it and one of 2.743 m
  // (3658 + 2743 − 150 = 6251) do; where there is none of either, small ones in two rows.
  test('the least that is there, by hand', () => {
    const [large, middle] = [(n: number) => size('large', 3658, 3658, n), (n: number) => size('middle', 2743, 3658, n)]
    expect(counted(layCloths(box(6000, 3500), [large(2)]))).toEqual({ large: 2 })
    expect(counted(layCloths(box(6000, 3500), [large(1), middle(4)]))).toEqual({ large: 1, middle: 1 })
    expect(counted(layCloths(box(6000, 3500), [large(0), middle(4)]))).toEqual({ middle: 3 })
    // A small cloth does where a large one would lie half up the wall.
    expect(counted(layCloths(box(2500, 3500), [large(4), middle(4)]))).toEqual({ middle: 1 })
  })
})

describe('a floor plan', () => {
  const room = {
    ...newRoom('r', 'Room', OUTLINE_TEMPLATES['L-shape']),
    openings: [door('o1', 'w1', 700), door('o2', 'w3', 300)],
  }
  const inside = ({ corners }: Laid, ring: readonly PlanPoint[]): number => {
    const shared = polygonClipping.intersection(asPolygon(ring), asPolygon(corners))
    return shared.length
  }
  test('doubles a cloth inside each way out, and boards join the two that are farthest apart', () => {
    const plan = floorPlan(room, SHELF, false)!
    expect(plan.waysOut).toHaveLength(4)
    for (const laid of [...plan.waysOut, ...plan.boards]) expect(inside(laid, plan.ring)).toBeGreaterThan(0)
    expect(plan.boards.length).toBeGreaterThan(0)
    expect(plan.field.every(({ as }) => as === 'field')).toBe(true)
  })
  test('paper where mist falls; nothing where the floor is painted', () => {
    expect(floorPlan(room, SHELF, true)!.field.every(({ as }) => as === 'strip')).toBe(true)
    const painted = { ...room, steps: [{ ...room.steps[0]!, targets: ['floor' as const] }] }
    expect(floorPlan(painted, SHELF, false)).toBeNull()
  })
  test('stairs get their runners from the wall they stand at, as many as treads and risers are long', () => {
    const stair = {
      id: 'p1',
      name: 'stairs',
      kind: 'stairs' as const,
      wallId: 'w1',
      atMm: 200,
      widthMm: 900,
      bottomMm: 0,
      heightMm: 2600,
      depthMm: 2400,
      count: 14,
      inUse: true,
      paintedSides: 1,
      takenOff: false,
      face: USUAL_FACES.trim,
    }
    const { stairs } = floorPlan({ ...room, pieces: [stair] }, SHELF, false)!
    // By hand: 5.0 m of treads and risers, runners of 3.658 m lapped by a tenth: two.
    expect(stairs).toHaveLength(2)
    for (const laid of stairs) expect(inside(laid, traceOutline(room.walls).corners)).toBeGreaterThan(0)
  })
})
