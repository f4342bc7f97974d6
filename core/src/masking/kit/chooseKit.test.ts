import { runsOf } from '../../../tests/runsOf'
import highsLoader from 'highs'
import { seededNumbers } from '../../base/units/seeded'
import { chooseKit, kitCost, kitTradeOff, type KitProblem } from './chooseKit'
import { paced, workedMs } from '../../../tests/pace'

// By hand: clients want kinds A, A, B; A serves the third for 9 instead of 2. Carrying B costs 5: 1 + 1 + 9 + 5 = 16
// with A alone, 1 + 1 + 2 + 10 = 14 with both. At 8 a kind: 19 against 20, so A alone.
const HAND = [
  [1, 4],
  [1, 6],
  [9, 2],
]
test('by hand: the second kind pays while it is cheap to carry', () => {
  expect(chooseKit({ carry: [5, 5], serve: HAND })).toMatchObject({ kinds: [0, 1], kindOf: [0, 0, 1], cost: 14 })
  expect(chooseKit({ carry: [8, 8], serve: HAND })).toMatchObject({ kinds: [0], kindOf: [0, 0, 0], cost: 19 })
})

test('a client no kind is safe for makes the kit impossible; no clients need no kinds', () => {
  expect(chooseKit({ carry: [1], serve: [[Number.POSITIVE_INFINITY]] })).toBeNull()
  expect(chooseKit({ carry: [1, 1], serve: [] })).toMatchObject({ kinds: [], cost: 0 })
})

/** Made-up kits: costs near one another, a third of the pairs unsafe, each client served by something. */
function generated(seed: number, clients: number, kinds: number): KitProblem {
  const random = seededNumbers(seed)
  const quality = Array.from({ length: kinds }, () => random())
  return {
    carry: Array.from({ length: kinds }, () => Math.round(20 + 200 * random())),
    serve: Array.from({ length: clients }, () => {
      const weight = 5 + 60 * random()
      const costs = quality.map((q) => (random() < 0.33 ? Number.POSITIVE_INFINITY : weight * (1 + q + 0.8 * random())))
      const sure = Math.floor(random() * kinds)
      costs[sure] = Number.isFinite(costs[sure]!) ? costs[sure]! : weight * 2.5
      return costs.map((cost) => (Number.isFinite(cost) ? Math.round(cost) : cost))
    }),
  }
}

/** The same problem as a MILP in CPLEX LP text, for the reference solver. */
function asLp({ carry, serve }: KitProblem): string {
  const pairs = serve.flatMap((costs, i) => costs.flatMap((cost, j) => (Number.isFinite(cost) ? [{ i, j, cost }] : [])))
  const sum = (terms: readonly string[]) => terms.join(' + ')
  return [
    'Minimize',
    ` obj: ${sum([...carry.map((cost, j) => `${cost} y${j}`), ...pairs.map(({ i, j, cost }) => `${cost} x${i}_${j}`)])}`,
    'Subject To',
    ...serve.map((_, i) => ` s${i}: ${sum(pairs.filter((p) => p.i === i).map(({ j }) => `x${i}_${j}`))} = 1`),
    ...pairs.map(({ i, j }) => ` c${i}_${j}: x${i}_${j} - y${j} <= 0`),
    'Bounds',
    ...pairs.map(({ i, j }) => ` 0 <= x${i}_${j} <= 1`),
    'Binary',
    ` ${carry.map((_, j) => `y${j}`).join(' ')}`,
    'End',
  ].join('\n')
}

// Reference: HiGHS, a MILP solver, in WebAssembly from the registry.
test('equals the MILP solver’s optimum on generated cases, fifty on a drill', async () => {
  const highs = await highsLoader()
  for (let seed = 1; seed <= runsOf(50, 20); seed++) {
    const problem = generated(seed, 6 + (seed % 25), 3 + (seed % 10))
    const answer = chooseKit(problem)!
    const reference = highs.solve(asLp(problem))
    expect(reference.Status).toBe('Optimal')
    expect({ seed, cost: Math.round(answer.cost) }).toEqual({ seed, cost: Math.round(reference.ObjectiveValue) })
    expect(kitCost(problem, answer.kinds)).toBeCloseTo(answer.cost, 6)
  }
}, 60_000)

test('1,000 clients and 40 kinds are proved within 2 s', () => {
  const problem = generated(7, 1000, 40)
  const from = workedMs()
  const answer = chooseKit(problem)!
  expect(workedMs() - from).toBeLessThan(paced(2000))
  expect(answer.cost).toBeLessThanOrEqual(
    kitCost(
      problem,
      problem.carry.map((_, j) => j),
    ),
  )
})

describe('the trade-off', () => {
  const serve = generated(3, 60, 9).serve
  const points = kitTradeOff(serve, 9)
  test('runs from every client its best to the fewest kinds, never cheaper with fewer', () => {
    expect(points.length).toBeGreaterThan(2)
    points.forEach((point, i) => {
      if (i === 0) return
      expect(point.kinds.length).toBeLessThan(points[i - 1]!.kinds.length)
      expect(point.serveCost).toBeGreaterThanOrEqual(points[i - 1]!.serveCost)
    })
    expect(points[0]!.serveCost).toBe(serve.reduce((sum, costs) => sum + Math.min(...costs), 0))
  })
  test('each point is the cheapest kit at some carrying cost', () => {
    for (const carry of [10, 60, 250]) {
      const best = chooseKit({ carry: Array.from({ length: 9 }, () => carry), serve })!
      const onCurve = Math.min(...points.map((point) => point.serveCost + carry * point.kinds.length))
      expect(onCurve).toBeCloseTo(best.cost, 6)
    }
  })
})
