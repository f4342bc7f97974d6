import { checkPlan } from '../check/checkPlan'
import type { Hold, Job, Planning, Said } from '../ground'
import { DEFAULT_PARAMETERS, type Parameters } from '../parameters/parameters'
import { blocksOf, type Block } from '../plan/blocks'
import { freeTime } from '../plan/freeTime'
import type { PlacedTask, WorkPiece } from '../plan/placement'
import type { ScheduleProblem } from '../problem/problem'
import { formatInstant } from '../units/time'
import { planWithProblem } from './planJob'
import { tellNew } from './tellNew'

/** A piece of work tried somewhere else, all other work where it stands. */
export interface Tried {
  /** Where it would be, with what goes along with it. */
  readonly placed: readonly PlacedTask[]
  /** All that would go wrong by it that does not go wrong now. */
  readonly breaks: readonly Said[]
}

/** Tries one piece of work at other hours and with other crews. */
export interface MoveDesk {
  /** What goes along with it, in order, itself included: work without a break between. Empty where it cannot be moved. */
  readonly taskIds: readonly string[]
  /** @param at  its start, minutes since the epoch */
  readonly try: (at: number, crewId: string) => Tried
}

/** A desk at which to try a piece of work of a job elsewhere. Done work cannot be moved. */
export function moveDesk(job: Job, now: number, taskId: string, parameters: Parameters = DEFAULT_PARAMETERS): MoveDesk {
  const chain = planWithProblem(job, now, parameters)
  const block = blocksOf(chain.problem).find(({ activities }) => activities.some((act) => act.id === taskId))
  const taskIds: string[] = block?.activities.map((act) => act.id) ?? []
  const setup = { job, tasks: chain.plan.tasks, before: checkPlan(chain.problem, chain.plan), from: now }
  const problems = new Map<string, ScheduleProblem>()
  const problemBy = (crewId: string): ScheduleProblem => {
    const found = problems.get(crewId)
    if (found) return found
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
      const own = blocksOf(problem).find(({ activities }) => activities.some((act) => act.id === taskId))
      const placed = own ? placedAt(problem, own, at) : []
      const rest = chain.plan.placed.filter((each) => !taskIds.includes(each.taskId))
      return { placed, breaks: tellNew(setup, problem, [...rest, ...placed]) }
    },
  }
}

/** A block from an instant on, over breaks where it may. */
function placedAt(problem: ScheduleProblem, { activities, modes }: Block, at: number): PlacedTask[] {
  const [mode] = modes
  if (!mode) return []
  const [only, more] = activities
  let from = at
  return activities.map((act): PlacedTask => {
    const minutes = act.modes.find((each) => each.crewId === mode.crewId)?.minutes ?? 0
    const whole = [{ from, to: from + minutes }]
    const pieces = only?.divisible && !more ? (overBreaks(problem, mode.crewId, at, minutes) ?? whole) : whole
    from += minutes
    const to = pieces.at(-1)?.to ?? from
    return { taskId: act.id, crewId: mode.crewId, from: pieces[0]?.from ?? at, to, pieces, done: false }
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
