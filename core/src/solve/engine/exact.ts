import { intAt } from '../../base/units/sure'
import { build, scheduleIn, type Built } from './build'
import { latestEnd, makespanOf, type Model, type Schedule } from './model'
import type { Network } from './network'

/** Bounds that a clash may cost in a probe: of many tasks in one long row each takes thousands, and other ways pay better. */
const RAISES = 500

/**
 * Exact search over a whole model, a slice at a time: every schedule found tightens the end from above, every probe from below
 * that is refuted is a proven bound. Learnt nogoods stay between slices.
 */
export class Exact {
  best: Schedule | null
  makespan: number | null
  /** No schedule ends before this. */
  bound: number
  /** Nothing is left to look for: the best is proved, or there is none. */
  isClosed: boolean
  private readonly built: Built

  constructor(
    private readonly model: Model,
    network: Network,
    incumbent: Schedule | null,
  ) {
    this.best = incumbent
    this.makespan = incumbent && makespanOf(model, incumbent)
    const most = this.makespan === null ? latestEnd(model) : this.makespan - 1
    this.built = build({ model, network, hint: incumbent, most })
    this.isClosed = !this.built.isOpen
    this.bound = this.isClosed ? (this.makespan ?? 0) : intAt(this.built.kernel.store.lower, this.built.end)
  }

  /** Takes over a schedule found elsewhere. */
  offer(schedule: Schedule): void {
    const makespan = makespanOf(this.model, schedule)
    if (this.makespan !== null && makespan >= this.makespan) return
    this.best = schedule
    this.makespan = makespan
    this.below(makespan)
  }

  /** Tells what it has found where that ends sooner than what was found elsewhere, and takes that over where it does not. */
  meet(schedule: Schedule | null, makespan: number): { readonly best: Schedule; readonly makespan: number } | null {
    const { best, makespan: own } = this
    if (best && own !== null && own < makespan) return { best, makespan: own }
    if (schedule && makespan < (own ?? Number.POSITIVE_INFINITY)) this.offer(schedule)
    return null
  }

  /** Takes over a bound proved elsewhere. */
  offerBound(bound: number): void {
    if (bound <= this.bound || this.isClosed) return
    this.bound = bound
    if (!this.built.kernel.require(this.built.end, bound)) this.isClosed = true
  }

  /**
   * Searches for so many clashes, or until told.
   *
   * @param onlyLow  asks for much sooner ends alone: a little sooner is not worth while
   */
  step(clashes: number, isOver: () => boolean, onlyLow = false): void {
    if (this.isClosed) return
    this.probe(onlyLow ? clashes : Math.ceil(clashes / 2), isOver)
    if (this.isClosed || onlyLow || isOver()) return
    const outcome = this.built.kernel.search([], { clashes, isOver })
    if (outcome === 'found') this.take()
    else if (outcome === 'refuted') this.close()
  }

  /** Asks whether an end between bound and best can be reached. */
  private probe(clashes: number, isOver: () => boolean): void {
    const { kernel, end } = this.built
    this.bound = Math.max(this.bound, intAt(kernel.store.facts, end))
    if (this.makespan === null) return
    const most = Math.floor((this.bound + this.makespan - 1) / 2)
    if (most >= this.makespan - 1) return
    const outcome = kernel.search([[end + 1, -most]], { clashes, raises: RAISES * clashes, isOver })
    if (outcome === 'found') return this.take()
    if (kernel.isInfeasible) return this.close()
    if (outcome === 'refuted') this.offerBound(most + 1)
  }

  private take(): void {
    this.best = scheduleIn(this.built)
    this.makespan = makespanOf(this.model, this.best)
    this.below(this.makespan)
  }

  private below(makespan: number): void {
    const { kernel, end } = this.built
    if (!kernel.require(end + 1, 1 - makespan)) this.close()
    else if (intAt(kernel.store.lower, end) > this.bound) this.bound = intAt(kernel.store.lower, end)
  }

  private close(): void {
    this.isClosed = true
    if (this.makespan !== null) this.bound = this.makespan
  }
}
