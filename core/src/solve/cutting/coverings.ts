import { floatAt, nth } from '../../base/units/sure'
import { coinsUp, usedOf, type Cut, type Cutting } from './bar'
import { Filling } from './filling'

/** How many of each bar: of what is there for nothing all, of everything else so many as are taken. */
interface Covering {
  readonly counts: readonly number[]
  readonly price: number
}

/** Purchases looked at, at most, the cheapest first. */
const LISTED = 40

/** What is there and costs nothing is taken whole; what has a price is bought, of some sizes no more than so many. */
const isFree = ({ count, price }: Cutting['bars'][number]): boolean => count !== null && price === 0

/** Length that has to be paid for, and what is for sale, cheapest by its length first. */
function purchase({ bars, lengths, demand }: Cutting) {
  const there = bars.reduce((all, bar) => all + (isFree(bar) ? (bar.count ?? 0) * bar.length : 0), 0)
  const sold = bars
    .flatMap((bar, b) => (!isFree(bar) && bar.length > 0 ? [{ ...bar, b }] : []))
    .sort((a, b) => a.price / a.length - b.price / b.length)
  return { wanted: Math.max(0, usedOf(demand, lengths) - there), sold }
}

/** Lengths × bars for which the cheapest purchase is worked out exactly. */
const TABLE_CELLS = 2_000_000

/**
 * No plan costs less: pieces need at least their own length. Exactly the cheapest purchase that is so long (a covering knapsack by a table
 * over lengths; Martello & Toth 1990), or, where the table would be long, the cheapest in parts of bars.
 */
export function leastPurchase(cutting: Cutting): number {
  const { wanted, sold } = purchase(cutting)
  // Of a size of which there are few, one after another; of any other as many as one likes.
  const single = sold.flatMap((bar) => (bar.count === null ? [] : Array.from({ length: bar.count }, () => bar)))
  const many = sold.filter(({ count }) => count === null)
  if (wanted * (single.length + many.length) > TABLE_CELLS) return coinsUp(inParts(wanted, sold), cutting.coin)
  const least = new Float64Array(wanted + 1).fill(Number.POSITIVE_INFINITY)
  least[0] = 0
  const before = (at: number, length: number): number => floatAt(least, Math.max(0, at - length))
  for (const { length, price } of many)
    for (let at = 1; at <= wanted; at++) least[at] = Math.min(floatAt(least, at), before(at, length) + price)
  for (const { length, price } of single)
    for (let at = wanted; at >= 1; at--) least[at] = Math.min(floatAt(least, at), before(at, length) + price)
  return Number.isFinite(floatAt(least, wanted)) ? floatAt(least, wanted) : 0
}

/** The least money for a length if bars could be bought in parts. @param sold  cheapest by its length first */
function inParts(wanted: number, sold: ReturnType<typeof purchase>['sold']): number {
  let [left, paid] = [wanted, 0]
  for (const { length, price, count } of sold) {
    const taken = Math.min(left, count === null ? left : count * length)
    paid += (taken * price) / length
    left -= taken
  }
  return paid
}

/** Cheap purchases whose length, with what is there, comes to the length wanted, cheapest first: what is tried to be cut from. */
export function coverings(cutting: Cutting): Covering[] {
  const { bars } = cutting
  const { wanted, sold } = purchase(cutting)
  const found: Covering[] = []
  const counts = bars.map((bar) => (isFree(bar) ? (bar.count ?? 0) : 0))
  // One roll more than needed of each size is looked at too: where the first purchase cannot be cut, a dearer one may.
  const go = (k: number, left: number, price: number): void => {
    const bar = sold[k]
    if (!bar) {
      if (left <= 0) found.push({ counts: [...counts], price })
      return
    }
    const most = Math.min(bar.count ?? Number.POSITIVE_INFINITY, Math.max(0, Math.ceil(left / bar.length)) + 1)
    const least = k === sold.length - 1 ? Math.max(0, most - 1) : Math.max(0, most - MOST_SHORT)
    for (let n = most; n >= least; n--) {
      counts[bar.b] = n
      go(k + 1, left - n * bar.length, price + n * bar.price)
    }
    counts[bar.b] = 0
  }
  go(0, wanted, 0)
  return found.sort((a, b) => a.price - b.price).slice(0, LISTED)
}

/** As many rolls of the cheaper size are given up for dearer ones, at most: sizes differ by small factors. */
const MOST_SHORT = 12

/** Puts all pieces into just these bars, each filled as full as it goes, long pieces sooner; null where some do not fit. */
export function packInto(cutting: Cutting, { counts }: Covering, fromLargest: boolean): Cut[] | null {
  const { bars, lengths, demand, most } = cutting
  const left = [...demand]
  const longest = Math.max(...lengths)
  // Of fills that are as full, the one with long pieces: short ones go in anywhere.
  const values = lengths.map((length) => length * (1 + (0.001 * length) / longest))
  const order = bars
    .flatMap((bar, b) => Array.from({ length: nth(counts, b) }, () => ({ b, length: bar.length })))
    .sort((a, b) => (fromLargest ? b.length - a.length : a.length - b.length))
  const cuts: Cut[] = []
  for (const { b, length } of order) {
    if (left.every((count) => count === 0)) break
    const filling = new Filling(Math.min(most, length), lengths, left)
    filling.fill(values)
    const pieces = filling.pieces(length)
    if (pieces.every((count) => count === 0)) continue
    pieces.forEach((count, i) => (left[i] = nth(left, i) - count))
    cuts.push({ bar: b, pieces })
  }
  return left.every((count) => count === 0) ? cuts : null
}
