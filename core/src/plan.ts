import { jobClocks, type JobClocks } from './cure/areaClocks'
import { type Job, type Room, said, type Said } from './ground'
import { airAt } from './air/airSeries'
import { paintFaults } from './air/paintLimits'
import { coatingOf } from './catalogue/find'
import { deriveHems, type BareEdge, type Hem } from './hems/deriveHems'
import { takeLoad, type Load } from './load/takeLoad'
import type { Recipe, RecipeAnswer } from './recipes/recipe'
import { recipesOf } from './recipes/jobRecipes'
import { foldLog } from './progress/hemStates'
import { pullPlans, pullReadyFor, type PullPlan } from './pulls/windows'
import { jobRounds } from './rounds/jobRounds'
import type { Round, Task } from './rounds/round'
import { crewCalendars, HORIZON_DAYS, longestStretchMin, shiftFinder } from './calendar/calendar'
import { makeSchedule, type PlacedTask } from './schedule/schedule'
import { MIN_PER_DAY, parseInstant, spanText, whenText } from './units/time'
import { sayText } from './words/say'

/** The whole answer to one job snapshot at one instant. */
export interface Plan {
  readonly jobId: string
  /** The instant it was made for, minutes since the epoch. */
  readonly at: number
  readonly hems: readonly Hem[]
  readonly bare: readonly BareEdge[]
  readonly recipes: readonly RecipeAnswer[]
  readonly load: Load
  readonly rounds: readonly Round[]
  readonly tasks: readonly Task[]
  readonly placed: readonly PlacedTask[]
  readonly pulls: readonly PullPlan[]
  /** What stands in the way, worst first. */
  readonly problems: readonly Said[]
  /** When the last task ends; null when nothing is planned. */
  readonly endsAt: number | null
}

/**
 * The chain: survey → hems → recipes → load → rounds → schedule → pull windows, from one job and its log.
 *
 * @param now  minutes since the epoch; nothing undone is planned before it. Left out: the job's start.
 */
export function planJob(job: Job, now: number = parseInstant(job.start)): Plan {
  const clocks = jobClocks(job)
  const start = parseInstant(job.start)
  const from = Math.max(start, now)
  // A plan made late in a job must still reach far enough ahead.
  const calendars = crewCalendars(job.crews, job.site.zone, start, from + HORIZON_DAYS * MIN_PER_DAY)
  const nextShift = shiftFinder(calendars)
  const derived = job.rooms.map((room) => ({ room, ...deriveHems(room, job.shelf) }))
  const hems = derived.flatMap((each) => each.hems)
  const answers = recipesOf(job, derived, clocks, nextShift)
  const recipes = new Map(
    answers.flatMap((answer): [string, Recipe][] => (answer.safe ? [[answer.hemId, answer]] : [])),
  )
  const log = foldLog(job.log)
  const { rounds, tasks, problems } = jobRounds({ job, clocks, hems, recipes, calendars, nextShift })
  const windows = { job, clocks, recipes, log }
  const schedule = makeSchedule({
    tasks,
    log,
    from,
    stretches: calendars,
    clocks,
    roomRank: roomRanks(job),
    pullReady: pullReadyFor(windows, new Map(rounds.map((round) => [round.id, round]))),
  })
  const placed = [...schedule.placed.values()]
  const planned = { rounds, placed, from, tasks }
  return {
    jobId: job.id,
    at: now,
    hems,
    bare: derived.flatMap((each) => each.bare),
    recipes: answers,
    load: takeLoad(job, hems, recipes),
    rounds,
    tasks,
    placed,
    pulls: pullPlans(windows, rounds, schedule.placed),
    problems: [
      ...airProblems(job, clocks, planned),
      ...(job.crews.some((crew) => crew.people.length > 0) ? [] : [said('plan.no_crew')]),
      ...answers.flatMap((answer) =>
        answer.safe ? [] : [said('plan.no_recipe', { place: placeOf(job, hems, answer.hemId) })],
      ),
      ...problems,
      ...schedule.unplaced.map((each) =>
        noShift(job, each.tasks, each.minutes, longestStretchMin(calendars.get(each.tasks[0]!.crewId))),
      ),
      ...lateRooms(job, planned),
    ],
    endsAt: placed.length ? Math.max(...placed.map((each) => each.to)) : null,
  }
}

const placeOf = (job: Job, hems: readonly Hem[], hemId: string): string => {
  const hem = hems.find((each) => each.id === hemId)!
  return `${job.rooms.find((room) => room.id === hem.roomId)!.name}, ${hem.place}`
}

/** Rooms needed back first come first; the rest keep the order of the survey. */
function roomRanks(job: Job): Map<string, number> {
  const due = (room: Room) => (room.neededBy ? parseInstant(room.neededBy) : Number.POSITIVE_INFINITY)
  const order = job.rooms
    .map((room, i) => ({ id: room.id, due: due(room), i }))
    .sort((a, b) => (a.due === b.due ? a.i - b.i : a.due - b.due))
  return new Map(order.map(({ id }, rank) => [id, rank]))
}

/** The first planned coat that meets air its coating must not go on in, once for each coating and reason. */
function airProblems(
  job: Job,
  clocks: (roomId: string) => JobClocks,
  plan: { placed: readonly PlacedTask[]; tasks: readonly Task[]; from: number },
): Said[] {
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]))
  const found = new Map<string, Said>()
  for (const each of [...plan.placed].sort((a, b) => a.from - b.from)) {
    const task = tasks.get(each.taskId)
    if (each.done || task?.kind !== 'coat') continue
    const room = job.rooms.find((other) => other.id === task.roomId)!
    const step = room.steps.find((other) => other.id === task.stepId)!
    const coating = coatingOf(job.shelf, step.coatingId)
    for (const fault of paintFaults(coating, airAt(clocks(room.id).air, each.from), step.tool)) {
      const key = `${coating.id}|${fault.code}`
      if (found.has(key)) continue
      const when = whenText(each.from, plan.from, job.site.zone)
      found.set(key, said('plan.air', { room: room.name, when, fault: sayText(fault) }))
    }
  }
  return [...found.values()]
}

function noShift(job: Job, tasks: readonly Task[], minutes: number, longest: number): Said {
  const room = job.rooms.find((each) => each.id === tasks[0]!.roomId)!
  return said('plan.no_shift', {
    what: `${room.name}: ${tasks.map((task) => task.kind).join(' + ')}`,
    need: minutes,
    have: longest,
  })
}

function lateRooms(job: Job, plan: { placed: readonly PlacedTask[]; tasks: readonly Task[]; from: number }): Said[] {
  const roomOfTask = new Map(plan.tasks.map((task) => [task.id, task.roomId]))
  return job.rooms.flatMap((room) => {
    if (!room.neededBy) return []
    const ends = plan.placed.filter((each) => roomOfTask.get(each.taskId) === room.id).map((each) => each.to)
    const end = Math.max(...ends, Number.NEGATIVE_INFINITY)
    const late = end - parseInstant(room.neededBy)
    if (!(late > 0)) return []
    return [
      said('plan.late_room', { room: room.name, when: whenText(end, plan.from, job.site.zone), late: spanText(late) }),
    ]
  })
}
