import { intAt, nth } from '../../../base/units/sure'
import type { Explainer, Store } from './store'

/** In place of levels: of the model itself. */
const GIVEN = 0

/**
 * Learnt nogoods: sets of atoms that are never all true. In `arena` a nogood is its size, the number of levels it was learnt
 * over, then view and bound of each atom; the first two atoms are watched, and one of them is not true as long as nothing
 * follows. Each view has a list of (bound, nogood) pairs to look at when it is raised to that bound.
 */
export class Nogoods implements Explainer {
  private arena: Int32Array = new Int32Array(1 << 16)
  private used = 0
  private readonly watches: Int32Array[] = []
  private readonly counts: number[] = []
  private learnt: number[] = []
  /** How many of them were given, not learnt. */
  private given = 0

  constructor(
    private readonly store: Store,
    private readonly who: number,
  ) {}

  /** How many were learnt. */
  get count(): number {
    return this.learnt.length - this.given
  }

  /** Puts down a nogood of the model, which is never forgotten. */
  give(atoms: readonly number[]): void {
    this.given++
    this.add(atoms, GIVEN)
  }

  /** Puts a nogood down, pairs of view and bound; the first two are watched. Returns its place. */
  add(atoms: readonly number[], levels: number): number {
    const at = this.used
    while (at + 2 + atoms.length > this.arena.length) this.arena = doubled(this.arena)
    this.arena[at] = atoms.length >> 1
    this.arena[at + 1] = levels
    for (let i = 0; i < atoms.length; i++) this.arena[at + 2 + i] = nth(atoms, i)
    this.used = at + 2 + atoms.length
    this.learnt.push(at)
    this.watch(nth(atoms, 0), nth(atoms, 1), at)
    this.watch(nth(atoms, 2), nth(atoms, 3), at)
    return at
  }

  private watch(view: number, bound: number, at: number): void {
    let list = (this.watches[view] ??= new Int32Array(8))
    const count = this.counts[view] ?? 0
    if (2 * count + 2 > list.length) list = this.watches[view] = doubled(list)
    list[2 * count] = bound
    list[2 * count + 1] = at
    this.counts[view] = count + 1
  }

  /** Looks at every nogood that a view’s rise from `before` to `now` may have brought to its last atom. */
  raised(view: number, before: number, now: number): boolean {
    /* eslint-disable @typescript-eslint/no-non-null-assertion -- runs at every step of every search: a call for each element took a third more time (docs/measured.md) */
    const list = this.watches[view]
    if (!list) return true
    const { store } = this
    const { lower } = store
    let { arena } = this
    let count = this.counts[view]!
    for (let i = 0; i < count;) {
      if (list[2 * i]! > now || list[2 * i]! <= before) {
        i++
        continue
      }
      const at = list[2 * i + 1]!
      const first = at + 2
      // The atom whose watch this is stands second.
      if (arena[first] === view && arena[first + 1] === list[2 * i]) {
        arena[first] = arena[first + 2]!
        arena[first + 1] = arena[first + 3]!
        arena[first + 2] = view
        arena[first + 3] = list[2 * i]!
      }
      const otherView = arena[first]!
      const otherBound = arena[first + 1]!
      // The other can never come true: nothing follows.
      if (lower[otherView ^ 1]! > -otherBound) {
        i++
        continue
      }
      const end = first + 2 * arena[at]!
      let found = -1
      for (let j = first + 4; j < end; j += 2)
        if (lower[arena[j]!]! < arena[j + 1]!) {
          found = j
          break
        }
      if (found >= 0) {
        const [toView, toBound] = [arena[found]!, arena[found + 1]!]
        arena[found] = view
        arena[found + 1] = list[2 * i]!
        arena[first + 2] = toView
        arena[first + 3] = toBound
        count--
        list[2 * i] = list[2 * count]!
        list[2 * i + 1] = list[2 * count + 1]!
        this.counts[view] = count
        this.watch(toView, toBound, at)
        arena = this.arena
        // Its new watch may have come to the same list.
        count = this.counts[view]
        continue
      }
      i++
      if (!store.raise(otherView ^ 1, 1 - otherBound, this.who, at)) return false
    }
    return true
    /* eslint-enable @typescript-eslint/no-non-null-assertion */
  }

  explain(view: number, bound: number, why: number, tell: (view: number, bound: number) => void): void {
    const { arena } = this
    const first = why + 2
    const end = first + 2 * intAt(arena, why)
    // All its atoms but the one whose contrary was concluded.
    let left = true
    for (let j = first; j < end; j += 2) {
      if (left && arena[j] === (view ^ 1) && 1 - intAt(arena, j + 1) >= bound) left = false
      else tell(intAt(arena, j), intAt(arena, j + 1))
    }
  }

  /** Forgets the half that spans most levels, none of those of two or fewer. Only at level 0, where none is a reason. */
  forget(): void {
    const { arena } = this
    const ranked = [...this.learnt].sort((a, b) => intAt(arena, a + 1) - intAt(arena, b + 1) || b - a)
    const keep = ranked.filter((at, i) => i < ranked.length / 2 || intAt(arena, at + 1) <= 2)
    const old = arena.slice(0, this.used)
    this.used = 0
    this.learnt = []
    this.given = 0
    this.counts.fill(0)
    for (const at of keep.sort((a, b) => a - b)) {
      const atoms = [...old.subarray(at + 2, at + 2 + 2 * intAt(old, at))]
      this.addSettled(atoms, intAt(old, at + 1))
    }
  }

  /** Puts down a nogood at level 0, without atoms that are facts, and not at all where one can never be true. */
  private addSettled(atoms: readonly number[], levels: number): void {
    const { store } = this
    const open: number[] = []
    for (let i = 0; i < atoms.length; i += 2) {
      if (store.fails(nth(atoms, i), nth(atoms, i + 1))) return
      if (!store.holds(nth(atoms, i), nth(atoms, i + 1))) open.push(nth(atoms, i), nth(atoms, i + 1))
    }
    if (open.length < 4) return
    if (levels === GIVEN) this.give(open)
    else this.add(open, levels)
  }
}

function doubled(old: Int32Array): Int32Array {
  const grown = new Int32Array(2 * old.length)
  grown.set(old)
  return grown
}
