import { floatAt, nth } from '../../base/units/sure'
/**
 * The most valuable ways to fill bars of every length up to one, each piece at most as often as it is wanted: a bounded
 * knapsack by tables over lengths (Gilmore & Gomory 1963; Martello & Toth 1990, chapter 3). Lengths are small whole
 * numbers; `filled` is one table for all bars, since the best for each length stands in it.
 */
export class Filling {
  private readonly best: Float64Array
  private readonly taken: Uint16Array
  private readonly width: number

  /**
   * @param most     longest bar
   * @param lengths  of pieces, whole and above 0
   * @param demand   how many of each may be taken
   */
  constructor(
    most: number,
    private readonly lengths: readonly number[],
    private readonly demand: readonly number[],
  ) {
    this.width = most + 1
    this.best = new Float64Array(this.width)
    this.taken = new Uint16Array(this.width * lengths.length)
  }

  /** Fills the tables for these values of one piece each; a piece worth nothing is left out. */
  fill(values: readonly number[]): void {
    const { best, taken, width } = this
    best.fill(0)
    for (let i = 0; i < this.lengths.length; i++) {
      const length = nth(this.lengths, i)
      const value = nth(values, i)
      const row = i * width
      taken.fill(0, row, row + width)
      const wanted = nth(this.demand, i)
      if (value <= 0 || wanted === 0) continue
      for (let at = width - 1; at >= length; at--) {
        let found = floatAt(best, at)
        let count = 0
        for (let k = 1; k <= wanted && k * length <= at; k++) {
          // Gone through from the longest down, what is shorter does not hold this piece yet.
          const worth = floatAt(best, at - k * length) + k * value
          if (worth > found) {
            found = worth
            count = k
          }
        }
        best[at] = found
        taken[row + at] = count
      }
    }
  }

  /** What the best filling of a bar is worth. */
  worth(length: number): number {
    return floatAt(this.best, length)
  }

  /** The best filling of a bar: how many of each. */
  pieces(length: number): number[] {
    const pieces = this.lengths.map(() => 0)
    let left = length
    for (let i = this.lengths.length - 1; i >= 0; i--) {
      const count = this.taken[i * this.width + left] ?? 0
      pieces[i] = count
      left -= count * nth(this.lengths, i)
    }
    return pieces
  }
}
