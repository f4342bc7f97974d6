import { madeInstance, smallInstance, FAMILIES } from '../../tests/madeInstances'
import { seededNumbers } from '../units/seeded'
import { improve } from './improve'
import { modelOf, startsById, type Instance } from './instance'
import { validate } from './validate'

/** The least makespan up to `most` by trying every start of every task, judged by the validator's rules; null: none. */
function exhaustive(instance: Instance, most: number): number | null {
  const { tasks } = instance
  let best: number | null = null
  const starts: Record<string, number> = {}
  const part = (k: number): Instance => {
    const ids = new Set(tasks.slice(0, k).map(({ id }) => id))
    return {
      ...instance,
      tasks: tasks.slice(0, k),
      lags: instance.lags.filter(({ from, to }) => ids.has(from) && ids.has(to)),
    }
  }
  const parts = tasks.map((_, k) => part(k + 1))
  const place = (k: number, end: number): void => {
    const task = tasks[k]
    if (!task) {
      best = end
      return
    }
    for (let at = 0; at + task.duration <= Math.min(most, (best ?? most + 1) - 1); at++) {
      starts[task.id] = at
      const own = Object.fromEntries(tasks.slice(0, k + 1).map(({ id }) => [id, starts[id] ?? 0]))
      if (validate(parts[k] ?? instance, own).length === 0) place(k + 1, Math.max(end, at + task.duration))
    }
  }
  place(0, 0)
  return best
}

const solved = (instance: Instance, seed = 1) =>
  improve(modelOf(instance), { random: seededNumbers(seed), isOver: () => false })

test('small instances, half of them impossible: as trying everything says, and every answer is kept', () => {
  let impossible = 0
  for (let seed = 0; seed < 400; seed++) {
    const instance = smallInstance(seed)
    const least = exhaustive(instance, 26)
    const { status, makespan, schedule } = solved(instance)
    // What needs longer than was tried is neither proved nor refuted by trying.
    if (least === null && status === 'optimal') expect([seed, (makespan ?? 0) > 26]).toEqual([seed, true])
    else expect([seed, status, makespan]).toEqual([seed, least === null ? 'infeasible' : 'optimal', least])
    if (schedule) expect([seed, validate(instance, startsById(instance, schedule))]).toEqual([seed, []])
    if (least === null) impossible++
  }
  expect(impossible).toBeGreaterThan(40)
  expect(impossible).toBeLessThan(300)
})

test.each(FAMILIES)('%s: jobs of up to twenty tasks are proved or refuted, and kept', (family) => {
  for (let seed = 0; seed < 12; seed++) {
    const instance = madeInstance(family, 14 + (seed % 7), seed)
    const { status, schedule } = solved(instance)
    expect(['optimal', 'infeasible']).toContain(status)
    if (schedule) expect([seed, validate(instance, startsById(instance, schedule))]).toEqual([seed, []])
  }
})
