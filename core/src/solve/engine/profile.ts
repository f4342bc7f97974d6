import { nth } from '../../base/units/sure'

/** How much of something is held over time: a step function that tasks are laid into and taken out of. */
export class Profile {
  /** Instants at which the load changes, in order, and the load from each on. */
  private times: number[] = [0]
  private loads: number[] = [0]

  constructor(readonly capacity: number) {}

  /** The first minute from `from` at which `units` are free for so many minutes, as far as this is known; itself where they are. */
  free(from: number, minutes: number, units: number, _task?: number): number {
    const { times, loads, capacity } = this
    let at = from
    let i = this.stepAt(at)
    while (i < times.length && nth(times, i) < at + minutes) {
      if (nth(loads, i) + units > capacity) {
        const next = times[i + 1]
        if (next === undefined) return Number.POSITIVE_INFINITY
        at = next
      }
      i++
    }
    return at
  }

  add(from: number, to: number, units: number, _task?: number): void {
    if (to <= from || units === 0) return
    const first = this.cut(from)
    const last = this.cut(to)
    for (let i = first; i < last; i++) this.loads[i] = nth(this.loads, i) + units
  }

  /** Index of the step that holds at an instant. */
  private stepAt(at: number): number {
    const { times } = this
    let low = 0
    let high = times.length
    while (low < high) {
      const middle = (low + high) >> 1
      if (nth(times, middle) <= at) low = middle + 1
      else high = middle
    }
    return Math.max(0, low - 1)
  }

  /** Makes an instant the beginning of a step; its index. */
  private cut(at: number): number {
    const i = this.stepAt(at)
    if (this.times[i] === at) return i
    this.times.splice(i + 1, 0, at)
    this.loads.splice(i + 1, 0, nth(this.loads, i))
    return i + 1
  }
}
