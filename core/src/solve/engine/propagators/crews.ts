import { floatAt, intAt, nth, sure } from '../../../base/units/sure'
import type { Atom, Explainer, Store } from '../kernel/store'

/** A task as a crew sees it. */
export interface HeldUnits {
  /** View of its start. */
  readonly start: number
  readonly minutes: number
  readonly units: number
  /** The atom by which it is done at all; left out, it always is. */
  readonly guard?: Atom | null
}

/**
 * A crew of several, or anything there are only so many of: time-table filtering with pointwise reasons. A task whose latest
 * start lies before its earliest end certainly runs in between. Where what certainly runs leaves no room at a minute, whoever
 * would run then is pushed behind it, or before it; the reason is that minute.
 */
export class CrewResource implements Explainer {
  private readonly held: readonly HeldUnits[]
  private readonly count: number
  private readonly indexOf = new Map<number, number>()
  /** What each task certainly runs, as this pass began. */
  private readonly partFrom: Int32Array
  private readonly partTo: Int32Array
  /** Stretches of constant load: from, to, load. */
  private readonly stretch: Int32Array
  private readonly marks: Float64Array

  constructor(
    private readonly store: Store,
    private readonly who: number,
    held: readonly HeldUnits[],
    private readonly capacity: number,
  ) {
    this.held = held.filter(({ minutes, units }) => minutes > 0 && units > 0)
    this.count = this.held.length
    this.held.forEach(({ start }, i) => this.indexOf.set(start, i))
    this.partFrom = new Int32Array(this.count)
    this.partTo = new Int32Array(this.count)
    this.stretch = new Int32Array(6 * this.count + 3)
    this.marks = new Float64Array(2 * this.count)
  }

  /** Views whose rise wakes it. */
  get watched(): number[] {
    return this.held.flatMap(({ start, guard }) => [start, start + 1, ...(guard ? [guard.view] : [])])
  }

  /** Whether a task is known to be done. */
  private isDone({ guard }: HeldUnits): boolean {
    return !guard || this.store.holds(guard.view, guard.bound)
  }

  propagate(): boolean {
    const { stretch, capacity, held, store } = this
    const stretches = this.sweep()
    let most = 0
    for (let s = 0; s < stretches; s++) {
      const load = intAt(stretch, 3 * s + 2)
      if (load > capacity) return this.overloaded(intAt(stretch, 3 * s))
      if (load > most) most = load
    }
    for (let i = 0; i < this.count; i++) {
      const { units, start } = nth(held, i)
      if (most + units <= capacity || store.isFixed(start) || !this.isDone(nth(held, i))) continue
      if (!this.later(i, stretches) || !this.sooner(i, stretches)) return false
    }
    return true
  }

  /** What runs at a minute without a task leaves no room for it. */
  private isFull(i: number, s: number): boolean {
    const { stretch } = this
    const isCounted =
      intAt(this.partFrom, i) <= intAt(stretch, 3 * s) && intAt(this.partTo, i) >= intAt(stretch, 3 * s + 1)
    return !isCounted && intAt(stretch, 3 * s + 2) + nth(this.held, i).units > this.capacity
  }

  /** The earliest start of a task goes behind all that leaves no room for it there. */
  private later(i: number, stretches: number): boolean {
    const { store, stretch } = this
    const { start, minutes } = nth(this.held, i)
    let early = intAt(store.lower, start)
    for (let s = this.stretchBehind(early, stretches); s < stretches && intAt(stretch, 3 * s) < early + minutes;) {
      if (intAt(stretch, 3 * s + 1) <= early || !this.isFull(i, s)) {
        s++
        continue
      }
      const at = Math.min(intAt(stretch, 3 * s + 1), early + minutes) - 1
      if (!store.raise(start, at + 1, this.who, at)) return false
      early = intAt(store.lower, start)
    }
    return true
  }

  /** The latest start of a task goes before all that leaves no room for it there. */
  private sooner(i: number, stretches: number): boolean {
    const { store, stretch } = this
    const { start, minutes } = nth(this.held, i)
    let late = -intAt(store.lower, start + 1)
    let s = Math.min(stretches - 1, this.stretchBehind(late + minutes, stretches))
    while (s >= 0 && intAt(stretch, 3 * s + 1) > late) {
      if (intAt(stretch, 3 * s) >= late + minutes || !this.isFull(i, s)) {
        s--
        continue
      }
      const at = Math.max(intAt(stretch, 3 * s), late)
      if (!store.raise(start + 1, minutes - at, this.who, at)) return false
      late = -intAt(store.lower, start + 1)
    }
    return true
  }

  /** The first stretch that ends behind an instant. */
  private stretchBehind(instant: number, stretches: number): number {
    const { stretch } = this
    let low = 0
    let high = stretches
    while (low < high) {
      const middle = (low + high) >> 1
      if (intAt(stretch, 3 * middle + 1) <= instant) low = middle + 1
      else high = middle
    }
    return low
  }

  /** Sums what certainly runs into stretches; how many there are. */
  private sweep(): number {
    const { lower } = this.store
    const { held, marks, stretch } = this
    let count = 0
    for (let i = 0; i < this.count; i++) {
      const { start, minutes } = nth(held, i)
      const [late, end] = [-intAt(lower, start + 1), intAt(lower, start) + minutes]
      this.partFrom[i] = late
      this.partTo[i] = end
      if (late >= end) continue
      if (!this.isDone(nth(held, i))) {
        this.partTo[i] = late
        continue
      }
      // Instant and task in one number, so that plain sorting does: beginnings are even, ends odd.
      marks[count++] = late * 8192 + 2 * i
      marks[count++] = end * 8192 + 2 * i + 1
    }
    const sorted = marks.subarray(0, count).sort()
    let [stretches, load, at] = [0, 0, 0]
    for (let m = 0; m < count; m++) {
      const time = Math.floor(floatAt(sorted, m) / 8192)
      const tag = floatAt(sorted, m) - time * 8192
      if (load > 0 && time > at) {
        stretch[3 * stretches] = at
        stretch[3 * stretches + 1] = time
        stretch[3 * stretches + 2] = load
        stretches++
      }
      load += (tag & 1 ? -1 : 1) * nth(held, tag >> 1).units
      at = time
    }
    return stretches
  }

  private isPart(i: number, at: number): boolean {
    const { start, minutes } = nth(this.held, i)
    const { lower } = this.store
    if (!this.isDone(nth(this.held, i))) return false
    return -intAt(lower, start + 1) <= at && intAt(lower, start) + minutes > at
  }

  /** More certainly runs at a minute than there is room for: one of them cannot. */
  private overloaded(at: number): boolean {
    for (let i = 0; i < this.count; i++)
      if (this.isPart(i, at)) return this.store.raise(nth(this.held, i).start, at + 1, this.who, at)
    return true
  }

  explain(view: number, _bound: number, at: number, tell: (view: number, bound: number) => void): void {
    const own = sure(this.indexOf.get(view & ~1))
    const { start, minutes, units, guard } = nth(this.held, own)
    if (guard) tell(guard.view, guard.bound)
    // From any start behind this and up to the minute itself it would run at it.
    if (view & 1) tell(start + 1, -at)
    else tell(start, at + 1 - minutes)
    let load = units
    for (let i = 0; i < this.count && load <= this.capacity; i++) {
      if (i === own || !this.isPart(i, at)) continue
      const other = nth(this.held, i)
      load += other.units
      if (other.guard) tell(other.guard.view, other.guard.bound)
      tell(other.start, at + 1 - other.minutes)
      tell(other.start + 1, -at)
    }
  }
}
