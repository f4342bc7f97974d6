import { floatAt, nth } from '../../base/units/sure'
import { firstPast } from '../../base/units/firstPast'
import { energyBound, headsOf } from './bounds'
import { serialSchemeOf } from './firstSchedule'
import type { Model, SharedResource } from './model'
import { presenceOf } from './presence'
import { NEVER } from './starts'
import { NONE, withWays } from './withWays'

/**
 * A time before which no schedule ends, whoever does what: all crews together must give what all choices ask for at least, each
 * by the way that asks for least, in the minutes they are there.
 */
export function pooledBound({ tasks, shared, choices = [] }: Model): number {
  const chosen = new Set(choices.flatMap(({ ways }) => ways.flat()))
  const pool = poolOf(shared, chosen)
  const workOf = new Float64Array(tasks.length)
  for (const { uses } of pool)
    for (const { task, units } of uses) workOf[task] = floatAt(workOf, task) + nth(tasks, task).minutes * units
  let work = 0
  tasks.forEach((_, task) => (work += chosen.has(task) ? 0 : floatAt(workOf, task)))
  for (const { ways } of choices)
    work += Math.min(...ways.map((own) => own.reduce((sum, task) => sum + floatAt(workOf, task), 0)))
  if (work === 0) return 0
  const given = pool.map((resource) => givenBy(tasks, resource))
  const last = Math.max(0, ...given.flatMap(({ there }) => there.map(([, to]) => to)))
  return firstPast(last, (end) => given.reduce((sum, each) => sum + each.upTo(end), 0) >= work)
}

/**
 * A time before which no schedule ends, choice by choice: with nothing else to do but what is always done, its best way alone
 * takes until then.
 */
export function singleBound(model: Model, isOver: () => boolean): number {
  const choices = model.choices ?? []
  let bound = 0
  for (const [c, { ways }] of choices.entries()) {
    if (isOver()) break
    // The tasks of all other choices are left out: they could only make it later.
    const soonest = Math.min(
      ...ways.map((_, way) =>
        endAlone(
          withWays(
            model,
            choices.map((__, other) => (other === c ? way : NONE)),
          ).model,
        ),
      ),
    )
    if (Number.isFinite(soonest)) bound = Math.max(bound, soonest)
  }
  return bound
}

function endAlone(model: Model): number {
  const scheme = serialSchemeOf(model)
  const heads = headsOf(scheme)
  return heads ? energyBound(scheme, heads) : Number.POSITIVE_INFINITY
}

/** Crews of choices of which no task holds two: what crews hold besides, a gun, would only add hours that do no work. */
function poolOf(shared: Model['shared'], chosen: ReadonlySet<number>): SharedResource[] {
  const pool: SharedResource[] = []
  const held = new Set<number>()
  for (const resource of [...shared].sort((a, b) => b.uses.length - a.uses.length)) {
    if (!resource.uses.some(({ task }) => chosen.has(task)) || resource.uses.some(({ task }) => held.has(task)))
      continue
    pool.push(resource)
    for (const { task } of resource.uses) held.add(task)
  }
  return pool
}

/** Minutes and units one of them gives up to an instant. Work over breaks counts as there until it must be done. */
function givenBy(tasks: Model['tasks'], { capacity, uses }: SharedResource) {
  const there = presenceOf(
    uses.map(({ task }) => {
      const { starts, minutes, finish } = nth(tasks, task)
      return {
        starts,
        minutes: finish
          ? finish.values.reduce((most, end, i) => Math.max(most, end < NEVER ? end - finish.start - i : 0), minutes)
          : minutes,
      }
    }),
  )
  return {
    there,
    upTo: (end: number) => capacity * there.reduce((sum, [from, to]) => sum + Math.max(0, Math.min(to, end) - from), 0),
  }
}
