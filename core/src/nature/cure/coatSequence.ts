import { pullWindow, type PullSpan, type WindowSetup } from './pullWindow'

/** One coat of a sequence over the same tape. */
export type SequenceCoat = Pick<
  WindowSetup,
  'coating' | 'settleShare' | 'coatedFrom' | 'coatedTo' | 'sealant' | 'sealedAt'
>

/** A span, and after which coat it falls (1 is the first). */
interface SequenceSpan extends PullSpan {
  readonly coat: number
}

/**
 * Spans over several coats on one tape: each coat's spans hold until the next goes on. They join without gaps from
 * the first coat on, over nights, clock changes and days.
 *
 * @param coats  in order of time, at least one  @param offBy  when the tape must be off, or null
 */
export function sequenceWindows(
  clocks: Pick<WindowSetup, 'drying' | 'hardening' | 'beadDrying'>,
  coats: readonly SequenceCoat[],
  offBy: number | null,
): SequenceSpan[] {
  return coats.flatMap((coat, i) => {
    const until = coats[i + 1]?.coatedFrom ?? null
    return pullWindow({ ...clocks, offBy, ...coat })
      .filter((span) => until === null || span.from < until)
      .map((span): SequenceSpan => {
        const cut = until !== null && (span.to === null || span.to > until)
        return { ...span, to: cut ? until : span.to, coat: i + 1 }
      })
  })
}
