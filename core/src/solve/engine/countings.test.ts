import { countings } from './countings'

const KINDS = [1, 2, 3, 4, 5, 6, 7]

describe('other ways to count units', () => {
  it('let everything run together that the true units let', () => {
    for (let capacity = 1; capacity <= 7; capacity++) {
      const kinds = KINDS.filter((units) => units <= capacity)
      for (const way of countings(capacity, kinds)) expect(heaviest(capacity, kinds, way.unitsOf)).toBe(way.capacity)
    }
  })

  it('say that of a crew of three two pairs of hands never work at once', () => {
    const [, pairs] = countings(3, [1, 2, 1, 2])
    expect(pairs && [1, 2].map(pairs.unitsOf)).toEqual([0, 3])
  })

  it('are the plain one alone where nothing is won', () => {
    expect(countings(3, [1, 1])).toHaveLength(1)
    expect(countings(1, [1])).toHaveLength(1)
  })
})

/** The most that a set of tasks which fit together holds when counted so: every multiset is tried. */
function heaviest(capacity: number, kinds: readonly number[], unitsOf: (units: number) => number): number {
  const best = Array.from({ length: capacity + 1 }, () => 0)
  for (let room = 1; room <= capacity; room++)
    for (const units of kinds)
      if (units <= room) best[room] = Math.max(best[room] ?? 0, (best[room - units] ?? 0) + unitsOf(units))
  return best[capacity] ?? 0
}
