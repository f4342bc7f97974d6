import { intAt, nth } from '../../base/units/sure'
import type { Kernel } from './kernel/kernel'
import type { Atom } from './kernel/store'
import { ABSENT, type Model, type Schedule } from './model'

/** When two tasks are both done: always, never, or under an atom. */
export type Both = 'always' | 'never' | Atom

/**
 * By which atom each task is done at all: literals that switch the ways of choices on, one way of each. What holds for a task
 * holds under its atom; what holds between two, under one that follows from both.
 */
export class Guards {
  /** By task; null for what is always done. */
  readonly of: readonly (Atom | null)[]
  private readonly wayOf: Int32Array
  private readonly choiceOf: Int32Array
  private readonly pairs = new Map<string, Atom>()

  /** @param hint  its ways are tried first */
  constructor(
    private readonly kernel: Kernel,
    model: Model,
    hint: Schedule | null,
  ) {
    const of: (Atom | null)[] = model.tasks.map(() => null)
    this.wayOf = new Int32Array(model.tasks.length).fill(-1)
    this.choiceOf = new Int32Array(model.tasks.length).fill(-1)
    model.choices?.forEach(({ ways }, c) => {
      const taken = wayTaken(ways, hint)
      const atoms = atomsOf(kernel, ways.length, taken)
      ways.forEach((tasks, way) => {
        for (const task of tasks) {
          of[task] = nth(atoms, way)
          this.wayOf[task] = way
          this.choiceOf[task] = c
        }
      })
    })
    this.of = of
  }

  both(i: number, j: number): Both {
    const [one, other] = [this.of[i], this.of[j]]
    if (intAt(this.choiceOf, i) >= 0 && this.choiceOf[i] === this.choiceOf[j])
      return this.wayOf[i] === this.wayOf[j] ? (one ?? 'always') : 'never'
    if (!one || !other) return one ?? other ?? 'always'
    const key = one.view < other.view ? `${keyOf(one)}|${keyOf(other)}` : `${keyOf(other)}|${keyOf(one)}`
    const pair = this.pairs.get(key)
    if (pair) return pair
    const view = this.kernel.store.variable(0, 1)
    this.kernel.nogood([one.view, one.bound, other.view, other.bound, view + 1, 0])
    const atom = { view, bound: 1 }
    this.pairs.set(key, atom)
    return atom
  }
}

const keyOf = ({ view, bound }: Atom): string => `${view} ${bound}`

/** Which way a schedule takes: that of which something is done, or one with nothing to do; the first where there is no schedule. */
export function wayTaken(ways: readonly (readonly number[])[], schedule: Schedule | null): number {
  if (schedule === null) return 0
  const taken = ways.findIndex((tasks) => tasks.some((task) => schedule[task] !== ABSENT))
  return Math.max(0, taken >= 0 ? taken : ways.findIndex((tasks) => tasks.length === 0))
}

/** An atom for each of some ways, of which exactly one comes true. */
function atomsOf(kernel: Kernel, count: number, first: number): (Atom | null)[] {
  if (count === 1) return [null]
  if (count === 2) {
    const view = kernel.choice(first === 0)
    return [
      { view, bound: 1 },
      { view: view + 1, bound: 0 },
    ]
  }
  const views = Array.from({ length: count }, (_, way) => kernel.choice(way === first))
  kernel.nogood(views.flatMap((view) => [view + 1, 0]))
  for (const [way, view] of views.entries())
    for (const other of views.slice(way + 1)) kernel.nogood([view, 1, other, 1])
  return views.map((view) => ({ view, bound: 1 }))
}
