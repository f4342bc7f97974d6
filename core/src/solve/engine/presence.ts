import { intAt } from '../../base/units/sure'
import type { Starts } from './starts'

/** Minutes in which any of the tasks can be at work, as intervals of minutes, both ends included. */
export function presenceOf(
  tasks: readonly { readonly starts: Starts; readonly minutes: number }[],
): [number, number][] {
  const all: [number, number][] = []
  for (const { starts, minutes } of tasks)
    for (let i = 0; i < starts.length; i += 2) all.push([intAt(starts, i), intAt(starts, i + 1) + minutes])
  all.sort((a, b) => a[0] - b[0])
  const merged: [number, number][] = []
  for (const [from, to] of all) {
    const last = merged.at(-1)
    if (last && from <= last[1]) last[1] = Math.max(last[1], to)
    else merged.push([from, to])
  }
  return merged
}
