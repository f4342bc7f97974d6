import highsLoader from 'highs'
import { asLp, coarse } from '../../../tests/asLp'
import { madeInstance, sharedInstance } from '../../../tests/madeInstances'
import { seededNumbers } from '../../base/units/seeded'
import { solveInstance } from './solveInstance'

test('made jobs: the makespan of a time-indexed program in another solver, or infeasible there too', async () => {
  const highs = await highsLoader()
  for (const [family, seed] of [
    ['wet-pulls', 1],
    ['overnight', 2],
    ['two-crews-one-gun', 3],
    ['pairs-of-hands', 4],
    ['mixed', 5],
    ['tight-shifts', 6],
  ] as const) {
    const instance = coarse(madeInstance(family, 8, seed))
    const answer = solveInstance(instance, { random: seededNumbers(1), isOver: () => false })
    const horizon = (answer.makespan ?? 400) + 4
    const other = highs.solve(asLp(instance, horizon))
    expect([family, answer.status, answer.makespan ?? null]).toEqual([
      family,
      other.Status === 'Optimal' ? 'optimal' : 'infeasible',
      other.Status === 'Optimal' ? Math.round(other.ObjectiveValue) : null,
    ])
  }
})

test('who takes which round, and ways between rounds: as that solver says', async () => {
  const highs = await highsLoader()
  for (const [seed, way] of [
    [1, 0],
    [3, 2],
  ] as const) {
    const instance = { ...coarse(sharedInstance(7, seed, way === 0 ? 0 : 1)) }
    const far = {
      ...instance,
      ...(instance.ways ? { ways: instance.ways.map((each) => ({ ...each, minutes: way })) } : {}),
    }
    const answer = solveInstance(far, { random: seededNumbers(1), isOver: () => false })
    const other = highs.solve(asLp(far, (answer.makespan ?? 200) + 4))
    expect([seed, answer.status, answer.makespan]).toEqual([seed, 'optimal', Math.round(other.ObjectiveValue)])
  }
})
