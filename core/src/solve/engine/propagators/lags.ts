import { intAt, nth } from '../../../base/units/sure'
import { GAP, type Explainer, type Store } from '../kernel/store'
import { rampAt, rampReaches, type Ramp } from '../ramp'
import { NEVER } from '../starts'

/** No guard: the lag always counts. */
const ALWAYS = -1
/** In place of an edge: the circle found last. */
const CIRCLE = -1

/**
 * Lags between views, some of them only under a guard: `to ≥ from + weight`, or `to ≥ ramp(from)` where the wait hangs on the
 * hour. Each is kept both ways, so that a late `to` holds `from` back too. A guard that would leave no room is refuted, so that
 * orders are learnt. Edges lie in parallel arrays, those from one view side by side, and chained by the view of their guard.
 */
export class Lags implements Explainer {
  private readonly from: number[] = []
  private readonly to: number[] = []
  private readonly weight: number[] = []
  private readonly ramp: (Ramp | null)[] = []
  private readonly guard: number[] = []
  private readonly guardBound: number[] = []
  /** Where the edges of each view begin. */
  private starts: Int32Array = new Int32Array(0)
  private guardStarts: Int32Array = new Int32Array(0)
  private guarded: Int32Array = new Int32Array(0)
  private fromOf: Int32Array = new Int32Array(0)
  private toOf: Int32Array = new Int32Array(0)
  private weightOf: Int32Array = new Int32Array(0)
  private rampOf: (Ramp | null)[] = []
  private hasRamp: Uint8Array = new Uint8Array(0)
  private guardOf: Int32Array = new Int32Array(0)
  private guardBoundOf: Int32Array = new Int32Array(0)
  /** Edges of the circle found last. */
  private circle: number[] = []

  constructor(
    private readonly store: Store,
    private readonly who: number,
  ) {}

  /** `to ≥ from + weight`, both values; under a guard atom where there is one. */
  add(from: number, to: number, weight: number, guard = ALWAYS, guardBound = 0): void {
    this.edge(from, to, weight, null, guard, guardBound)
    this.edge(to ^ 1, from ^ 1, weight, null, guard, guardBound)
  }

  /** `to ≥ ramp(from)`. */
  addRamp(from: number, to: number, ramp: Ramp, guard = ALWAYS, guardBound = 0): void {
    this.edge(from, to, 0, ramp, guard, guardBound)
    this.edge(to ^ 1, from ^ 1, 0, ramp, guard, guardBound)
  }

  private edge(from: number, to: number, weight: number, ramp: Ramp | null, guard: number, guardBound: number): void {
    this.from.push(from)
    this.to.push(to)
    this.weight.push(weight)
    this.ramp.push(ramp)
    this.guard.push(guard)
    this.guardBound.push(guardBound)
  }

  /** Lays the edges out for search; none may be added afterwards. */
  close(): void {
    const views = 2 * this.store.variables
    const [starts, edges] = chained(this.from, views)
    const sorted = (list: readonly number[]): Int32Array => edges.map((edge) => nth(list, edge))
    this.starts = starts
    this.fromOf = sorted(this.from)
    this.toOf = sorted(this.to)
    this.weightOf = sorted(this.weight)
    this.rampOf = Array.from(edges, (edge) => nth(this.ramp, edge))
    this.hasRamp = Uint8Array.from(this.rampOf, (ramp) => (ramp ? 1 : 0))
    this.guardOf = sorted(this.guard)
    this.guardBoundOf = sorted(this.guardBound)
    ;[this.guardStarts, this.guarded] = chained(this.guardOf, views)
  }

  /**
   * Applies every edge once.
   *
   * @param rank  of the view an edge starts from: about the order in which bounds come about. Taken out of it, a chain of
   *   thousands is run through again for each lag that lies across it.
   */
  first(rank: Int32Array | null): boolean {
    const count = this.toOf.length
    // Rank and edge in one number, so that plain sorting does.
    const order = Float64Array.from(
      { length: count },
      (_, edge) => (rank?.[intAt(this.fromOf, edge)] ?? 0) * count + edge,
    )
    order.sort()
    for (const each of order) if (!this.apply(each - Math.floor(each / count) * count)) return false
    return true
  }

  raised(view: number): boolean {
    /* eslint-disable @typescript-eslint/no-non-null-assertion -- runs at every step of every search: a call for each element took a third more time (docs/measured.md) */
    const { toOf, weightOf, hasRamp } = this
    const { lower } = this.store
    const bound = lower[view]!
    const end = this.starts[view + 1]!
    for (let edge = this.starts[view]!; edge < end; edge++)
      // Most ask for nothing new: that much is seen here.
      if ((bound + weightOf[edge]! > lower[toOf[edge]!]! || hasRamp[edge]) && !this.apply(edge)) return false
    for (let i = this.guardStarts[view]!; i < this.guardStarts[view + 1]!; i++)
      if (!this.apply(this.guarded[i]!)) return false
    return true
    /* eslint-enable @typescript-eslint/no-non-null-assertion */
  }

  private apply(edge: number): boolean {
    const { store } = this
    const { lower } = store
    const to = intAt(this.toOf, edge)
    const least = this.reach(edge, intAt(lower, intAt(this.fromOf, edge)))
    if (least <= intAt(lower, to)) return true
    const guard = intAt(this.guardOf, edge)
    if (guard === ALWAYS || intAt(lower, guard) >= intAt(this.guardBoundOf, edge))
      return store.raise(to, least, this.who, edge)
    // Not asked for yet: it never will be if there is no room for it.
    return (
      least + intAt(lower, to ^ 1) <= 0 || store.raise(guard ^ 1, 1 - intAt(this.guardBoundOf, edge), this.who, edge)
    )
  }

  /** What an edge asks of its end when its beginning is at `bound`. Odd views go the same way turned round. */
  private reach(edge: number, bound: number): number {
    const ramp = this.rampOf[edge]
    if (!ramp) return bound + intAt(this.weightOf, edge)
    return intAt(this.fromOf, edge) & 1 ? 1 - rampReaches(ramp, 1 - bound) : rampAt(ramp, bound)
  }

  /** The least bound of its beginning at which an edge asks for so much. */
  private asks(edge: number, bound: number): number {
    const ramp = this.rampOf[edge]
    if (!ramp) return bound - intAt(this.weightOf, edge)
    return intAt(this.fromOf, edge) & 1 ? 1 - rampAt(ramp, 1 - bound) : rampReaches(ramp, bound)
  }

  /**
   * Whether the bound raised last came about in a circle of lags that grows each time round: bounds would climb in it to the end
   * of time, a step at a time. The clash is then that these lags were asked for together.
   */
  isCircling(): boolean {
    const { store } = this
    const edges: number[] = []
    const place = new Map<number, number>()
    for (let at = store.size - 1; at >= 0;) {
      while (at >= 0 && store.whoAt[at] === GAP) at = intAt(store.priorAt, at)
      if (at < 0 || store.whoAt[at] !== this.who) return false
      const edge = intAt(store.whyAt, at)
      const view = intAt(store.viewAt, at)
      if (view !== this.toOf[edge] || this.rampOf[edge]) return false
      const seen = place.get(view)
      if (seen !== undefined) return this.closesAt(edges.slice(seen))
      place.set(view, edges.length)
      edges.push(edge)
      let before = intAt(store.latest, intAt(this.fromOf, edge))
      while (before >= at) before = intAt(store.priorAt, before)
      at = before
    }
    return false
  }

  private closesAt(edges: number[]): boolean {
    const { clash } = this.store
    if (edges.reduce((sum, edge) => sum + intAt(this.weightOf, edge), 0) <= 0) return false
    this.circle = edges
    const guarded = edges.find((edge) => this.guardOf[edge] !== ALWAYS)
    clash.view = guarded === undefined ? intAt(this.toOf, nth(edges, 0)) : intAt(this.guardOf, guarded) ^ 1
    clash.bound = guarded === undefined ? NEVER : 1 - intAt(this.guardBoundOf, guarded)
    clash.who = this.who
    clash.why = CIRCLE
    return true
  }

  explain(view: number, bound: number, edge: number, tell: (view: number, bound: number) => void): void {
    const { lower } = this.store
    if (edge === CIRCLE) {
      for (const each of this.circle)
        if (this.guardOf[each] !== ALWAYS && this.guardOf[each] !== (view ^ 1))
          tell(intAt(this.guardOf, each), intAt(this.guardBoundOf, each))
      return
    }
    const [from, to, guard] = [intAt(this.fromOf, edge), intAt(this.toOf, edge), intAt(this.guardOf, edge)]
    if (view === to) {
      tell(from, this.asks(edge, bound))
      if (guard !== ALWAYS) tell(guard, intAt(this.guardBoundOf, edge))
      return
    }
    const least = this.reach(edge, intAt(lower, from))
    tell(from, this.asks(edge, least))
    tell(to ^ 1, 1 - least)
  }
}

/** Indices grouped by a key from 0 on: where each key's begin, and the indices. Keys below nothing are left out. */
function chained(keys: ArrayLike<number> & Iterable<number>, count: number): [Int32Array, Int32Array] {
  const starts = new Int32Array(count + 2)
  for (const key of keys) if (key >= 0) starts[key + 1] = intAt(starts, key + 1) + 1
  for (let i = 0; i < count; i++) starts[i + 1] = intAt(starts, i + 1) + intAt(starts, i)
  const places = starts.slice()
  const grouped = new Int32Array(keys.length)
  for (let i = 0; i < keys.length; i++) {
    const key = nth(keys, i)
    if (key < 0) continue
    const place = intAt(places, key)
    grouped[place] = i
    places[key] = place + 1
  }
  return [starts, grouped]
}
