import { LEAST, jobShop, type ShopName } from '../../../tests/jobShops'
import { seededNumbers } from '../../base/units/seeded'
import { improve } from './improve'
import { modelOf, startsById } from './instance'
import { solveInstance } from './solveInstance'
import { validate } from './validate'

// Published optima; the 10×10 takes seconds and is timed by `npm run bench`.
test.each(['ft06', 'la01', 'la02', 'la05'] satisfies ShopName[])('%s: the published optimum, proved', (name) => {
  const instance = jobShop(name)
  const answer = solveInstance(instance, { random: seededNumbers(1), isOver: () => false })
  expect(answer).toMatchObject({ status: 'optimal', makespan: LEAST[name], lowerBound: LEAST[name] })
})

test('stopped early it says what it has: a kept schedule, a bound that holds, no claim', () => {
  const instance = jobShop('ft10')
  const seen: [number | null, number][] = []
  const { status, schedule, makespan, bound } = improve(modelOf(instance), {
    random: seededNumbers(3),
    isOver: () => false,
    rounds: 4,
    onProgress: (best, low) => seen.push([best, low]),
  })
  expect(status).toBe('feasible')
  expect(validate(instance, startsById(instance, schedule ?? new Int32Array()))).toEqual([])
  expect(makespan).toBeGreaterThanOrEqual(LEAST.ft10)
  expect(bound).toBeLessThanOrEqual(LEAST.ft10)
  expect(bound).toBeGreaterThan(700)
  // What it says on the way only gets better.
  for (let i = 1; i < seen.length; i++) {
    expect(seen[i]?.[0] ?? Infinity).toBeLessThanOrEqual(seen[i - 1]?.[0] ?? Infinity)
    expect(seen[i]?.[1] ?? 0).toBeGreaterThanOrEqual(seen[i - 1]?.[1] ?? 0)
  }
})

test('the same seed gives the same answer for the same number of rounds', () => {
  const run = (seed: number) =>
    improve(modelOf(jobShop('ft10')), { random: seededNumbers(seed), isOver: () => false, rounds: 3 })
  expect(run(5)).toEqual(run(5))
})
