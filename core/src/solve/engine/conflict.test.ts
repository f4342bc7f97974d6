import fc from 'fast-check'
import { seededNumbers } from '../../base/units/seeded'
import { smallestConflict } from './conflict'
import { improve } from './improve'
import { modelOf, type Instance } from './instance'

test('what it finds fails, and fails no more without any one of it', () => {
  fc.assert(
    fc.property(fc.array(fc.uniqueArray(fc.nat(9), { minLength: 1, maxLength: 4 }), { maxLength: 5 }), (conflicts) => {
      const fails = (set: readonly number[]) =>
        conflicts.some((conflict) => conflict.every((item) => set.includes(item)))
      const all = Array.from({ length: 10 }, (_, i) => i)
      const found = smallestConflict(all, fails)
      if (conflicts.length === 0) return expect(found).toBeNull()
      expect(fails(found ?? [])).toBe(true)
      for (const item of found ?? []) expect(fails((found ?? []).filter((each) => each !== item))).toBe(false)
    }),
  )
})

test('a schedule that cannot be: the two lags that contradict one another, not the third', () => {
  const instance = (lags: Instance['lags']): Instance => ({
    resources: [],
    tasks: ['a', 'b', 'c'].map((id) => ({ id, duration: 5, uses: {} })),
    lags,
  })
  const lags = [
    { from: 'a', to: 'b', min: 10 },
    { from: 'b', to: 'c', min: 1 },
    { from: 'a', to: 'b', max: 8 },
  ]
  const found = smallestConflict(
    lags,
    (set) => improve(modelOf(instance(set)), { random: seededNumbers(1), isOver: () => false }).status === 'infeasible',
  )
  expect(found).toEqual([lags[0], lags[2]])
})
