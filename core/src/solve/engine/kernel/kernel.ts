import { intAt, nth } from '../../../base/units/sure'
import { CrewResource, type HeldUnits } from '../propagators/crews'
import { Lags } from '../propagators/lags'
import { Stretches } from '../propagators/stretches'
import { Analysis } from './analyse'
import { Heap } from './heap'
import { Nogoods } from './nogoods'
import { GAP, Store } from './store'

const NOGOODS = 0
const LAGS = 1

/** Looks at many views at once, after all lags and nogoods are through. */
interface Propagator {
  readonly watched: readonly number[]
  propagate(): boolean
}

/** How a search ended. */
type SearchOutcome = 'found' | 'refuted' | 'stopped'

export interface Limits {
  /** Clashes after which it stops. */
  readonly clashes: number
  /** Bounds passed on after which it stops at the next clash; left out, none. */
  readonly raises?: number
  /** Asked now and then: true stops. */
  readonly isOver: () => boolean
}

/**
 * Lazy clause generation over starts and orders: bounds are propagated by lags, crews and learnt nogoods; every clash is
 * analysed and what it teaches is kept. docs/engine.md says where the methods come from. The kernel knows nothing of tape.
 */
export class Kernel {
  readonly store = new Store()
  readonly lags: Lags
  private readonly nogoods: Nogoods
  private readonly analysis: Analysis
  private readonly crews: Propagator[] = []
  private readonly wakes: number[][] = []
  private awake = new Uint8Array(0)
  /** Yes-or-no variables, by how much they have clashed lately. */
  private readonly heap = new Heap()
  private phase = new Int8Array(0)
  private readonly choices: number[] = []
  private readonly dates: number[] = []
  private isOut = false
  /** A bound could not be raised between two passes. */
  private isClashed = false
  clashes = 0
  private raises = 0

  constructor() {
    this.nogoods = new Nogoods(this.store, NOGOODS)
    this.lags = new Lags(this.store, LAGS)
    this.store.explainers.push(this.nogoods, this.lags)
    this.analysis = new Analysis(this.store)
    this.analysis.isPlain = (who) => who === GAP || who === NOGOODS
    this.analysis.onUse = (variable) => this.heap.bump(variable)
    this.store.onPop = (variable) => this.saved(variable)
  }

  /** A start that search must fix; those that follow from orders alone need not be told. */
  date(view: number): void {
    this.dates.push(view)
  }

  /** Atoms, pairs of view and bound, that are never all true. */
  nogood(atoms: readonly number[]): void {
    this.nogoods.give(atoms)
  }

  /** A yes-or-no variable to be decided. @param hint what to try first */
  choice(hint: boolean): number {
    const view = this.store.variable(0, 1)
    this.choices.push(view)
    this.hint(view, hint)
    return view
  }

  hint(view: number, yes: boolean): void {
    if (view >> 1 >= this.phase.length) {
      const grown = new Int8Array(2 * (view >> 1) + 64)
      grown.set(this.phase)
      this.phase = grown
    }
    this.phase[view >> 1] = yes ? 1 : 0
  }

  crew(held: readonly HeldUnits[], capacity: number): void {
    const crew = new CrewResource(this.store, this.store.explainers.length, held, capacity)
    this.store.explainers.push(crew)
    this.watch(crew)
  }

  /** What a crew’s stretches of time give. */
  stretches(held: readonly HeldUnits[], capacity: number, there: readonly (readonly [number, number])[]): void {
    const stretches = new Stretches(this.store, this.store.explainers.length, held, capacity, there)
    this.store.explainers.push(stretches)
    this.watch(stretches)
  }

  private watch(propagator: Propagator): void {
    for (const view of propagator.watched) (this.wakes[view] ??= []).push(this.crews.length)
    this.crews.push(propagator)
  }

  /** Ends building and propagates what is known. False: it cannot be done. @param rank  see `Lags.first` */
  open(rank: Int32Array | null = null): boolean {
    this.lags.close()
    this.awake = new Uint8Array(this.crews.length).fill(1)
    for (const view of this.choices) this.heap.add(view >> 1)
    this.isOut = !this.lags.first(rank) || !this.propagate()
    if (!this.isOut) this.store.settle()
    return !this.isOut
  }

  /** Asks for an atom at level 0, for good. False: it cannot be. */
  require(view: number, bound: number): boolean {
    this.backTo(0)
    this.isOut ||= !this.store.raise(view, bound, LAGS, 0) || !this.propagate()
    if (!this.isOut) this.store.settle()
    return !this.isOut
  }

  /**
   * Searches for values that keep everything, under assumptions that hold for this search alone.
   *
   * `found` leaves them in the store, until the next call; `refuted` is a proof, of the assumptions or, when `isInfeasible`
   * says so, of the whole.
   */
  search(assumptions: readonly (readonly [view: number, bound: number])[], limits: Limits): SearchOutcome {
    this.backTo(0)
    if (this.isOut || !this.propagate()) return this.out()
    const most = this.clashes + limits.clashes
    const mostRaises = this.raises + (limits.raises ?? Number.POSITIVE_INFINITY)
    let [round, left, steps] = [1, 100 * luby(1), 0]
    for (;;) {
      // With thousands of orders to decide, clashes alone come too seldom to ask by.
      if ((++steps & 1023) === 0 && limits.isOver()) return 'stopped'
      if (!this.propagate()) {
        this.clashes++
        left--
        if (!this.learn()) return this.out()
        if (this.clashes >= most || this.raises >= mostRaises) return 'stopped'
        if ((this.clashes & 15) === 0 && limits.isOver()) return 'stopped'
        continue
      }
      if (left <= 0) {
        this.backTo(0)
        left = 100 * luby(++round)
        if (this.nogoods.count > 4000 + 200 * round) this.nogoods.forget()
        continue
      }
      const { level } = this.store
      if (level < assumptions.length) {
        const [view, bound] = nth(assumptions, level)
        if (this.store.fails(view, bound)) return 'refuted'
        this.isClashed = !this.store.decide(view, bound)
        continue
      }
      if (!this.branch()) return 'found'
    }
  }

  get isInfeasible(): boolean {
    return this.isOut
  }

  private out(): SearchOutcome {
    this.isOut = true
    return 'refuted'
  }

  /** Decides something that is open; false when nothing is. */
  private branch(): boolean {
    const { store, heap } = this
    for (let variable = heap.pop(); variable >= 0; variable = heap.pop()) {
      const view = 2 * variable
      if (store.isFixed(view)) continue
      if (this.phase[variable] === 1) store.decide(view, 1)
      else store.decide(view + 1, 0)
      return true
    }
    // Every order stands: whatever starts first may start as soon as it can.
    let best = -1
    for (const view of this.dates)
      if (!store.isFixed(view) && (best < 0 || intAt(store.lower, view) < intAt(store.lower, best))) best = view
    if (best < 0) return false
    store.decide(best + 1, -intAt(store.lower, best))
    return true
  }

  private learn(): boolean {
    const lesson = this.analysis.learn()
    if (!lesson) return false
    const { atoms, level, levels } = lesson
    this.heap.fade()
    this.backTo(level)
    const at = atoms.length > 2 ? this.nogoods.add(atoms, levels) : 0
    this.isClashed = !this.store.raise(nth(atoms, 0) ^ 1, 1 - nth(atoms, 1), NOGOODS, at)
    return true
  }

  /** Remembers what a choice was before it is taken back. */
  private saved(variable: number): void {
    if (!this.heap.knows(variable)) return
    this.phase[variable] = intAt(this.store.lower, 2 * variable) > 0 ? 1 : 0
    this.heap.add(variable)
  }

  private backTo(level: number): void {
    if (level >= this.store.level) return
    this.store.backTo(level)
    this.awake.fill(0)
  }

  private propagate(): boolean {
    const { store } = this
    if (this.isClashed) {
      this.isClashed = false
      return this.failed()
    }
    let left = 2 * store.variables + 256
    for (;;) {
      while (store.passed < store.size) {
        // So much for one decision is a sign of bounds that drive one another on.
        if (--left < 0) {
          if (this.lags.isCircling()) return this.failed()
          left = 2 * store.variables + 256
        }
        const at = store.passed++
        this.raises++
        const view = intAt(store.viewAt, at)
        const wakes = this.wakes[view]
        if (wakes) for (const crew of wakes) this.awake[crew] = 1
        if (!this.nogoods.raised(view, intAt(store.beforeAt, at), intAt(store.boundAt, at))) return this.failed()
        // Of a view raised again meanwhile, its lags are looked at once, at the end.
        if (store.latest[view] === at && !this.lags.raised(view)) return this.failed()
      }
      const crew = this.awake.indexOf(1)
      if (crew < 0) break
      this.awake[crew] = 0
      if (!nth(this.crews, crew).propagate()) return this.failed()
    }
    if (store.level === 0) store.settle()
    return true
  }

  private failed(): false {
    this.awake.fill(0)
    return false
  }
}

/** The n-th of Luby’s sequence, 1 1 2 1 1 2 4 …, by which searches are begun afresh (Luby, Sinclair & Zuckerman 1993). */
function luby(n: number): number {
  let k = 1
  while ((1 << k) - 1 < n) k++
  return (1 << k) - 1 === n ? 1 << (k - 1) : luby(n - (1 << (k - 1)) + 1)
}
