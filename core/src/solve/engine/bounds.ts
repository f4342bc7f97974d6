import { intAt, nth } from '../../base/units/sure'
import { firstPast } from '../../base/units/firstPast'
import { countings } from './countings'
import { latestEnd, type Schedule } from './model'
import type { SerialScheme } from './firstSchedule'
import { rampAt, rampReaches } from './ramp'
import { presenceOf } from './presence'
import { between, NEVER } from './starts'

/** Earliest starts by lags and allowed starts alone; null when some task has none. */
export function headsOf({ model, blocks, into }: SerialScheme): Int32Array | null {
  const heads = Int32Array.from(model.tasks.map(({ starts }) => (starts.length === 0 ? NEVER : between(starts, 0, 0))))
  for (const block of blocks)
    // Within a block lags may go round; a circle that grows would never end, and is somebody else’s to prove.
    for (let round = 0; round <= block.length; round++) {
      let moved = false
      for (const task of block)
        for (const { from, weight, ramp } of nth(into, task)) {
          const least = ramp ? rampAt(ramp, intAt(heads, from)) : intAt(heads, from) + weight
          if (least <= intAt(heads, task)) continue
          heads[task] = between(nth(model.tasks, task).starts, 0, least)
          moved = true
        }
      if (!moved) break
    }
  return heads.some((head) => head >= NEVER) ? null : heads
}

/**
 * Latest starts by lags and allowed starts alone, if all is to end by an instant; null when some task has none.
 *
 * @param least  starts that stand whatever asks for sooner ones
 */
export function latestsOf({ model, blocks, outOf }: SerialScheme, end: number, least?: Schedule): Int32Array | null {
  const allowed = (task: number, latest: number) => {
    const { starts } = nth(model.tasks, task)
    const own = starts.length === 0 ? -NEVER : -between(starts, 1, -latest)
    return least ? Math.max(own, intAt(least, task)) : own
  }
  const latests = Int32Array.from(
    model.tasks.map(({ minutes, finish, after }, task) => {
      const due = after === null ? NEVER >> 1 : end - after
      return allowed(task, finish ? rampReaches(finish, due + 1) - 1 : due - minutes)
    }),
  )
  for (const block of [...blocks].reverse())
    for (let round = 0; round <= block.length; round++) {
      let moved = false
      for (const task of [...block].reverse())
        for (const { to, weight, ramp } of nth(outOf, task)) {
          const most = ramp ? rampReaches(ramp, intAt(latests, to) + 1) - 1 : intAt(latests, to) - weight
          if (most >= intAt(latests, task)) continue
          const next = allowed(task, most)
          moved ||= next !== latests[task]
          latests[task] = next
        }
      if (!moved) break
    }
  return !least && latests.some((latest) => latest < 0) ? null : latests
}

/**
 * A time before which no schedule ends, by energy: an end is refuted when some crew’s tasks that start behind one instant and
 * must end by another hold more than the crew can give between the two, in minutes in which it is there at all. The least end
 * that is not refuted, by halving (destructive bound, Klein & Scholl 1999).
 */
export function energyBound(scheme: SerialScheme, heads: Int32Array): number {
  const { model } = scheme
  const crews = model.shared.flatMap(({ capacity, uses }) => {
    const held = uses.filter(({ task }) => nth(model.tasks, task).minutes > 0 && !nth(model.tasks, task).finish)
    const there = presenceOf(held.map(({ task }) => nth(model.tasks, task)))
    return countings(
      capacity,
      held.map(({ units }) => units),
    ).map((way) => {
      const own = held.map(({ task, units }) => ({ task, units: way.unitsOf(units) })).filter(({ units }) => units > 0)
      return { capacity: way.capacity, own, there }
    })
  })
  const isRefuted = (end: number): boolean => {
    const latests = latestsOf(scheme, end)
    if (!latests || latests.some((latest, task) => latest < intAt(heads, task))) return true
    return crews.some(({ capacity, own, there }) => isOverloaded(scheme, heads, latests, own, capacity, there))
  }
  let low = model.tasks.reduce(
    (most, { minutes, after }, i) => (after === null ? most : Math.max(most, intAt(heads, i) + minutes + after)),
    0,
  )
  let step = 64
  const latest = latestEnd(model)
  while (low + step < latest && isRefuted(low + step)) {
    low += step
    step *= 2
  }
  const high = Math.max(low, Math.min(latest, low + step))
  return low + firstPast(high - low, (more) => !isRefuted(low + more))
}

/** Whether tasks that all lie between two instants hold more than is given there. */
function isOverloaded(
  { model }: SerialScheme,
  heads: Int32Array,
  latests: Int32Array,
  own: readonly { readonly task: number; readonly units: number }[],
  capacity: number,
  there: readonly (readonly [number, number])[],
): boolean {
  const byHead = [...own].sort((a, b) => intAt(heads, b.task) - intAt(heads, a.task))
  const endAt = (task: number) => intAt(latests, task) + nth(model.tasks, task).minutes
  const dues = [...new Set(own.map(({ task }) => endAt(task)))].sort((a, b) => a - b)
  const passed = minutesUpTo(there)
  for (const due of thinned(dues)) {
    let work = 0
    for (const { task, units } of byHead) {
      if (endAt(task) > due) continue
      work += nth(model.tasks, task).minutes * units
      if (work > capacity * (passed(due) - passed(intAt(heads, task)))) return true
    }
  }
  return false
}

/** At most eighty values of a list, the last ones more densely: that is where it gets tight. */
const thinned = (list: readonly number[]): number[] => {
  const step = Math.max(1, Math.ceil(list.length / 40))
  return list.filter((_, i) => i % step === 0 || i >= list.length - 40)
}

/** Minutes of presence up to an instant. */
function minutesUpTo(there: readonly (readonly [number, number])[]): (at: number) => number {
  const sums = [0]
  for (const [from, to] of there) sums.push(nth(sums, sums.length - 1) + to - from)
  return (at) => {
    const begun = firstPast(there.length, (k) => nth(there, k)[0] > at)
    return begun === 0 ? 0 : nth(sums, begun - 1) + Math.min(at, nth(there, begun - 1)[1]) - nth(there, begun - 1)[0]
  }
}
