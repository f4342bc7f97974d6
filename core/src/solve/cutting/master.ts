import { floatAt, nth } from '../../base/units/sure'
import type { Cut, Cutting } from './bar'
import { Filling } from './filling'

/** The linear programme over ways to cut a bar: what it comes to at least, and what pieces and bars are worth in it. */
export interface Relaxed {
  /** A bound that holds however the programme ended. */
  readonly bound: number
  /** Worth of one piece of each length, never below 0; what a bar of which there are few costs beyond its price, never above. */
  readonly worth: readonly number[]
  readonly scarce: readonly number[]
  readonly cuts: readonly (Cut & { readonly amount: number })[]
}

interface Column {
  readonly price: number
  readonly entries: readonly (readonly [row: number, value: number])[]
  readonly cut: Cut | null
}

/**
 * Column generation (Gilmore & Gomory 1961): a revised simplex whose columns are made one at a time by filling a bar as
 * well as the present worths say. Rows are the lengths wanted and, for bars of which there are few, how many. Where it is
 * stopped early, worths are scaled until no filling beats its price (Farley 1990), so that the bound holds.
 *
 * @param turns  columns at most
 */
export function relax(cutting: Cutting, turns: number): Relaxed {
  const { bars, lengths, demand, most } = cutting
  const [m, few] = [lengths.length, bars.flatMap((bar, b) => (bar.count === null ? [] : [b]))]
  const rows = m + few.length
  const filling = new Filling(most, lengths, demand)
  // Dear enough that no piece stays uncut where a bar can be bought.
  const missing = 2 * Math.max(...bars.map((bar) => bar.price), 1) + 1
  const columns: Column[] = Array.from({ length: rows }, (_, i) => ({
    price: i < m ? missing : 0,
    entries: [[i, 1]],
    cut: null,
  }))
  const inverse = Array.from({ length: rows }, (_, i) =>
    Float64Array.from({ length: rows }, (_x, k) => (i === k ? 1 : 0)),
  )
  const amounts = Float64Array.from({ length: rows }, (_, i) =>
    i < m ? nth(demand, i) : (bars[nth(few, i - m)]?.count ?? 0),
  )
  const duals = new Float64Array(rows)
  const rowOfBar = new Map(few.map((b, i) => [b, m + i]))

  /** Fills bars by the present worths. Returns the column that gains most, or null. */
  const enter = (): Column | null => {
    duals.fill(0)
    for (let i = 0; i < rows; i++) {
      const price = columns[i]?.price ?? 0
      const line = inverse[i]
      if (price !== 0 && line) for (let k = 0; k < rows; k++) duals[k] = floatAt(duals, k) + price * floatAt(line, k)
    }
    for (let i = 0; i < m; i++) if (floatAt(duals, i) < -1e-9) return { price: 0, entries: [[i, -1]], cut: null }
    for (const row of rowOfBar.values())
      if (floatAt(duals, row) > 1e-9) return { price: 0, entries: [[row, 1]], cut: null }
    filling.fill(Array.from(duals.subarray(0, m)))
    let [gain, chosen] = [1e-7, -1]
    bars.forEach((bar, b) => {
      const scarce = duals[rowOfBar.get(b) ?? -1] ?? 0
      const own = filling.worth(bar.length) + scarce - bar.price
      if (own > gain) [gain, chosen] = [own, b]
    })
    const bar = bars[chosen]
    if (!bar) return null
    const pieces = filling.pieces(bar.length)
    const row = rowOfBar.get(chosen)
    const entries = pieces.flatMap((count, i) => (count > 0 ? [[i, count] as const] : []))
    return {
      price: bar.price,
      entries: row === undefined ? entries : [...entries, [row, 1]],
      cut: { bar: chosen, pieces },
    }
  }

  for (let turn = 0; turn < turns; turn++) {
    const entering = enter()
    if (!entering) break
    const direction = inverse.map((line) =>
      entering.entries.reduce((all, [row, value]) => all + floatAt(line, row) * value, 0),
    )
    let [leaving, step] = [-1, Number.POSITIVE_INFINITY]
    direction.forEach((each, i) => {
      const ratio = each > 1e-9 ? floatAt(amounts, i) / each : Number.POSITIVE_INFINITY
      if (ratio < step - 1e-12) [leaving, step] = [i, ratio]
    })
    const pivotRow = inverse[leaving]
    if (!pivotRow) break
    const pivot = direction[leaving] ?? 1
    for (let k = 0; k < rows; k++) pivotRow[k] = floatAt(pivotRow, k) / pivot
    inverse.forEach((line, i) => {
      const factor = nth(direction, i)
      if (i === leaving || factor === 0) return
      for (let k = 0; k < rows; k++) line[k] = floatAt(line, k) - factor * floatAt(pivotRow, k)
      amounts[i] = Math.max(0, floatAt(amounts, i) - factor * step)
    })
    amounts[leaving] = step
    columns[leaving] = entering
  }
  enter()
  const cuts = columns.flatMap(({ cut }, i) => {
    const amount = floatAt(amounts, i)
    return cut && amount > 1e-9 ? [{ ...cut, amount }] : []
  })
  return { ...holding(cutting, filling, duals, rowOfBar), cuts }
}

/** Worths scaled and rounded down until no way to cut a bar is worth more than it costs: what then is left of the bound holds. */
function holding(
  { bars, demand }: Cutting,
  filling: Filling,
  duals: Float64Array,
  rowOfBar: ReadonlyMap<number, number>,
): Pick<Relaxed, 'bound' | 'worth' | 'scarce'> {
  const raw = demand.map((_, i) => Math.max(0, floatAt(duals, i)))
  filling.fill(raw)
  const scarceOf = (b: number): number => Math.min(0, duals[rowOfBar.get(b) ?? -1] ?? 0)
  let share = 1
  bars.forEach((bar, b) => {
    const worth = filling.worth(bar.length)
    if (worth > bar.price - scarceOf(b)) share = Math.min(share, (bar.price - scarceOf(b)) / worth)
  })
  const scale = Math.max(0, share * (1 - 1e-12))
  const worth = raw.map((each) => each * scale)
  const scarce = bars.map((_, b) => scarceOf(b))
  const paid = bars.reduce((all, bar, b) => all + (bar.count === null ? 0 : bar.count * nth(scarce, b)), 0)
  return { worth, scarce, bound: demand.reduce((all, count, i) => all + count * nth(worth, i), 0) + paid }
}
