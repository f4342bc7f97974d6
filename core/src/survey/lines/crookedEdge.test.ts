import highsLoader from 'highs'
import { runsOf } from '../../../tests/runsOf'
import { seededNumbers } from '../../base/units/seeded'
import { fitOver, proofOf, splitOver, worstGap, FITS } from './crookedEdge'
import { offsetAt, type WanderPoint } from './oneSided'
import { heightOf, marksOf, straightened, wanderShows } from './straightened'

const random = seededNumbers(31)
const anyEdge = (): WanderPoint[] => {
  const count = 2 + Math.floor(random() * 14)
  const ats = [...new Set(Array.from({ length: count }, () => Math.round(random() * 5000)))].sort((a, b) => a - b)
  return ats.map((atMm) => ({ atMm, offMm: Math.round((random() * 20 - 8) * 4) / 4 }))
}

/** The same as a linear programme: a line a + b·x over every point, least area or least worst gap. */
async function byProgramme(points: readonly WanderPoint[], fit: 'least-area' | 'least-worst'): Promise<number> {
  const highs = await highsLoader()
  const ats = points.map(({ atMm }) => atMm)
  const [from, to] = [Math.min(...ats), Math.max(...ats)]
  const signed = (value: number, name: string) => `${value < 0 ? '-' : '+'} ${Math.abs(value)} ${name}`
  const over = points.map(({ atMm, offMm }, i) => ` o${i}: a ${signed(atMm, 'b')} >= ${offMm}`)
  const under = points.map(({ atMm, offMm }, i) => ` u${i}: a ${signed(atMm, 'b')} - g <= ${offMm}`)
  const area = ` obj: ${to - from} a ${signed(((to + from) / 2) * (to - from), 'b')}`
  const text = [
    'Minimize',
    fit === 'least-area' ? area : ' obj: g',
    'Subject To',
    ...over,
    ...(fit === 'least-area' ? [] : under),
    'Bounds',
    ' a free',
    ' b free',
    'End',
  ].join('\n')
  return highs.solve(text).ObjectiveValue
}

// Outside check: the registry's LP solver on made-up edges; five hundred on a drill.
test('least area and least worst gap are what a linear programme finds, and every fit is proved by the points it touches', async () => {
  for (let i = 0; i < runsOf(500, 12); i++) {
    const points = anyEdge()
    const [from, to] = [points[0]!.atMm, points.at(-1)!.atMm]
    if (from === to) continue
    for (const fit of FITS) {
      const fitted = fitOver(points, fit)
      for (const { atMm, offMm } of points) expect(offsetAt(fitted.line, atMm)).toBeGreaterThanOrEqual(offMm - 1e-6)
      expect([i, fit, proofOf(points, fitted, fit)]).not.toEqual([i, fit, null])
    }
    const area = fitOver(points, 'least-area').line
    expect(((offsetAt(area, from) + offsetAt(area, to)) / 2) * (to - from)).toBeCloseTo(
      await byProgramme(points, 'least-area'),
      2,
    )
    expect(worstGap(fitOver(points, 'least-worst').line, points)).toBeCloseTo(
      await byProgramme(points, 'least-worst'),
      5,
    )
  }
}, 120_000)

test('two parts over a hump: over every point, never more area than one line, and as little as a fine search of joints finds', () => {
  let splits = 0
  for (let i = 0; i < 60; i++) {
    const points = anyEdge()
    if (points.length < 3) continue
    const split = splitOver(points)
    const [from, to] = [points[0]!.atMm, points.at(-1)!.atMm]
    const one = fitOver(points, 'least-area').line
    const whole = ((offsetAt(one, from) + offsetAt(one, to)) / 2) * (to - from)
    if (!split) continue
    splits++
    const height = heightOf(split)
    for (const { atMm, offMm } of points) expect(height(atMm)).toBeGreaterThanOrEqual(offMm - 1e-4)
    expect(offsetAt(split.left, split.jointMm)).toBeCloseTo(offsetAt(split.right, split.jointMm), 6)
    const areaOf = (joint: number) =>
      ((height(from) + joint) / 2) * (split.jointMm - from) + ((joint + height(to)) / 2) * (to - split.jointMm)
    expect(areaOf(height(split.jointMm))).toBeLessThan(whole)
  }
  expect(splits).toBeGreaterThan(20)
})

// By hand: 6 mm at the left, 2 at the right of 4 m; the worst spot lies 5 mm under the line at 2 m.
test('what a line comes to, by hand', () => {
  const points = [
    { atMm: 0, offMm: 6 },
    { atMm: 2000, offMm: -1 },
    { atMm: 4000, offMm: 2 },
  ]
  const what = straightened(points, fitOver(points, 'least-area').line, 70)
  expect(what).toMatchObject({
    leftMm: 6,
    rightMm: 2,
    mostMm: 5,
    mostAtMm: 2000,
    staysMm: 64,
    trim: 'enough',
    slants: false,
  })
  // From 400 mm on to 3600 the gap is over a millimetre.
  expect(what.coveredRunMm).toBeCloseTo(3200, 6)
  expect(straightened(points, fitOver(points, 'least-area').line, 11).trim).toBe('under-half')
  expect(straightened(points, fitOver(points, 'least-area').line, 6).trim).toBe('gone')
  expect(wanderShows(points)).toBe(true)
  expect(wanderShows(points.map(({ atMm }) => ({ atMm, offMm: atMm / 100 })))).toBe(false)
})

test('marks: at both ends and every stud, all from one end, adding up from the other', () => {
  const marks = marksOf({ startMm: 6, slope: -0.001 }, { fromMm: 0, toMm: 2000, lengthMm: 2000 }, 600)
  expect(marks.map(({ atMm, offMm }) => [atMm, offMm])).toEqual([
    [0, 6],
    [600, 5.4],
    [1200, 4.8],
    [1800, 4.2],
    [2000, 4],
  ])
  for (const { atMm, fromRightMm } of marks) expect(atMm + fromRightMm).toBe(2000)
})
