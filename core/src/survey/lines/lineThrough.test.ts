import fc from 'fast-check'
import highsLoader from 'highs'
import { runsOf } from '../../../tests/runsOf'
import { lineThrough } from './lineThrough'
import { offsetAt, type WanderPoint } from './oneSided'

const EDGE: readonly WanderPoint[] = [
  { atMm: 0, offMm: 2 },
  { atMm: 1000, offMm: 7 },
  { atMm: 3000, offMm: 1 },
]

test('by hand: from 6 mm at the left end it just clears the hump; from 1 mm it cannot, and says what it needs', () => {
  const { line } = lineThrough(EDGE, [{ atMm: 0, offMm: 6 }])
  expect([offsetAt(line!, 0), offsetAt(line!, 1000), offsetAt(line!, 3000)]).toEqual([6, 7, 9])
  expect(lineThrough(EDGE, [{ atMm: 0, offMm: 1 }])).toEqual({ line: null, needsMm: 2, bare: null })
  // Between the hump and the end the hull falls from 7 to 1.
  expect(lineThrough(EDGE, [{ atMm: 2000, offMm: 3 }]).needsMm).toBe(4)
})

test('through two points it lies where it lies, and what stands out is told', () => {
  const ends = [
    { atMm: 0, offMm: 2 },
    { atMm: 3000, offMm: 2 },
  ]
  expect(lineThrough(EDGE, ends).bare).toEqual({ atMm: 1000, offMm: 5 })
  expect(
    lineThrough(
      EDGE,
      ends.map((end) => ({ ...end, offMm: 7 })),
    ).bare,
  ).toBeNull()
})

test('law, beside a linear programme: the line through a point covers the edge with least area, or there is none', async () => {
  const highs = await highsLoader()
  const points = fc.uniqueArray(
    fc.record({ atMm: fc.integer({ min: 0, max: 5000 }), offMm: fc.integer({ min: -20, max: 20 }) }),
    {
      minLength: 2,
      maxLength: 10,
      selector: ({ atMm }) => atMm,
    },
  )
  const chosen = fc.record({ atMm: fc.integer({ min: 0, max: 5000 }), offMm: fc.integer({ min: -20, max: 40 }) })
  const seen = { some: 0, none: 0 }
  fc.assert(
    fc.property(points, chosen, (edge, at) => {
      const { line } = lineThrough(edge, [at])
      const ats = edge.map(({ atMm }) => atMm)
      const middle = (Math.min(...ats) + Math.max(...ats)) / 2
      // Height in the middle as a + b x, over every point and through the one chosen; slopes in mm a metre.
      const rows = edge.map(({ atMm, offMm }, i) => ` c${i}: a + ${atMm / 1000} b >= ${offMm}`)
      const programme = `Minimize\n obj: a + ${middle / 1000} b\nSubject To\n${rows.join('\n')}\n t: a + ${at.atMm / 1000} b = ${at.offMm}\nBounds\n a free\n b free\nEnd`
      const { Status, ObjectiveValue } = highs.solve(programme)
      if (Status === 'Infeasible') seen.none += 1
      else seen.some += 1
      expect(line === null).toBe(Status === 'Infeasible')
      // Where the point is over the middle itself every slope gives up as much.
      if (line) expect(offsetAt(line, middle)).toBeCloseTo(Status === 'Optimal' ? ObjectiveValue : at.offMm, 4)
    }),
    { numRuns: runsOf(3000, 150) },
  )
  expect(Math.min(seen.some, seen.none)).toBeGreaterThan(10)
})
