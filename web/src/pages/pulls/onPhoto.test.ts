import { measuredMm } from './onPhoto'

const at = (x: number, y = 0) => ({ x, y })

test('by hand: a coin of 24 mm is 48 pixels wide, so 150 pixels are 75 mm, whichever way they run', () => {
  const scale = [at(100), at(148)]
  expect(measuredMm({ scale, scaleMm: 24, ends: [at(0), at(150)] })).toBe(75)
  expect(measuredMm({ scale, scaleMm: 24, ends: [at(10, 10), at(100, 130)] })).toBe(75)
})

test('two stretches add up, an end alone counts for nothing', () => {
  const scale = [at(0), at(10)]
  expect(measuredMm({ scale, scaleMm: 10, ends: [at(0), at(30), at(50), at(70), at(90)] })).toBe(50)
})

test('nothing is measured before the scale is known, and apart', () => {
  expect(measuredMm({ scale: [at(0)], scaleMm: 24, ends: [at(0), at(9)] })).toBeNull()
  expect(measuredMm({ scale: [at(5), at(5)], scaleMm: 24, ends: [at(0), at(9)] })).toBeNull()
  expect(measuredMm({ scale: [at(0), at(9)], scaleMm: 0, ends: [at(0), at(9)] })).toBeNull()
  expect(measuredMm({ scale: [at(0), at(9)], scaleMm: 24, ends: [at(0)] })).toBeNull()
})
