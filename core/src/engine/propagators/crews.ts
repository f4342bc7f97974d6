/* eslint-disable @typescript-eslint/no-non-null-assertion -- flat arrays in inner loops: every index is made by the code around it */
import type { Atom, Explainer, Store } from '../kernel/store'

/** A task as a crew sees it. */
export interface Held {
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
export class Crew implements Explainer {
  private readonly held: readonly Held[]
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
    held: readonly Held[],
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
  private isDone({ guard }: Held): boolean {
    return !guard || this.store.holds(guard.view, guard.bound)
  }

  propagate(): boolean {
    const { stretch, capacity } = this
    const stretches = this.sweep()
    for (let s = 0; s < stretches; s++) {
      const [from, to, load] = [stretch[3 * s]!, stretch[3 * s + 1]!, stretch[3 * s + 2]!]
      if (load > capacity) return this.overloaded(from)
      for (let i = 0; i < this.count; i++) {
        const isCounted = this.partFrom[i]! <= from && this.partTo[i]! >= to
        if (isCounted || load + this.held[i]!.units <= capacity || !this.isDone(this.held[i]!)) continue
        if (!this.keepOut(i, from, to)) return false
      }
    }
    return true
  }

  /** A task must not run at any minute of a stretch. */
  private keepOut(i: number, from: number, to: number): boolean {
    const { store } = this
    const { lower } = store
    const { start, minutes } = this.held[i]!
    for (let early = lower[start]!; early < to && early + minutes > from; early = lower[start]!) {
      const at = Math.min(to, early + minutes) - 1
      if (!store.raise(start, at + 1, this.who, at)) return false
    }
    for (let late = -lower[start + 1]!; late < to && late + minutes > from; late = -lower[start + 1]!) {
      const at = Math.max(from, late)
      if (!store.raise(start + 1, minutes - at, this.who, at)) return false
    }
    return true
  }

  /** Sums what certainly runs into stretches; how many there are. */
  private sweep(): number {
    const { lower } = this.store
    const { held, marks, stretch } = this
    let count = 0
    for (let i = 0; i < this.count; i++) {
      const { start, minutes } = held[i]!
      const [late, end] = [-lower[start + 1]!, lower[start]! + minutes]
      this.partFrom[i] = late
      this.partTo[i] = end
      if (late >= end) continue
      if (!this.isDone(held[i]!)) {
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
      const time = Math.floor(sorted[m]! / 8192)
      const tag = sorted[m]! - time * 8192
      if (load > 0 && time > at) {
        stretch[3 * stretches] = at
        stretch[3 * stretches + 1] = time
        stretch[3 * stretches + 2] = load
        stretches++
      }
      load += (tag & 1 ? -1 : 1) * held[tag >> 1]!.units
      at = time
    }
    return stretches
  }

  private isPart(i: number, at: number): boolean {
    const { start, minutes } = this.held[i]!
    const { lower } = this.store
    if (!this.isDone(this.held[i]!)) return false
    return -lower[start + 1]! <= at && lower[start]! + minutes > at
  }

  /** More certainly runs at a minute than there is room for: one of them cannot. */
  private overloaded(at: number): boolean {
    for (let i = 0; i < this.count; i++)
      if (this.isPart(i, at)) return this.store.raise(this.held[i]!.start, at + 1, this.who, at)
    return true
  }

  explain(view: number, _bound: number, at: number, tell: (view: number, bound: number) => void): void {
    const own = this.indexOf.get(view & ~1)!
    const { start, minutes, units, guard } = this.held[own]!
    if (guard) tell(guard.view, guard.bound)
    // From any start behind this and up to the minute itself it would run at it.
    if (view & 1) tell(start + 1, -at)
    else tell(start, at + 1 - minutes)
    let load = units
    for (let i = 0; i < this.count && load <= this.capacity; i++) {
      if (i === own || !this.isPart(i, at)) continue
      const other = this.held[i]!
      load += other.units
      if (other.guard) tell(other.guard.view, other.guard.bound)
      tell(other.start, at + 1 - other.minutes)
      tell(other.start + 1, -at)
    }
  }
}
