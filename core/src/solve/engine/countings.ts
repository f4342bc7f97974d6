/** A crew's units told another way. */
export interface Counting {
  readonly capacity: number
  readonly unitsOf: (units: number) => number
}

/**
 * Ways to count what tasks hold of a crew, the plain one first. Whatever can run together by the true units can do so by each of
 * these, so that energy holds by any of them: of a crew of three, two that need a pair of hands never run at once, which their
 * units alone do not say. Dual feasible functions: Fekete & Schepers 2001.
 *
 * @param held  units of each task, none above the capacity
 */
export function countings(capacity: number, held: readonly number[]): Counting[] {
  const plain: Counting = { capacity, unitsOf: (units) => units }
  const kinds = [...new Set(held)].filter((units) => units > 0)
  const seen = new Set<string>()
  const ways = [plain]
  // Small units left out, and what fits beside nothing that is left counted as the whole.
  for (const least of [...kinds.filter((units) => 2 * units <= capacity), (capacity + 1) / 2]) {
    const unitsOf = (units: number): number => {
      if (units < least) return 0
      return units > capacity - least ? capacity : units
    }
    const key = kinds.map(unitsOf).join()
    if (seen.has(key) || kinds.every((units) => unitsOf(units) <= units)) continue
    seen.add(key)
    ways.push({ capacity, unitsOf })
  }
  return ways
}
