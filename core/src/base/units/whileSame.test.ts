import { whileSame } from './whileSame'

test('worked out once while all it is made from is the same, in the same order; anew when one of it is another', () => {
  const kept = whileSame<number>()
  const key = {}
  let works = 0
  const ask = (...from: unknown[]) => kept(key, from, () => ++works)
  expect([ask(1, 'a'), ask(1, 'a'), ask('a', 1), ask(1), ask(1, 'a')]).toEqual([1, 1, 2, 3, 1])
  expect(ask(Number.NaN)).toBe(ask(Number.NaN))
  expect(kept({}, [1, 'a'], () => -1)).toBe(-1)
})

test('of many answers the newest are kept: a guess and what came of it do not put each other out', () => {
  const kept = whileSame<number>()
  const key = {}
  let works = 0
  const ask = (from: number) => kept(key, [from], () => ++works)
  for (const from of [1, 2, 1, 2, 3, 4]) ask(from)
  expect(works).toBe(4)
  ask(5)
  ask(1)
  expect(works).toBe(6)
})
