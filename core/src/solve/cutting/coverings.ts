import { nth } from '../../base/units/sure'
import { usedOf, type Cut, type Cutting } from './bar'
import { Filling } from './filling'

/** How many of each bar: of what is there all, of what is sold so many as are bought. */
interface Covering {
  readonly counts: readonly number[]
  readonly price: number
}

/** Purchases looked at, at most, the cheapest first. */
const LISTED = 40

/**
 * The cheapest purchases whose length, with what is there, comes to the length wanted, cheapest first. No plan costs less
 * than the first of them: pieces need at least their own length.
 */
export function coverings({ bars, lengths, demand }: Cutting): Covering[] {
  const there = bars.reduce((all, bar) => all + (bar.count ?? 0) * bar.length, 0)
  const spent = bars.reduce((all, bar) => all + (bar.count ?? 0) * bar.price, 0)
  const wanted = Math.max(0, usedOf(demand, lengths) - there)
  const sold = bars
    .flatMap((bar, b) => (bar.count === null && bar.length > 0 ? [{ ...bar, b }] : []))
    .sort((a, b) => a.price / a.length - b.price / b.length)
  const found: Covering[] = []
  const counts = bars.map((bar) => bar.count ?? 0)
  // One roll more than needed of each size is looked at too: where the first purchase cannot be cut, a dearer one may.
  const go = (k: number, left: number, price: number): void => {
    const bar = sold[k]
    if (!bar) {
      if (left <= 0) found.push({ counts: [...counts], price: price + spent })
      return
    }
    const most = Math.max(0, Math.ceil(left / bar.length)) + 1
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
