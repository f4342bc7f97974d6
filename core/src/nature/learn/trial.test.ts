import { chanceLower, chanceToTell, metresToTell } from './tellApart'
import { trialOrder } from './trialOrder'
import { gammaQuantile } from './gamma'
import { seededNumbers } from '../../base/units/seeded'

describe('the order of a trial', () => {
  test('each row has every way once; in every square of rows each way stands at each place once', () => {
    for (const [ways, rows, seed] of [
      [2, 4, 1],
      [3, 7, 2],
      [6, 12, 3],
      [4, 3, 4],
    ] as const) {
      const order = trialOrder(ways, rows, seed)
      expect(order).toHaveLength(rows)
      const all = Array.from({ length: ways }, (_, i) => i)
      for (const row of order) expect([...row].sort()).toEqual(all)
      for (let from = 0; from + ways <= rows; from += ways)
        for (const place of all)
          expect(
            order
              .slice(from, from + ways)
              .map((row) => row[place])
              .sort(),
          ).toEqual(all)
    }
  })
  test('the same seed draws the same order, another another; over many seeds every way is as often first', () => {
    expect(trialOrder(4, 8, 5)).toEqual(trialOrder(4, 8, 5))
    expect(trialOrder(4, 8, 5)).not.toEqual(trialOrder(4, 8, 6))
    const first = [0, 0, 0, 0]
    for (let seed = 0; seed < 2000; seed++) first[trialOrder(4, 1, seed)[0]![0]!]! += 1
    for (const n of first) expect(Math.abs(n - 500)).toBeLessThan(4 * Math.sqrt(2000 * 0.25 * 0.75))
  })
})

describe('telling two ways apart', () => {
  test('the chance that one is lower, beside draws of both laws', () => {
    const random = seededNumbers(8)
    const [a, b] = [
      { events: 3, exposure: 10 },
      { events: 7, exposure: 12 },
    ]
    const n = 4000
    let lower = 0
    for (let i = 0; i < n; i++)
      if (gammaQuantile(3.25, random()) / 10.01 < gammaQuantile(7.25, random()) / 12.01) lower += 1
    expect(Math.abs(chanceLower(a, b) - lower / n)).toBeLessThan(3 * Math.sqrt(0.25 / n))
    expect(chanceLower(a, b) + chanceLower(b, a)).toBeCloseTo(1, 9)
    expect(chanceLower(a, a)).toBeCloseTo(0.5, 9)
  })

  test('two ways that are alike are called different seldom: the exact test keeps its chance of error but for pieces that differ', () => {
    expect(chanceToTell([0.5, 0.5], 20)).toBeLessThan(0.12)
  })

  // The usual sum for two Poisson rates (two-sided 5 %, power 0.8): n = (1.96 + 0.84)² (λ1 + λ2) / (λ1 − λ2)², from any handbook of trials.
  test('the metres it takes are more than the usual sum for rates without pieces that differ, and of its kind', () => {
    for (const [a, b] of [
      [2, 0.5],
      [1, 0.2],
    ] as const) {
      const usual = (2.8 ** 2 * (a + b)) / (a - b) ** 2
      const metres = metresToTell([a, b])!
      expect(metres).toBeGreaterThan(usual * 0.8)
      expect(metres).toBeLessThan(usual * 6)
    }
    expect(metresToTell([1, 1])).toBeNull()
    expect(metresToTell([4, 1])!).toBeLessThan(metresToTell([1, 0.25])!)
  })
})
