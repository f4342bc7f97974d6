import { seededNumbers } from '../../base/units/seeded'
import { poisson } from './poisson'
import { pointsOf, uChart } from './uChart'

const alike = (events: readonly number[], exposure: number) => events.map((each) => ({ events: each, exposure }))

test('a c-chart is a u-chart of exposure 1: twenty-five wafers of the NIST/SEMATECH e-Handbook, 6.3.3.1 (counts from memory)', () => {
  const wafers = [16, 14, 28, 16, 12, 20, 10, 12, 10, 17, 19, 17, 14, 16, 15, 13, 14, 16, 11, 20, 11, 19, 16, 31, 13]
  const { middle, points } = uChart(alike(wafers, 1))
  expect(middle).toBe(16)
  expect(points[0]!.high).toBeCloseTo(28, 6)
  expect(points[0]!.low).toBeCloseTo(4, 6)
  // Only the wafer before the last is beyond the limits.
  expect(points.flatMap(({ signals }, i) => (signals.includes('above') ? [i + 1] : []))).toEqual([24])
})

test('limits for twenty samples of five, 193 events: 0.07 and 3.79 about 1.93 (Montgomery, Statistical Quality Control, u-chart example; from memory)', () => {
  const found = [10, 12, 8, 14, 10, 16, 11, 7, 10, 15, 9, 5, 7, 11, 12, 6, 8, 10, 7, 5]
  const { middle, points } = uChart(alike(found, 5))
  expect(middle).toBeCloseTo(1.93, 9)
  expect(points[3]!.high).toBeCloseTo(3.79, 2)
  expect(points[3]!.low).toBeCloseTo(0.07, 2)
  expect(points.every(({ signals }) => signals.length === 0)).toBe(true)
})

// By hand: 30 faults on 300 m, ū = 0.1; on 90 m 0.1 ± 3·√(0.1/90) = 0 and 0.2; on 10 m 0.1 ± 0.3.
test('limits by hand', () => {
  const { middle, points } = pointsOf([
    { events: 9, exposure: 90 },
    { events: 1, exposure: 10 },
    { events: 20, exposure: 200 },
  ])
  expect(middle).toBeCloseTo(0.1, 12)
  expect(points[0]!.high).toBeCloseTo(0.2, 12)
  expect(points[0]!.low).toBeCloseTo(0, 12)
  expect(points[1]!.high).toBeCloseTo(0.4, 12)
})

test('limits stand closer where more was looked along; nobody looked: no limit at all', () => {
  const { points } = uChart([
    { events: 2, exposure: 1 },
    { events: 20, exposure: 10 },
    { events: 0, exposure: 0 },
  ])
  expect(points[1]!.high - 2).toBeCloseTo((points[0]!.high - 2) / Math.sqrt(10), 9)
  expect(points[2]!.high).toBe(Infinity)
  expect(points[2]!.signals).toEqual([])
})

test('nine running on one side are a signal, eight are none', () => {
  const level = [...Array<number>(9).fill(6), ...Array<number>(9).fill(4)]
  const { points } = uChart(alike(level, 1))
  expect(points.flatMap(({ signals }, i) => signals.map((signal) => [i, signal]))).toEqual([
    [8, 'run-above'],
    [17, 'run-below'],
  ])
})

test('the false alarm rate it tells is the one that other made-up steady charts show', () => {
  const random = seededNumbers(77)
  const exposures = [2, 1, 3, 2, 4, 1, 2, 3, 2, 2, 1, 3]
  const told = uChart(exposures.map((exposure) => ({ events: exposure, exposure }))).falseAlarm
  let rung = 0
  for (let i = 0; i < 2000; i++) {
    const counts = exposures.map((exposure) => ({ events: poisson(exposure, random), exposure }))
    if (pointsOf(counts).points.some(({ signals }) => signals.length > 0)) rung += 1
  }
  expect(told).toBeGreaterThan(0.02)
  expect(told).toBeLessThan(0.2)
  expect(Math.abs(rung / 2000 - told)).toBeLessThan(0.025)
})

test('no events, no alarm', () => {
  const { middle, falseAlarm, points } = uChart(alike([0, 0, 0], 2))
  expect([middle, falseAlarm]).toEqual([0, 0])
  expect(points.every(({ signals }) => signals.length === 0)).toBe(true)
})
