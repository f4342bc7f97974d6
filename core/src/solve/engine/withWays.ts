import { intAt, nth, sure } from '../../base/units/sure'
import { ABSENT, type Model, type Schedule } from './model'

/** In place of a way: the choice stays. */
export const OPEN = -1
/** In place of a way: none of its tasks is looked at. */
export const NONE = -2

/** A model in which choices have been made, or left open, and how its schedules are those of the whole. */
export function withWays(
  model: Model,
  picks: readonly number[],
): {
  readonly model: Model
  readonly whole: (schedule: Schedule) => Schedule
  readonly part: (schedule: Schedule) => Schedule
} {
  const all = model.choices ?? []
  const out = new Set(
    all.flatMap(({ ways }, c) =>
      ways.flatMap((tasks, way) => (picks[c] === OPEN || way === picks[c] ? [] : [...tasks])),
    ),
  )
  const kept = [...model.tasks.keys()].filter((task) => !out.has(task))
  const place = new Map(kept.map((task, i) => [task, i]))
  const choices = all.flatMap(({ ways, id }, c) =>
    picks[c] === OPEN ? [{ id, ways: ways.map((tasks) => tasks.map((task) => sure(place.get(task)))) }] : [],
  )
  return {
    model: {
      horizon: model.horizon,
      tasks: kept.map((task) => nth(model.tasks, task)),
      lags: model.lags.flatMap((lag) => {
        const [from, to] = [place.get(lag.from), place.get(lag.to)]
        return from === undefined || to === undefined ? [] : [{ ...lag, from, to }]
      }),
      shared: model.shared.map(({ travel, uses, ...rest }) => ({
        ...rest,
        uses: uses.flatMap(({ task, units }) => (place.has(task) ? [{ task: sure(place.get(task)), units }] : [])),
        ...(travel
          ? { travel: { ...travel, places: Int32Array.from(kept, (task) => intAt(travel.places, task)) } }
          : {}),
      })),
      ...(choices.length > 0 ? { choices } : {}),
    },
    part: (schedule) => Int32Array.from(kept, (task) => intAt(schedule, task)),
    whole: (schedule) => Int32Array.from(model.tasks, (_, task) => schedule[place.get(task) ?? -1] ?? ABSENT),
  }
}
