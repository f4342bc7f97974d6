import { exact, hybridClock, id, instant, list, oneOf, optionalText, orNull, wholeNumber, subjectKey } from './fields'
import { EVENT_KINDS } from '../../base/nouns'

/** Which device made a line. */
const originSchema = exact({
  device: id(),
  seq: wholeNumber(1, Number.MAX_SAFE_INTEGER),
  by: orNull(optionalText(200)),
  clock: hybridClock(),
  saidAt: orNull(instant()),
})

/** One line of the log as it crosses the network and lies in a job file. */
export const eventSchema = exact({
  id: id(),
  kind: oneOf(EVENT_KINDS),
  at: instant(),
  crewId: orNull(id()),
  subjects: list(subjectKey(), 0, 10_000),
  coat: orNull(wholeNumber(1, 9)),
  bleeds: orNull(wholeNumber(0, 100_000)),
  expectedAt: orNull(instant()),
  amount: orNull(wholeNumber(0, 1_000_000_000)),
  undoes: orNull(id()),
  note: optionalText(2000),
  origin: orNull(originSchema),
})

/** A batch of log events a device sends. */
export const eventBatchSchema = exact({ events: list(eventSchema, 1, 2000) })
