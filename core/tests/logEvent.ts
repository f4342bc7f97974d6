import { UNSAID, type LogEvent } from '@crisp-hem/core'

/** A line of the log with what most tests do not care about left plain. */
export const logEvent = (
  id: string,
  kind: LogEvent['kind'],
  at: string,
  subjects: readonly string[],
  more: Partial<LogEvent> = {},
): LogEvent => ({
  ...UNSAID,
  id,
  kind,
  at,
  crewId: 'c',
  subjects,
  ...more,
})

/** A line of the log about an amount, of stock or of a length cut, by nobody in particular. */
export const amountEvent = (
  id: string,
  kind: LogEvent['kind'],
  subjects: readonly string[],
  amount: number,
  at: string,
): LogEvent => logEvent(id, kind, at, subjects, { amount, crewId: UNSAID.crewId })
