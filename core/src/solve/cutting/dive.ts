import { nth } from '../../base/units/sure'
import { type Cut, type Cutting } from './bar'
import { fitted } from './firstFit'
import { relax } from './master'

/**
 * Cuts by going down the linear programme: what it takes whole is taken, what is left is asked anew, and where nothing is
 * whole the largest part becomes one (Gilmore & Gomory 1963; residual rounding).
 *
 * @param turns  columns at most, of each programme
 */
export function diveCuts(cutting: Cutting, turns: number): Cut[] | null {
  const { bars, lengths } = cutting
  let demand = cutting.demand
  let counts = bars.map((bar) => bar.count)
  const cuts: Cut[] = []
  while (demand.some((count) => count > 0)) {
    const rest = { ...cutting, demand, bars: bars.map((bar, b) => ({ ...bar, count: counts[b] ?? null })) }
    const found = relax(rest, turns).cuts
    if (found.length === 0) return null
    const whole = found.filter(({ amount }) => amount >= 1 - 1e-9)
    const chosen = whole.length > 0 ? whole : [...found].sort((a, b) => b.amount - a.amount).slice(0, 1)
    let isMoving = false
    for (const { bar, pieces, amount } of chosen) {
      for (let n = Math.max(1, Math.floor(amount + 1e-9)); n > 0; n--) {
        const left = counts[bar]
        if (left === 0) break
        const cut = toppedUp(cutting, { bar, pieces }, demand)
        if (cut.pieces.every((count) => count === 0)) break
        isMoving = true
        cuts.push(fitted({ bars, lengths }, cut))
        demand = demand.map((count, i) => count - nth(cut.pieces, i))
        counts = counts.map((count, b) => (b === bar && count !== null ? count - 1 : count))
      }
    }
    if (!isMoving) return null
  }
  return cuts
}

/** A cut without what nobody wants any more, and with what still fits instead, longest first. */
function toppedUp({ bars, lengths }: Cutting, { bar, pieces }: Cut, demand: readonly number[]): Cut {
  const own = pieces.map((count, i) => Math.min(count, nth(demand, i)))
  let room = own.reduce((left, count, i) => left - count * nth(lengths, i), bars[bar]?.length ?? 0)
  const order = lengths.map((_, i) => i).sort((a, b) => nth(lengths, b) - nth(lengths, a))
  for (const i of order) {
    const length = lengths[i] ?? 1
    const more = Math.min(nth(demand, i) - nth(own, i), Math.floor(room / length))
    own[i] = nth(own, i) + more
    room -= more * length
  }
  return { bar, pieces: own }
}
