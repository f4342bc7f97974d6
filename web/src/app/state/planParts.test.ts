import { planJob } from '@crisp-hem/core'
import { manyHems } from '../../../../demo'
import { partsOf, planJoiner } from './planParts'

const plan = planJob(manyHems(300, 35))

test('a plan sent in parts is the plan that was made', () => {
  const join = planJoiner()
  const parts = partsOf(plan)
  expect(parts.length).toBeGreaterThan(4)
  expect(parts.slice(0, -1).every((part) => join(part) === null)).toBe(true)
  expect(join(parts.at(-1)!)).toEqual(plan)
})

test('a newer plan begun in between starts afresh; an end without a frame is nothing', () => {
  const join = planJoiner()
  expect(join({ part: 'end' })).toBeNull()
  partsOf(plan).slice(0, 3).forEach(join)
  const small = { ...plan, recipes: plan.recipes.slice(0, 5) }
  expect(partsOf(small).map(join).at(-1)).toEqual(small)
})
