import { deriveHems, newElevation, newRoom, seededNumbers, seedOf, UNTOUCHED, type PullSpan } from '@crisp-hem/core'
import { ternQuaySurvey } from '../../../../demo'
import { distanceTo, nearestHem } from './nearestHem'
import { distanceMm, sheetPoint } from './measure'
import { ribbonPieces, ribbonX } from './ribbonScale'
import { paintSide, stitchOf } from './stitch'
import { unrollRoom } from './unroll'

const spans: PullSpan[] = [
  { kind: 'too-wet', from: 0, to: 2, endedBy: 'settled' },
  { kind: 'wet', from: 2, to: 24, endedBy: 'open-time' },
  { kind: 'tacky', from: 24, to: 600, endedBy: 'hard-dry' },
  { kind: 'dry', from: 600, to: null, endedBy: null },
]

test('ribbon pieces fill the width in order, and now lies in its own piece', () => {
  const pieces = ribbonPieces(spans, 500)
  expect(pieces.at(-1)!.x + pieces.at(-1)!.width).toBeCloseTo(500, 9)
  pieces.forEach((piece, i) => i > 0 && expect(piece.x).toBeCloseTo(pieces[i - 1]!.x + pieces[i - 1]!.width, 9))
  expect(ribbonX(pieces, 13)).toBeCloseTo(pieces[1]!.x + pieces[1]!.width / 2, 9)
  expect(ribbonX(pieces, -1)).toBeNull()
})

test('stitches follow the log, and a wet window makes a coated hem due', () => {
  const coated = { ...UNTOUCHED, laidAt: 0, coatedAt: [0, 1] }
  expect(stitchOf(UNTOUCHED, 2, spans, 5)).toBe('planned')
  expect(stitchOf({ ...UNTOUCHED, laidAt: 1 }, 2, spans, 5)).toBe('laid')
  expect(stitchOf({ ...coated, coatedAt: [0] }, 2, spans, 5)).toBe('coated')
  expect(stitchOf(coated, 2, spans, 5)).toBe('due')
  expect(stitchOf(coated, 2, spans, 100)).toBe('coated')
  expect(stitchOf({ ...coated, pulledAt: 6 }, 2, spans, 5)).toBe('pulled')
})

test('paint lies below a ceiling line when the wall is painted, above when the ceiling is; on the side of its shape', () => {
  const fact = { is: 'face', kind: 'wall', name: '' } as const
  const name = { is: 'place', line: '', wall: fact, zone: null, of: null, beside: null, left: '', right: '' } as const
  const place = { ...name, bandLine: null }
  const wall = { id: 'r/x', kind: 'wall-to-ceiling', keep: 'ceiling', place } as const
  expect(paintSide({ ...wall, paint: 'wall:w1' })).toBe(1)
  expect(paintSide({ ...wall, paint: 'ceiling', keep: 'wall:w1' })).toBe(-1)
  expect(paintSide({ ...wall, kind: 'wall-to-casing', paint: 'wall:w1', keep: 'casing:o1' })).toBe(-1)
  const line = { kind: 'two-tone-line', keep: 'wall:w1', paint: 'band:b1' } as const
  expect(paintSide({ ...line, id: 'r/shape:b1:w1:s1:0', place })).toBe(-1)
  expect(paintSide({ ...line, id: 'r/band:b1|wall:w1#over', place: { ...name, bandLine: 'over' } })).toBe(1)
  expect(paintSide({ ...line, id: 'r/band:b1|wall:w1#under', place: { ...name, bandLine: 'under' } })).toBe(-1)
})

test('walls that do not fit beside each other begin a new row, to one scale', () => {
  const sides = [9000, 4000, 9000, 4000].map((lengthMm) => ({ lengthMm, turnDeg: 90 }))
  const drawing = unrollRoom(newRoom('r', 'R', sides), 690)
  expect(new Set(drawing.walls.map((wall) => wall.y)).size).toBe(2)
  for (const wall of drawing.walls) {
    expect(wall.width).toBeCloseTo(wall.lengthMm * drawing.scale, 9)
    expect(wall.x + wall.width).toBeLessThanOrEqual(690.5)
  }
  const { x, y } = drawing.at('w3', 0, 0)
  expect([x, y]).toEqual([drawing.walls[2]!.x, drawing.walls[2]!.y + drawing.tall])
})

test('the same seed gives the same numbers', () => {
  const take = (seed: number) => Array.from({ length: 5 }, seededNumbers(seed))
  expect(take(seedOf('a'))).toEqual(take(seedOf('a')))
  expect(take(seedOf('a'))).not.toEqual(take(seedOf('b')))
  expect(Math.max(...take(7))).toBeLessThan(1)
})

test('a gable is drawn to its ridge, and measured from corner to corner', () => {
  const front = newElevation('e', 'Front', {
    widthMm: 8000,
    eavesMm: 3000,
    ridgeMm: 6000,
    facingDeg: 180,
    material: 'render',
    lapMm: null,
  })
  const drawing = unrollRoom(front, 690)
  const [wall] = drawing.walls
  expect(wall!.top.map((p) => Math.round((wall!.y + drawing.tall - p.y) / drawing.scale))).toEqual([3000, 6000, 3000])
  const ridge = sheetPoint(front, drawing, { x: wall!.top[1]!.x + 3, y: wall!.top[1]!.y + 3 }, 9)
  expect(ridge).toEqual({ wallId: 'w1', xMm: 4000, yMm: 6000 })
  // Along the slope: √(4000² + 3000²).
  expect(distanceMm(drawing, ridge!, { wallId: 'w1', xMm: 0, yMm: 3000 })).toBe(5000)
  expect(sheetPoint(front, drawing, { x: 9999, y: 5 }, 9)).toBeNull()
})

test('a thumb means the nearest of the lines it covers', () => {
  const room = ternQuaySurvey().rooms[0]!
  const { hems } = deriveHems(room, ternQuaySurvey().shelf)
  const drawing = unrollRoom(room, 960)
  for (const hem of hems.filter((each) => each.lengthMm > 400)) {
    const { x1, y1, x2, y2 } = drawing.line(hem.segments[0]!)
    const found = nearestHem(hems, drawing, { x: (x1 + x2) / 2, y: (y1 + y2) / 2 })!
    const own = Math.min(
      ...found.segments.map((s) => distanceTo({ x: (x1 + x2) / 2, y: (y1 + y2) / 2 }, drawing.line(s))),
    )
    expect(own).toBeCloseTo(0, 6)
  }
  expect(nearestHem([], drawing, { x: 0, y: 0 })).toBeNull()
  expect(distanceTo({ x: 3, y: 4 }, { x1: 0, y1: 0, x2: 0, y2: 0 })).toBe(5)
})
