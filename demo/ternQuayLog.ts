import {
  formatInstant,
  parseInstant,
  planJob,
  TICK_OF,
  UNSAID,
  type Job,
  type LogEvent,
  type Task,
  edgeOfHem,
  face,
  readEdge,
  writeSubject,
  planChanges,
  type PublishedPlan,
  type PublishedTask,
} from '@crisp-hem/core'
import { TERN_QUAY_NOW, ternQuaySurvey } from './ternQuay'
import { ternQuayTold } from './ternQuayPlan'

/** Crew Heron was held up before its last coat in practice room 2; everything else ran to plan. */
const HELD_UP_MIN = 6
const HELD_UP = /^practice2\/.*(bead|coat2|pull|roll2)$/

/** Tern Quay on its second afternoon: a day and a half ticked, one room wet and ready to pull. */
export function ternQuay(): Job {
  const published = firstPlan(ternQuayTold())
  const plan = planJob({ ...ternQuaySurvey(), published })
  const now = parseInstant(TERN_QUAY_NOW)
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]))
  const done = published.tasks
    .map((told) => ({
      told,
      task: taskOf(tasks, told),
      at: parseInstant(told.to) + (HELD_UP.test(told.taskId) ? HELD_UP_MIN : 0),
    }))
    .filter(({ at, task }) => at <= now && !(HELD_UP.test(task.id) && task.kind === 'pull'))
    .sort((a, b) => a.at - b.at)
  const begun = plan.rounds
    .filter((round) => round.roomId === 'practice2')
    .flatMap((round) => round.hemIds.filter((hemId) => facesOfHem(hemId).includes(face('wall', 'w1'))))
  const firstWallOff: Omit<LogEvent, 'id'> = {
    kind: 'pulled',
    at: formatInstant(now - 1),
    ...UNSAID,
    crewId: 'heron',
    subjects: begun,
  }
  const log = done.flatMap(({ told, task, at }) => eventsOf(task, told, at))
  const events = [...log, firstWallOff].map((event, i) => ({ ...event, id: `tq-${String(i + 1).padStart(4, '0')}` }))
  return { ...ternQuaySurvey(events), published }
}

/** The plan the crews were told on the first morning. */
function firstPlan(tasks: readonly PublishedTask[]): PublishedPlan {
  return { number: 1, at: PUBLISHED_AT, by: 'Marit Lathe', why: 'First plan', tasks, changes: planChanges([], tasks) }
}
const PUBLISHED_AT = '2027-05-10T16:20:00Z'

/** What a told task is by the survey as it is now; one that is no work of it any more must be told otherwise. */
function taskOf(tasks: ReadonlyMap<string, Task>, { taskId }: PublishedTask): Task {
  const task = tasks.get(taskId)
  if (!task) throw new Error(`demo/ternQuayPlan.ts: "${taskId}" is no task of the survey; tell another, or take it out`)
  return task
}

function eventsOf(task: Task, told: PublishedTask, at: number): Omit<LogEvent, 'id'>[] {
  const base = { ...UNSAID, crewId: told.crewId }
  const tick = {
    ...base,
    kind: TICK_OF[task.kind],
    at: formatInstant(at),
    subjects: task.subjects,
    coat: task.coat,
    expectedAt: told.to,
  }
  const more: Omit<LogEvent, 'id'>[] = []
  if (task.kind === 'lay' && task.roomId.startsWith('practice')) {
    more.push({
      ...base,
      kind: 'covered',
      at: formatInstant(at),
      subjects: [writeSubject({ of: 'fitting', roomId: task.roomId, fittingId: 'f3' })],
      expectedAt: null,
    })
  }
  if (task.kind === 'pull') {
    task.subjects.forEach((hemId, i) =>
      more.push({
        ...base,
        kind: 'inspected',
        at: formatInstant(at + 6),
        subjects: [hemId],
        bleeds: i % 7 === 3 ? 1 : 0,
        expectedAt: null,
      }),
    )
  }
  return [tick, ...more]
}

/** The two faces a hem lies between; none for one joined or drawn by hand. */
function facesOfHem(hemId: string): string[] {
  const edge = readEdge(edgeOfHem(hemId))
  return edge?.is === 'meeting' ? [edge.a, edge.b] : []
}
