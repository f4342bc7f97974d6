import { isOfKind, type ArticleKey } from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import type { VanItem } from './vanItems'
import { comesBack, type VanPlan } from './vanLists'

/** What another job takes from the same van on a day, days since the epoch. */
export interface OtherTaking {
  readonly job: string
  readonly day: number
  readonly items: readonly VanItem[]
}

/** Something the van has enough of for this job, but not for it and the others together. */
export interface SharedShortage {
  readonly item: VanItem
  /** The first day on which all together want more than there is, and how much more. */
  readonly day: number
  readonly missing: number
  readonly jobs: readonly string[]
}

/**
 * What jobs that share a van want together, day by day, against what is on it. What this job is short of by itself is told there
 * already. Of cloths and boards the most on one day counts, of what is used up all until then.
 */
export function sharedShortages(
  { lists, stock, shortages }: VanPlan,
  others: readonly OtherTaking[],
): SharedShortage[] {
  const alone = new Set<ArticleKey>(shortages.map(({ item }) => item.key))
  const own = new Map(lists.flatMap(({ items }) => items.map((item) => [item.key, item] as const)))
  return [...own.values()].flatMap((item): SharedShortage[] => {
    if (alone.has(item.key) || item.unit === 'litres' || isOfKind(item.key, 'tool')) return []
    const takings = [
      ...lists.map(({ day, items }) => ({ day, job: null, items })),
      ...others.map(({ day, job, items }) => ({ day, job, items })),
    ].flatMap(({ day, job, items }) =>
      items.flatMap((each) => (each.key === item.key ? [{ day, job, amount: each.amount }] : [])),
    )
    const there = stock.get(item.key) ?? 0
    let used = 0
    for (const [day, today] of [...groupedBy(takings, (each) => each.day)].sort((a, b) => a[0] - b[0])) {
      const wanted = today.reduce((sum, { amount }) => sum + amount, 0)
      used = comesBack(item) ? wanted : used + wanted
      if (used <= there + 1e-6) continue
      const jobs = [
        ...new Set(takings.flatMap((taking) => (taking.day <= day && taking.job !== null ? [taking.job] : []))),
      ]
      return jobs.length > 0 ? [{ item, day, missing: used - there, jobs }] : []
    }
    return []
  })
}
