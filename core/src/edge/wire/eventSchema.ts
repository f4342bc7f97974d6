import {
  decimal,
  exact,
  hybridClock,
  id,
  instant,
  list,
  oneOf,
  optionalText,
  orNull,
  wholeNumber,
  subjectKey,
} from './fields'
import { EVENT_KINDS, FAULT_SIZES, FAULTS, LIGHTS, MEND_WAYS } from '../../base/nouns'

/** Which device made a line. */
const originSchema = exact({
  device: id(),
  seq: wholeNumber(1, Number.MAX_SAFE_INTEGER),
  by: orNull(optionalText(200)),
  clock: hybridClock(),
  saidAt: orNull(instant()),
})

/** A look along a line. */
const lookSchema = exact({
  light: oneOf(LIGHTS),
  awayMm: orNull(wholeNumber(0, 100_000)),
  finds: list(
    exact({
      fault: oneOf(FAULTS),
      size: oneOf(FAULT_SIZES),
      count: wholeNumber(1, 10_000),
      lengthMm: wholeNumber(0, 1_000_000),
    }),
    0,
    FAULTS.length * FAULT_SIZES.length,
  ),
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
  look: orNull(lookSchema),
  mending: orNull(exact({ how: oneOf(MEND_WAYS), minutes: decimal(0, 10_000) })),
  expectedAt: orNull(instant()),
  amount: orNull(wholeNumber(0, 1_000_000_000)),
  undoes: orNull(id()),
  note: optionalText(2000),
  origin: orNull(originSchema),
})

/** A batch of log events a device sends. */
export const eventBatchSchema = exact({ events: list(eventSchema, 1, 2000) })
