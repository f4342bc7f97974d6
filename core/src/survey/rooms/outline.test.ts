import { closeOutline } from './closeOutline'
import { checkOutline, closingGapMm, outlineAreaMm2, resizeWall } from './outline'
import { faceAreaMm2 } from './areas'
import { newRoom } from './roomTemplate'

const turn = (lengthMm: number, way: 'left' | 'right' = 'right') => ({
  lengthMm,
  turnDeg: way === 'right' ? 90 : -90,
  name: 'W',
})
const rectangle = [turn(4000), turn(3000), turn(4000), turn(3000)]
/** 7.2 by 5.4 m less a corner of 3.0 by 1.5 m. */
const lShape = [turn(7200), turn(5400), turn(4200), turn(1500, 'left'), turn(3000), turn(3900)]

test('areas by hand: 4 × 3 m; 7.2 × 5.4 − 3.0 × 1.5 m', () => {
  expect(outlineAreaMm2(rectangle)).toBe(12_000_000)
  expect(outlineAreaMm2(lShape)).toBe(7200 * 5400 - 3000 * 1500)
})

test('a room two millimetres out of true is open, and one that crosses itself is refused', () => {
  expect(closingGapMm([turn(4000), turn(3000), turn(4002), turn(3000)])).toBe(2)
  expect(() => checkOutline([turn(4000), turn(3000), turn(4002), turn(3000)])).toThrow(
    expect.objectContaining({ code: 'survey.open_outline' }),
  )
  const crossed = [
    turn(5000),
    turn(4000),
    turn(3000),
    turn(2000),
    turn(4000, 'left'),
    turn(1000, 'left'),
    turn(1000, 'left'),
    turn(1000),
  ]
  expect(() => checkOutline(crossed)).toThrow()
  expect(() => checkOutline(lShape)).not.toThrow()
})

test('two walls close into a rectangle, four into an L', () => {
  expect(closeOutline([turn(4000), turn(3000)])?.map((wall) => wall.lengthMm)).toEqual([4000, 3000, 4000, 3000])
  expect(closeOutline(lShape.slice(0, 4))?.map((wall) => wall.lengthMm)).toEqual([7200, 5400, 4200, 1500, 3000, 3900])
  // One wall back to the start where two square ones do not fit: the 3-4-5 triangle, 53.13° and 36.87° inside.
  expect(closeOutline([turn(4000), turn(3000, 'left')])).toEqual([
    { lengthMm: 4000, turnDeg: 90 },
    { lengthMm: 3000, turnDeg: 126.87 },
    { lengthMm: 5000, turnDeg: 143.13 },
  ])
  expect(closeOutline([turn(4000, 'left'), turn(3000)])).toBeNull()
})

test('a wall that grows takes its opposite along, and the room stays closed', () => {
  const wider = resizeWall(rectangle, 0, 4350)!
  expect(wider.map((wall) => wall.lengthMm)).toEqual([4350, 3000, 4350, 3000])
  expect(closingGapMm(resizeWall(lShape, 4, 2500)!)).toBe(0)
})

// By hand: wall A 4.0 × (2.6 − 0.12) m less a door with 70 mm casing, (826 + 140) × (2040 + 70 − 120) mm.
test('areas of faces by hand', () => {
  const room = newRoom('r', 'Room', rectangle)
  const trim = room.skirting!.face
  const withDoor = {
    ...room,
    openings: [
      {
        id: 'o1',
        name: 'door 1',
        kind: 'door' as const,
        wallId: 'w1',
        atMm: 500,
        sillMm: 0,
        widthMm: 826,
        heightMm: 2040,
        casingMm: 70,
        casing: trim,
        leaf: trim,
        glazing: null,
        paintedSides: 1,
        takenOff: false,
        leadsOut: null,
      },
    ],
  }
  expect(faceAreaMm2(withDoor, 'wall:w1')).toBe(4000 * 2480 - 966 * 1990)
  expect(faceAreaMm2(withDoor, 'skirting')).toBe(120 * (14_000 - 966))
  expect(faceAreaMm2(withDoor, 'casing:o1')).toBe((2 * 2040 + 826 + 140) * 70)
})
