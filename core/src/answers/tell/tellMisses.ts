import { listed, said, span, when, word, type Fact, type Job, type Said } from '../../base/nouns'
import type { Miss, MissKind } from '../../planning/check/miss'
import type { PlacedTask } from '../../planning/plan/placement'
import { isMist, isSprayer, roomOfMist } from '../../planning/problem/mist'
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
  const placed = new Map(setup.placed.map((task) => [task.taskId, task]))
  const groups = new Map<string, Miss[]>()
  for (const miss of setup.misses) {
    const task = tasks.get(miss.activityId)
    const key =
      miss.kind === WAITS
        ? [WAITS, task?.roomId].join('|')
        : [miss.kind, task?.roomId, task?.roundId, miss.other, miss.minutes].join('|')
    const group = groups.get(key)
    if (group) group.push(miss)
    else groups.set(key, [miss])
  }
  return [...groups.values()].flatMap((group) => tellGroup(setup, group, tasks, placed))
}

/** What waits for work without a place is told once for a room. */
const WAITS: MissKind = 'waits-for-unplaced'

function tellGroup(
  { job, from, hems, parameters }: TellSetup,
  group: readonly Miss[],
  tasks: ReadonlyMap<string, Task>,
  placed: ReadonlyMap<string, PlacedTask>,
): Said[] {
  const [first] = group
  if (!first) return []
  const at = (instant: number | null): Fact => (instant === null ? null : when(instant, from, job.site.zone))
  const other = tasks.get(first.other ?? '')
  return SAYINGS[first.kind]({
    what: whatOf(job, group, tasks),
    start: at(placed.get(first.activityId)?.from ?? null),
    due: at(first.at),
    late: first.minutes === null ? null : span(first.minutes),
    need: first.minutes,
    have: first.at,
    count: group.length,
    crewOf: () => crewName(job, placed.get(first.activityId)?.crewId ?? null),
    otherCrew: () => crewName(job, first.other),
    thing: () => word('resource', isSprayer(first.other ?? '') ? 'gun' : (first.other ?? '')),
    mistIn: isMist(first.other ?? '') ? roomName(job, roomOfMist(first.other ?? '')) : null,
    before: () => nameOf(job, other),
    roomOf: () => roomName(job, tasks.get(first.activityId)?.roomId ?? null),
    otherRoom: () => roomName(job, first.other),
    mend: () =>
      bandMendingMin({
        job,
        hems: new Map(hems.map((hem) => [hem.id, hem])),
        fieldId: first.activityId,
        line: other,
        parameters,
      }),
  })
}

/** What a sentence about a group of misses may name; what is looked up only for some of them is asked for. */
interface MissFacts {
  readonly what: Fact
  /** When its work begins, when what was missed was due, and by how much. */
  readonly start: Fact
  readonly due: Fact
  readonly late: Fact
  /** Minutes that are needed and that there are, where no stretch is long enough. */
  readonly need: number | null
  readonly have: number | null
  readonly count: number
  readonly crewOf: () => string
  readonly otherCrew: () => string
  readonly thing: () => Fact
  /** The room whose air it meets, where it is in the mist of a gun. */
  readonly mistIn: string | null
  /** The work it clashes with. */
  readonly before: () => Fact
  readonly roomOf: () => string
  readonly otherRoom: () => string
  /** Minutes to mend the band between a line and its field. */
  readonly mend: () => number
}

const SAYINGS: Record<MissKind, (facts: MissFacts) => Said[]> = {
  'no-crew': ({ what }) => [said('miss.no_crew', { what })],
  'no-stretch': ({ what, need, have }) => [said('plan.no_shift', { what, need, have })],
  'never-ready': ({ what, before }) => [said('miss.never_ready', { what, before: before() })],
  'past-horizon': ({ what }) => [said('miss.past_horizon', { what, days: HORIZON_DAYS })],
  'waits-for-unplaced': ({ roomOf, count }) => [said('miss.waits', { room: roomOf(), count })],
  'not-published': ({ what }) => [said('miss.not_published', { what })],
  lost: ({ what, due }) => [said('miss.lost', { what, due })],
  'before-its-time': ({ what, start, due }) => [said('miss.before_time', { what, start, due })],
  'outside-shift': ({ what, start, otherCrew }) => [said('miss.outside_shift', { what, start, crew: otherCrew() })],
  'wrong-length': ({ what, start, need }) => [said('miss.wrong_length', { what, start, minutes: need })],
  'broken-up': ({ what, start }) => [said('miss.broken_up', { what, start })],
  'crew-twice': ({ what, due, otherCrew }) => [said('miss.crew_twice', { what, due, crew: otherCrew() })],
  'resource-twice': ({ what, due, thing, mistIn }) => [
    mistIn === null
      ? said('miss.resource_twice', { what, due, thing: thing() })
      : said('miss.in_mist', { what, due, room: mistIn }),
  ],
  'on-the-way': ({ what, start, late, before, crewOf }) => [
    said('miss.on_the_way', { what, start, late, before: before(), crew: crewOf() }),
  ],
  'not-brought-yet': ({ what, start, late, thing }) => [
    said('miss.not_brought', { what, start, late, thing: thing() }),
  ],
  'lag-too-short': ({ what, start, late, before }) => [said('miss.lag_short', { what, start, late, before: before() })],
  'lag-too-long': ({ what, start, late, before }) => [said('miss.lag_long', { what, start, late, before: before() })],
  'pull-too-soon': ({ what, start, late }) => [said('miss.pull_soon', { what, start, late })],
  'wet-overrun': ({ what, start, late }) => [said('miss.wet_overrun', { what, start, late })],
  'no-wet-span': ({ what, start, due }) => [said('miss.no_wet_span', { what, start, due })],
  'wet-missed': ({ what, start, due }) => [said('miss.wet_missed', { what, start, due })],
  'pull-tacky': ({ what, start, due }) => [said('miss.pull_tacky', { what, start, due })],
  'off-in-spray': ({ what, start, due }) => [said('miss.off_in_spray', { what, start, due })],
  'bare-floor': ({ what, start, before }) => [said('miss.bare_floor', { what, start, before: before() })],
  'filled-early': ({ what, start, late, before }) => [
    said('miss.filled_early', { what, start, late, before: before() }),
  ],
  'stood-filled': ({ what, start, late, before }) => [
    said('miss.stood_filled', { what, start, late, before: before() }),
  ],
  'sprayed-open': ({ what, start, before }) => [said('miss.sprayed_open', { what, start, before: before() })],
  'band-set': ({ what, start, due, late, mend }) => [said('miss.band_set', { what, start, due, late, mend: mend() })],
  'past-stay': ({ what, start, due, late }) => [said('miss.past_stay', { what, start, due, late })],
  // Told by themselves, with the figures of their hour (airProblems).
  'in-bad-air': () => [],
  'no-air': () => [],
  'late-hand-back': ({ otherRoom, due, late }) => [said('plan.late_room', { room: otherRoom(), when: due, late })],
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
  const step = job.rooms.find((room) => room.id === first.roomId)?.steps.find((each) => each.id === first.stepId)
  const facts = { room: roomName(job, first.roomId), acts }
  return step ? said('task.of_step', { ...facts, step: step.name }) : said('task.of_room', facts)
}

const nameOf = (job: Job, task: Task | undefined): Fact => (task ? activityName(job.rooms, task.id) : '')
