import type { ErrorFacts } from '../units/errors'

/** Something the core has to say: a code of the message catalogue, and the facts that fill it. */
export interface Said {
  readonly code: string
  readonly facts: ErrorFacts
}

export const said = (code: string, facts: ErrorFacts = {}): Said => ({ code, facts })
