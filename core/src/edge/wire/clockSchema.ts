import { exact, instant, orNull } from './fields'

/** The time a server's devices practise with; null: the real time. */
export const practiceClockSchema = exact({ at: orNull(instant()) })
