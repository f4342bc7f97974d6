import { nth } from '../../base/units/sure'
import { coinsUp, divisorOf, sum, usedOf, type Bar, type Cut, type Cutting, type CutPlan, type Wanted } from './bar'
import { coverings, leastPurchase, packInto } from './coverings'
import { diveCuts } from './dive'
import { firstFit, priceOf } from './firstFit'
import { relax } from './master'
import { searchCuts, type SearchLimits } from './search'

/** Enough to prove nearly every job, and little enough to be waited for. */
export const USUAL_EFFORT: SearchLimits = { ways: 60_000, isStopped: () => false }
/** Columns of the linear programme. */
const TURNS = 1200
/** Beyond so many lengths × length × bars no purchase is packed anew: first fit stands. */
const PACK_CELLS = 200_000_000
/** Beyond so many lengths × length the programme takes too long to be waited for: plain bounds stand in. */
const TABLE_CELLS = 400_000

/**
 * Cuts pieces from bars for the least money: first fit and plain bounds where these meet, else a linear programme over
 * cuts, a dive along it, and branch and bound. What stands between price and bound is the gap nobody has closed.
 *
 * @param bars    sizes to buy (`count` null) and what is there; every piece fits into some size to buy
 * @param wanted  lengths above 0
 * @throws RangeError where a piece fits into nothing
 */
export function cutRolls(
  bars: readonly Bar[],
  wanted: readonly Wanted[],
  effort: SearchLimits = USUAL_EFFORT,
): CutPlan {
  const cutting = scaled(bars, wanted)
  const { lengths, demand } = cutting
  if (demand.every((count) => count === 0)) return { cuts: [], price: 0, lowerBound: 0, wasteShare: 0 }
  const roomiest = Math.max(...cutting.bars.map((bar) => bar.length))
  const tooLong = lengths.findIndex((length, i) => length > roomiest && nth(demand, i) > 0)
  if (tooLong >= 0) throw new RangeError(`no bar holds a piece of ${wanted[tooLong]?.length}`)
  const bought = coverings(cutting)
  let bound = leastPurchase(cutting)
  let best = cheapest(
    cutting,
    cutting.bars.flatMap((bar, b) => (bar.count === null ? [firstFit(cutting, b)] : [])),
  )
  const isBest = () => best !== null && priceOf(best, cutting) <= bound
  const cells = (bars: number) => lengths.length * cutting.most * bars
  for (const each of bought) {
    if (cells(sum(each.counts)) > PACK_CELLS) break
    if (isBest() || (best && each.price >= priceOf(best, cutting)) || effort.isStopped()) break
    best = cheapest(cutting, [best, packInto(cutting, each, true), packInto(cutting, each, false)])
  }
  if (!isBest() && lengths.length * cutting.most <= TABLE_CELLS) {
    const relaxed = relax(cutting, TURNS)
    bound = Math.max(bound, coinsUp(relaxed.bound, cutting.coin))
    if (!isBest()) best = cheapest(cutting, [best, diveCuts(cutting, TURNS)])
    if (!isBest()) {
      const { cuts, isAll } = searchCuts(
        cutting,
        relaxed,
        best ? priceOf(best, cutting) : Number.POSITIVE_INFINITY,
        effort,
      )
      if (cuts) best = [...cuts]
      if (isAll && best) bound = priceOf(best, cutting)
    }
  }
  if (best === null) throw new RangeError('there is not enough of any bar')
  const price = priceOf(best, cutting)
  const taken = sum(best.map(({ bar }) => cutting.bars[bar]?.length ?? 0))
  const used = sum(best.map(({ pieces }) => usedOf(pieces, lengths)))
  return { cuts: best, price, lowerBound: Math.min(bound, price), wasteShare: taken === 0 ? 0 : 1 - used / taken }
}

function cheapest(cutting: Cutting, plans: readonly (Cut[] | null)[]): Cut[] | null {
  const made = plans.flatMap((plan) => (plan ? [plan] : []))
  return made.sort((a, b) => priceOf(a, cutting) - priceOf(b, cutting))[0] ?? null
}

/** Lengths in the largest unit that measures all of them: tables are that much smaller. */
function scaled(bars: readonly Bar[], wanted: readonly Wanted[]): Cutting {
  const lengths = wanted.map(({ length }) => length)
  // A bar is as good as the longest total that the pieces' unit reaches.
  const unit = divisorOf(lengths)
  const whole = bars.map((bar) => ({ ...bar, length: Math.floor(bar.length / unit) }))
  return {
    bars: whole,
    lengths: lengths.map((length) => length / unit),
    demand: wanted.map(({ count }) => count),
    most: Math.max(...whole.map((bar) => bar.length)),
    coin: divisorOf(whole.map((bar) => bar.price)),
  }
}
