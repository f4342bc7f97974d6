import { groupedBy } from './groupedBy'
import { onceFor } from './onceFor'

test('things come in groups, groups and members in the order in which they came', () => {
  const groups = groupedBy(['pear', 'plum', 'apple', 'peach', 'apricot'], (name) => name.charAt(0))
  expect([...groups]).toEqual([
    ['p', ['pear', 'plum', 'peach']],
    ['a', ['apple', 'apricot']],
  ])
  expect([...groupedBy([], String)]).toEqual([])
})

test('keys of a group are told apart as a map does: null is one of them, and equal objects are two', () => {
  expect(groupedBy([1, 2, 3], (n) => (n === 2 ? null : 'odd'))).toEqual(
    new Map<string | null, number[]>([
      ['odd', [1, 3]],
      [null, [2]],
    ]),
  )
  expect(groupedBy([1, 2], () => ({})).size).toBe(2)
})

describe('what is worked out once for an object', () => {
  test('is asked for once, also where the answer is nothing', () => {
    const work = jest.fn((list: readonly number[]) => list.find((n) => n > 5))
    const first = onceFor(work)
    const list = [1, 2, 3]
    expect([first(list), first(list), first([7])]).toEqual([undefined, undefined, 7])
    expect(work).toHaveBeenCalledTimes(2)
  })
  test('is not kept where it failed', () => {
    let fails = true
    const work = onceFor((of: { readonly n: number }) => {
      if (fails) throw new Error('not yet')
      return of.n
    })
    const key = { n: 3 }
    expect(() => work(key)).toThrow('not yet')
    fails = false
    expect(work(key)).toBe(3)
  })
})
