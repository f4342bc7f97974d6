import { instantOfGain } from '../../nature/cure/rateClock'
import { isGunUp, said, when, type Fact, type Job, type Said, type SayingCode, type ActivityId } from '../../base/nouns'
import { airGate } from '../../planning/plan/airGate'
import type { PlacedTask } from '../../planning/plan/placement'
import { clocksOfTables } from '../../planning/plan/tableClocks'
import { carryWays, crewWays, type WayMin } from '../../planning/problem/places'
import { activityName } from '../../planning/work'
import { areInMist, isMist } from '../../planning/problem/mist'
import type { ScheduleProblem } from '../../planning/problem/problem'

/** What holds a start where it is. */
type Cause =
  | 'dries'
  | 'after'
  | 'crew'
  | 'way'
  | 'shared'
  | 'mist'
  | 'shift'
  | 'air'
  | 'release'
  | 'now'
  | 'together'
  | 'hand'
  | 'ready'
  | 'free'

/** One link back: an activity starts then because of `hold`, of `other` where another one is why. */
export interface Link {
  readonly activityId: ActivityId
  readonly from: number
  readonly hold: Cause
  readonly other: string | null
}

/** Minutes by which a cause may lie before its effect and still be it: whole minutes begin where parts of them end. */
const NEAR_MIN = 1.5

/**
 * Why an activity starts when it does, link by link back to what nothing holds. Read off the plan itself, whoever made it: of all
 * that would not let it start sooner, what other work causes comes before shift and air, since that can be moved.
 */
export function whyThen(problem: ScheduleProblem, placed: readonly PlacedTask[], activityId: ActivityId): Link[] {
  const situation = situationOf(problem, placed)
  const chain: Link[] = []
  const seen = new Set<string>()
  for (let id: string | null = activityId; id !== null && !seen.has(id);) {
    seen.add(id)
    const task = situation.placed.get(id)
    if (!task || task.done) break
    const link = holdOf(situation, task)
    chain.push(link)
    id = link.other
  }
  return chain
}

interface Situation {
  readonly problem: ScheduleProblem
  readonly placed: ReadonlyMap<string, PlacedTask>
  readonly byCrew: ReadonlyMap<string, readonly PlacedTask[]>
  readonly passed: (clock: string | null, from: number, amount: number) => number | null
  readonly air: ReturnType<typeof airGate>
}

function situationOf(problem: ScheduleProblem, placed: readonly PlacedTask[]): Situation {
  const clocks = clocksOfTables(problem.clocks)
  const byCrew = new Map<string, PlacedTask[]>()
  for (const task of placed) byCrew.set(task.crewId, [...(byCrew.get(task.crewId) ?? []), task])
  return {
    problem,
    placed: new Map(placed.map((task) => [task.taskId, task])),
    byCrew,
    passed(clock, from, amount) {
      if (clock === null) return from + amount
      const found = clocks.get(clock)
      return found ? instantOfGain(found, from, amount) : null
    },
    air: airGate(problem, clocks),
  }
}

/** What holds a start, a gun that is filled just before it sprays left out: it would have been filled sooner. */
function holdOf(situation: Situation, task: PlacedTask): Link {
  const link = holdBut(situation, task, null)
  if (link.hold === 'free' && isGunUp(task.taskId)) return { ...link, hold: 'ready' }
  const before = link.other === null || !isGunUp(link.other) ? undefined : situation.placed.get(link.other)
  if (!before || before.done || holdBut(situation, before, null).hold !== 'free') return link
  return holdBut(situation, task, before.taskId)
}

/** @param but  an activity that is no cause */
function holdBut(situation: Situation, task: PlacedTask, but: string | null): Link {
  const { problem } = situation
  const link = (hold: Cause, other: string | null = null): Link => ({
    activityId: task.taskId,
    from: task.from,
    hold,
    other,
  })
  const isThen = (at: number | null) => at !== null && at > task.from - NEAR_MIN && at <= task.from + NEAR_MIN
  // What is set at this very minute is under way.
  if (problem.fixed.some((each) => each.id === task.taskId && each.at > problem.from && isThen(each.at)))
    return link('hand')
  const lags = problem.lags.filter((lag) => lag.to === task.taskId && lag.from !== but)
  const tie = lags.find((lag) => lag.max?.clock === null && lag.max.amount === 0)
  if (tie) return link('together', tie.from)
  const waits = lags.flatMap((lag) => {
    const before = situation.placed.get(lag.from)
    return before && isThen(situation.passed(lag.min.clock, before.to, lag.min.amount)) ? [{ lag, before }] : []
  })
  const dries = waits.find(({ lag }) => lag.min.amount > 0)
  if (dries) return link('dries', dries.before.taskId)
  const busy = (situation.byCrew.get(task.crewId) ?? []).find(
    (each) => each.taskId !== task.taskId && each.taskId !== but && isThen(each.to),
  )
  if (busy) return link('crew', busy.taskId)
  const onTheWay = reachedFrom(situation, task)
  if (onTheWay) return link('way', onTheWay)
  const after = waits[0]
  if (after) return link('after', after.before.taskId)
  const act = problem.activities.find((activity) => activity.id === task.taskId)
  const uses = act?.uses ?? []
  const held = problem.activities.find((activity) => {
    const other = activity.id === task.taskId || activity.id === but ? undefined : situation.placed.get(activity.id)
    return other && (shareThings(uses, activity.uses) || areInMist(uses, activity.uses)) && isThen(other.to)
  })
  if (held) return link(shareThings(uses, held.uses) ? 'shared' : 'mist', held.id)
  if (task.from <= problem.from + NEAR_MIN) return link('now')
  if (act?.release && isThen(act.release)) return link('release')
  // Before the shift there was no crew; before its air was right there was no coating.
  const sooner = { from: task.from - 1, to: task.to - 1 }
  const block = tiedTo(situation, task)
  for (const each of block)
    if (situation.air(each.taskId, [{ from: each.from - 1, to: each.to - 1 }]) !== null) return link('air')
  const shifts = problem.crews.find((crew) => crew.id === task.crewId)?.shifts ?? []
  const isInShift = shifts.some(([from, to]) => sooner.from >= from && sooner.from < to)
  return link(isInShift ? 'free' : 'shift')
}

const shareThings = (one: readonly string[], other: readonly string[]): boolean =>
  one.some((use) => !isMist(use) && other.includes(use))

/** The activity of another address, or room, from which its crew, or what it uses, comes to it just in time. */
function reachedFrom({ problem, placed, byCrew }: Situation, task: PlacedTask): string | null {
  const acts = new Map([...problem.activities, ...problem.done].map((each) => [each.id, each]))
  const act = acts.get(task.taskId)
  if (!act) return null
  const from = (others: readonly PlacedTask[], way: WayMin | null) =>
    others.find((each) => {
      const long = way?.(acts.get(each.taskId)?.roomId ?? '', act.roomId) ?? 0
      return long > 0 && Math.abs(each.to + long - task.from) <= NEAR_MIN
    })?.taskId
  const using = (id: string) => [...placed.values()].filter((each) => acts.get(each.taskId)?.uses.includes(id))
  const things = problem.resources.filter(({ id }) => act.uses.includes(id))
  return (
    from(byCrew.get(task.crewId) ?? [], crewWays(problem)) ??
    things.map((thing) => from(using(thing.id), carryWays(problem, thing))).find((id) => id !== undefined) ??
    null
  )
}

/** An activity with all that follows it without a break. */
function tiedTo(situation: Situation, task: PlacedTask): PlacedTask[] {
  const tasks = [task]
  for (const each of tasks)
    for (const lag of situation.problem.lags) {
      const next = situation.placed.get(lag.to)
      if (lag.from === each.taskId && lag.max?.amount === 0 && next && !tasks.includes(next)) tasks.push(next)
    }
  return tasks
}

interface TellEndSetup {
  readonly job: Job
  readonly problem: ScheduleProblem
  readonly placed: readonly PlacedTask[]
  readonly now: number
}

/** The chain that decides when all ends, in words, from its end back to its root. */
export function tellEnd({ job, problem, placed, now }: TellEndSetup): Said[] {
  const left = placed.filter((task) => !task.done)
  const last = left.reduce<PlacedTask | null>((most, task) => (!most || task.to > most.to ? task : most), null)
  return last ? whyThen(problem, placed, last.taskId).map((link) => tellLink(job, link, now)) : []
}

const WHY = {
  dries: 'why.dries',
  after: 'why.after',
  crew: 'why.crew',
  way: 'why.way',
  shared: 'why.shared',
  mist: 'why.mist',
  shift: 'why.shift',
  air: 'why.air',
  release: 'why.release',
  now: 'why.now',
  together: 'why.together',
  hand: 'why.by_hand',
  ready: 'why.ready',
  free: 'why.free',
} as const satisfies Readonly<Record<Cause, SayingCode>>

export function tellLink(job: Job, { activityId, from, hold, other }: Link, now: number): Said {
  const name = (id: string | null): Fact => (id === null ? '' : activityName(job.rooms, id))
  return said(WHY[hold], { what: name(activityId), when: when(from, now, job.site.zone), other: name(other) })
}
