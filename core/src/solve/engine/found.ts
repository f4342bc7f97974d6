import { INFEASIBLE, type Answer, type Ways } from './answer'
import type { Exact } from './exact'
import { makespanOf, type Model, type Schedule } from './model'

/** What a search has found so far, and what it and exact search tell each other. */
export abstract class Found {
  protected best: Schedule | null
  protected makespan: number
  /** No schedule ends before this. */
  protected bound = 0
  /** Exact search over the whole; null where that is too large. */
  protected exact: Exact | null = null

  constructor(
    protected readonly model: Model,
    protected readonly ways: Ways,
    best: Schedule | null,
  ) {
    this.best = best
    this.makespan = best ? makespanOf(model, best) : Number.POSITIVE_INFINITY
  }

  /** Nothing is left to look for. */
  protected get isClosed(): boolean {
    return this.exact?.isClosed === true || (this.best !== null && this.makespan <= this.bound)
  }

  /** Takes over what exact search found, or hands it what was found beside it. True when it knew better. */
  protected meet(): boolean {
    const { exact } = this
    if (!exact) return false
    const sooner = exact.meet(this.best, this.makespan)
    if (sooner) {
      this.best = sooner.best
      this.makespan = sooner.makespan
    }
    this.bound = Math.max(this.bound, exact.isClosed && this.best ? this.makespan : exact.bound)
    return sooner !== null
  }

  protected answer(): Answer {
    const { best, makespan, bound } = this
    if (!best) return this.isClosed ? INFEASIBLE : { status: 'unknown', schedule: null, makespan: null, bound }
    return this.isClosed
      ? { status: 'optimal', schedule: best, makespan, bound: makespan }
      : { status: 'feasible', schedule: best, makespan, bound }
  }
}
