import { namesOf, type NamesOf } from '../../app/naming/whoWords'
import {
  spanAt,
  type Crew,
  type LogState,
  type Plan,
  type PullPlan,
  type PullSpan,
  type Task,
  readSubject,
  isMended,
  isThrough,
  wetPassedAt,
  type HemId,
  type SubjectKey,
} from '@crisp-hem/core'

/** Where a coated round stands on the board. */
export type PullStand = 'now' | 'overdue' | 'missed' | 'not yet' | 'dry'

export interface PullCard {
  readonly pull: PullPlan
  readonly stand: PullStand
  readonly span: PullSpan
  /** When the tape may come off next, if not now. */
  readonly next: PullSpan | null
  /** Bad air that met its coat before it was safe, or null. */
  readonly doubt: Plan['doubtful'][number] | null
}

/** Work that is next, task by task. */
export interface TodoCard {
  readonly task: Task
  /** Who does it: the room’s own crew, or one that helps. */
  readonly crewId: string
  /** People of the crew who do it by themselves; none where all of it do. */
  readonly names: readonly string[]
  readonly from: number
  readonly to: number
  /** Hems of the task not ticked yet; for rooms the task's subject. */
  readonly subjects: readonly SubjectKey[]
}

export interface Board {
  readonly pulls: readonly PullCard[]
  readonly todo: readonly TodoCard[]
  /** Hems pulled but not looked at, or mended since. */
  readonly toInspect: readonly string[]
  /** Hems with faults that nobody has put right. */
  readonly toMend: readonly string[]
  readonly breathers: readonly string[]
}

const STAND_OF: Record<PullSpan['kind'], PullStand> = {
  'too-wet': 'not yet',
  wet: 'now',
  tacky: 'not yet',
  kept: 'not yet',
  dry: 'dry',
  past: 'overdue',
}
const ORDER: readonly PullStand[] = ['overdue', 'now', 'missed', 'dry', 'not yet']

/** A wet window that closed with the tape on is somebody's to decide, until its film is hard. */
const standOf = (pull: PullPlan, { kind }: PullSpan, now: number): PullStand =>
  kind === 'tacky' && wetPassedAt(pull, now) !== null ? 'missed' : STAND_OF[kind]

/** What has met a round's coats by now. */
const doubtOf = (plan: Plan, pull: PullPlan, now: number) =>
  plan.doubtful.findLast(({ activityId, at }) => at <= now && activityId.startsWith(`${pull.roundId}/`)) ?? null

interface BoardOf {
  /** Whose board; null for everybody's. */
  readonly crewId: string | null
  readonly crews: readonly Crew[]
}

/** The crew board at an instant, for one crew or all. */
export function boardAt(plan: Plan, log: LogState, now: number, { crewId, crews }: BoardOf): Board {
  const mine = (id: string) => crewId === null || id === crewId
  const pulls = plan.pulls
    .filter((pull) => pull.coated && mine(pull.crewId))
    .flatMap((pull): PullCard[] => {
      const span = spanAt(pull.spans, now) ?? pull.spans[0]
      if (!span) return []
      const next = pull.spans.find((each) => each.from > now && (each.kind === 'wet' || each.kind === 'dry')) ?? null
      return [{ pull, span, next, doubt: doubtOf(plan, pull, now), stand: standOf(pull, span, now) }]
    })
    .sort(
      (a, b) => ORDER.indexOf(a.stand) - ORDER.indexOf(b.stand) || (a.span.to ?? Infinity) - (b.span.to ?? Infinity),
    )
  return {
    pulls,
    todo: todoCards(plan, log, mine, namesOf(crews, plan.placed, plan.tasks)),
    toInspect: plan.hems.filter((hem) => needsLook(log, hem.id)).map((hem) => hem.id),
    toMend: plan.hems.filter((hem) => needsMending(log, hem.id)).map((hem) => hem.id),
    breathers: [...log.covered.keys()].filter((subject) => readSubject(subject)?.of === 'fitting'),
  }
}

const needsLook = (log: LogState, hemId: HemId): boolean => {
  const state = log.hems.get(hemId)
  if (state === undefined || state.pulledAt === null) return false
  return state.inspectedAt === null || isMended(state)
}

/** Whether the last look found something, and nobody has put it right since. */
const needsMending = (log: LogState, hemId: HemId): boolean => {
  const state = log.hems.get(hemId)
  return state !== undefined && state.inspectedAt !== null && state.faults > 0 && !isMended(state)
}

function todoCards(plan: Plan, log: LogState, mine: (crewId: string) => boolean, names: NamesOf): TodoCard[] {
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]))
  const pulling = new Set(plan.pulls.filter((pull) => pull.coated).map((pull) => pull.taskId))
  return plan.placed
    .filter((placed) => !placed.done && mine(placed.crewId) && !pulling.has(placed.taskId))
    .flatMap((placed): TodoCard[] => {
      const task = tasks.get(placed.taskId)
      if (!task) return []
      const subjects = task.subjects.filter((subject) => !isThrough(task, log, subject))
      return [{ task, crewId: placed.crewId, names: names(task.id), from: placed.from, to: placed.to, subjects }]
    })
    .sort((a, b) => a.from - b.from)
}
