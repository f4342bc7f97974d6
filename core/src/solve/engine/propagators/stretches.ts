import { intAt, nth, sure } from '../../../base/units/sure'
import type { Explainer, Store } from '../kernel/store'
import type { HeldUnits } from './crews'

/** A reason is an instant and a stretch, in one number; so many stretches, and so many minutes, go in. */
const MOST_STRETCHES = 4096
const MOST_MINUTES = 1 << 19
/** From an instant to the end of a stretch. */
const untilEnd = (from: number, stretch: number): number => from * MOST_STRETCHES + stretch
/** From the beginning of a stretch to an instant: below nothing, to be told from the other. */
const fromBegin = (stretch: number, to: number): number => -1 - untilEnd(to, stretch)

/**
 * Work packed into the stretches a crew is there. Of tasks that can lie nowhere but between two instants, one of them the edge of
 * a stretch, the work must not be more than what is given there, and what does not fit in beside them starts before, or behind.
 * Where a crew has hardly a minute to spare, this sees at once that it must not stand idle (energetic reasoning, calendars
 * counted: Baptiste, Le Pape & Nuijten 2001).
 */
export class Stretches implements Explainer {
  private readonly count: number
  private readonly indexOf = new Map<number, number>()
  private readonly minutes: Int32Array
  /** Minutes by units of each task, and the most of any. */
  private readonly work: Int32Array
  private readonly most: number
  private readonly begins: Int32Array
  private readonly ends: Int32Array
  /** Sums of what the stretches before each give. */
  private readonly given: Int32Array
  /** The first and the last stretch each task can lie in, its earliest start and its latest end. */
  private readonly first: Int32Array
  private readonly last: Int32Array
  private readonly early: Int32Array
  private readonly late: Int32Array
  /** Tasks by earliest start and by latest end: nearly in order from pass to pass. */
  private readonly byEarly: Int32Array
  private readonly byLate: Int32Array
  /** Of each stretch: how many tasks can begin in it or sooner, and must end in it or sooner. */
  private readonly begun: Int32Array
  private readonly over: Int32Array
  /** By the first stretch: a task that can lie in it and none before, and of each task the next such. */
  private readonly opens: Int32Array
  private readonly next: Int32Array
  /** What lies in each stretch for certain, by the last one it can lie in. */
  private readonly loads: Int32Array
  /** Up to which stretch before, or behind, it is tight enough to be looked at minute by minute. */
  private readonly tightFrom: Int32Array
  private readonly tightTo: Int32Array

  /** @param there  from and to of each stretch, in order and apart */
  constructor(
    private readonly store: Store,
    private readonly who: number,
    private readonly held: readonly HeldUnits[],
    private readonly capacity: number,
    there: readonly (readonly [from: number, to: number])[],
  ) {
    const [count, stretches] = [held.length, there.length]
    this.count = count
    held.forEach(({ start }, i) => this.indexOf.set(start, i))
    this.minutes = Int32Array.from(held, ({ minutes }) => minutes)
    this.work = Int32Array.from(held, ({ minutes, units }) => minutes * units)
    this.most = this.work.reduce((most, work) => Math.max(most, work), 0)
    this.begins = Int32Array.from(there, ([from]) => from)
    this.ends = Int32Array.from(there, ([, to]) => to)
    this.given = new Int32Array(stretches + 1)
    there.forEach(([from, to], k) => (this.given[k + 1] = intAt(this.given, k) + capacity * (to - from)))
    this.byEarly = Int32Array.from(held.keys())
    this.byLate = Int32Array.from(held.keys())
    this.first = new Int32Array(count)
    this.last = new Int32Array(count)
    this.early = new Int32Array(count)
    this.late = new Int32Array(count)
    this.next = new Int32Array(count)
    this.opens = new Int32Array(stretches)
    this.begun = new Int32Array(stretches)
    this.over = new Int32Array(stretches)
    this.loads = new Int32Array(stretches)
    this.tightFrom = new Int32Array(stretches)
    this.tightTo = new Int32Array(stretches)
  }

  /** Whether so many stretches, up to the end of the last, can be looked at. */
  static canHold(there: readonly (readonly [from: number, to: number])[]): boolean {
    return there.length <= MOST_STRETCHES && (there.at(-1)?.[1] ?? 0) < MOST_MINUTES
  }

  get watched(): number[] {
    return this.held.flatMap(({ start }) => [start, start + 1])
  }

  propagate(): boolean {
    if (this.count === 0) return true
    this.place()
    if (!this.weigh()) return false
    for (let l = this.ends.length - 1; l >= 0; l--) if (intAt(this.tightFrom, l) <= l && !this.behind(l)) return false
    for (let k = 0; k < this.ends.length; k++) if (intAt(this.tightTo, k) >= k && !this.before(k)) return false
    return true
  }

  /** Sees where each task can lie. */
  private place(): void {
    const { held, minutes, first, last, early, late, opens, next, begun, over } = this
    const { lower } = this.store
    opens.fill(-1)
    begun.fill(0)
    over.fill(0)
    for (let i = 0; i < this.count; i++) {
      const { start } = nth(held, i)
      const [from, to] = [intAt(lower, start), -intAt(lower, start + 1)]
      early[i] = from
      late[i] = to + intAt(minutes, i)
      const k = (first[i] = this.at(from, intAt(first, i)))
      const l = (last[i] = this.at(to, intAt(last, i)))
      next[i] = intAt(opens, k)
      opens[k] = i
      begun[k] = intAt(begun, k) + 1
      over[l] = intAt(over, l) + 1
    }
    for (let k = 1; k < begun.length; k++) {
      begun[k] = intAt(begun, k) + intAt(begun, k - 1)
      over[k] = intAt(over, k) + intAt(over, k - 1)
    }
    sortBy(this.byEarly, early)
    sortBy(this.byLate, late)
  }

  /** Looks at whole stretches that follow one another, and sees which may be tight within. */
  private weigh(): boolean {
    const { loads, given, next, opens, work, most, tightFrom, tightTo, ends } = this
    const stretches = ends.length
    loads.fill(0)
    tightFrom.fill(stretches)
    tightTo.fill(-1)
    for (let k = stretches - 1; k >= 0; k--) {
      for (let i = intAt(opens, k); i >= 0; i = intAt(next, i))
        loads[intAt(this.last, i)] = intAt(loads, intAt(this.last, i)) + intAt(work, i)
      let load = 0
      for (let l = k; l < stretches; l++) {
        load += intAt(loads, l)
        if (load === 0) continue
        if (load > intAt(given, l + 1) - intAt(given, k)) return this.overloaded(k, l)
        if (intAt(given, l + 1) - intAt(given, k + 1) - load < most) tightFrom[l] = k
        if (intAt(given, l) - intAt(given, k) - load < most) tightTo[k] = l
      }
      const room = intAt(given, k + 1) - intAt(given, k) - intAt(loads, k)
      if (intAt(loads, k) > 0 && room < most && !this.kept(k, room)) return false
    }
    return true
  }

  /** What has no room in a stretch beside those that can lie nowhere else. */
  private kept(k: number, room: number): boolean {
    const { store, first, last, work, held } = this
    const [from, to] = [intAt(this.begins, k), intAt(this.ends, k)]
    const why = untilEnd(from, k)
    for (let i = 0; i < this.count; i++) {
      if (first[i] === last[i] || (first[i] !== k && last[i] !== k) || intAt(work, i) <= room) continue
      const { start } = nth(held, i)
      if (first[i] === k && !store.raise(start, to, this.who, why)) return false
      if (last[i] === k && !store.raise(start + 1, 1 - from, this.who, why)) return false
    }
    return true
  }

  private overloaded(k: number, l: number): boolean {
    for (let i = 0; i < this.count; i++)
      if (intAt(this.first, i) >= k && intAt(this.last, i) <= l)
        return this.store.raise(
          nth(this.held, i).start,
          intAt(this.ends, l),
          this.who,
          untilEnd(intAt(this.begins, k), l),
        )
    return true
  }

  /** What starts at some instant or later and lies in stretch l or before. */
  private behind(l: number): boolean {
    const { store, byEarly, early, first, last, work, given, begins, ends, capacity, tightFrom, held } = this
    const [to, least] = [intAt(ends, l), intAt(tightFrom, l)]
    let load = 0
    for (let m = intAt(this.begun, l) - 1; m >= 0; m--) {
      const i = intAt(byEarly, m)
      if (intAt(first, i) < least) break
      if (intAt(last, i) > l) continue
      load += intAt(work, i)
      const from = intAt(early, i)
      const room =
        intAt(given, l + 1) -
        intAt(given, intAt(first, i)) -
        capacity * Math.max(0, from - intAt(begins, intAt(first, i))) -
        load
      if (room < 0) return store.raise(nth(held, i).start, to, this.who, untilEnd(from, l))
      if (room >= this.most) continue
      for (let n = m - 1; n >= 0; n--) {
        const j = intAt(byEarly, n)
        if (intAt(work, j) <= room || intAt(last, j) > l || early[j] === from) continue
        const { start } = nth(held, j)
        if (-intAt(store.lower, start + 1) < from) continue
        if (!store.raise(start + 1, 1 - from, this.who, untilEnd(from, l))) return false
      }
    }
    return true
  }

  /** What lies in stretch k or behind and ends by some instant. */
  private before(k: number): boolean {
    const { store, byLate, late, first, last, work, given, begins, capacity, minutes, tightTo, held } = this
    const [from, most] = [intAt(begins, k), intAt(tightTo, k)]
    let load = 0
    for (let m = k > 0 ? intAt(this.over, k - 1) : 0; m < this.count; m++) {
      const i = intAt(byLate, m)
      if (intAt(last, i) > most) break
      if (intAt(first, i) < k) continue
      load += intAt(work, i)
      const to = intAt(late, i)
      const room =
        intAt(given, intAt(last, i)) + capacity * (to - intAt(begins, intAt(last, i))) - intAt(given, k) - load
      if (room < 0) return store.raise(nth(held, i).start + 1, 1 - from, this.who, fromBegin(k, to))
      if (room >= this.most) continue
      for (let n = m + 1; n < this.count; n++) {
        const j = intAt(byLate, n)
        if (intAt(work, j) <= room || intAt(first, j) < k || late[j] === to) continue
        const { start } = nth(held, j)
        if (intAt(store.lower, start) + intAt(minutes, j) > to) continue
        if (!store.raise(start, to - intAt(minutes, j) + 1, this.who, fromBegin(k, to))) return false
      }
    }
    return true
  }

  /** The stretch in which an instant lies, or the next; most often the one it was when last looked at. */
  private at(instant: number, guess: number): number {
    const { ends } = this
    if (intAt(ends, guess) > instant && (guess === 0 || intAt(ends, guess - 1) <= instant)) return guess
    let low = 0
    let high = ends.length - 1
    while (low < high) {
      const middle = (low + high) >> 1
      if (intAt(ends, middle) <= instant) low = middle + 1
      else high = middle
    }
    return low
  }

  /** What is given up to an instant. */
  private upTo(instant: number): number {
    const k = this.at(instant, 0)
    return (
      intAt(this.given, k) + this.capacity * Math.max(0, Math.min(instant, intAt(this.ends, k)) - intAt(this.begins, k))
    )
  }

  explain(view: number, _bound: number, why: number, tell: (view: number, bound: number) => void): void {
    const { held, store, work, minutes } = this
    const { lower } = store
    const isEdge = why >= 0
    const [instant, stretch] = parts(isEdge ? why : -1 - why)
    const [from, to] = isEdge ? [instant, intAt(this.ends, stretch)] : [intAt(this.begins, stretch), instant]
    // A task lies within one stretch: begun before the end of one, it ends with it.
    const latest = (i: number) => (isEdge ? to - 1 : to - intAt(minutes, i))
    const own = sure(this.indexOf.get(view & ~1))
    // From between them it would have to lie between them, on either side.
    if (view & 1) tell(view, -latest(own))
    else tell(view, from)
    const room = this.upTo(to) - this.upTo(from)
    let load = intAt(work, own)
    for (let i = 0; i < this.count && load <= room; i++) {
      const { start } = nth(held, i)
      if (i === own || intAt(lower, start) < from || -intAt(lower, start + 1) > latest(i)) continue
      load += intAt(work, i)
      tell(start, from)
      tell(start + 1, -latest(i))
    }
  }
}

const parts = (why: number): readonly [instant: number, stretch: number] => [
  Math.floor(why / MOST_STRETCHES),
  why % MOST_STRETCHES,
]

/** Puts tasks in order again by something of theirs that has changed a little. */
function sortBy(tasks: Int32Array, key: Int32Array): void {
  for (let m = 1; m < tasks.length; m++) {
    const task = intAt(tasks, m)
    const own = intAt(key, task)
    let n = m - 1
    for (; n >= 0 && intAt(key, intAt(tasks, n)) > own; n--) tasks[n + 1] = intAt(tasks, n)
    tasks[n + 1] = task
  }
}
