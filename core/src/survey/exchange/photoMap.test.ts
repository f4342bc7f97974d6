import fc from 'fast-check'
import PerspT from 'perspective-transform'
import { refusal } from '../../../tests/refusal'
import { photoMap, type KnownPlace } from './photoMap'

/** A camera that looks at a wall from somewhere: any place of the wall, mm, to a place in its picture. */
const cameras = fc
  .record({
    right: fc.double({ min: -0.6, max: 0.6, noNaN: true }),
    down: fc.double({ min: -0.5, max: 0.5, noNaN: true }),
    roll: fc.double({ min: -0.3, max: 0.3, noNaN: true }),
    far: fc.double({ min: 2500, max: 5000, noNaN: true }),
  })
  .map(({ right, down, roll, far }) => (atMm: number, offMm: number) => {
    const [x, y] = [atMm - 1200, 300 - offMm]
    const z = far + right * x + down * y
    const [u, v] = [(3000 * x) / z, (3000 * y) / z]
    return { x: 2000 + u * Math.cos(roll) - v * Math.sin(roll), y: 1500 + u * Math.sin(roll) + v * Math.cos(roll) }
  })
const corners = [
  [0, 0],
  [2400, 0],
  [2400, 600],
  [0, 600],
] as const
const knownBy = (
  camera: (at: number, off: number) => { x: number; y: number },
  places: readonly (readonly [number, number])[],
) => places.map(([atMm, offMm]): KnownPlace => ({ atMm, offMm, px: camera(atMm, offMm) }))

describe('a picture of a wall as a measure', () => {
  // Reference: perspective-transform of the registry, over the same four places.
  test('from four known places, whatever the view: every place is where it is, as another library has it', () => {
    fc.assert(
      fc.property(cameras, fc.integer({ min: 0, max: 2400 }), fc.integer({ min: 0, max: 600 }), (camera, at, off) => {
        const known = knownBy(camera, corners)
        const map = photoMap(known)
        const found = map.placeOf(camera(at, off))
        expect(map.kind).toBe('any-view')
        expect(map.worstMm).toBeNull()
        expect(Math.hypot(found.atMm - at, found.offMm - off)).toBeLessThan(0.01)
        const other = PerspT(
          known.flatMap(({ px }) => [px.x, px.y]),
          known.flatMap(({ atMm, offMm }) => [atMm, offMm]),
        ).transform(camera(at, off).x, camera(at, off).y)
        expect(Math.hypot(found.atMm - other[0], found.offMm - other[1])).toBeLessThan(0.01)
      }),
    )
  })

  test('from three, looking square at it', () => {
    const square = (at: number, off: number) => ({ x: 200 + 0.8 * at, y: 900 - 0.8 * off })
    const map = photoMap(knownBy(square, corners.slice(0, 3)))
    expect(map.kind).toBe('square-on')
    expect(map.placeOf(square(777, 5)).atMm).toBeCloseTo(777, 6)
    expect(map.placeOf(square(777, 5)).offMm).toBeCloseTo(5, 6)
  })

  test('a fifth place says how well they agree: one typed 20 mm wrong shows, though all share it', () => {
    const square = (at: number, off: number) => ({ x: 200 + 0.8 * at, y: 900 - 0.8 * off })
    const five = knownBy(square, [...corners, [1200, 300]])
    expect(photoMap(five).worstMm).toBeLessThan(0.001)
    const wrong = five.map((each, i) => (i === 4 ? { ...each, atMm: 1220 } : each))
    expect(photoMap(wrong).worstMm).toBeGreaterThan(3)
  })

  test('too few, or all on one line, are refused', () => {
    const square = (at: number, off: number) => ({ x: at, y: off })
    expect(refusal(() => photoMap(knownBy(square, corners.slice(0, 2))))).toMatch(/2 places are known/)
    const line = [0, 800, 1600, 2400].map((at) => [at, 0] as const)
    expect(refusal(() => photoMap(knownBy(square, line)))).toMatch(/on one line/)
  })
})
