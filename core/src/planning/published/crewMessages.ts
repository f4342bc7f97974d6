import {
  listed,
  readActivity,
  said,
  when,
  type ActivityId,
  type Job,
  type PlanChange,
  type PublishedPlan,
  type Said,
} from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import { nth } from '../../base/units/sure'
import { parseInstant } from '../../base/units/time'
import { activityName } from '../work'

/** What one crew is told of a new plan. */
export interface CrewMessage {
  readonly crewId: string
  readonly lines: readonly Said[]
}

/** What of a plan a message tells line by line: what its crew needs next. The rest is in the plan. Common practice. */
const MOST_LINES = 3
/** What moves by less is told together, min. From memory. */
const SLIP_MIN = 15

/**
 * What each crew is told when a plan is published: what comes next for it that it did not know, at most three things; then in a line
 * each what only slips, what others do now, and how much more there is. A crew for which nothing changes is told nothing; of a first
 * plan each is told where it begins.
 */
export function crewMessages(
  job: Pick<Job, 'rooms' | 'crews' | 'site'>,
  plan: PublishedPlan,
  before: PublishedPlan | null,
): CrewMessage[] {
  const at = parseInstant(plan.at)
  return [...changesByCrew(plan, before)].map(([crewId, changes]) => ({
    crewId,
    lines: before === null ? firstLines(job, changes, at) : linesOf(job, changes, at),
  }))
}

/** A change as one crew meets it; work that went to another crew says whose it is now. */
interface CrewChange extends PlanChange {
  readonly nowOf: string | null
}

function changesByCrew(plan: PublishedPlan, before: PublishedPlan | null): Map<string, CrewChange[]> {
  const crewNow = new Map(plan.tasks.map((task) => [task.taskId, task.crewId]))
  const crewThen = new Map((before?.tasks ?? []).map((task) => [task.taskId, task.crewId]))
  const groups = new Map<string, CrewChange[]>()
  const add = (crewId: string | undefined, change: CrewChange) => {
    if (crewId !== undefined) groups.set(crewId, [...(groups.get(crewId) ?? []), change])
  }
  for (const change of plan.changes) {
    const [then, now] = [crewThen.get(change.taskId), crewNow.get(change.taskId)]
    if (change.kind === 'other-crew') {
      add(then, { ...change, kind: 'dropped', after: null, nowOf: now ?? null })
      add(now, { ...change, kind: 'added', before: null, nowOf: null })
    } else add(now ?? then, { ...change, nowOf: null })
  }
  return groups
}

function firstLines(job: Pick<Job, 'rooms' | 'site'>, changes: readonly CrewChange[], at: number): Said[] {
  const [first] = changes
  const count = said('message.first_plan', { count: changes.length })
  return first ? [count, lineOf(job, first, at), ...more(changes.length - 1)] : [count]
}

function linesOf(job: Pick<Job, 'rooms' | 'crews' | 'site'>, changes: readonly CrewChange[], at: number): Said[] {
  const gone = changes.filter(({ kind }) => kind === 'dropped')
  const slips = changes.filter(isSlip)
  const news = changes.filter((change) => !gone.includes(change) && !slips.includes(change)).sort(soonestFirst)
  // What slips is worth a line of its own where it is all there is to say.
  const alone = news.length === 0 && slips.length <= MOST_LINES
  const told = alone ? slips : news.slice(0, MOST_LINES)
  return [
    ...told.map((change) => lineOf(job, change, at)),
    ...(alone || slips.length === 0 ? [] : [said('message.slips', { count: slips.length, minutes: SLIP_MIN })]),
    ...[...groupedBy(gone, ({ nowOf }) => nowOf).values()].map((group) => goneLine(job, group, at)),
    ...more(alone ? 0 : news.length - told.length),
  ]
}

const more = (count: number): Said[] => (count > 0 ? [said('message.more', { count })] : [])

const isSlip = ({ kind, before, after }: CrewChange): boolean =>
  kind === 'moved' &&
  before !== null &&
  after !== null &&
  Math.abs(parseInstant(after) - parseInstant(before)) <= SLIP_MIN

const soonestFirst = (a: CrewChange, b: CrewChange): number => ((a.after ?? '') < (b.after ?? '') ? -1 : 1)

/** Work that is no longer a crew's: one thing by its name, several by how many they are and whose they are now. */
function goneLine(job: Pick<Job, 'rooms' | 'crews' | 'site'>, group: readonly CrewChange[], at: number): Said {
  const first = nth(group, 0)
  const crew = job.crews.find(({ id }) => id === first.nowOf)?.name
  if (group.length === 1) return crew === undefined ? lineOf(job, first, at) : givenLine(job, first, at, crew)
  const ids = new Set(group.map(({ taskId }) => roomOf(taskId)))
  const facts = {
    count: group.length,
    rooms: listed(job.rooms.flatMap(({ id, name }) => (ids.has(id) ? [name] : []))),
  }
  return crew === undefined ? said('message.gone', facts) : said('message.gone_to', { ...facts, crew })
}

const givenLine = ({ rooms, site }: Pick<Job, 'rooms' | 'site'>, change: PlanChange, at: number, crew: string): Said =>
  said('message.given', {
    what: activityName(rooms, change.taskId),
    before: change.before === null ? null : when(parseInstant(change.before), at, site.zone),
    crew,
  })

function roomOf(taskId: string): string | null {
  const ref = readActivity(taskId)
  return ref?.of === 'round' ? ref.round.roomId : (ref?.roomId ?? null)
}

function lineOf({ rooms, site }: Pick<Job, 'rooms' | 'site'>, change: PlanChange, now: number): Said {
  const at = (iso: string | null) => (iso === null ? null : when(parseInstant(iso), now, site.zone))
  const facts = { what: activityName(rooms, change.taskId), before: at(change.before), after: at(change.after) }
  switch (change.kind) {
    case 'added':
      return said('message.added', facts)
    case 'dropped':
      return said('message.dropped', facts)
    case 'moved':
    case 'other-crew':
      return said('message.moved', facts)
  }
}

/** How often people were told something else of a piece of work; 0 while it stands as it was told first. */
export const timesChanged = (plans: readonly Pick<PublishedPlan, 'changes'>[], taskId: ActivityId): number =>
  Math.max(0, plans.filter((plan) => plan.changes.some((change) => change.taskId === taskId)).length - 1)
