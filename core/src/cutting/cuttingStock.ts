import { bestPattern } from './knapsack'

/** Pieces of one length to be cut, whole units. */
export interface Wanted {
  readonly length: number
  readonly count: number
}

/** One way to cut a roll, and how many rolls are cut so: `pieces[i]` of the i-th wanted length. */
export interface CutPattern {
  readonly pieces: readonly number[]
  readonly rolls: number
}

export interface CutPlan {
  readonly patterns: readonly CutPattern[]
  readonly rolls: number
  /** No plan takes fewer rolls: the linear programme's value, rounded up. */
  readonly lowerBound: number
  /** Of all that is bought, the share that is neither wanted nor cut beyond need. */
  readonly wasteShare: number
}

/**
 * Cuts pieces from rolls of one length with as few rolls as can be found, and the bound that tells how good that is:
 * Gilmore & Gomory 1961, patterns by column generation, then rounded by diving: the largest fraction is fixed and what is
 * left is solved again. `rolls === lowerBound` is a proof.
 *
 * @param wanted  lengths that differ, each at most `roll`
 */
export function cutPlan(roll: number, wanted: readonly Wanted[]): CutPlan {
  const lengths = wanted.map(({ length }) => length)
  const demand = wanted.map(({ count }) => count)
  const whole = solveLp(roll, lengths, demand)
  const lowerBound = Math.max(0, Math.ceil(whole.value - 1e-6))
  const made = new Map<string, { pieces: readonly number[]; rolls: number }>()
  const use = (pieces: readonly number[], rolls: number) => {
    const key = pieces.join()
    made.set(key, { pieces, rolls: (made.get(key)?.rolls ?? 0) + rolls })
  }
  let left = demand
  while (left.some((count) => count > 0)) {
    const { columns } = solveLp(roll, lengths, left)
    const full = columns.flatMap(({ pieces, amount }) => {
      const rolls = Math.floor(amount + 1e-9)
      return rolls > 0 ? [{ pieces, rolls }] : []
    })
    const chosen = full.length > 0 ? full : [{ pieces: fullest(columns, left), rolls: 1 }]
    for (const { pieces, rolls } of chosen) {
      // Never more than is wanted: a pattern is trimmed to what is left.
      for (let i = 0; i < rolls; i++) {
        const cut = topUp(
          pieces.map((count, k) => Math.min(count, left[k] ?? 0)),
          roll,
          lengths,
          left,
        )
        if (cut.every((count) => count === 0)) break
        use(cut, 1)
        left = left.map((count, k) => count - (cut[k] ?? 0))
      }
    }
  }
  const patterns = [...made.values()]
  const rolls = patterns.reduce((sum, each) => sum + each.rolls, 0)
  const used = wanted.reduce((sum, { length, count }) => sum + length * count, 0)
  return { patterns, rolls, lowerBound, wasteShare: rolls === 0 ? 0 : 1 - used / (rolls * roll) }
}

interface Column {
  readonly pieces: readonly number[]
  readonly amount: number
}

/** The pattern with the largest fraction; among equals the one that fills its roll best. */
const fullest = (columns: readonly Column[], left: readonly number[]): readonly number[] =>
  [...columns].sort((a, b) => b.amount - a.amount || sum(b.pieces) - sum(a.pieces))[0]?.pieces ??
  left.map((count) => Math.min(1, count))
const sum = (list: readonly number[]): number => list.reduce((all, each) => all + each, 0)

/** What still fits into a trimmed pattern, longest first. */
function topUp(cut: readonly number[], roll: number, lengths: readonly number[], left: readonly number[]): number[] {
  const pieces = [...cut]
  let room = roll - pieces.reduce((all, count, i) => all + count * (lengths[i] ?? 0), 0)
  const order = lengths.map((_, i) => i).sort((a, b) => (lengths[b] ?? 0) - (lengths[a] ?? 0))
  for (const i of order) {
    const length = lengths[i] ?? 0
    while (length <= room && (pieces[i] ?? 0) < (left[i] ?? 0)) {
      pieces[i] = (pieces[i] ?? 0) + 1
      room -= length
    }
  }
  return pieces
}

/** The linear programme over patterns: revised simplex with one column made at a time by a knapsack. */
function solveLp(
  roll: number,
  lengths: readonly number[],
  demand: readonly number[],
): { value: number; columns: Column[] } {
  const rows = lengths.map((_, i) => i).filter((i) => (demand[i] ?? 0) > 0)
  const m = rows.length
  const of = (i: number) => rows[i] ?? 0
  // To begin with each length is cut by itself, as often as it fits.
  const basis = rows.map((row, i) => {
    const fits = Math.floor(roll / (lengths[row] ?? 1))
    return Array.from({ length: m }, (_, k) => (k === i ? fits : 0))
  })
  const inverse = basis.map((column, i) => column.map((_, k) => (i === k ? 1 / (column[i] ?? 1) : 0)))
  const at = (matrix: readonly number[][], i: number, k: number) => matrix[i]?.[k] ?? 0
  const amounts = rows.map((row, i) => (demand[row] ?? 0) * at(inverse, i, i))
  for (let turn = 0; turn < 50 * (m + 10); turn++) {
    // Every column costs one roll, so that a length is worth the sum of its column in the inverse.
    const worth = Array.from({ length: m }, (_, k) => inverse.reduce((all, line) => all + (line[k] ?? 0), 0))
    const pieces = bestPattern(
      roll,
      rows.map((row) => lengths[row] ?? 0),
      worth,
    )
    const gain = pieces.reduce((all, count, k) => all + count * (worth[k] ?? 0), 0)
    if (gain <= 1 + 1e-9) break
    const entering = Array.from({ length: m }, (_, i) =>
      pieces.reduce((all, count, k) => all + at(inverse, i, k) * count, 0),
    )
    let leaving = -1
    let step = Number.POSITIVE_INFINITY
    entering.forEach((each, i) => {
      const ratio = each > 1e-10 ? (amounts[i] ?? 0) / each : Number.POSITIVE_INFINITY
      if (ratio < step - 1e-12) [leaving, step] = [i, ratio]
    })
    const pivotRow = inverse[leaving]
    if (!pivotRow) break
    const pivot = entering[leaving] ?? 1
    inverse[leaving] = pivotRow.map((each) => each / pivot)
    inverse.forEach((line, i) => {
      if (i === leaving) return
      const factor = entering[i] ?? 0
      line.forEach((each, k) => (line[k] = each - factor * at(inverse, leaving, k)))
      amounts[i] = Math.max(0, (amounts[i] ?? 0) - factor * step)
    })
    amounts[leaving] = step
    basis[leaving] = [...pieces]
  }
  const columns = basis.map((column, i): Column => {
    const pieces = lengths.map(() => 0)
    column.forEach((count, k) => (pieces[of(k)] = count))
    return { pieces, amount: amounts[i] ?? 0 }
  })
  return { value: sum(amounts), columns: columns.filter(({ amount }) => amount > 1e-9) }
}
