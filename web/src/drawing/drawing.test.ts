import { newRoom, seededNumbers, seedOf, UNTOUCHED, type PullSpan } from '@crisp-hem/core'
import { ribbonPieces, ribbonX } from './ribbonScale'
import { paintSide, stitchOf } from './stitch'
import { unrollRoom } from './unroll'

const spans: PullSpan[] = [
  { kind: 'too wet', from: 0, to: 2, endedBy: 'settled' },
  { kind: 'wet', from: 2, to: 24, endedBy: 'open time' },
  { kind: 'tacky', from: 24, to: 600, endedBy: 'hard dry' },
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

test('paint lies below a ceiling line when the wall is painted, above when the ceiling is', () => {
  expect(paintSide({ kind: 'wall to ceiling', paint: 'wall:w1', keep: 'ceiling' })).toBe(1)
  expect(paintSide({ kind: 'wall to ceiling', paint: 'ceiling', keep: 'wall:w1' })).toBe(-1)
  expect(paintSide({ kind: 'wall to casing', paint: 'wall:w1', keep: 'casing:o1' })).toBe(-1)
})

test('walls that do not fit beside each other begin a new row, to one scale', () => {
  const sides = [9000, 4000, 9000, 4000].map((lengthMm) => ({ lengthMm, turn: 'right' as const }))
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
