import type { Edit, LogEvent, OutdoorHour, PublishedPlan } from '@crisp-hem/core'
import {
  OFFICE_HEADER,
  SAID_BY_HEADER,
  type ContractorAnswer,
  type EditAnswer,
  type HistoryLine,
  type JobMarks,
  type JobNews,
  type PersonAnswer,
  type Role,
  type TickAnswer,
  type Who,
  type WhoAnswer,
  type ErrorAnswer,
  type HealthAnswer,
  type JobAnswer,
  type JobFacts,
  type JobSummary,
  type MessageAnswer,
  type WeatherQuestion,
  type PublishRequest,
} from '@crisp-hem/core/wire'
import { errorText } from '../words'

/** An answer that is not the one asked for: the server's code, message and place. `offline` when none came. */
export class ApiError extends Error {
  readonly code: string
  readonly place: string | null
  readonly status: number
  constructor(answer: ErrorAnswer, status: number) {
    super(errorText(answer))
    this.code = answer.code
    this.place = answer.place
    this.status = status
  }
  /** The server read what was sent and will not have it: sending it again would end the same. */
  get isRefusal(): boolean {
    return this.status >= 400 && this.status < 500
  }
}

/** Browsers let go of larger bodies when a page is left (Fetch standard: 64 KiB in all). */
const KEEPALIVE_BYTES = 60_000
const JSON_TYPE = 'application/json'

interface Asking {
  readonly type?: string
  /** Id of whoever said it; the office takes it under no other name. */
  readonly by?: string | null
}

async function ask<T>(method: string, path: string, body?: unknown, { type = JSON_TYPE, by }: Asking = {}): Promise<T> {
  const ready = body === undefined || typeof body === 'string' || body instanceof Blob
  const content = ready ? body : JSON.stringify(body)
  const response = await fetch(`/api${path}`, {
    method,
    // Small changes go through even where the page is left before the answer; browsers cap what may.
    keepalive: method !== 'GET' && typeof content === 'string' && content.length < KEEPALIVE_BYTES,
    headers: {
      // How wrong this device's clock is, the office sees by this.
      ...(method === 'GET' ? {} : { 'x-sent-at': new Date().toISOString() }),
      ...(content === undefined ? {} : { 'content-type': type }),
      ...(by ? { [SAID_BY_HEADER]: by } : {}),
    },
    ...(content === undefined ? {} : { body: content }),
  }).catch(() => {
    throw noLine()
  })
  // A gateway, a portal or another office’s server answered: that is no line to ours.
  if (!response.headers.has(OFFICE_HEADER)) throw noLine()
  if (response.status === 204) return undefined as T
  const answer: unknown = await response.json().catch(() => {
    throw noLine()
  })
  if (!response.ok) throw new ApiError(answer as ErrorAnswer, response.status)
  // What the office answers to a path is what the path is for.
  return answer as T
}

const noLine = (): ApiError => new ApiError({ code: 'offline', message: '', facts: {}, place: null }, 0)

const one = (id: string) => `/jobs/${encodeURIComponent(id)}`

export const api = {
  health: () => ask<HealthAnswer>('GET', '/health'),
  setPracticeClock: (at: string | null) => ask<void>('PUT', '/practice-clock', { at }),
  jobs: () => ask<JobSummary[]>('GET', '/jobs'),
  job: (id: string) => ask<JobAnswer>('GET', one(id)),
  createJob: (facts: JobFacts) => ask<{ revision: number }>('POST', '/jobs', facts),
  deleteJob: (id: string) => ask<void>('DELETE', one(id)),
  restoreJob: (id: string) => ask<{ revision: number }>('POST', `${one(id)}/restore`),
  copyJob: (id: string, copy: { id: string; name: string }) =>
    ask<{ revision: number }>('POST', `${one(id)}/copy`, copy),
  importJob: (file: string, as?: string) =>
    ask<{ id: string; name: string }>('POST', `/jobs/import${as ? `?as=${encodeURIComponent(as)}` : ''}`, file),
  published: (id: string) => ask<PublishedPlan[]>('GET', `${one(id)}/published`),
  messages: (id: string) => ask<MessageAnswer[]>('GET', `${one(id)}/messages`),
  calendarUrl: (id: string, crewId: string) => `/api${one(id)}/crews/${encodeURIComponent(crewId)}/calendar.ics`,
  publish: (id: string, plan: PublishRequest) => ask<PublishedPlan>('POST', `${one(id)}/published`, plan),
  contractor: () => ask<ContractorAnswer | null>('GET', '/contractor'),
  keepContractor: (own: Pick<ContractorAnswer, 'house' | 'shelf'>) => ask<ContractorAnswer>('PUT', '/contractor', own),
  weather: (question: WeatherQuestion) =>
    ask<{ hours: OutdoorHour[] }>(
      'GET',
      `/weather?${new URLSearchParams({ ...question, hours: String(question.hours) })}`,
    ),
  sendPhoto: (id: string, photoId: string, file: Blob, by: string | null) =>
    ask<{ bytes: number }>('PUT', `${one(id)}/photos/${photoId}`, file, { type: file.type, by }),
  photoUrl: (id: string, photoId: string) => `/api${one(id)}/photos/${photoId}`,
  fileUrl: (id: string) => `/api${one(id)}/file`,
  sendEvents: (id: string, events: readonly LogEvent[], by: string | null, isAgain: boolean) =>
    ask<TickAnswer>('POST', `${one(id)}/log${isAgain ? '?again=1' : ''}`, { events }, { by }),
  sendEdits: (id: string, device: string, edits: readonly Edit[], by: string | null) =>
    ask<EditAnswer>('POST', `${one(id)}/edits`, { device, edits }, { by }),
  news: (id: string, marks: JobMarks, plan: number) => ask<JobNews>('GET', `${one(id)}/news?${marked(marks, plan)}`),
  liveUrl: (id: string, marks: JobMarks, plan: number) => `/api${one(id)}/live?${marked(marks, plan)}`,
  history: (id: string) => ask<HistoryLine[]>('GET', `${one(id)}/history`),
  me: () => ask<WhoAnswer>('GET', '/me'),
  signIn: (form: { name: string; password: string; device: string }) => ask<Who>('POST', '/sign-in', form),
  signInByCode: (form: { code: string; device: string }) => ask<Who>('POST', '/sign-in/code', form),
  signInFirst: (form: { code: string; name: string; password: string; device: string }) =>
    ask<Who>('POST', '/sign-in/first', form),
  signOut: () => ask<void>('POST', '/sign-out'),
  people: () => ask<PersonAnswer[]>('GET', '/people'),
  addPerson: (form: { name: string; role: Role; password: string | null }) => ask<Who>('POST', '/people', form),
  closePerson: (id: string) => ask<void>('DELETE', `/people/${encodeURIComponent(id)}`),
  codeFor: (id: string) => ask<{ code: string; until: string }>('POST', `/people/${encodeURIComponent(id)}/code`),
  signOutDevice: (id: string) => ask<void>('DELETE', `/devices/${encodeURIComponent(id)}`),
}

const marked = ({ log, edit }: JobMarks, plan: number): string => `log=${log}&edit=${edit}&plan=${plan}`

export type Api = typeof api
