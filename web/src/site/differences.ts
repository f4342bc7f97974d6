import type { HouseRules } from '@crisp-hem/core'

/** How many rules two sets differ in; each work rate counts as one. */
export function differences(a: HouseRules, b: HouseRules): number {
  const { rates: ratesA, ...restA } = a
  const { rates: ratesB, ...restB } = b
  return unequal(restA, restB) + unequal(ratesA, ratesB)
}

function unequal<T extends object>(a: T, b: T): number {
  return (Object.keys(a) as (keyof T)[]).filter((key) => a[key] !== b[key]).length
}
