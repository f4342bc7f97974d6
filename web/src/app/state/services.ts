import type { Identity } from '../device/identity'
import type { DeviceStore } from '../device/store'
import type { Api } from '../office/api'
import type { NewsLine } from './line'
import type { Planner } from './planner'

/** What the store works with; tests put stand-ins here. */
export interface Services {
  readonly api: Api
  readonly planner: Planner
  /** What this device keeps, and who it is. */
  readonly device: DeviceStore
  readonly identity: Identity
  /** Opens a line on which news come. */
  readonly openLine: (url: string) => NewsLine
  /** Milliseconds since the epoch. */
  readonly clock: () => number
  /** Tells when the page is about to be left. */
  readonly onLeave: (leave: () => void) => void
  /** Tells when the network is back. */
  readonly onLine: (back: () => void) => void
  /** Tells when somebody looks at the page again, and when nobody does any more. */
  readonly onSeen: (seen: (isSeen: boolean) => void) => void
}
