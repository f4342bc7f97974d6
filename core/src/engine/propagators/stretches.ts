/* eslint-disable @typescript-eslint/no-non-null-assertion -- flat arrays in inner loops: every index is made by the code around it */
import type { Explainer, Store } from '../kernel/store'
import type { Held } from './crews'

/** `why` packs two stretches into one number. */
const MOST_STRETCHES = 4096

/**
 * Work packed into the stretches a crew is there: tasks that can lie nowhere but in some stretches that follow one another must
 * not hold more than these give, and what no longer fits in with them starts behind them, or before.
 */
export class Stretches implements Explainer {
  private readonly count: number
  private readonly indexOf = new Map<number, number>()
  /** Sums of what the stretches before each give. */
  private readonly given: Int32Array
  /** The first and the last stretch each task can lie in. */
  private readonly first: Int32Array
  private readonly last: Int32Array
  private readonly loads: Int32Array

  /** @param there  from and to of each stretch, in order and apart */
  constructor(
    private readonly store: Store,
    private readonly who: number,
    private readonly held: readonly Held[],
    private readonly capacity: number,
    private readonly there: readonly (readonly [from: number, to: number])[],
  ) {
    this.count = held.length
    held.forEach(({ start }, i) => this.indexOf.set(start, i))
    this.given = new Int32Array(there.length + 1)
    there.forEach(([from, to], k) => (this.given[k + 1] = this.given[k]! + capacity * (to - from)))
    this.first = new Int32Array(this.count)
    this.last = new Int32Array(this.count)
    this.loads = new Int32Array(there.length)
  }

  static readonly most = MOST_STRETCHES

  get watched(): number[] {
    return this.held.flatMap(({ start }) => [start, start + 1])
  }

  propagate(): boolean {
    const { store, held, loads, given, there } = this
    const { lower } = store
    const stretches = there.length
    let [least, most] = [stretches, 0]
    for (let i = 0; i < this.count; i++) {
      const { start } = held[i]!
      this.first[i] = this.at(lower[start]!)
      this.last[i] = this.at(-lower[start + 1]!)
      least = Math.min(least, this.first[i]!)
      most = Math.max(most, this.last[i]!)
    }
    for (let k = least; k <= most; k++) {
      loads.fill(0, k, most + 1)
      for (let i = 0; i < this.count; i++)
        if (this.first[i]! >= k) loads[this.last[i]!]! += held[i]!.minutes * held[i]!.units
      let load = 0
      for (let l = k; l <= most; l++) {
        load += loads[l]!
        const room = given[l + 1]! - given[k]!
        if (load > room) return this.overloaded(k, l)
        if (load > 0 && !this.pushed(k, l, room - load)) return false
      }
    }
    return true
  }

  /** What does not fit into stretches k to l beside those that lie nowhere else. */
  private pushed(k: number, l: number, room: number): boolean {
    const { store, held, there } = this
    // Only of one stretch: of several there are too many to ask for each task.
    if (l !== k) return true
    for (let i = 0; i < this.count; i++) {
      const [first, last] = [this.first[i]!, this.last[i]!]
      if (first === last || first > k || last < k) continue
      const { start, minutes, units } = held[i]!
      if (minutes * units <= room) continue
      const why = k * MOST_STRETCHES + l
      if (first === k && !store.raise(start, there[l]![1], this.who, why)) return false
      if (last === k && !store.raise(start + 1, -(there[k]![0] - 1), this.who, why)) return false
    }
    return true
  }

  private overloaded(k: number, l: number): boolean {
    for (let i = 0; i < this.count; i++)
      if (this.first[i]! >= k && this.last[i]! <= l)
        return this.store.raise(this.held[i]!.start, this.there[l]![1], this.who, k * MOST_STRETCHES + l)
    return true
  }

  /** The stretch in which an instant lies, or the next. */
  private at(instant: number): number {
    const { there } = this
    let low = 0
    let high = there.length - 1
    while (low < high) {
      const middle = (low + high) >> 1
      if (there[middle]![1] <= instant) low = middle + 1
      else high = middle
    }
    return low
  }

  explain(view: number, _bound: number, why: number, tell: (view: number, bound: number) => void): void {
    const [k, l] = [Math.floor(why / MOST_STRETCHES), why % MOST_STRETCHES]
    const { held, store, there, given } = this
    const { lower } = store
    const [from, to] = [there[k]![0], there[l]![1]]
    const own = this.indexOf.get(view & ~1)!
    // From within them it would have to lie in them, on either side.
    if (view & 1) tell(view, -(to - 1))
    else tell(view, from)
    const room = given[l + 1]! - given[k]!
    let load = held[own]!.minutes * held[own]!.units
    for (let i = 0; i < this.count && load <= room; i++) {
      const { start, minutes, units } = held[i]!
      if (i === own || lower[start]! < from || -lower[start + 1]! >= to) continue
      load += minutes * units
      tell(start, from)
      tell(start + 1, -(to - 1))
    }
  }
}
