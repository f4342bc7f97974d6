import { CoreError, type CoreErrorCode, type ErrorFacts, type Fault } from '@crisp-hem/core'
import type { ErrorAnswer } from '@crisp-hem/core/wire'
import { ENGLISH, speaker } from '@crisp-hem/core/words'

/** Every error the server itself makes, with its status. What each says stands in the message catalogue. */
const SERVER_ERRORS = {
  'clock.real': 409,
  'crew.not_found': 404,
  'job.not_found': 404,
  'job.exists': 409,
  'job.changed_meanwhile': 409,
  'job.id_differs': 400,
  'log.id_taken': 409,
  'published.meanwhile': 409,
  'sign_in.needed': 401,
  'sign_in.other': 401,
  'sign_in.wrong': 401,
  'sign_in.code_wrong': 401,
  'sign_in.role': 403,
  'sign_in.slow_down': 429,
  'person.not_found': 404,
  'person.exists': 409,
  'person.last_office': 409,
  'device.not_found': 404,
  'server.busy': 429,
  'disk.full': 507,
  'photo.no_folder': 503,
  'photo.bad_id': 400,
  'photo.not_a_picture': 415,
  'photo.not_found': 404,
  'request.invalid': 400,
  'request.unreadable': 400,
  'request.too_large': 413,
  'request.too_deep': 413,
  'request.too_many_parts': 413,
  'request.wrong_type': 415,
  'host.unknown': 421,
  'origin.foreign': 403,
  'route.not_found': 404,
  'server.failed': 500,
} as const satisfies Record<string, number>

type ServerErrorCode = keyof typeof SERVER_ERRORS

/** Answers carry a sentence for people who read the address themselves; screens say the code in their own language. */
const english = speaker(ENGLISH)
const sentence = (code: string, facts: ErrorFacts): string => english.text(`error.${code}`, facts)

export class ServerError extends Error {
  readonly code: ServerErrorCode
  readonly facts: ErrorFacts
  constructor(code: ServerErrorCode, facts: ErrorFacts = {}) {
    super(sentence(code, facts))
    this.name = 'ServerError'
    this.code = code
    this.facts = facts
  }
}

/** A foreseen error as plain data, so that it can cross between threads. */
type Refusal =
  | { readonly of: 'server'; readonly code: ServerErrorCode; readonly facts: ErrorFacts }
  | { readonly of: 'core'; readonly code: CoreErrorCode; readonly facts: ErrorFacts }

/** How something ended that may be refused, as plain data. */
export type Outcome<A = unknown> = { readonly answer: A } | { readonly refused: Refusal }

/** A foreseen error as data; null for one that nobody foresaw. */
export function refusalOf(error: unknown): Refusal | null {
  if (error instanceof ServerError) return { of: 'server', code: error.code, facts: error.facts }
  if (error instanceof CoreError) return { of: 'core', code: error.code, facts: error.facts }
  return null
}

export const thrownFrom = (refusal: Refusal): Error =>
  refusal.of === 'server' ? new ServerError(refusal.code, refusal.facts) : new CoreError(refusal.code, refusal.facts)

/** Refuses with the first of a list of faults; does nothing when there is none. */
export function refuseFaults(faults: readonly Fault[]): void {
  const [first] = faults
  if (first) throw new ServerError('request.invalid', { ...first })
}

/** A fault in words, for answers that go on in spite of it. */
export const saidOf = ({ place, expected }: Fault): { message: string; place: string | null } => ({
  message: sentence('request.invalid', { place, expected }),
  place: english.fact(place),
})

/** The one map from error to answer. */
export function answerFor(error: unknown): { status: number; body: ErrorAnswer } {
  const refusal = refusalOf(error) ?? unreadable(error) ?? (isFull(error) ? FULL : FAILED)
  const { code, facts } = refusal
  return {
    status: refusal.of === 'server' ? SERVER_ERRORS[refusal.code] : 400,
    body: {
      code,
      facts,
      message: sentence(code, facts),
      place: facts.place === undefined ? null : english.fact(facts.place),
    },
  }
}

/** What the database says when there is no room left. */
const isFull = (error: unknown): boolean => /^(SQLITE_FULL|ENOSPC)$/.test(String((error as { code?: unknown }).code))
const FULL: Refusal = { of: 'server', code: 'disk.full', facts: {} }
const FAILED: Refusal = { of: 'server', code: 'server.failed', facts: {} }

/** What the framework refuses: a body that is too large, an address that is none. */
function unreadable(error: unknown): Refusal | null {
  const { statusCode, message } = error as { statusCode?: number; message?: string }
  if (!statusCode || statusCode >= 500) return null
  if (statusCode === 413) return { of: 'server', code: 'request.too_large', facts: {} }
  return { of: 'server', code: 'request.unreadable', facts: { detail: message ?? '' } }
}
