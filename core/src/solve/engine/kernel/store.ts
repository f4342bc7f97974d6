import { intAt, nth } from '../../../base/units/sure'
import { between, NO_GAPS, type Starts } from '../starts'

/**
 * Integer variables by their bounds, and the trail of how these came about.
 *
 * Variable `v` is seen from two sides: view `2v` is its value, view `2v + 1` the value turned round. What is known of a
 * view is its least value, so that `lower[2v]` is the lower bound and `−lower[2v + 1]` the upper. An atom is a pair (view,
 * bound): “this view is at least so much”. Its contrary is (view ^ 1, 1 − bound). All reasoning is over atoms.
 *
 * The trail has one entry for each bound raised, in parallel arrays: `viewAt`, `boundAt`, what the bound was before
 * (`beforeAt`), the view's entry before this one (`priorAt`, −1 for none), who raised it (`whoAt`) and a number by which
 * that one can explain it (`whyAt`). Entries of level 0 are facts: they are dropped, and need no reason.
 */
export interface Explainer {
  /** Tells the atoms, all true before, by which `view` had to be at least `bound`. */
  explain(view: number, bound: number, why: number, tell: (view: number, bound: number) => void): void
}

/** “This view is at least so much.” */
export interface Atom {
  readonly view: number
  readonly bound: number
}

/** Who raised a bound, when it was none of the explainers. */
export const DECIDED = -1
/** The bound lay in a gap. */
export const GAP = -2

export class Store {
  lower: Int32Array
  /** The last entry of the trail of each view, −1 for none. */
  latest: Int32Array
  /** Least values known at level 0. */
  facts: Int32Array
  readonly gaps: Starts[] = []
  readonly explainers: Explainer[] = []
  viewAt: Int32Array = new Int32Array(1024)
  boundAt: Int32Array = new Int32Array(1024)
  beforeAt: Int32Array = new Int32Array(1024)
  priorAt: Int32Array = new Int32Array(1024)
  whoAt: Int32Array = new Int32Array(1024)
  whyAt: Int32Array = new Int32Array(1024)
  /** Length of the trail, and up to where it has been passed on. */
  size = 0
  passed = 0
  /** Where each level's entries begin; level 0 has none. */
  readonly levels: number[] = []
  variables = 0
  /** The bound that could not be raised, and why it had to be. */
  readonly clash = { view: -1, bound: 0, who: 0, why: 0 }

  constructor(room = 256) {
    this.lower = new Int32Array(2 * room)
    this.latest = new Int32Array(2 * room)
    this.facts = new Int32Array(2 * room)
  }

  /** A variable between two values, both included. @param gaps where within them it may lie */
  variable(least: number, most: number, gaps: Starts = NO_GAPS): number {
    if (2 * this.variables + 2 > this.lower.length) {
      this.lower = longer(this.lower)
      this.latest = longer(this.latest)
      this.facts = longer(this.facts)
    }
    const view = 2 * this.variables++
    this.lower[view] = this.facts[view] = gaps === NO_GAPS ? least : between(gaps, view, least)
    this.lower[view + 1] = this.facts[view + 1] = gaps === NO_GAPS ? -most : between(gaps, view + 1, -most)
    this.latest[view] = this.latest[view + 1] = -1
    this.gaps.push(gaps)
    return view
  }

  get level(): number {
    return this.levels.length
  }

  holds(view: number, bound: number): boolean {
    return intAt(this.lower, view) >= bound
  }

  /** Whether an atom can no longer come true. */
  fails(view: number, bound: number): boolean {
    return intAt(this.lower, view ^ 1) > -bound
  }

  isFixed(view: number): boolean {
    return intAt(this.lower, view) + intAt(this.lower, view ^ 1) === 0
  }

  /** Opens a level with a decision. */
  decide(view: number, bound: number): boolean {
    this.levels.push(this.size)
    return this.raise(view, bound, DECIDED, 0)
  }

  /** Raises what is known of a view, over gaps too. False when nothing is left of it: `clash` says what met. */
  raise(view: number, bound: number, who: number, why: number): boolean {
    if (bound <= intAt(this.lower, view)) return true
    if (bound + intAt(this.lower, view ^ 1) > 0) return this.clashed(view, bound, who, why)
    this.push(view, bound, who, why)
    const gaps = nth(this.gaps, view >> 1)
    if (gaps === NO_GAPS) return true
    const over = between(gaps, view, bound)
    if (over <= bound) return true
    if (over + intAt(this.lower, view ^ 1) > 0) return this.clashed(view, over, GAP, 0)
    this.push(view, over, GAP, 0)
    return true
  }

  private clashed(view: number, bound: number, who: number, why: number): false {
    const { clash } = this
    clash.view = view
    clash.bound = bound
    clash.who = who
    clash.why = why
    return false
  }

  private push(view: number, bound: number, who: number, why: number): void {
    const at = this.size++
    if (at === this.viewAt.length) this.lengthen()
    this.viewAt[at] = view
    this.boundAt[at] = bound
    this.beforeAt[at] = intAt(this.lower, view)
    this.priorAt[at] = intAt(this.latest, view)
    this.whoAt[at] = who
    this.whyAt[at] = why
    this.latest[view] = at
    this.lower[view] = bound
  }

  private lengthen(): void {
    this.viewAt = longer(this.viewAt)
    this.boundAt = longer(this.boundAt)
    this.beforeAt = longer(this.beforeAt)
    this.priorAt = longer(this.priorAt)
    this.whoAt = longer(this.whoAt)
    this.whyAt = longer(this.whyAt)
  }

  /** Called for a variable whose bound is about to be taken back. */
  onPop: (variable: number) => void = () => undefined

  /** Takes back the last entry. */
  pop(): void {
    const at = --this.size
    const view = intAt(this.viewAt, at)
    this.onPop(view >> 1)
    this.lower[view] = intAt(this.beforeAt, at)
    this.latest[view] = intAt(this.priorAt, at)
  }

  backTo(level: number): void {
    if (level >= this.levels.length) return
    const start = nth(this.levels, level)
    while (this.size > start) this.pop()
    this.levels.length = level
    this.passed = Math.min(this.passed, this.size)
  }

  /** What was passed on at level 0 is a fact from now on: its entries go. */
  settle(): void {
    for (let at = 0; at < this.size; at++) {
      const view = intAt(this.viewAt, at)
      this.facts[view] = intAt(this.lower, view)
      this.latest[view] = -1
    }
    this.size = this.passed = 0
  }

  /** Tells why an entry's view had to reach `bound`; a decision has no reason. */
  explain(who: number, view: number, bound: number, why: number, tell: (view: number, bound: number) => void): void {
    if (who === GAP) tell(view, gapBefore(nth(this.gaps, view >> 1), view, bound))
    else nth(this.explainers, who).explain(view, bound, why, tell)
  }
}

/** The first bound of a view from which the gaps lead on to at least `bound`. */
const gapBefore = (gaps: Starts, view: number, bound: number): number => 1 - between(gaps, view ^ 1, 1 - bound)

function longer(old: Int32Array): Int32Array {
  const grown = new Int32Array(2 * old.length)
  grown.set(old)
  return grown
}
