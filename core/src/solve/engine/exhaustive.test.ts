import { runsOf } from '../../../tests/runsOf'
import { choosyInstance, madeInstance, narrowInstance, smallInstance, FAMILIES } from '../../../tests/madeInstances'
import { seededNumbers } from '../../base/units/seeded'
import { serialSchemeOf, firstSchedule } from './firstSchedule'
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

/** An instance for each set of ways of its choices, in which only those tasks stand. */
function sharings(instance: Instance): Instance[] {
  const { choices = [], ...rest } = instance
  return choices.reduce<Instance[]>(
    (all, { ways }) =>
      all.flatMap((each) =>
        ways.map((own) => {
          const out = new Set(ways.flatMap((way) => (way === own ? [] : way)))
          return {
            ...each,
            tasks: each.tasks.filter(({ id }) => !out.has(id)),
            lags: each.lags.filter(({ from, to }) => !out.has(from) && !out.has(to)),
          }
        }),
      ),
    [rest],
  )
}

const solved = (instance: Instance, seed = 1) =>
  improve(modelOf(instance), { random: seededNumbers(seed), isOver: () => false })

test('small instances, half of them impossible: as trying everything says, and every answer is kept', () => {
  let impossible = 0
  for (let seed = 0; seed < runsOf(160, 25); seed++) {
    const instance = smallInstance(seed)
    const least = exhaustive(instance, 26)
    const { status, makespan, schedule } = solved(instance)
    // What needs longer than was tried is neither proved nor refuted by trying.
    if (least === null && status === 'optimal') expect([seed, (makespan ?? 0) > 26]).toEqual([seed, true])
    else expect([seed, status, makespan]).toEqual([seed, least === null ? 'infeasible' : 'optimal', least])
    if (schedule) expect([seed, validate(instance, startsById(instance, schedule))]).toEqual([seed, []])
    if (least === null) impossible++
  }
  expect(impossible).toBeGreaterThan(runsOf(20, 2))
  expect(impossible).toBeLessThan(runsOf(120, 22))
})

test.each([false, true])(
  'where laying out finds nothing, exact search is begun all the same (broken: %s)',
  (isBroken) => {
    let withoutFirst = 0
    let impossible = 0
    for (let seed = 0; seed < 40; seed++) {
      const instance = narrowInstance(seed, isBroken)
      const model = modelOf(instance)
      const ways = { random: seededNumbers(1), isOver: () => false }
      if (firstSchedule(serialSchemeOf(model), { ...ways, tries: 40, least: 0 }) === null) withoutFirst++
      // So many rounds are far more than it needs: without them a search that is never begun would never end.
      const { status, schedule } = improve(model, { ...ways, rounds: 60 })
      if (schedule) expect([seed, validate(instance, startsById(instance, schedule))]).toEqual([seed, []])
      expect([seed, isBroken ? ['optimal', 'infeasible'] : ['optimal']]).toEqual([
        seed,
        expect.arrayContaining([status]) as string[],
      ])
      if (status === 'infeasible') impossible++
    }
    expect(withoutFirst).toBeGreaterThan(30)
    if (isBroken) expect(impossible).toBeGreaterThan(5)
  },
)

test.each(FAMILIES)('%s: jobs of up to twenty tasks are proved or refuted, and kept', (family) => {
  for (let seed = 0; seed < 12; seed++) {
    const instance = madeInstance(family, 14 + (seed % 7), seed)
    const { status, schedule } = solved(instance)
    expect(['optimal', 'infeasible']).toContain(status)
    if (schedule) expect([seed, validate(instance, startsById(instance, schedule))]).toEqual([seed, []])
  }
})

test('choices and ways to go: as trying every way and every start says, and every answer is kept', () => {
  let [impossible, other] = [0, 0]
  for (let seed = 0; seed < 40; seed++) {
    const instance = choosyInstance(seed)
    const ends = sharings(instance).flatMap((sharing) => exhaustive(sharing, 20) ?? [])
    const least = ends.length > 0 ? Math.min(...ends) : null
    const { status, makespan, schedule } = solved(instance)
    if (least === null && status === 'optimal') expect([seed, (makespan ?? 0) > 20]).toEqual([seed, true])
    else expect([seed, status, makespan]).toEqual([seed, least === null ? 'infeasible' : 'optimal', least])
    if (schedule) expect([seed, validate(instance, startsById(instance, schedule))]).toEqual([seed, []])
    if (least === null) impossible++
    const done = schedule ? startsById(instance, schedule) : {}
    if (schedule && instance.choices?.some(({ ways: [first] }) => !first?.some((id) => id in done))) other++
  }
  expect(impossible).toBeGreaterThan(2)
  expect(impossible).toBeLessThan(30)
  // The first way is not always the best.
  expect(other).toBeGreaterThan(2)
})
