import { intAt, nth } from '../../base/units/sure'
import { latestsOf } from '../../solve/engine/bounds'
import { serialSchemeOf } from '../../solve/engine/firstSchedule'
import { endBy } from '../../solve/engine/endBy'
import { endOf, type ModelLag, type Model, type SharedResource } from '../../solve/engine/model'
import { blocksOf } from '../../planning/plan/blocks'
import type { PlacedTask } from '../../planning/plan/placement'
import { translate } from '../../planning/plan/problemModel'
import type { ScheduleProblem } from '../../planning/problem/problem'

/**
 * How many minutes each piece of work can slip before the end of all, a hand-back or a window moves, when every crew and the gun
 * keep their order and nothing else slips before it. Work that cannot be moved has none; what is done is left out.
 */
export function roomToSlip(problem: ScheduleProblem, placed: readonly PlacedTask[]): Map<string, number> {
  const { model, hint, tasksOfRoom, origin } = translate(problem, { placed })
  const end = Math.max(0, ...model.tasks.map((task, i) => endOf(task, intAt(hint, i))))
  const due = new Map<number, number>()
  for (const goal of problem.goals) {
    if (goal.goal !== 'hand-back') continue
    const own = tasksOfRoom.get(goal.roomId) ?? []
    const now = Math.max(0, ...own.flatMap((i) => (model.tasks[i] ? [endOf(model.tasks[i], intAt(hint, i))] : [])))
    for (const i of own) due.set(i, Math.max(now, Math.floor(goal.by) - origin))
  }
  const ordered: Model = {
    ...model,
    tasks: model.tasks.map((task, i) => {
      const by = due.get(i)
      return by === undefined || by >= end ? task : endBy(task, by)
    }),
    lags: [...model.lags, ...inOrder(model, hint)],
  }
  const latests = latestsOf(serialSchemeOf(ordered), end, hint)
  const slips = new Map(model.tasks.map((task, i) => [task.id, Math.max(0, (latests?.[i] ?? 0) - intAt(hint, i))]))
  return new Map(
    blocksOf(problem).flatMap(({ activities }) => {
      const slip = slips.get(activities[0].id)
      return slip === undefined ? [] : activities.map((act) => [act.id, slip] as const)
    }),
  )
}

/** Whoever has several things to do does them in the order they have. */
function inOrder({ tasks, shared }: Model, hint: Int32Array): ModelLag[] {
  return shared
    .flatMap((resource) => linesOf(tasks, resource, hint))
    .flatMap((line) =>
      line.slice(1).flatMap((to, k): ModelLag[] => {
        const from = line[k] ?? to
        const before = tasks[from]
        if (!before) return []
        return before.finish
          ? [{ from, to, weight: 0, ramp: before.finish }]
          : [{ from, to, weight: before.minutes, ramp: null }]
      }),
    )
}

/** What each of a resource does one after another: a task goes to those of them that are free first. */
function linesOf(tasks: Model['tasks'], { capacity, uses }: SharedResource, hint: Int32Array): number[][] {
  const lines = Array.from({ length: capacity }, (): number[] => [])
  const freeAt = (line: readonly number[]): number => {
    const last = line.at(-1)
    return last === undefined ? Number.NEGATIVE_INFINITY : endOf(nth(tasks, last), intAt(hint, last))
  }
  for (const { task, units } of [...uses].sort((a, b) => intAt(hint, a.task) - intAt(hint, b.task)))
    for (const line of [...lines].sort((a, b) => freeAt(a) - freeAt(b)).slice(0, units)) line.push(task)
  return lines
}
