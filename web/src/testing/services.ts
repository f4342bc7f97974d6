import type { Job, LogEvent, PublishedPlan } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { ApiError, type Api } from '../api'
import type { Draft } from '../state/drafts'
import { deviceDrafts } from '../state/drafts'
import { deviceOutbox } from '../state/outbox'
import type { PlanAnswer } from '../state/planner'
import { makeStore, type Services } from '../store'

/** An answer the stand-in server gives, in the order it is asked. */
export type Answer<T> = T | ApiError | Promise<T | ApiError>

export const offline = (): ApiError => new ApiError({ code: 'offline', message: '', facts: {}, place: null }, 0)
export const refused = (code: string): ApiError =>
  new ApiError({ code, message: code, facts: { now: 9, yours: 7, place: 'x', expected: 'y' }, place: 'x' }, 400)

/** A store on stand-ins that note what they are asked. */
export function deskServices() {
  const kept = new Map<string, string>()
  const device = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  }
  const noted = {
    saves: [] as { facts: JobFacts; revision: number }[],
    sent: [] as (readonly LogEvent[])[],
    asked: [] as { job: Job; now: number }[],
    tell: (_answer: PlanAnswer): void => {},
    leave: (): void => {},
  }
  const answers = {
    save: (_facts: JobFacts, revision: number): Answer<{ revision: number }> => ({ revision: revision + 1 }),
    send: (_events: readonly LogEvent[]): Answer<{ taken: number }> => ({ taken: 1 }),
  }
  const said = async <T>(answer: Answer<T>): Promise<T> => {
    const got = await answer
    if (got instanceof ApiError) throw got
    return got
  }
  const api: Pick<Api, 'saveJob' | 'sendEvents' | 'publish'> = {
    saveJob: async (facts, revision) => {
      noted.saves.push({ facts, revision })
      return said(answers.save(facts, revision))
    },
    sendEvents: async (_id, events) => {
      noted.sent.push(events)
      return said(answers.send(events))
    },
    publish: async (_id, plan): Promise<PublishedPlan> => ({ number: 1, at: '', changes: [], ...plan }),
  }
  const services: Services = {
    // Only these are asked for by what follows from state.
    api: api as Api,
    planner: {
      ask: (job, now) => void noted.asked.push({ job, now }),
      onAnswer: (tell) => void (noted.tell = tell),
    },
    outbox: deviceOutbox(device),
    drafts: deviceDrafts(device),
    clock: () => 0,
    onLeave: (leave) => void (noted.leave = leave),
  }
  const draftOf = (jobId: string): Draft | null => services.drafts.read(jobId)
  return { store: makeStore(services), services, noted, answers, draftOf }
}
