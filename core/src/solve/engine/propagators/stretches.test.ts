import { seededNumbers } from '../../../base/units/seeded'
import { Store, type Atom } from '../kernel/store'
import { startsOf } from '../starts'
import type { HeldUnits } from './crews'
import { Stretches } from './stretches'

const CAPACITY = 2
const THERE: [number, number][] = [
  [0, 5],
  [7, 11],
  [13, 16],
]

interface Bounds {
  readonly least: number
  readonly most: number
}
interface Task extends Bounds {
  readonly minutes: number
  readonly units: number
}

/** A few tasks that fill the stretches nearly or a little more than fully. */
function someTasks(seed: number): Task[] {
  const random = seededNumbers(seed)
  const whole = (low: number, high: number) => low + Math.floor(random() * (high - low + 1))
  return Array.from({ length: whole(3, 5) }, () => {
    const least = whole(0, 10)
    return { minutes: whole(1, 4), units: whole(1, CAPACITY), least, most: whole(least, 15) }
  })
}

/** Where a task may start so that it lies within one stretch. */
const allowed = ({ minutes }: Task) => startsOf(THERE.map(([from, to]) => [from, to - minutes]))
const startsIn = (task: Task, { least, most }: Bounds): number[] =>
  Array.from({ length: Math.max(0, most - least + 1) }, (_, i) => least + i).filter((at) =>
    THERE.some(([from, to]) => at >= from && at + task.minutes <= to),
  )

/** Every start that each task has in some schedule in which the crew is never asked for more than it has. */
function possible(tasks: readonly Task[], bounds: readonly Bounds[]): Set<number>[] {
  const seen = tasks.map(() => new Set<number>())
  const load = new Int32Array(32)
  const starts: number[] = []
  const put = (task: Task, at: number, sign: number) => {
    for (let minute = at; minute < at + task.minutes; minute++) load[minute]! += sign * task.units
  }
  const place = (k: number): void => {
    const task = tasks[k]
    if (!task) return starts.forEach((at, i) => seen[i]?.add(at))
    for (const at of startsIn(task, bounds[k] ?? task)) {
      put(task, at, 1)
      if (load.every((held) => held <= CAPACITY)) {
        starts[k] = at
        place(k + 1)
      }
      put(task, at, -1)
    }
  }
  place(0)
  return seen
}

/** A store with these tasks, and what packs them. */
function packing(tasks: readonly Task[], bounds: readonly Bounds[]) {
  const store = new Store()
  const held: HeldUnits[] = tasks.map((task, i) => ({
    start: store.variable(bounds[i]?.least ?? 0, bounds[i]?.most ?? 0, allowed(task)),
    minutes: task.minutes,
    units: task.units,
  }))
  const stretches = new Stretches(store, 0, held, CAPACITY, THERE)
  store.explainers.push(stretches)
  return { store, held, stretches }
}

const seeds = Array.from({ length: 900 }, (_, seed) => seed)
/** Tasks that each have a start of their own at least. */
const cases = seeds.map(someTasks).filter((tasks) => tasks.every((task) => startsIn(task, task).length > 0))

describe('work packed into stretches, beside trying every start', () => {
  it('takes away no start that some schedule has, and clashes only where there is none', () => {
    let [clashed, cut] = [0, 0]
    for (const tasks of cases) {
      const { store, held, stretches } = packing(tasks, tasks)
      const before = held.map(({ start }) => [store.lower[start], store.lower[start + 1]])
      const real = possible(tasks, tasks)
      if (!stretches.propagate()) {
        clashed++
        expect(real.every((starts) => starts.size === 0)).toBe(true)
        continue
      }
      held.forEach(({ start }, i) => {
        if (store.lower[start] !== before[i]?.[0] || store.lower[start + 1] !== before[i]?.[1]) cut++
        for (const at of real[i] ?? []) {
          expect(at).toBeGreaterThanOrEqual(store.lower[start] ?? 0)
          expect(at).toBeLessThanOrEqual(-(store.lower[start + 1] ?? 0))
        }
      })
    }
    // It would be no check if nothing were ever taken away.
    expect([clashed > 40, cut > 40]).toEqual([true, true])
  })

  it('gives reasons that are enough by themselves: with nothing else known, the contrary has no schedule', () => {
    let reasons = 0
    for (const tasks of cases) {
      const { store, held, stretches } = packing(tasks, tasks)
      const raised: { atom: Atom; why: number; before: Int32Array }[] = []
      const raise = store.raise.bind(store)
      store.raise = (view, bound, who, why) => {
        if (bound > (store.lower[view] ?? 0)) raised.push({ atom: { view, bound }, why, before: store.lower.slice() })
        return raise(view, bound, who, why)
      }
      stretches.propagate()
      for (const { atom, why, before } of raised) {
        store.lower.set(before)
        const known = tasks.map(() => ({ least: 0, most: 15 }))
        const hold = ({ view, bound }: Atom) => {
          const own = known[held.findIndex(({ start }) => start === (view & ~1))]
          if (own && view & 1) own.most = Math.min(own.most, -bound)
          else if (own) own.least = Math.max(own.least, bound)
        }
        stretches.explain(atom.view, atom.bound, why, (view, bound) => {
          expect(before[view]).toBeGreaterThanOrEqual(bound)
          hold({ view, bound })
        })
        hold({ view: atom.view ^ 1, bound: 1 - atom.bound })
        expect(possible(tasks, known).every((starts) => starts.size === 0)).toBe(true)
        reasons++
      }
    }
    expect(reasons).toBeGreaterThan(200)
  })

  it('sees that a crew with no minute to spare must begin at once', () => {
    // Nine minutes in two stretches of five and four, one after another, by one of whom all are needed.
    const tasks = [3, 2, 4].map((minutes) => ({ minutes, units: 2, least: 0, most: 10 }))
    const { store, held, stretches } = packing(tasks, tasks)
    const late = packing(tasks, [
      { least: 0, most: 10 },
      { least: 1, most: 10 },
      { least: 1, most: 10 },
    ])
    expect(stretches.propagate()).toBe(true)
    expect(late.stretches.propagate()).toBe(true)
    // Of the other two none is there for the first minute: the first task takes it.
    expect(late.held[0] && -(late.store.lower[late.held[0].start + 1] ?? 0)).toBeLessThan(1)
    expect(held[0] && -(store.lower[held[0].start + 1] ?? 0)).toBeGreaterThan(0)
  })
})
