import { seededNumbers } from '../../base/units/seeded'
import { improve } from './improve'
import { endOf, makespanOf, type ModelLag, type Model, type ModelTask } from './model'
import { rampAt, rampOf, rampReaches, type Ramp } from './ramp'
import { between, NEVER, shared, startsOf } from './starts'

const HORIZON = 13

/** A few tasks whose waits and ends hang on the hour, with gaps in their starts, some of which cannot be done. */
function hourly(seed: number): Model {
  const random = seededNumbers(seed + 1)
  const whole = (low: number, high: number) => low + Math.floor(random() * (high - low + 1))
  const rising = (least: number): Ramp => {
    let at = least
    return rampOf(0, HORIZON + 1, (minute) => {
      at = Math.max(at, minute + least)
      if (random() < 0.2) at += whole(1, 3)
      return at > HORIZON + 4 ? null : at
    })
  }
  const count = whole(2, 4)
  const tasks = Array.from({ length: count }, (_, i): ModelTask => {
    const minutes = whole(1, 3)
    const from = whole(0, 3)
    const gap = whole(2, 9)
    return {
      id: `t${i}`,
      minutes,
      finish: random() < 0.3 ? rising(minutes) : null,
      starts: startsOf([
        [from, gap],
        [gap + whole(1, 3), HORIZON],
      ]),
      after: random() < 0.2 ? null : whole(0, 2),
    }
  })
  const lags: ModelLag[] = []
  for (let to = 1; to < count; to++)
    if (random() < 0.7) {
      const from = whole(0, to - 1)
      if (random() < 0.6) lags.push({ from, to, weight: 0, ramp: rising(whole(0, 2)) })
      else lags.push({ from, to, weight: whole(-1, 4), ramp: null })
      if (random() < 0.3) lags.push({ from: to, to: from, weight: -whole(1, 5), ramp: null })
    }
  return {
    tasks,
    lags,
    shared: [{ id: 'crew', capacity: 1, uses: tasks.map((_, task) => ({ task, units: 1 })) }],
    horizon: HORIZON,
  }
}

function isKept({ tasks, lags, shared: crews }: Model, starts: readonly number[]): boolean {
  for (const { from, to, weight, ramp } of lags) {
    const least = ramp ? (ramp.values[starts[from]!] ?? NEVER) : starts[from]! + weight
    if (starts[to]! < least) return false
  }
  const spans = crews[0]!.uses.map(({ task }) => [starts[task]!, endOf(tasks[task]!, starts[task]!)] as const)
  return spans.every(([a, b], i) => spans.every(([c, d], j) => i >= j || b <= c || d <= a))
}

/** Trying everything. */
function least(model: Model): number | null {
  let best: number | null = null
  const starts: number[] = []
  const walk = (i: number): void => {
    if (i === model.tasks.length) {
      if (isKept(model, starts)) best = Math.min(best ?? Infinity, makespanOf(model, Int32Array.from(starts)))
      return
    }
    const { starts: allowed, finish } = model.tasks[i]!
    for (let k = 0; k < allowed.length; k += 2)
      for (let at = allowed[k]!; at <= allowed[k + 1]!; at++) {
        if (finish && (finish.values[at] ?? NEVER) >= NEVER) continue
        starts[i] = at
        walk(i + 1)
      }
  }
  walk(0)
  return best
}

test('waits by the hour, work over breaks and gaps: as trying everything says', () => {
  let impossible = 0
  for (let seed = 0; seed < 300; seed++) {
    const model = hourly(seed)
    const expected = least(model)
    const { status, makespan } = improve(model, { random: seededNumbers(1), isOver: () => false })
    expect([seed, status, makespan]).toEqual([seed, expected === null ? 'infeasible' : 'optimal', expected])
    if (expected === null) impossible++
  }
  expect(impossible).toBeGreaterThan(10)
  expect(impossible).toBeLessThan(200)
})

test('a ramp and its inverse agree at every minute', () => {
  const ramp = rampOf(3, 6, (minute) => (minute < 5 ? minute + 1 : minute === 8 ? null : 20))
  for (let value = 0; value < 30; value++) {
    const first = Array.from({ length: 40 }, (_, i) => i - 10).find((minute) => rampAt(ramp, minute) >= value)
    expect(Math.max(-10, rampReaches(ramp, value))).toBe(first)
  }
})

test('gaps: the next start allowed, from either side, by hand', () => {
  const starts = shared(
    startsOf([
      [10, 20],
      [30, 40],
      [21, 25],
    ]),
    startsOf([[15, 35]]),
  )
  expect([...starts]).toEqual([15, 25, 30, 35])
  expect([0, 15, 26, 33].map((at) => between(starts, 0, at))).toEqual([15, 15, 30, 33])
  expect(between(starts, 0, 36)).toBe(NEVER)
  expect([99, 28, 20].map((at) => -between(starts, 1, -at))).toEqual([35, 25, 20])
  expect(between(starts, 1, -14)).toBe(NEVER)
})
