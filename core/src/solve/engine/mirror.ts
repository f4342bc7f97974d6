import { intAt, nth } from '../../base/units/sure'
import type { Model, Schedule } from './model'
import { startsOf } from './starts'

/**
 * A model with time turned round, so that laying out from the front fills from the back. Only models whose waits and ends do not
 * hang on the hour can be turned; null for others.
 *
 * @param end  the instant that becomes 0; nothing may lie behind it
 */
export function mirrored({ tasks, lags, shared }: Model, end: number): Model | null {
  if (tasks.some(({ finish }) => finish) || lags.some(({ ramp }) => ramp)) return null
  return {
    horizon: end,
    shared,
    tasks: tasks.map((task) => {
      const { starts, minutes } = task
      const pairs: [number, number][] = []
      for (let i = 0; i < starts.length; i += 2)
        if (end - intAt(starts, i) - minutes >= 0)
          pairs.push([Math.max(0, end - intAt(starts, i + 1) - minutes), end - intAt(starts, i) - minutes])
      return { ...task, starts: startsOf(pairs), after: 0 }
    }),
    lags: lags.map(({ from, to, weight }) => ({
      from: to,
      to: from,
      weight: weight + nth(tasks, to).minutes - nth(tasks, from).minutes,
      ramp: null,
    })),
  }
}

/** A schedule of a mirrored model as one of the model itself, and the other way round. */
export const turned = ({ tasks }: Model, schedule: Schedule, end: number): Schedule =>
  schedule.map((start, task) => end - start - nth(tasks, task).minutes)
