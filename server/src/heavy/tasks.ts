import {
  contractorFaults,
  editBatchSchema,
  eventBatchSchema,
  upgradedEvent,
  exact,
  instant,
  orNull,
  factsFaults,
  id,
  publishSchema,
  readJobFile,
  shapeFaults,
  text,
  wholeNumber,
  writeJobFile,
  type BetterAnswer,
  type EditAnswer,
  type MissedChange,
  type TickAnswer,
  type BetterRequest,
  type ContractorAnswer,
  type JobFacts,
  type PublishRequest,
} from '@crisp-hem/core/wire'
import {
  betterPlan,
  boundedClock,
  changesBetween,
  formatInstant,
  parseInstant,
  placeFirst,
  crewMessages,
  planChanges,
  problemOf,
  publishedTasks,
  type Edit,
  type LogEvent,
  type PublishedPlan,
} from '@crisp-hem/core'
import { randomUUID } from 'node:crypto'
import { NOTHING_HAPPENED } from '../db/jobs'
import type { Tables } from '../db/tables'
import { refusalOf, refuseFaults, saidOf, ServerError, type Outcome } from '../errors'
import { checkMeasure } from './limits'
import { parsed } from './parsed'

/** What a task is told besides the body. */
export interface TaskFacts {
  readonly jobId?: string
  /** The id a file is taken under, in place of its own. */
  readonly as?: string
  readonly now: string
  /** Who asks, by name; null where nobody is signed in. */
  readonly by?: string | null
  /** Lines that the office had before a copy was put back: they stay as they were then. */
  readonly isAgain?: boolean
  /** What the device took for now when it sent this, ISO UTC. */
  readonly sentAt?: string | undefined
  /** Several bodies laid one behind the other: how long each is, and what it is told. */
  readonly parts?: readonly { readonly bytes: number; readonly facts: TaskFacts }[]
}

type Task = (tables: Tables, body: Uint8Array, facts: TaskFacts) => unknown

const copySchema = exact({ id: id(), name: text() })
const saveSchema = exact({ revision: wholeNumber(1, Number.MAX_SAFE_INTEGER) })
const jobIdOf = ({ jobId }: TaskFacts): string => jobId ?? ''

function create({ jobs }: Tables, body: Uint8Array, { now }: TaskFacts): { revision: number } {
  const facts = parsed(body)
  refuseFaults(factsFaults(facts))
  const job = facts as JobFacts
  if (!jobs.add(job, NOTHING_HAPPENED, now)) throw new ServerError('job.exists', { job: job.id })
  return { revision: 1 }
}

function save({ jobs, edits, together }: Tables, body: Uint8Array, facts: TaskFacts): { revision: number } {
  const { facts: job, ...rest } = (parsed(body) ?? {}) as { facts?: JobFacts; revision?: number }
  refuseFaults(shapeFaults(saveSchema, rest))
  refuseFaults(factsFaults(job))
  const [known, revision] = [job as JobFacts, rest.revision ?? 0]
  const jobId = jobIdOf(facts)
  if (known.id !== jobId) throw new ServerError('job.id_differs', { address: jobId, content: known.id })
  const result = together(() => {
    const before = jobs.read(jobId)
    const saved = jobs.save(known, revision, facts.now)
    const changes = before && 'saved' in saved ? changesBetween(before.facts, known) : []
    // Other devices hear of it as of any edit.
    if ('saved' in saved && changes.length > 0)
      edits.keep(jobId, { id: randomUUID(), clock: edits.nextClock(jobId, Date.parse(facts.now)) }, changes, {
        revision: saved.saved,
        device: 'whole-job',
        by: facts.by ?? null,
        at: facts.now,
      })
    return saved
  })
  if ('missing' in result) throw new ServerError('job.not_found', { job: jobId })
  if ('conflict' in result) throw new ServerError('job.changed_meanwhile', { now: result.conflict, yours: revision })
  return { revision: result.saved }
}

/** A copy has the survey, not the log: what happened, happened on the other job. */
function copy({ jobs }: Tables, body: Uint8Array, facts: TaskFacts): { revision: number } {
  const asked = parsed(body)
  refuseFaults(shapeFaults(copySchema, asked))
  const found = jobs.read(jobIdOf(facts))
  if (!found) throw new ServerError('job.not_found', { job: jobIdOf(facts) })
  const job = { ...found.facts, ...(asked as { id: string; name: string }) }
  if (!jobs.add(job, NOTHING_HAPPENED, facts.now)) throw new ServerError('job.exists', { job: job.id })
  return { revision: 1 }
}

/** Takes a job file, facts and log in one transaction. With `as` it becomes a job of its own with that id. */
function importFile({ jobs }: Tables, body: Uint8Array, { as, now }: TaskFacts): { id: string; name: string } {
  checkMeasure(body)
  const read = readJobFile(Buffer.from(body).toString('utf8'))
  const job = as === undefined ? read : { ...read, id: as }
  if (as !== undefined) refuseFaults(shapeFaults(id(), as).map((fault) => ({ ...fault, place: 'as' })))
  const { log, published, ...facts } = job
  if (!jobs.add(facts, { log, published }, now)) throw new ServerError('job.exists', { job: facts.id })
  return { id: facts.id, name: facts.name }
}

/** Edits of a device, one after the other, each whole or not at all. */
function edit({ jobs, edits, log, together }: Tables, body: Uint8Array, told: TaskFacts): EditAnswer {
  const batch = parsed(body)
  refuseFaults(shapeFaults(editBatchSchema, batch))
  const { device, edits: sent } = batch as { device: string; edits: Edit[] }
  const jobId = jobIdOf(told)
  return together(() => {
    const found = jobs.read(jobId)
    if (!found) throw new ServerError('job.not_found', { job: jobId })
    const missed: MissedChange[] = []
    const refused: EditAnswer['refused'][number][] = []
    let { facts, revision } = found
    for (const one of sent) {
      const each = edits.bounded(jobId, one, Date.parse(told.now))
      const outcome = edits.judge(facts, each)
      if (outcome === 'known') continue
      if ('fault' in outcome) {
        refused.push({ editId: each.id, ...saidOf(outcome.fault) })
        continue
      }
      missed.push(...outcome.missed)
      if (outcome.stands.length === 0) continue
      const saved = jobs.save(outcome.facts, revision, told.now)
      // Read in this very transaction: nobody can have come between.
      if (!('saved' in saved)) throw new ServerError('server.failed')
      facts = outcome.facts
      revision = saved.saved
      edits.keep(jobId, each, outcome.stands, { revision, device, by: told.by ?? null, at: told.now })
    }
    return { revision, refused, missed, marks: { log: log.marks(jobId), edit: edits.marks(jobId) } }
  })
}

/** A clock further off than this is told, and its times are put right, ms. */
const WRONG_CLOCK_MS = 60_000

/** Lines of an older app as those of today: what it could not say it left unsaid. */
const broughtUp = (batch: unknown): unknown =>
  typeof batch === 'object' && batch !== null && 'events' in batch && Array.isArray(batch.events)
    ? { ...batch, events: batch.events.map(upgradedEvent) }
    : batch

function append({ jobs, log, edits }: Tables, body: Uint8Array, facts: TaskFacts): TickAnswer {
  const batch = broughtUp(parsed(body))
  refuseFaults(shapeFaults(eventBatchSchema, batch))
  if (!jobs.has(jobIdOf(facts))) throw new ServerError('job.not_found', { job: jobIdOf(facts) })
  const jobId = jobIdOf(facts)
  const nowMs = Date.parse(facts.now)
  const skew = facts.sentAt === undefined ? 0 : nowMs - Date.parse(facts.sentAt)
  const skewMs = Math.abs(skew) > WRONG_CLOCK_MS ? skew : 0
  const right = { skewMs: facts.isAgain ? 0 : skewMs, nowMs, by: facts.by ?? null, isAgain: facts.isAgain ?? false }
  const taken = log.append(
    jobId,
    (batch as { events: LogEvent[] }).events.map((sent) => ({
      sent,
      kept: putRight(sent, right),
      isAgain: right.isAgain,
    })),
  )
  return { taken, skewMs, marks: { log: log.marks(jobId), edit: edits.marks(jobId) } }
}

/** Ticks of several devices in one transaction; each taken or refused by itself. */
function appendAll(tables: Tables, body: Uint8Array, { parts = [] }: TaskFacts): Outcome<TickAnswer>[] {
  return tables.together(() => {
    let at = 0
    return parts.map(({ bytes, facts }): Outcome<TickAnswer> => {
      const own = body.subarray(at, at + bytes)
      at += bytes
      try {
        return { answer: append(tables, own, facts) }
      } catch (error) {
        const refused = refusalOf(error)
        if (!refused) throw error
        return { refused }
      }
    })
  })
}

interface Right {
  readonly skewMs: number
  readonly nowMs: number
  readonly by: string | null
  readonly isAgain: boolean
}

/**
 * A line with who sent it, and with its time put right by as much as its device’s clock is off; both times are kept. No clock
 * moves a line into the time to come, and no reading of one is kept that is further ahead than a device that is set right.
 */
function putRight(event: LogEvent, { skewMs, nowMs, by, isAgain }: Right): LogEvent {
  const { origin } = event
  if (!origin) return event
  const minutes = Math.round(skewMs / 60_000)
  const said = parseInstant(event.at)
  const put = Math.min(said + minutes, Math.max(said, Math.floor(nowMs / 60_000)))
  const isMoved = minutes !== 0 && put !== said
  const at = isMoved ? formatInstant(put) : event.at
  const clock = boundedClock(origin.clock, null, nowMs)
  if (isAgain) return { ...event, origin: { ...origin, clock } }
  return { ...event, at, origin: { ...origin, clock, by: by ?? origin.by, saidAt: isMoved ? event.at : null } }
}

function publish({ jobs, published, messages }: Tables, body: Uint8Array, facts: TaskFacts): PublishedPlan {
  const asked = parsed(body)
  refuseFaults(shapeFaults(publishSchema, asked))
  const { basedOn, by, why, tasks } = asked as PublishRequest
  const jobId = jobIdOf(facts)
  const found = jobs.read(jobId)
  if (!found) throw new ServerError('job.not_found', { job: jobId })
  const result = published.publish(jobId, basedOn, (standing) => {
    // Facts are told to the second.
    const at = facts.now.replace(/\.\d+Z$/, 'Z')
    const plan: PublishedPlan = {
      number: (standing?.number ?? 0) + 1,
      at,
      by: facts.by ?? by,
      why,
      tasks,
      changes: planChanges(standing?.tasks ?? [], tasks, parseInstant(at)),
    }
    // In the same transaction: no plan without its messages, and no message twice.
    messages.add(jobId, plan, crewMessages(found.facts, plan, standing))
    return plan
  })
  if ('meanwhile' in result) throw new ServerError('published.meanwhile', { now: result.meanwhile })
  return result.plan
}

function keep({ contractor }: Tables, body: Uint8Array, { now }: TaskFacts): ContractorAnswer | null {
  const own = parsed(body)
  refuseFaults(contractorFaults(own))
  contractor.keep(own as ContractorAnswer, now)
  return contractor.read()
}

/** A whole job as the bytes of its file: made to text here, so that nobody else has to. */
function file({ jobs, log, published }: Tables, _body: Uint8Array, facts: TaskFacts): Uint8Array {
  const found = jobs.read(jobIdOf(facts))
  if (!found) throw new ServerError('job.not_found', { job: jobIdOf(facts) })
  const { id: jobId } = found.facts
  const text = writeJobFile({ ...found.facts, log: log.read(jobId), published: published.latest(jobId) })
  return new TextEncoder().encode(text)
}

const betterSchema = exact({
  at: orNull(instant()),
  limitMs: wholeNumber(100, 20_000),
  seed: wholeNumber(1, 1_000_000),
})

/** Looks for a better plan of a stored job for so long, in a thread of its own; changes nothing. */
function better({ jobs, log, published }: Tables, body: Uint8Array, facts: TaskFacts): BetterAnswer {
  const asked = parsed(body)
  refuseFaults(shapeFaults(betterSchema, asked))
  const { at, limitMs, seed } = asked as BetterRequest
  const found = jobs.read(jobIdOf(facts))
  if (!found) throw new ServerError('job.not_found', { job: jobIdOf(facts) })
  const { id: jobId } = found.facts
  const job = { ...found.facts, log: log.read(jobId), published: published.latest(jobId) }
  const problem = problemOf(job, parseInstant(at ?? facts.now.replace(/\.\d+Z$/, 'Z')))
  const until = performance.now() + limitMs
  const { placement, endsAt, boundAt, ...rest } = betterPlan(problem, placeFirst(problem), {
    goals: job.planning.goals,
    seed,
    isOver: () => performance.now() > until,
  })
  return {
    ...rest,
    endsAt: formatInstant(endsAt),
    boundAt: boundAt === null ? null : formatInstant(boundAt),
    tasks: publishedTasks(placement.placed),
  }
}

/** What reads or writes much at once, by name. Each is one transaction, and a refusal changes nothing. */
export const TASKS = {
  create,
  save,
  copy,
  import: importFile,
  append,
  publish,
  keep,
  file,
  better,
  edit,
  appendAll,
} satisfies Record<string, Task>
export type TaskName = keyof typeof TASKS
export type TaskAnswer<N extends TaskName> = ReturnType<(typeof TASKS)[N]>
