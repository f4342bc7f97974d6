import { nth } from '../../base/units/sure'
import { sum, usedOf, type Cut, type Cutting } from './bar'

/**
 * Cuts made at once, longest pieces first, each from the bar with the least room that still holds it. What there is of
 * part rolls and offcuts is used before a roll is opened; which size is opened then, `open` says.
 */
export function firstFit({ bars, lengths, demand }: Cutting, open: number): Cut[] | null {
  const order = lengths.map((_, i) => i).sort((a, b) => nth(lengths, b) - nth(lengths, a))
  const begun: { bar: number; left: number; pieces: number[] }[] = []
  const free = bars
    .flatMap((bar, b) =>
      Array.from({ length: bar.price === 0 ? (bar.count ?? 0) : 0 }, () => ({ b, length: bar.length })),
    )
    .sort((a, b) => a.length - b.length)
  for (const i of order) {
    const length = nth(lengths, i)
    for (let n = 0; n < nth(demand, i); n++) {
      let best: (typeof begun)[number] | null = null
      for (const each of begun) if (each.left >= length && (best === null || each.left < best.left)) best = each
      if (!best) {
        const at = free.findIndex((each) => each.length >= length)
        const bar = free[at]?.b ?? open
        if (at >= 0) free.splice(at, 1)
        const room = bars[bar]?.length ?? 0
        if (room < length) return null
        best = { bar, left: room, pieces: lengths.map(() => 0) }
        begun.push(best)
      }
      best.left -= length
      best.pieces[i] = nth(best.pieces, i) + 1
    }
  }
  return begun.map(({ bar, pieces }) => fitted({ bars, lengths }, { bar, pieces }))
}

/** A cut from the cheapest size one can buy that is long enough for it; one from what is there stays. */
export function fitted({ bars, lengths }: Pick<Cutting, 'bars' | 'lengths'>, cut: Cut): Cut {
  const own = bars[cut.bar]
  if (own?.count !== null) return cut
  const used = usedOf(cut.pieces, lengths)
  let best = cut.bar
  bars.forEach((bar, b) => {
    if (bar.count === null && bar.length >= used && bar.price < (bars[best]?.price ?? 0)) best = b
  })
  return { ...cut, bar: best }
}

export const priceOf = (cuts: readonly Cut[], { bars }: Pick<Cutting, 'bars'>): number =>
  sum(cuts.map(({ bar }) => bars[bar]?.price ?? 0))
