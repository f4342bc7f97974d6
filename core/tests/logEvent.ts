import type { LogEvent } from '../src/ground'

/** A line of the log with what most tests do not care about left plain. */
export const logEvent = (
  id: string,
  kind: LogEvent['kind'],
  at: string,
  subjects: readonly string[],
  more: Partial<LogEvent> = {},
): LogEvent => ({
  id,
  kind,
  at,
  crewId: 'c',
  subjects,
  coat: null,
  bleeds: null,
  expectedAt: null,
  undoes: null,
  note: '',
  ...more,
})
