import type { ActivityId, Crew, Job, PublishedTask } from '../../base/nouns'
import { activityProgress, type ActivityProgress } from '../progress/activityProgress'
import type { LogState } from '../progress/hemStates'
import { parseInstant } from '../../base/units/time'
import type { Work } from '../work'

/** Work that somebody is at: by whom, when it goes on, and the minutes that are left of it. */
export interface UnderWay {
  readonly crewId: Crew['id']
  readonly at: number
  readonly minutes: number
}

/** People tick a little after they are through, min: so long it is taken to be nearly so. From memory. */
export const LATE_TICK_MIN = 15

interface Setup {
  readonly job: Job
  readonly work: Work
  readonly log: LogState
  /** Now. */
  readonly from: number
}

/**
 * What is going on as it was told, though nothing of it is ticked yet: its hour has come and is not over, all it waits for is
 * done, and its crew is at nothing told before, nor has done what was told for later. Begun when it was told to be, or when its
 * crew was through with what it did last, it takes its time.
 */
export function underWay({ job, work, log, from }: Setup): ReadonlyMap<ActivityId, UnderWay> {
  const progress = new Map(work.activities.map((act) => [act.id, activityProgress(act, log)]))
  const isLeft = (id: ActivityId) => progress.get(id)?.doneAt === null
  const isDone = (id: ActivityId) => progress.has(id) && !isLeft(id)
  const waiting = new Set(work.lags.flatMap((lag) => (isLeft(lag.from) ? [lag.to] : [])))
  // Who set it for later by hand knows that nobody is at it.
  const put = new Set(job.planning.holds.flatMap(({ taskId, at }) => (parseInstant(at) >= from ? [taskId] : [])))
  const crewOf = new Map(work.activities.map((act) => [act.id, act.needs.crewId]))
  const tasks = [...(job.published?.tasks ?? [])].sort((a, b) => parseInstant(a.from) - parseInstant(b.from))
  const through = lastDone(work, progress)
  const going = new Map<ActivityId, UnderWay>()
  const busy = new Set<Crew['id']>()
  // From the last on: once a crew has done something, what was told before that was passed over.
  const passed = new Set<Crew['id']>()
  const open = tasks.reverse().filter(({ taskId, crewId }) => {
    if (isDone(taskId)) passed.add(crewId)
    const isNext = isLeft(taskId) && !passed.has(crewId) && crewOf.get(taskId) === crewId
    return isNext && !waiting.has(taskId) && !put.has(taskId)
  })
  for (const task of open.reverse()) {
    const begun = parseInstant(task.from)
    const late = Math.max(0, (through.get(task.crewId) ?? begun) - begun)
    const isDue = begun + late < from && from < parseInstant(task.to) + late + LATE_TICK_MIN
    if (!isDue || busy.has(task.crewId)) continue
    busy.add(task.crewId)
    going.set(task.taskId, { crewId: task.crewId, ...restOf(task, from, late) })
  }
  return going
}

/** When each crew was through with the last that is ticked for it. */
function lastDone(work: Work, progress: ReadonlyMap<ActivityId, ActivityProgress>): Map<Crew['id'], number> {
  const last = new Map<Crew['id'], number>()
  for (const act of work.activities) {
    const { doneAt, crewId } = progress.get(act.id) ?? { doneAt: null, crewId: null }
    const crew = crewId ?? act.needs.crewId
    if (doneAt !== null) last.set(crew, Math.max(doneAt, last.get(crew) ?? doneAt))
  }
  return last
}

/** What of a task lies ahead: over a break it goes on behind it; what was begun late takes as much longer. */
function restOf({ pieces }: PublishedTask, now: number, late: number): Omit<UnderWay, 'crewId'> {
  const ahead = pieces
    .map(({ from, to }) => ({ from: Math.max(now, parseInstant(from)), to: parseInstant(to) }))
    .filter(({ from, to }) => to > from)
  const minutes = ahead.reduce((sum, { from, to }) => sum + to - from, 0)
  // Past its told end what was begun late has run up some of that already.
  const over = ahead.length === 0 ? now - parseInstant(pieces.at(-1)?.to ?? '') : 0
  return { at: ahead[0]?.from ?? now, minutes: Math.max(1, minutes + late - over) }
}
