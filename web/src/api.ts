import type { Edit, LogEvent, OutdoorHour, PublishedPlan } from '@crisp-hem/core'
import type {
  ContractorAnswer,
  EditAnswer,
  HistoryLine,
  JobMarks,
  JobNews,
  PersonAnswer,
  Role,
  TickAnswer,
  Who,
  WhoAnswer,
  ErrorAnswer,
  HealthAnswer,
  JobAnswer,
  JobFacts,
  JobSummary,
  MessageAnswer,
  WeatherQuestion,
  PublishRequest,
} from '@crisp-hem/core/wire'
import { errorText } from './words'

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

async function ask<T>(method: string, path: string, body?: unknown, type = 'application/json'): Promise<T> {
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
    },
    ...(content === undefined ? {} : { body: content }),
  }).catch(() => {
    throw new ApiError({ code: 'offline', message: '', facts: {}, place: null }, 0)
  })
  if (!response.ok) throw new ApiError((await response.json()) as ErrorAnswer, response.status)
  return (response.status === 204 ? undefined : await response.json()) as T
}

const one = (id: string) => `/jobs/${encodeURIComponent(id)}`

export const api = {
  health: () => ask<HealthAnswer>('GET', '/health'),
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
  sendPhoto: (id: string, photoId: string, file: Blob) =>
    ask<{ bytes: number }>('PUT', `${one(id)}/photos/${photoId}`, file, file.type),
  photoUrl: (id: string, photoId: string) => `/api${one(id)}/photos/${photoId}`,
  fileUrl: (id: string) => `/api${one(id)}/file`,
  sendEvents: (id: string, events: readonly LogEvent[]) => ask<TickAnswer>('POST', `${one(id)}/log`, { events }),
  sendEdits: (id: string, device: string, edits: readonly Edit[]) =>
    ask<EditAnswer>('POST', `${one(id)}/edits`, { device, edits }),
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
