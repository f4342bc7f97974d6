import { checkPlan } from '../../planning/check/checkPlan'
import type { Hold, Job, Planning, Said, ActivityId } from '../../base/nouns'
import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { blocksOf, type Block } from '../../planning/plan/blocks'
import { freeTime } from '../../planning/plan/freeTime'
import type { PlacedTask, WorkPiece } from '../../planning/plan/placement'
import type { ScheduleProblem } from '../../planning/problem/problem'
import { handsOf, modeOf } from '../../planning/problem/withCrews'
import { stayOnOf } from '../../planning/problem/stayOn'
import { formatInstant } from '../../base/units/time'
import { planWithProblem, type Chain } from '../chain/planJob'
import { tellNew } from '../tell/tellNew'

/** A piece of work tried somewhere else, all other work where it stands. */
export interface Tried {
  /** Where it would be, with what goes along with it. */
  readonly placed: readonly PlacedTask[]
  /** All that would go wrong by it that does not go wrong now. */
  readonly breaks: readonly Said[]
}

/** Tries one piece of work at other hours and with other crews. */
export interface MoveTrial {
  /** What goes along with it, in order, itself included: work without a break between. Empty where it cannot be moved. */
  readonly taskIds: readonly string[]
  /** @param at  its start, minutes since the epoch */
  readonly try: (at: number, crewId: string) => Tried
}

/** What is moved: one piece of work, or all that is left of its round, from tape to pull. */
export const REACHES = ['piece', 'round'] as const
export type Reach = (typeof REACHES)[number]

interface MoveTrialSetup {
  readonly job: Job
  readonly now: number
  readonly taskId: ActivityId
  readonly reach?: Reach
  readonly parameters?: Parameters
}

/** Tries work of a job at other times and with other crews. Done work cannot be moved. */
export function moveTrial({
  job,
  now,
  taskId,
  reach = 'piece',
  parameters = DEFAULT_PARAMETERS,
}: MoveTrialSetup): MoveTrial {
  const chain = planWithProblem(job, now, parameters)
  const from = new Map(chain.plan.placed.map((task) => [task.taskId, task.from]))
  const headOf = ({ activities: [first] }: Block) => from.get(first?.id ?? '') ?? Number.POSITIVE_INFINITY
  const ids = new Set(reach === 'round' ? roundOf(chain, taskId) : [taskId])
  const blocksIn = (problem: ScheduleProblem) =>
    blocksOf(problem)
      .filter(({ activities }) => activities.some((act) => ids.has(act.id)))
      .sort((a, b) => headOf(a) - headOf(b))
  const taskIds = blocksIn(chain.problem).flatMap((block) => block.activities.map((act): string => act.id))
  const { tasks, hems } = chain.plan
  const setup = { job, tasks, hems, parameters, before: checkPlan(chain.problem, chain.plan), from: now }
  const problems = new Map<string, ScheduleProblem>()
  const problemBy = (crewId: string): ScheduleProblem => {
    const problem = problems.get(crewId)
    if (problem) return problem
    const holds = taskIds.map((id): Hold => ({ taskId: id, at: job.start, crewId, why: '' }))
    const given = { ...job, planning: withHolds(job.planning, holds) }
    const made = planWithProblem(given, now, parameters).problem
    problems.set(crewId, made)
    return made
  }
  return {
    taskIds,
    try(at, crewId) {
      const problem = problemBy(crewId)
      const placed = movedTo({ problem, before: chain.plan.placed, blocks: blocksIn(problem), taskId, at })
      const rest = chain.plan.placed.filter((task) => !taskIds.includes(task.taskId))
      return { placed, breaks: tellNew(setup, problem, [...rest, ...placed]) }
    },
  }
}

/** What is left of the round that a piece of work is in; itself where it is in none. */
function roundOf({ plan, problem }: Chain, taskId: ActivityId): string[] {
  const roundId = plan.tasks.find((task) => task.id === taskId)?.roundId ?? null
  const left = new Set<string>(problem.activities.map((act) => act.id))
  const own = plan.tasks.filter((task) => task.roundId === roundId && left.has(task.id)).map((task) => task.id)
  return roundId === null ? [taskId] : own
}

interface MovedToSetup {
  readonly problem: ScheduleProblem
  readonly before: readonly PlacedTask[]
  readonly blocks: readonly Block[]
  readonly taskId: ActivityId
  readonly at: number
}

/**
 * Blocks with the one that holds a piece of work at an instant. Those before it go by the clock along with it; those behind it
 * keep what their crew works between, and wait for the next shift where they would not fit before a break.
 */
function movedTo({ problem, before, blocks, taskId, at }: MovedToSetup): PlacedTask[] {
  const was = new Map(before.map((task) => [task.taskId, task]))
  const spanOf = ({ activities }: Block) => ({
    from: was.get(activities[0].id)?.from ?? at,
    to: was.get(activities.at(-1)?.id ?? '')?.to ?? at,
  })
  const pivot = blocks.findIndex(({ activities }) => activities.some((act) => act.id === taskId))
  const by = at - (blocks[pivot] ? spanOf(blocks[pivot]).from : at)
  let end = at
  return blocks.flatMap((block, i) => {
    const own = spanOf(block)
    const prior = blocks[i - 1]
    const from =
      i < pivot || !prior
        ? own.from + by
        : i === pivot
          ? at
          : following({ problem, block, priorTo: spanOf(prior).to, ownFrom: own.from, end })
    const placed = placedAt(problem, block, from)
    end = placed.at(-1)?.to ?? end
    return placed
  })
}

interface FollowingSetup {
  readonly problem: ScheduleProblem
  readonly block: Block
  readonly priorTo: number
  readonly ownFrom: number
  readonly end: number
}

/** Where a block begins behind one that ends at `end`, with as much of its crew’s time between as there was before. */
function following({ problem, block, priorTo, ownFrom, end }: FollowingSetup): number {
  const [mode] = block.modes
  const crew = problem.crews.find(({ id }) => id === mode?.crewId)
  const shifts = crew?.shifts ?? []
  const between = shifts.reduce((sum, [a, b]) => sum + Math.max(0, Math.min(b, ownFrom) - Math.max(a, priorTo)), 0)
  const time = freeTime(
    shifts.map(([from, to]) => ({ from, to })),
    crew && stayOnOf(crew),
  )
  const ready = between > 0 ? (time.firstPieces(end, between)?.at(-1)?.to ?? end + between) : end
  const isDivisible = block.activities.length === 1 && block.activities[0]?.divisible === true
  const minutes = mode?.minutes ?? 0
  const first = isDivisible ? time.firstPieces(ready, minutes)?.[0] : time.firstSlot(ready, minutes)
  return first?.from ?? ready
}

/** A block from an instant on, over breaks where it may. */
function placedAt(problem: ScheduleProblem, { activities, modes }: Block, at: number): PlacedTask[] {
  const [mode] = modes
  if (!mode) return []
  const [only, more] = activities
  let from = at
  return activities.map((act): PlacedTask => {
    const minutes = modeOf({ modes: act.modes }, mode)?.minutes ?? 0
    const whole = [{ from, to: from + minutes }]
    const pieces = only?.divisible && !more ? (overBreaks(problem, mode.crewId, at, minutes) ?? whole) : whole
    from += minutes
    const to = pieces.at(-1)?.to ?? from
    return { taskId: act.id, ...handsOf(mode), from: pieces[0]?.from ?? at, to, pieces, done: false }
  })
}

function overBreaks({ crews }: ScheduleProblem, crewId: string, at: number, minutes: number): WorkPiece[] | null {
  const shifts = crews.find((crew) => crew.id === crewId)?.shifts ?? []
  const pieces = freeTime(shifts.map(([from, to]) => ({ from, to }))).firstPieces(at, minutes)
  return pieces?.[0]?.from === at ? pieces : null
}

/** Work held where it stands; other holds of the same work are replaced. */
export function withHolds(planning: Planning, holds: readonly Hold[]): Planning {
  const ids = new Set(holds.map((hold) => hold.taskId))
  return { ...planning, holds: [...planning.holds.filter((hold) => !ids.has(hold.taskId)), ...holds] }
}

/** Work that may be placed anew. */
export const withoutHolds = (planning: Planning, taskIds: readonly string[]): Planning => ({
  ...planning,
  holds: planning.holds.filter((hold) => !taskIds.includes(hold.taskId)),
})

/** Placed work as holds, each with the crew that has it. */
export const holdsOf = (placed: readonly PlacedTask[], why: string): Hold[] =>
  placed.map(({ taskId, crewId, from }) => ({ taskId, at: formatInstant(from), crewId, why }))
