import { changesBetween, type FactChange, type LogEvent } from '@crisp-hem/core'
import type { JobAnswer } from '@crisp-hem/core/wire'

/** What this device knows of a job and the office's copy lacks. */
interface Lacking {
  readonly ticks: readonly LogEvent[]
  readonly changes: readonly FactChange[]
}

/**
 * After a copy was put back at the office: what this device had heard of a job beyond it. Where both are of one line of history
 * nothing is lacking, whatever differs.
 *
 * @param mayEdit  whether the facts here are the office's own, and may be handed in
 */
export function lackingAt(office: JobAnswer, here: JobAnswer | null, mayEdit: boolean): Lacking {
  if (!here || here.epoch === office.epoch) return { ticks: [], changes: [] }
  const known = new Set(office.log.map(({ id }) => id))
  return {
    ticks: here.log.filter(({ id }) => !known.has(id)),
    changes: mayEdit && here.revision > office.revision ? changesBetween(office.facts, here.facts) : [],
  }
}
