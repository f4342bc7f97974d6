import type { PlacedTask } from '../plan/placement'
import { mostlyBanned } from '../problem/badAir'
import type { ProblemActivity, ScheduleProblem } from '../problem/problem'
import { miss, type Miss } from './miss'
import type { Passed } from './reach'

/**
 * Why each activity without a place has none: something it waits for has none either, it never becomes ready, nobody
 * can do it, no stretch is long enough for it and what must follow at once, or the time laid out runs out.
 */
export function checkUnplaced(
  problem: ScheduleProblem,
  placed: ReadonlyMap<string, PlacedTask>,
  passed: Passed,
): Miss[] {
  const missing = problem.activities.filter((act) => !placed.has(act.id))
  const gone = new Set(missing.map((act) => act.id))
  return missing.map((act) => whyUnplaced({ problem, act, placed, gone, passed }))
}

interface WhyUnplacedSetup {
  readonly problem: ScheduleProblem
  readonly act: ProblemActivity
  readonly placed: ReadonlyMap<string, PlacedTask>
  readonly gone: ReadonlySet<string>
  readonly passed: Passed
}

function whyUnplaced({ problem, act, placed, gone, passed }: WhyUnplacedSetup): Miss {
  const chain = chainOf(problem, act)
  const waits = problem.lags.filter(
    (lag) => chain.some((activity) => activity.id === lag.to) && !inChain(chain, lag.from),
  )
  const never = waits.find((lag) => {
    const before = placed.get(lag.from)
    return before !== undefined && passed(before.to, lag.min) === null
  })
  if (never) return miss('never-ready', act.id, { other: never.from })
  const bad = mostlyBanned(
    problem,
    chain.map((activity) => activity.air),
  )
  if (bad) return miss('no-air', act.id, { at: bad.from, other: bad.why })
  const held = waits.find((lag) => gone.has(lag.from))
  if (held) return miss('waits-for-unplaced', act.id, { other: held.from })
  const crews = problem.crews.filter((crew) => act.modes.some((mode) => mode.crewId === crew.id))
  if (crews.length === 0) return miss('no-crew', act.id)
  const [crew] = crews
  if (crews.every((each) => each.shifts.length === 0)) return miss('no-crew', act.id, { other: crew?.id ?? null })
  const need = chain.reduce((sum, activity) => sum + Math.min(...activity.modes.map((mode) => mode.minutes)), 0)
  const longest = Math.max(...crews.flatMap((each) => each.shifts.map(([from, to]) => to - from)))
  if (need > longest && !(act.divisible && chain.length === 1))
    return miss('no-stretch', act.id, { minutes: need, at: longest, other: crew?.id ?? null })
  const idle = forNothing(problem, act, gone)
  if (idle !== null) return miss('waits-for-unplaced', act.id, { other: idle })
  const ready = Math.max(problem.from, ...waits.map((lag) => readyAfter(lag, placed, passed)))
  return miss('past-horizon', act.id, { at: Number.isFinite(ready) ? ready : null, other: crew?.id ?? null })
}

/** A coat behind an activity that finds no air, so that what readies for it is not done either; null where there is none. */
function forNothing(problem: ScheduleProblem, act: ProblemActivity, gone: ReadonlySet<string>): string | null {
  const found: string[] = [act.id]
  for (const id of found)
    for (const { from, to } of problem.lags) if (from === id && gone.has(to) && !found.includes(to)) found.push(to)
  return (
    found.find((id) =>
      problem.activities.some((activity) => activity.id === id && mostlyBanned(problem, [activity.air])),
    ) ?? null
  )
}

const inChain = (chain: readonly ProblemActivity[], id: string): boolean => chain.some((act) => act.id === id)

const readyAfter = (
  lag: ScheduleProblem['lags'][number],
  placed: ReadonlyMap<string, PlacedTask>,
  passed: Passed,
): number => passed(placed.get(lag.from)?.to ?? Number.POSITIVE_INFINITY, lag.min) ?? Number.POSITIVE_INFINITY

/** An activity and all that must go with it without a break. */
function chainOf(problem: ScheduleProblem, act: ProblemActivity): ProblemActivity[] {
  const found = new Set([act.id])
  const ties = problem.lags.filter((lag) => lag.max !== null && lag.max.clock === null && lag.max.amount === 0)
  for (let grown = true; grown;) {
    const size = found.size
    for (const tie of ties) if (found.has(tie.from) || found.has(tie.to)) found.add(tie.from).add(tie.to)
    grown = found.size > size
  }
  return problem.activities.filter((activity) => found.has(activity.id))
}
