/** Every way the core refuses a question. Screens and tests match the code, never the text. */
export const CORE_ERRORS = {
  'length.unreadable': 'length “{text}” was not understood; write 2.6 m, 36 mm, 12\' 6 1/2" or 3/16"',
  'length.no_unit': 'length “{text}” has no unit; write {hint}',
  'length.not_positive': 'length “{text}” must be more than nothing',
  'time.unreadable': 'time “{text}” was not understood; write 2027-05-12T09:30:00Z',
  'time.unknown_zone': 'time zone “{zone}” is not known; write an IANA name such as Europe/Lisbon',
  'air.out_of_range': '{what} {value} is outside {low} to {high}',
  'survey.open_outline': 'outline is open by {gapMm} mm; its last corner must meet its first',
  'survey.crossed_outline': 'outline crosses itself at wall {wall}',
  'survey.unknown_face': 'face “{face}” does not exist in room “{room}”',
  'catalogue.unknown': '{kind} “{id}” is not on the shelf',
  'drawing.unreadable': '{kind} file could not be read: {detail}',
  'csv.invalid': '{place}: {expected}',
  'airfile.invalid': '{place}: {expected}',
  'jobfile.not_json': 'file is not JSON: {detail}',
  'jobfile.invalid': '{place}: {expected}',
} as const

export type CoreErrorCode = keyof typeof CORE_ERRORS
export type ErrorFacts = Readonly<Record<string, string | number>>

/** A refused question: a stable code, the offending values, and one sentence made from both. */
export class CoreError extends Error {
  readonly code: CoreErrorCode
  readonly facts: ErrorFacts
  constructor(code: CoreErrorCode, facts: ErrorFacts = {}) {
    super(fillTemplate(CORE_ERRORS[code], facts))
    this.name = 'CoreError'
    this.code = code
    this.facts = facts
  }
}

/** Replaces each `{name}` of a template by the fact of that name; an absent fact stays visible as `{name}`. */
export function fillTemplate(template: string, facts: ErrorFacts): string {
  return template.replace(/\{(\w+)\}/g, (whole, name: string) => (name in facts ? String(facts[name]) : whole))
}

/** Makes the compiler prove that a `switch` handled every case. */
export function assertNever(value: never): never {
  throw new Error(`unhandled case ${JSON.stringify(value)}`)
}
