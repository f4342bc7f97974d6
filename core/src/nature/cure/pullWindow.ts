import { nth } from '../../base/units/sure'
import type { Coating, Sealant } from '../../base/nouns'
import { instantOfGain, type RateClock } from './rateClock'

/** The spans of a hem's time after its last coat, in order. */
export type SpanKind = 'too-wet' | 'wet' | 'tacky' | 'kept' | 'dry' | 'past'

/** One span: instants in minutes since the epoch; `to` null means open-ended. */
export interface PullSpan {
  readonly kind: SpanKind
  readonly from: number
  readonly to: number | null
  /** What ends it: the paint's open time, the bead's skin, hard-dry, or the tape's stay. */
  readonly endedBy: 'settled' | 'open-time' | 'sealant-skin' | 'hard-dry' | 'drips' | 'stay' | null
}

/** What the window of one hem depends on. All instants in minutes since the epoch. */
export interface WindowSetup {
  /** The clock of the coat's surface, of its film, and of a bead. */
  readonly drying: RateClock
  readonly hardening: RateClock
  readonly beadDrying: RateClock
  readonly coating: Coating
  /** Share of open time in which a fresh edge still runs when freed. */
  readonly settleShare: number
  /** The first and the last stroke of colour along the edge; pulling follows in the same order. */
  readonly coatedFrom: number
  readonly coatedTo: number
  /** A wiped bead that is still wet at the coat, and when it was wiped. */
  readonly sealant: Sealant | null
  readonly sealedAt: number | null
  /** By when the tape must be off; null when its stay never runs out. */
  readonly offBy: number | null
}

/**
 * When tape may come off after the last coat: wet before the edge skins, or dry once the film is hard; the span
 * between is tacky and pulls strings. A span that nothing ends has `to: null`. docs/science.md eq. 17.
 *
 * @returns spans that join one another without gaps, the first from `coatedFrom`; spans without length are left out
 */
export function pullWindow(setup: WindowSetup): PullSpan[] {
  const { drying, hardening, beadDrying, coating, coatedFrom, coatedTo } = setup
  const after = (from: number, label: number) => instantOfGain(drying, from, label)
  const beadSkin = setup.sealant ? instantOfGain(beadDrying, setup.sealedAt ?? coatedFrom, setup.sealant.skinMin) : null
  const skin = earlier(after(coatedFrom, coating.openMin), beadSkin)
  const settled = after(coatedFrom, coating.openMin * setup.settleShare)
  const bounds: { kind: SpanKind; to: number | null; endedBy: PullSpan['endedBy'] }[] = [
    { kind: 'too-wet', to: settled === null ? null : Math.max(settled, coatedTo), endedBy: 'settled' },
    { kind: 'wet', to: skin, endedBy: beadSkin !== null && skin === beadSkin ? 'sealant-skin' : 'open-time' },
    { kind: 'tacky', to: instantOfGain(hardening, coatedTo, coating.hardDryMin), endedBy: 'hard-dry' },
    { kind: 'dry', to: null, endedBy: null },
  ]
  return cutAtStay(joined(coatedFrom, bounds), setup.offBy)
}

const earlier = (a: number | null, b: number | null) => (a === null ? b : b === null ? a : Math.min(a, b))

function joined(
  start: number,
  bounds: readonly { kind: SpanKind; to: number | null; endedBy: PullSpan['endedBy'] }[],
): PullSpan[] {
  const spans: PullSpan[] = []
  let from = start
  for (const { kind, to, endedBy } of bounds) {
    if (to !== null && to <= from) continue
    spans.push({ kind, from, to, endedBy })
    if (to === null) return spans
    from = to
  }
  return spans
}

function cutAtStay(spans: readonly PullSpan[], offBy: number | null): PullSpan[] {
  if (offBy === null) return [...spans]
  const kept = spans
    .filter((span) => span.from < offBy)
    .map((span): PullSpan => (span.to === null || span.to > offBy ? { ...span, to: offBy, endedBy: 'stay' } : span))
  return [...kept, { kind: 'past', from: Math.max(offBy, nth(spans, 0).from), to: null, endedBy: null }]
}

/** The span an instant lies in; null before the coat. */
export const spanAt = (spans: readonly PullSpan[], at: number): PullSpan | null =>
  spans.find((span) => at >= span.from && (span.to === null || at < span.to)) ?? null

/** The window of tape that is left to dry on purpose: its wet span is one more span to wait through. */
export function dryOnly(spans: readonly PullSpan[]): PullSpan[] {
  const waits = spans.map((span): PullSpan => (span.kind === 'wet' ? { ...span, kind: 'too-wet' } : span))
  return waits.reduce<PullSpan[]>((joined, span) => {
    const last = joined.at(-1)
    if (last?.kind !== span.kind) return [...joined, span]
    return [...joined.slice(0, -1), { ...last, to: span.to, endedBy: span.endedBy }]
  }, [])
}

/** The window of tape on a floor that stays until what drips on it is done: its dry span begins then. */
export const keptUntil = (spans: readonly PullSpan[], doneAt: number): PullSpan[] =>
  spans.flatMap((span): PullSpan[] => {
    if (span.kind !== 'dry' || span.from >= doneAt) return [span]
    const to = Math.min(doneAt, span.to ?? doneAt)
    const kept: PullSpan = { kind: 'kept', from: span.from, to, endedBy: to === span.to ? span.endedBy : 'drips' }
    return to === span.to ? [kept] : [kept, { ...span, from: to }]
  })

/** The window of a liquid mask: left alone until it may be cut, and then no hurry. */
export const peelWindow = (coatedFrom: number, cutFrom: number): PullSpan[] => [
  { kind: 'tacky', from: coatedFrom, to: cutFrom, endedBy: 'hard-dry' },
  { kind: 'dry', from: cutFrom, to: null, endedBy: null },
]
