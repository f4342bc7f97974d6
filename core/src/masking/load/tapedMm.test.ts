import { ternQuaySurvey } from '../../../../demo'
import { tabsMm, tapedMm } from './tapedMm'

const HEM = { lengthMm: 6000, corners: 1, radiusMm: 0, laps: 0, gapVaries: false }
const house = { ...ternQuaySurvey().house, runs: 'one-run' as const }
const plain = { setting: 'wall-line' as never, curvePieces: 0 }

// By hand: two runs with two tabs of 50 mm each.
test('a plain run is its length and two tabs for each run', () => {
  expect(tapedMm(house, HEM, plain)).toBe(6000 + 200)
})

test('short pieces lap by 25 mm: one every 1.2 m', () => {
  expect(tabsMm({ runs: 'short-pieces' }, HEM, plain)).toBe(200 + 5 * 25)
})

// By hand: a second layer of 6 m, and 12 m in pieces of 300 mm are 40 laps of 25 mm.
test('a joint at the floor that opens and closes takes two layers in pieces', () => {
  expect(tabsMm(house, { ...HEM, gapVaries: true }, { setting: 'tight-joint-at-the-floor', curvePieces: 0 })).toBe(
    200 + 6000 + 40 * 25,
  )
})

test('round a corner and over boards each piece laps, whatever the house does elsewhere', () => {
  // 6 m in pieces of 225 mm: 27.
  expect(tabsMm(house, { ...HEM, radiusMm: 40 }, plain)).toBe(200 + 27 * 25)
  expect(tabsMm(house, { ...HEM, laps: 14 }, plain)).toBe(200 + 14 * 25)
})

test('along a curve each piece laps the last', () => {
  expect(tabsMm(house, HEM, { ...plain, curvePieces: 9 })).toBe(200 + 9 * 25)
})
