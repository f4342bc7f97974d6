import type { HouseWay } from './house'

/** Three edges a customer can choose from, each with what it means in faults to expect. */
export const GRADES = ['good', 'better', 'best'] as const
export type Grade = (typeof GRADES)[number]

/** What a quote's amounts are for, in the order they stand. */
export const QUOTE_LINES = [
  'hours',
  'covers',
  'tape',
  'seals',
  'paint',
  'sundries',
  'set-up',
  'overhead',
  'margin',
] as const
type QuoteLineKind = (typeof QUOTE_LINES)[number]

export interface QuoteLine {
  readonly kind: QuoteLineKind
  readonly amountMinor: number
}

/** One way to do the job, with what it costs the customer and what he gets. Money in minor units. */
export interface QuoteOffer {
  readonly grade: Grade
  /** How its edges are made. */
  readonly school: HouseWay
  readonly lines: readonly QuoteLine[]
  readonly netMinor: number
  readonly taxMinor: number
  readonly totalMinor: number
  /** Minutes worked, over all people. */
  readonly workedMin: number
  /** When the last task ends, ISO UTC. */
  readonly endsAt: string
  /** Marks along all edges that would show, in all, mm of line; and for each metre. */
  readonly faultMm: number
  readonly faultMmPerM: number
  /** Edges for which no safe way was found; they are not in it. */
  readonly unsafe: number
  /** Metres of tape laid, and what materials cost the contractor: for comparing later. */
  readonly tapeMm: number
  readonly materialMinor: number
}

/** A quote as it was given: nothing in it changes when prices or the survey do. */
export interface Quote {
  readonly id: string
  /** ISO UTC. */
  readonly at: string
  readonly by: string
  readonly note: string
  readonly offers: readonly QuoteOffer[]
  /** Which offer was taken; null while nobody has answered. */
  readonly taken: Grade | null
  /** What it rests on: another word once the survey, the shelf or the rules have changed. Empty for quotes of before version 12. */
  readonly basis: string
}
