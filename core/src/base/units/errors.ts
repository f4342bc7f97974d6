/** Every way the core refuses a question. What each says stands in the message catalogue, under `error.` and the code. */
export type CoreErrorCode =
  | 'length.unreadable'
  | 'length.no_unit'
  | 'length.not_positive'
  | 'lines.reading'
  | 'lines.beyond'
  | 'lines.across'
  | 'lines.lump'
  | 'lines.photo_few'
  | 'lines.photo_flat'
  | 'time.unreadable'
  | 'time.unknown_zone'
  | 'air.out_of_range'
  | 'survey.open_outline'
  | 'survey.crossed_outline'
  | 'survey.unknown_face'
  | 'catalogue.unknown'
  | 'drawing.unreadable'
  | 'drawing.too_large'
  | 'csv.invalid'
  | 'airfile.invalid'
  | 'jobfile.not_json'
  | 'jobfile.invalid'
/** What a refusal tells of: numbers, names, and things to be said by their code. */
export type ErrorFacts = Readonly<Record<string, string | number | Coded>>

/** Something to say: a code of the message catalogue, and what fills it. */
export interface Coded {
  readonly code: string
  readonly facts: ErrorFacts
}

/**
 * A refused question: a stable code and the offending values. Its message is for logs; screens and tools say the code
 * in words of their own.
 */
export class CoreError extends Error {
  readonly code: CoreErrorCode
  readonly facts: ErrorFacts
  constructor(code: CoreErrorCode, facts: ErrorFacts = {}) {
    super(`${code} ${JSON.stringify(facts)}`)
    this.name = 'CoreError'
    this.code = code
    this.facts = facts
  }
}
