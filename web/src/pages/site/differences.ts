import type { HouseRules } from '@crisp-hem/core'

/** How many rules two sets differ in; each work rate counts as one, and each figure of how a quote is made, and each line of who quotes. What a house's walls showed is no rule. */
export function differences(a: HouseRules, b: HouseRules): number {
  const { rates: ratesA, planRates: planA, selling: sellingA, firm: firmA, own: _ownA, ...restA } = a
  const { rates: ratesB, planRates: planB, selling: sellingB, firm: firmB, own: _ownB, ...restB } = b
  const groups = [unequal(ratesA, ratesB), unequal(planA, planB), unequal(sellingA, sellingB), unequal(firmA, firmB)]
  return groups.reduce((sum, count) => sum + count, unequal(restA, restB))
}

function unequal<T extends object>(a: T, b: T): number {
  return (Object.keys(a) as (keyof T)[]).filter((key) => a[key] !== b[key]).length
}
