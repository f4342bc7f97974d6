import { nth } from '../../base/units/sure'
import { travelOf, type Travel } from './model'

/** What one crew that goes from place to place holds over time: tasks one after another, with the way between them. */
export class RouteProfile {
  private readonly tasks: number[] = []
  private readonly from: number[] = []
  private readonly to: number[] = []

  constructor(private readonly travel: Travel) {}

  /** The first minute from `from` at which a task of so many minutes fits in, with its ways; itself where it does. */
  free(from: number, minutes: number, _units: number, task: number): number {
    const { tasks, travel } = this
    let at = from
    for (let i = this.behind(from); i <= tasks.length; i++) {
      if (i > 0) at = Math.max(at, nth(this.to, i - 1) + travelOf(travel, nth(tasks, i - 1), task))
      if (i === tasks.length || at + minutes + travelOf(travel, task, nth(tasks, i)) <= nth(this.from, i)) return at
    }
    return at
  }

  add(from: number, to: number, units: number, task: number): void {
    if (to <= from || units === 0) return
    if (units < 0) {
      const at = this.tasks.indexOf(task)
      for (const list of [this.tasks, this.from, this.to]) list.splice(at, 1)
      return
    }
    const at = this.behind(from)
    this.tasks.splice(at, 0, task)
    this.from.splice(at, 0, from)
    this.to.splice(at, 0, to)
  }

  /** Index of the first task that starts at an instant or later; the way of the one before it may still hang over. */
  private behind(at: number): number {
    let low = 0
    let high = this.tasks.length
    while (low < high) {
      const middle = (low + high) >> 1
      if (nth(this.from, middle) < at) low = middle + 1
      else high = middle
    }
    return low
  }
}
