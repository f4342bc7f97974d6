import { intAt, nth } from '../../../base/units/sure'
import { DECIDED, type Store } from './store'

const NOT_NEEDED = -(1 << 30)

/** What a clash teaches: atoms that are never all true, and the level to which one goes back for the first to be undone. */
interface Lesson {
  /** Pairs of view and bound; the first is the one that is refuted, the second one of the highest level among the others. */
  readonly atoms: readonly number[]
  /** Level of the second atom; 0 where there is none. */
  readonly level: number
  /** How many levels its atoms come from. */
  readonly levels: number
}

/**
 * Clash analysis to the first unique implication point. The trail is taken back entry by entry while the clash’s reasons are
 * followed, so that an explainer asked why a bound was raised sees the store as it was then.
 */
export class Analysis {
  private need = new Int32Array(0)
  private touched: number[] = []
  /** Atoms needed that came true at the level of the clash. */
  private open = 0
  private readonly tell: (view: number, bound: number) => void
  /** Called for every variable that takes part. */
  onUse: (variable: number) => void = () => undefined

  constructor(private readonly store: Store) {
    this.tell = (view, bound) => this.ask(view, bound)
  }

  /** What the store’s clash teaches; null when it follows from facts alone. Leaves the trail at the point it is about. */
  learn(): Lesson | null {
    const { store } = this
    const { clash } = store
    if (store.level === 0) return null
    if (this.need.length < store.lower.length) this.need = new Int32Array(store.lower.length).fill(NOT_NEEDED)
    for (const view of this.touched) this.need[view] = NOT_NEEDED
    this.touched = []
    this.open = 0
    // The bound could not be raised because the view’s other side stood in its way: any bound above that will do.
    const met = 1 - intAt(store.lower, clash.view ^ 1)
    this.ask(clash.view ^ 1, 1 - met)
    store.explain(clash.who, clash.view, met, clash.why, this.tell)
    return this.resolve()
  }

  private resolve(): Lesson | null {
    const { store, need } = this
    for (;;) {
      if (this.open === 0) {
        // Everything it needs came true at lower levels: the clash is theirs.
        const level = this.highest()
        if (level === 0) return null
        store.backTo(level)
        this.recount()
        continue
      }
      const at = store.size - 1
      const view = intAt(store.viewAt, at)
      const bound = intAt(need, view)
      if (bound <= intAt(store.beforeAt, at)) {
        store.pop()
        continue
      }
      if (this.open === 1) return this.lesson(view, bound)
      const [who, why] = [intAt(store.whoAt, at), intAt(store.whyAt, at)]
      need[view] = NOT_NEEDED
      this.open--
      store.pop()
      store.explain(who, view, bound, why, this.tell)
    }
  }

  /** Notes that an atom is needed. Facts are not. */
  private ask(view: number, bound: number): void {
    const { store, need } = this
    if (bound <= intAt(store.facts, view)) return
    const before = intAt(need, view)
    if (bound <= before) return
    this.onUse(view >> 1)
    if (before === NOT_NEEDED) this.touched.push(view)
    const start = this.atLevelStart(view)
    if (bound > start && before <= start) this.open++
    need[view] = bound
  }

  /** What a view was when the present level began. */
  private atLevelStart(view: number): number {
    const { store } = this
    const start = nth(store.levels, store.levels.length - 1)
    let bound = intAt(store.lower, view)
    for (let at = intAt(store.latest, view); at >= start; at = intAt(store.priorAt, at))
      bound = intAt(store.beforeAt, at)
    return bound
  }

  private recount(): void {
    const { need } = this
    this.open = 0
    for (const view of this.touched)
      if (intAt(need, view) > NOT_NEEDED && intAt(need, view) > this.atLevelStart(view)) this.open++
  }

  /** The level at which an atom came true. */
  private levelOf(view: number, bound: number): number {
    const { store } = this
    let at = intAt(store.latest, view)
    while (at >= 0 && intAt(store.beforeAt, at) >= bound) at = intAt(store.priorAt, at)
    if (at < 0) return 0
    const { levels } = store
    let low = 0
    let high = levels.length
    while (low < high) {
      const middle = (low + high) >> 1
      if (nth(levels, middle) <= at) low = middle + 1
      else high = middle
    }
    return low
  }

  private highest(): number {
    let most = 0
    for (const view of this.touched)
      if (intAt(this.need, view) > NOT_NEEDED) most = Math.max(most, this.levelOf(view, intAt(this.need, view)))
    return most
  }

  private lesson(uipView: number, uipBound: number): Lesson {
    const { need } = this
    const atoms = [uipView, uipBound]
    const seen = new Set<number>([this.store.level])
    let best = 0
    for (const view of this.touched) {
      const bound = intAt(need, view)
      if (view === uipView || bound === NOT_NEEDED || this.follows(view, bound)) continue
      const level = this.levelOf(view, bound)
      seen.add(level)
      atoms.push(view, bound)
      if (level > best) {
        best = level
        // The highest stands second.
        const last = atoms.length - 2
        ;[atoms[2], atoms[last]] = [nth(atoms, last), nth(atoms, 2)]
        ;[atoms[3], atoms[last + 1]] = [nth(atoms, last + 1), nth(atoms, 3)]
      }
      need[view] = bound
    }
    return { atoms, level: best, levels: seen.size }
  }

  /** Whether an atom follows at once from others that are needed anyway, so that it can be left out. */
  private follows(view: number, bound: number): boolean {
    const { store, need } = this
    let at = intAt(store.latest, view)
    while (at >= 0 && intAt(store.beforeAt, at) >= bound) at = intAt(store.priorAt, at)
    if (at < 0) return true
    const who = intAt(store.whoAt, at)
    if (who === DECIDED || !this.isPlain(who)) return false
    let all = true
    store.explain(who, view, bound, intAt(store.whyAt, at), (other, least) => {
      if (least > intAt(store.facts, other) && !(intAt(need, other) >= least && other !== view)) all = false
    })
    return all
  }

  /** Whether an explainer’s reasons do not hang on how the store stands when it is asked. */
  isPlain: (who: number) => boolean = () => false
}
