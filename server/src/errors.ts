import { CoreError, fillTemplate, type ErrorFacts } from '@crisp-hem/core'
import type { ErrorAnswer, Fault } from '@crisp-hem/core/wire'

/** Every error the server itself makes, with its status. */
export const SERVER_ERRORS = {
  'job.not_found': [404, 'no job “{job}”'],
  'job.exists': [409, 'a job with the id “{job}” is here already; import it as a copy'],
  'job.changed_meanwhile': [409, 'the job was changed elsewhere (revision {now}, yours {yours})'],
  'job.id_differs': [400, 'the address says “{address}”, the content “{content}”'],
  'photo.no_folder': [503, 'this server keeps no pictures'],
  'photo.bad_id': [400, 'picture id “{photo}”: expected letters, digits and -'],
  'photo.not_a_picture': [415, 'expected a PNG, JPEG or WebP picture'],
  'photo.not_found': [404, 'no picture “{photo}”'],
  'request.invalid': [400, '{place}: {expected}'],
  'request.unreadable': [400, 'the request could not be read: {detail}'],
  'route.not_found': [404, 'nothing is at {path}'],
} as const satisfies Record<string, readonly [number, string]>

export type ServerErrorCode = keyof typeof SERVER_ERRORS

export class ServerError extends Error {
  readonly code: ServerErrorCode
  readonly facts: ErrorFacts
  readonly statusCode: number
  constructor(code: ServerErrorCode, facts: ErrorFacts = {}) {
    const [status, template] = SERVER_ERRORS[code]
    super(fillTemplate(template, facts))
    this.name = 'ServerError'
    this.code = code
    this.facts = facts
    this.statusCode = status
  }
}

/** Refuses with the first of a list of faults; does nothing when there is none. */
export function refuseFaults(faults: readonly Fault[]): void {
  const [first] = faults
  if (first) throw new ServerError('request.invalid', { ...first })
}

/** The one map from error to answer. */
export function answerFor(error: unknown): { status: number; body: ErrorAnswer } {
  if (error instanceof ServerError || error instanceof CoreError) {
    const status = error instanceof ServerError ? error.statusCode : 400
    const place = typeof error.facts.place === 'string' ? error.facts.place : null
    return { status, body: { code: error.code, message: error.message, place } }
  }
  const status = (error as { statusCode?: number }).statusCode
  if (status && status < 500)
    return { status, body: { code: 'request.unreadable', message: (error as Error).message, place: null } }
  return {
    status: 500,
    body: { code: 'server.failed', message: 'something went wrong here; nothing was changed', place: null },
  }
}
