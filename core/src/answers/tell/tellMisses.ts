import { listed, said, span, when, word, type Fact, type Job, type Said } from '../../base/nouns'
import type { Miss, MissKind } from '../../planning/check/miss'
import type { PlacedTask } from '../../planning/plan/placement'
import { HORIZON_DAYS } from '../../nature/calendar/calendar'
import { activityName } from '../../planning/work'
import type { Parameters } from '../../base/parameters/parameters'
import type { Hem } from '../../survey/hems/deriveHems'
import { bandMendingMin } from './bandMending'
import type { Task } from './task'

interface TellSetup {
  readonly job: Job
  readonly tasks: readonly Task[]
  readonly placed: readonly PlacedTask[]
  readonly misses: readonly Miss[]
  /** The instant the plan was made for. */
  readonly from: number
  /** Lines of the job and figures, for what a band costs. */
  readonly hems: readonly Hem[]
  readonly parameters: Pick<Parameters, 'band'>
}

/**
 * Every miss in words with what would help. Misses of one kind that befall one round at one time are told together: a
 * bead, its coat and its pull that find no stretch are one sentence.
 */
export function tellMisses(setup: TellSetup): Said[] {
  const tasks = new Map(setup.tasks.map((task) => [task.id, task]))
  const placed = new Map(setup.placed.map((each) => [each.taskId, each]))
  const groups = new Map<string, Miss[]>()
  for (const each of setup.misses) {
    const task = tasks.get(each.activityId)
    const key =
      each.kind === WAITS
        ? [WAITS, task?.roomId].join('|')
        : [each.kind, task?.roomId, task?.roundId, each.other, each.minutes].join('|')
    const group = groups.get(key)
    if (group) group.push(each)
    else groups.set(key, [each])
  }
  return [...groups.values()].flatMap((group) => tellGroup(setup, group, tasks, placed))
}

/** What waits for work without a place is told once for a room. */
const WAITS: MissKind = 'waits-for-unplaced'

function tellGroup(
  { job, from, hems: all, parameters }: TellSetup,
  group: readonly Miss[],
  tasks: ReadonlyMap<string, Task>,
  placed: ReadonlyMap<string, PlacedTask>,
): Said[] {
  const [first] = group
  if (!first) return []
  const hems = new Map(all.map((hem) => [hem.id, hem]))
  const at = (instant: number | null): Fact => (instant === null ? null : when(instant, from, job.site.zone))
  const what = whatOf(job, group, tasks)
  const start = at(placed.get(first.activityId)?.from ?? null)
  const late = first.minutes === null ? null : span(first.minutes)
  const due = at(first.at)
  switch (first.kind) {
    case 'no-crew':
      return [said('miss.no_crew', { what })]
    case 'no-stretch':
      return [said('plan.no_shift', { what, need: first.minutes, have: first.at })]
    case 'never-ready':
      return [said('miss.never_ready', { what, before: nameOf(job, tasks.get(first.other ?? '')) })]
    case 'past-horizon':
      return [said('miss.past_horizon', { what, days: HORIZON_DAYS })]
    case 'waits-for-unplaced':
      return [
        said('miss.waits', { room: roomName(job, tasks.get(first.activityId)?.roomId ?? null), count: group.length }),
      ]
    case 'not-published':
      return [said('miss.not_published', { what })]
    case 'lost':
      return [said('miss.lost', { what, due })]
    case 'before-its-time':
      return [said('miss.before_time', { what, start, due })]
    case 'outside-shift':
      return [said('miss.outside_shift', { what, start, crew: crewName(job, first.other) })]
    case 'wrong-length':
      return [said('miss.wrong_length', { what, start, minutes: first.minutes })]
    case 'broken-up':
      return [said('miss.broken_up', { what, start })]
    case 'crew-twice':
      return [said('miss.crew_twice', { what, due, crew: crewName(job, first.other) })]
    case 'resource-twice':
      return [said('miss.resource_twice', { what, due, thing: word('resource', first.other ?? '') })]
    case 'on-the-way':
      return [
        said('miss.on_the_way', {
          what,
          start,
          late,
          before: nameOf(job, tasks.get(first.other ?? '')),
          crew: crewName(job, placed.get(first.activityId)?.crewId ?? null),
        }),
      ]
    case 'not-brought-yet':
      return [said('miss.not_brought', { what, start, late, thing: word('resource', first.other ?? '') })]
    case 'lag-too-short':
      return [said('miss.lag_short', { what, start, late, before: nameOf(job, tasks.get(first.other ?? '')) })]
    case 'lag-too-long':
      return [said('miss.lag_long', { what, start, late, before: nameOf(job, tasks.get(first.other ?? '')) })]
    case 'pull-too-soon':
      return [said('miss.pull_soon', { what, start, late })]
    case 'wet-overrun':
      return [said('miss.wet_overrun', { what, start, late })]
    case 'no-wet-span':
      return [said('miss.no_wet_span', { what, start, due })]
    case 'wet-missed':
      return [said('miss.wet_missed', { what, start, due })]
    case 'pull-tacky':
      return [said('miss.pull_tacky', { what, start, due })]
    case 'off-in-spray':
      return [said('miss.off_in_spray', { what, start, due })]
    case 'bare-floor':
      return [said('miss.bare_floor', { what, start, before: nameOf(job, tasks.get(first.other ?? '')) })]
    case 'sprayed-open':
      return [said('miss.sprayed_open', { what, start, before: nameOf(job, tasks.get(first.other ?? '')) })]
    case 'band-set':
      return [
        said('miss.band_set', {
          what,
          start,
          due,
          late,
          mend: bandMendingMin({
            job,
            hems,
            fieldId: first.activityId,
            line: tasks.get(first.other ?? ''),
            parameters,
          }),
        }),
      ]
    case 'past-stay':
      return [said('miss.past_stay', { what, start, due, late })]
    // Told by themselves, with the figures of their hour (airProblems).
    case 'in-bad-air':
    case 'no-air':
      return []
    case 'late-hand-back':
      return [said('plan.late_room', { room: roomName(job, first.other), when: due, late })]
  }
}

const roomName = (job: Job, roomId: string | null): string =>
  job.rooms.find((room) => room.id === roomId)?.name ?? roomId ?? ''
const crewName = (job: Job, crewId: string | null): string =>
  job.crews.find((crew) => crew.id === crewId)?.name ?? crewId ?? ''

/** Where, which colour, and what is done there: its walls too, where all of a group is on the same. */
function whatOf(job: Job, group: readonly Miss[], tasks: ReadonlyMap<string, Task>): Fact {
  const own = group.flatMap(({ activityId }) => tasks.get(activityId) ?? [])
  const [first] = own
  if (!first) return activityName(job.rooms, group[0]?.activityId ?? '')
  const acts = listed([...new Set(own.map((task) => task.kind))].map((kind) => word('task', kind)))
  if (own.every((task) => task.roundId === first.roundId && task.kind !== 'roll'))
    return activityName(job.rooms, first.id, acts)
  const step = job.rooms.find((each) => each.id === first.roomId)?.steps.find((each) => each.id === first.stepId)
  const facts = { room: roomName(job, first.roomId), acts }
  return step ? said('task.of_step', { ...facts, step: step.name }) : said('task.of_room', facts)
}

const nameOf = (job: Job, task: Task | undefined): Fact => (task ? activityName(job.rooms, task.id) : '')
