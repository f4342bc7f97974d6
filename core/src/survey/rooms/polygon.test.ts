import ClipperLib from 'clipper-lib'
import fc from 'fast-check'
import polygonClipping from 'polygon-clipping'
import { closeOutline } from './closeOutline'
import {
  checkOutline,
  closingGapMm,
  legsOfRing,
  moveCorner,
  outlineAreaMm2,
  resizeWall,
  traceOutline,
  type PlanPoint,
} from './outline'
import { OUTLINE_TEMPLATES } from './roomTemplate'
import { spreadClosure } from './spreadClosure'

/**
 * Star-shaped rings round a point: simple polygons with corners at any angle, clockwise with y down. Of four parts or
 * more none takes half of the round, or the point would lie outside and the ring cross itself.
 */
const rings = fc
  .array(fc.record({ turn: fc.double({ min: 0.4, max: 1, noNaN: true }), r: fc.integer({ min: 1500, max: 9000 }) }), {
    minLength: 4,
    maxLength: 12,
  })
  .map((parts): PlanPoint[] => {
    const total = parts.reduce((sum, part) => sum + part.turn, 0)
    let angle = 0
    return parts.map(({ turn, r }) => {
      angle += (turn / total) * 2 * Math.PI
      return { x: Math.round(r * Math.cos(angle)), y: Math.round(r * Math.sin(angle)) }
    })
  })

const pairs = (ring: readonly PlanPoint[]): [number, number][] => ring.map(({ x, y }) => [x, y])
const ringArea = (ring: readonly (readonly [number, number])[]): number =>
  Math.abs(
    ring.reduce((sum, [x, y], i) => sum + x * ring[(i + 1) % ring.length]![1] - ring[(i + 1) % ring.length]![0] * y, 0),
  ) / 2

// References: polygon-clipping (union resolves a ring into clean polygons) and clipper-lib (area, offset).
describe('outlines at any angle against polygon libraries', () => {
  test('area and perimeter agree, to what whole mm and hundredths of a degree leave', () => {
    fc.assert(
      fc.property(rings, (ring) => {
        const walls = legsOfRing(ring)
        const united = polygonClipping.union([pairs(ring)])
        const area = united.reduce(
          (sum, polygon) => sum + polygon.reduce((own, hole, i) => own + (i === 0 ? 1 : -1) * ringArea(hole), 0),
          0,
        )
        const path = ring.map(({ x, y }) => ({ X: x, Y: y }))
        expect(Math.abs(area - Math.abs(ClipperLib.Clipper.Area(path)))).toBeLessThan(1)
        const perimeter = walls.reduce((sum, wall) => sum + wall.lengthMm, 0)
        // Half a mm a wall, and a hundredth of a degree over the reach of the outline.
        const slack = perimeter * (0.5 + perimeter * 0.0002 * walls.length)
        expect(Math.abs(outlineAreaMm2(walls) - area)).toBeLessThan(slack)
        const exact = ring.reduce(
          (sum, p, i) => sum + Math.hypot(p.x - ring[(i + 1) % ring.length]!.x, p.y - ring[(i + 1) % ring.length]!.y),
          0,
        )
        expect(Math.abs(perimeter - exact)).toBeLessThan(walls.length)
      }),
    )
  })

  // An offset of a convex ring by d, mitred, has area A + P·d + d²·Σ tan(turn/2): the library's offset must give it
  // from our legs, so legs and turns carry the true shape.
  test('lengths and turns carry the shape: a mitred offset has the area they say', () => {
    for (const walls of [
      OUTLINE_TEMPLATES.rectangle,
      legsOfRing([
        { x: 0, y: 0 },
        { x: 5000, y: 300 },
        { x: 4200, y: 4000 },
        { x: 600, y: 3100 },
      ]),
    ]) {
      const d = 250
      const offset = new ClipperLib.ClipperOffset(50, 0.25)
      offset.AddPath(
        traceOutline(walls).corners.map(({ x, y }) => ({ X: Math.round(x), Y: Math.round(y) })),
        ClipperLib.JoinType.jtMiter,
        ClipperLib.EndType.etClosedPolygon,
      )
      const grown = new ClipperLib.Paths()
      offset.Execute(grown, d)
      const perimeter = walls.reduce((sum, wall) => sum + wall.lengthMm, 0)
      const mitres = walls.reduce((sum, wall) => sum + Math.tan((wall.turnDeg * Math.PI) / 360), 0)
      const expected = outlineAreaMm2(walls) + perimeter * d + d * d * mitres
      expect(Math.abs(Math.abs(ClipperLib.Clipper.Area(grown[0]!)) / expected - 1)).toBeLessThan(0.002)
    }
  })

  test('every template closes and can be drawn', () => {
    for (const walls of Object.values(OUTLINE_TEMPLATES)) {
      expect(closingGapMm(walls)).toBe(0)
      expect(() => checkOutline(walls.map((wall, i) => ({ ...wall, name: String(i) })))).not.toThrow()
    }
  })
})

describe('moving and resizing', () => {
  const bay = OUTLINE_TEMPLATES.bay
  test('a moved corner keeps the outline closed; one moved across another wall is refused', () => {
    const corner = traceOutline(bay).corners[4]!
    const moved = moveCorner(bay, 4, { x: corner.x, y: corner.y + 200 })!
    expect(closingGapMm(moved)).toBe(0)
    expect(moveCorner(bay, 4, { x: 0, y: -5000 })).toBeNull()
  })
  test('an angled wall that no other opposes slides its corner', () => {
    const triangle = closeOutline([
      { lengthMm: 4000, turnDeg: 90 },
      { lengthMm: 3000, turnDeg: -90 },
    ])!
    const longer = resizeWall(triangle, 1, 3300)!
    expect(longer[1]!.lengthMm).toBe(3300)
    expect(longer[2]!.lengthMm).toBe(Math.round(Math.hypot(4000, 3300)))
    expect(closingGapMm(longer)).toBe(0)
  })
})

describe('spreading the closing error', () => {
  // By hand: 4000 out and 4010 back miss by 10 along x; by length 4000/8010 and 4010/8010 of it, 5 and 5 mm.
  // 3000 and 3004 miss by 4 along y: 2 and 2.
  test('a square room stays square', () => {
    const typed = [4000, 3000, 4010, 3004].map((lengthMm) => ({ lengthMm, turnDeg: 90 }))
    const { walls, missedMm, ratio } = spreadClosure(typed)!
    expect(walls.map((wall) => wall.lengthMm)).toEqual([4005, 3002, 4005, 3002])
    expect(missedMm).toBeCloseTo(Math.hypot(10, 4), 9)
    expect(ratio).toBeCloseTo(14014 / Math.hypot(10, 4), 6)
    expect(closingGapMm(walls)).toBe(0)
  })

  // Compass rule by hand on a triangle 3000-4000-5006 with right angle between the first two: legs walked
  // 3000, 7000, 12006; the end misses by 6 mm along the last leg's direction (−0.6, −0.8): (−3.6, −4.8).
  // Corner 2 moves by 3000/12006 of (3.6, 4.8) = (0.8996, 1.1994), corner 3 by 7000/12006 = (2.0990, 2.7986).
  test('an angled room gets the compass rule, by hand', () => {
    const typed = [
      { lengthMm: 3000, turnDeg: 90 },
      { lengthMm: 4000, turnDeg: 143.1301 },
      { lengthMm: 5006, turnDeg: 126.8699 },
    ]
    const { end } = traceOutline(typed)
    expect(end.x).toBeCloseTo(-3.6, 2)
    expect(end.y).toBeCloseTo(-4.8, 2)
    const { walls } = spreadClosure(typed)!
    expect(walls.map((wall) => wall.lengthMm)).toEqual([
      Math.round(Math.hypot(3000.8996, 1.1994)),
      Math.round(Math.hypot(2.099 - 0.8996, 4000 + 2.7986 - 1.1994)),
      Math.round(Math.hypot(3002.099, 4002.7986)),
    ])
    expect(closingGapMm(walls)).toBe(0)
  })

  test('turns that are no whole round are not spread', () => {
    expect(spreadClosure([4000, 3000, 4000].map((lengthMm) => ({ lengthMm, turnDeg: 90 })))).toBeNull()
  })
})
