/**
 * The most valuable way to fill a length with pieces, any number of each: an unbounded knapsack by depth-first search in
 * order of value per length, cut off by what the room left could be worth at the next best rate (Gilmore & Gomory 1963).
 *
 * @returns how many of each
 */
export function bestPattern(room: number, lengths: readonly number[], values: readonly number[]): number[] {
  const order = lengths
    .map((length, i) => ({ i, length, value: values[i] ?? 0 }))
    .filter(({ length, value }) => length > 0 && length <= room && value > 0)
    .sort((a, b) => b.value / b.length - a.value / a.length || b.length - a.length)
  const counts = order.map(() => 0)
  let best = 0
  let found: readonly number[] = counts
  const couldBe = (k: number, left: number): number => {
    const next = order[k]
    return next ? (left * next.value) / next.length : 0
  }
  const search = (k: number, left: number, worth: number): void => {
    if (worth > best + 1e-12) [best, found] = [worth, [...counts]]
    const item = order[k]
    if (!item) return
    for (let count = Math.floor(left / item.length); count >= 0; count--) {
      const [room, sum] = [left - count * item.length, worth + count * item.value]
      // Fewer of this one are worth less still: the next ones pay worse for the room they get.
      if (sum + couldBe(k + 1, room) <= best + 1e-12) break
      counts[k] = count
      search(k + 1, room, sum)
      counts[k] = 0
    }
  }
  search(0, room, 0)
  const pieces = lengths.map(() => 0)
  order.forEach(({ i }, k) => (pieces[i] = found[k] ?? 0))
  return pieces
}
