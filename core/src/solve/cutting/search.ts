import { nth } from '../../base/units/sure'
import { coinsUp, type Cut, type Cutting } from './bar'
import { fitted, priceOf } from './firstFit'
import type { Relaxed } from './master'

export interface SearchLimits {
  /** Ways to cut a bar that are looked at, at most. */
  readonly ways: number
  /** Asked now and then; true ends the search with the best so far. */
  readonly isStopped: () => boolean
}

interface Searched {
  readonly cuts: readonly Cut[] | null
  /** Every way was looked at or ruled out: nothing is cheaper than the best known. */
  readonly isAll: boolean
}

/** Ways to cut the next bar that are looked at, at most: more are hardly ever better. */
const WIDE = 24

/**
 * Branch and bound over cuts: the longest piece left lies in some bar, so a bar with it is cut next, in every way that
 * holds no further piece, the most valuable first. What is left costs at least what the linear programme says its pieces
 * are worth. Ways beyond the best come in later passes (limited discrepancy, Harvey & Ginsberg 1995).
 *
 * @param atMost  only cheaper plans are looked for
 */
export function searchCuts(cutting: Cutting, relaxed: Relaxed, atMost: number, limits: SearchLimits): Searched {
  const { bars, lengths, demand, coin } = cutting
  const order = lengths.map((_, i) => i).sort((a, b) => nth(lengths, b) - nth(lengths, a))
  let best: Cut[] | null = null
  let price = atMost
  let looked = 0
  let isCut = false
  const stopped = (): boolean => {
    if (looked > limits.ways || limits.isStopped()) isCut = true
    return isCut
  }
  const worthOf = (left: readonly number[]): number =>
    left.reduce((all, count, i) => all + count * nth(relaxed.worth, i), 0)
  const scarceLeft = (used: readonly number[]): number =>
    bars.reduce(
      (all, bar, b) => all + (bar.count === null ? 0 : (bar.count - nth(used, b)) * nth(relaxed.scarce, b)),
      0,
    )

  const go = (left: number[], used: number[], cuts: Cut[], paid: number, astray: number): boolean => {
    const next = order.find((i) => nth(left, i) > 0)
    if (next === undefined) {
      const sized = cuts.map((cut) => fitted(cutting, cut))
      const own = priceOf(sized, cutting)
      if (own < price) [best, price] = [sized, own]
      return true
    }
    if (stopped()) return false
    if (coinsUp(paid + worthOf(left) + scarceLeft(used), coin) >= price) return true
    const { ways, isAll } = waysWith(next, left, used)
    let isDone = isAll
    ways.forEach(({ bar, pieces }, k) => {
      if (isCut) return
      if (k > 0 && astray === 0) return void (isDone = false)
      const taken = pieces.map((count, i) => nth(left, i) - count)
      const usedNow = used.map((count, b) => count + Number(b === bar))
      const isOver = go(
        taken,
        usedNow,
        [...cuts, { bar, pieces }],
        paid + (bars[bar]?.price ?? 0),
        astray - Number(k > 0),
      )
      if (!isOver) isDone = false
    })
    return isDone && !isCut
  }

  /** Ways to cut one bar with this piece in it, the most valuable first, and whether they are all that need be looked at. */
  function waysWith(first: number, left: readonly number[], used: readonly number[]): { ways: Cut[]; isAll: boolean } {
    const found: (Cut & { gain: number })[] = []
    let isAll = true
    bars.forEach((bar, b) => {
      const room = bar.length - nth(lengths, first)
      if (room < 0 || (bar.count !== null && nth(used, b) >= bar.count)) return
      const pieces = lengths.map((_, i) => Number(i === first))
      const mine: typeof found = []
      isAll =
        fills(pieces, 0, room, mine, { bar: b, left, order, lengths, price: bar.price, worth: relaxed.worth }) && isAll
      found.push(...mine)
    })
    looked += found.length
    found.sort((a, b) => b.gain - a.gain)
    return { ways: found.slice(0, WIDE), isAll: isAll && found.length <= WIDE }
  }

  for (let astray = 0; astray <= 8 && !isCut; astray = astray * 2 + 1)
    if (
      go(
        [...demand],
        bars.map(() => 0),
        [],
        0,
        astray,
      )
    )
      return { cuts: best, isAll: true }
  return { cuts: best, isAll: false }
}

interface Fills {
  readonly bar: number
  readonly left: readonly number[]
  readonly order: readonly number[]
  readonly lengths: readonly number[]
  readonly price: number
  readonly worth: readonly number[]
}

/** Ways listed before the rest is given up: a bar that holds very many has very good ones among the first. */
const LISTED = 400

/** Lists the ways to go on filling a bar until nothing left fits. Returns whether all are listed. */
function fills(pieces: number[], from: number, room: number, found: (Cut & { gain: number })[], given: Fills): boolean {
  const { left, order, lengths } = given
  if (found.length >= LISTED) return false
  const k = order.findIndex((i, at) => at >= from && nth(lengths, i) <= room && nth(left, i) > nth(pieces, i))
  if (k < 0) {
    // Full, unless a longer piece that was passed over would still fit.
    const isFull = order.every((i) => nth(lengths, i) > room || nth(left, i) <= nth(pieces, i))
    if (!isFull) return true
    const gain = pieces.reduce((all, count, i) => all + count * nth(given.worth, i), 0) - given.price
    found.push({ bar: given.bar, pieces: [...pieces], gain })
    return true
  }
  const i = nth(order, k)
  const length = lengths[i] ?? 1
  const before = nth(pieces, i)
  let isAll = true
  for (let count = Math.min(nth(left, i) - before, Math.floor(room / length)); count >= 0; count--) {
    pieces[i] = before + count
    isAll = fills(pieces, k + 1, room - count * length, found, given) && isAll
  }
  pieces[i] = before
  return isAll
}
