import { readSubject, type Job, type QuoteOffer, type SubjectKey } from '../../base/nouns'
import { crewCalendars, WHOLE_DAYS } from '../../nature/calendar/calendar'
import type { Plan } from '../chain/planJob'
import { tapedMm, wastePctIn } from '../../masking/load/tapedMm'
import { foldLog, standingEvents } from '../../planning/progress/hemStates'
import { groupedBy } from '../../base/units/groupedBy'
import { MIN_PER_DAY, parseInstant, toLocal } from '../../base/units/time'

/** What a job has taken by its log, beside what was promised for it. Minutes over all people, lengths mm. */
export interface Took {
  /** Of all planned work, the share that is ticked, 0 … 1. */
  readonly doneShare: number
  readonly workedMin: number
  /** What was promised for as much of the work. */
  readonly promisedMin: number
  readonly tapeMm: number
  readonly promisedTapeMm: number
  /** Marks that were counted where somebody has looked, and what was promised for these metres. */
  readonly marks: number
  readonly promisedFaultMm: number
}

/**
 * Hours by the ticks of each crew's days: from the beginning of the first thing ticked to the last tick, breaks left out.
 * What nobody ticked nobody worked, so that it is what the log can tell, not a time sheet.
 */
export function tookSoFar(job: Job, plan: Plan, offer: QuoteOffer): Took {
  const log = foldLog(job.log)
  const done = new Set(plan.placed.flatMap((task) => (task.done ? [task.taskId] : [])))
  const all = plan.tasks.reduce((sum, task) => sum + task.minutes, 0)
  const behind = plan.tasks.reduce((sum, task) => sum + (done.has(task.id) ? task.minutes : 0), 0)
  const doneShare = all > 0 ? behind / all : 0
  const laid = plan.hems.filter((hem) => (log.hems.get(hem.id)?.laidAt ?? null) !== null)
  const looked = plan.hems.filter((hem) => (log.hems.get(hem.id)?.foundBleeds ?? null) !== null)
  const safe = new Map(plan.recipes.flatMap((answer) => (answer.safe ? [[answer.hemId, answer] as const] : [])))
  const taped = plan.hems.filter((hem) => safe.get(hem.id)?.tapeId)
  const mm = (hems: typeof plan.hems) =>
    hems.reduce((sum, hem) => {
      const recipe = safe.get(hem.id)
      const waste = 1 + wastePctIn(job, hem.roomId) / 100
      return recipe?.tapeId ? sum + tapedMm(job.house, hem, recipe) * waste : sum
    }, 0)
  const share = (part: number, whole: number) => (whole > 0 ? part / whole : 0)
  return {
    doneShare,
    workedMin: Math.round(workedByTicks(job, plan)),
    promisedMin: Math.round(offer.workedMin * doneShare),
    tapeMm: Math.round(mm(laid)),
    promisedTapeMm: Math.round(offer.tapeMm * share(mm(laid), mm(taped))),
    marks: looked.reduce((sum, hem) => sum + (log.hems.get(hem.id)?.foundBleeds ?? 0), 0),
    promisedFaultMm: looked.reduce((sum, hem) => sum + (offer.faultMmPerM * hem.lengthMm) / 1000, 0),
  }
}

function workedByTicks(job: Job, plan: Plan): number {
  const minutes = new Map<string, number>()
  for (const task of plan.tasks) for (const subject of task.subjects) minutes.set(subject, task.minutes)
  const ticks = standingEvents(job.log).filter((event) => event.crewId !== null && isOfWork(event.subjects))
  if (ticks.length === 0) return 0
  const times = ticks.map((event) => parseInstant(event.at))
  const calendars = crewCalendars(job, Math.min(...times) - MIN_PER_DAY, Math.max(...times) + MIN_PER_DAY, WHOLE_DAYS)
  const days = groupedBy(ticks, (event) => `${event.crewId} ${toLocal(parseInstant(event.at), job.site.zone).day}`)
  return [...days.values()].reduce((sum, own) => {
    const [first] = own
    const crew = job.crews.find((each) => each.id === first?.crewId)
    if (!first || !crew) return sum
    const from = parseInstant(first.at) - Math.max(0, ...first.subjects.map((subject) => minutes.get(subject) ?? 0))
    const to = Math.max(...own.map((event) => parseInstant(event.at)))
    const inShift = (calendars.get(crew.id) ?? []).reduce(
      (all, stretch) => all + Math.max(0, Math.min(to, stretch.to) - Math.max(from, stretch.from)),
      0,
    )
    return sum + inShift * crew.people.length
  }, 0)
}

const isOfWork = (subjects: readonly SubjectKey[]): boolean =>
  subjects.some((subject) => readSubject(subject)?.of !== 'stock')
