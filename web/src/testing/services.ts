import { applyEdits, type Edit, type Job, type LogEvent, type PublishedPlan } from '@crisp-hem/core'
import type { EditAnswer, JobFacts, JobNews, TakenEdit } from '@crisp-hem/core/wire'
import { ApiError, type Api } from '../app/office/api'
import { identityIn } from '../app/device/identity'
import { memoryStore } from '../app/device/memoryStore'
import type { NewsLine } from '../app/state/line'
import type { PlanAnswer } from '../app/state/planner'
import type { Services } from '../app/state/services'
import { makeStore } from '../app/state/store'

/** An answer the stand-in office gives, in the order it is asked. */
export type StandInAnswer<T> = T | ApiError | Promise<T | ApiError>

export const offline = (): ApiError => new ApiError({ code: 'offline', message: '', facts: {}, place: null }, 0)
export const refused = (code: string): ApiError =>
  new ApiError({ code, message: code, facts: { now: 9, yours: 7, place: 'x', expected: 'y' }, place: 'x' }, 400)

/** An office in memory: it takes edits and ticks as the real one does, and tells of them. */
class StandInOffice {
  /** Id of the device under test. */
  ownId = ''
  log: LogEvent[] = []
  /** Another one once a copy was put back. */
  epoch = 'one'
  edits: TakenEdit[] = []
  facts: JobFacts | null = null

  get marks() {
    return { log: this.log.length, edit: this.edits.length }
  }
  take(device: string, edits: readonly Edit[], by: string | null = null): EditAnswer {
    for (const { id, changes } of edits) {
      if (this.edits.some((edit) => edit.id === id)) continue
      this.edits.push({ id, device, by, at: '', changes })
      if (this.facts) this.facts = applyEdits(this.facts, changes)
    }
    return { revision: 1 + this.edits.length, marks: this.marks, refused: [], missed: [] }
  }
  news({ log, edit }: { log: number; edit: number }): JobNews {
    return {
      marks: this.marks,
      epoch: this.epoch,
      revision: 1 + this.edits.length,
      log: this.log.slice(log),
      edits: this.edits.slice(edit).map((each) => (each.device === 'own' ? { ...each, device: this.ownId } : each)),
      published: null,
      anew: false,
    }
  }
}

/** A store on stand-ins that note what they are asked. */
export function deskServices(own: Partial<Services> = {}) {
  const kept = new Map<string, string>()
  const text = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  }
  const office = new StandInOffice()
  const noted = {
    edits: [] as (readonly Edit[])[],
    sent: [] as (readonly LogEvent[])[],
    asked: [] as { job: Job; now: number }[],
    lines: [] as (NewsLine & { readonly url: string })[],
    tell: (_answer: PlanAnswer): void => {},
    leave: (): void => {},
    back: (): void => {},
    seen: (_isSeen: boolean): void => {},
  }
  const answers = {
    edit: (edits: readonly Edit[]): StandInAnswer<EditAnswer> => office.take('own', edits),
    send: (events: readonly LogEvent[]): StandInAnswer<null> => {
      office.log.push(...events)
      return null
    },
    news: (): StandInAnswer<null> => null,
  }
  const said = async <T>(answer: StandInAnswer<T>): Promise<T> => {
    const got = await answer
    if (got instanceof ApiError) throw got
    return got
  }
  const api: Pick<Api, 'sendEdits' | 'sendEvents' | 'publish' | 'news' | 'liveUrl'> = {
    sendEdits: async (_id, _device, edits) => {
      noted.edits.push(edits)
      return said(answers.edit(edits))
    },
    sendEvents: async (_id, events) => {
      noted.sent.push(events)
      await said(answers.send(events))
      return { taken: events.length, marks: office.marks, skewMs: 0 }
    },
    news: async (_id, marks) => {
      await said(answers.news())
      return office.news(marks)
    },
    liveUrl: (id) => `/live/${id}`,
    publish: async (_id, plan): Promise<PublishedPlan> => ({ number: 1, at: '', changes: [], ...plan }),
  }
  const services: Services = {
    // Only these are asked for by what follows from state.
    api: api as Api,
    planner: {
      ask: (job, now) => void noted.asked.push({ job, now }),
      onAnswer: (tell) => void (noted.tell = tell),
    },
    device: memoryStore(),
    identity: identityIn(text, () => 0),
    openLine(url) {
      const line = { url, readyState: 1, onmessage: null, onerror: null, close: () => undefined }
      noted.lines.push(line)
      return line
    },
    clock: () => 0,
    onLeave: (leave) => void (noted.leave = leave),
    onLine: (back) => void (noted.back = back),
    onSeen: (seen) => void (noted.seen = seen),
    ...own,
  }
  office.ownId = services.identity.id
  return { store: makeStore(services), services, noted, answers, office }
}
