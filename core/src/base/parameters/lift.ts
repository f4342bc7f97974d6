import { known, word, type Known, type Sheen } from '../nouns'

/** What decides whether tape takes the finish with it. docs/science.md §3. */
export interface LiftParameters {
  /** Hold of a finish at touch-dry and at full cure, N per 25 mm; how it grows between, days and shape. */
  readonly freshN25: Known
  readonly fullN25: Known
  readonly growthDays: Known
  readonly sprayedGrowthDays: Known
  readonly shape: Known
  /** How much hold varies, on a log scale, where its history is known and where not. */
  readonly spreadKnown: Known
  readonly spreadUnknown: Known
  /** Days after which a finish of unknown age is judged too: it is never better than one known to be as young. */
  readonly unknownAsDays: Known
  /** Hold by sheen of the finish: the more binder, the tougher the film. */
  readonly sheenShare: Readonly<Record<Sheen, Known>>
  /** Peel of a fast pull over a slow one. */
  readonly fastPull: Known
  /** How much grip grows for each tenfold of the time it has been on beyond a day at 23 °C, as a share. */
  readonly buildUp: Known
}

const sheen = (share: number): Known =>
  known(share, '', 'from-memory', word('source', 'shiny-trim-bears-more-than-a-flat-ceiling'))

export const LIFT: LiftParameters = {
  freshN25: known(1, 'N/25 mm', 'from-memory', word('source', 'hold-at-touch-dry')),
  fullN25: known(18, 'N/25 mm', 'common-practice', word('source', 'full-cure-takes-outdoor-grip')),
  growthDays: known(7, 'd', 'common-practice', word('source', 'brushed-or-rolled-coat-cured-at-about')),
  sprayedGrowthDays: known(3, 'd', 'common-practice', word('source', 'thin-sprayed-coat-takes-mid-grip-next')),
  shape: known(0.6, '', 'from-memory', word('source', 'fast-at-first-slow-at-the-end')),
  spreadKnown: known(0.35, '', 'from-memory', word('source', 'variation-along-one-wall')),
  spreadUnknown: known(0.6, '', 'from-memory', word('source', 'wide-because-nobody-knows-its-history')),
  unknownAsDays: known(1, 'd', 'common-practice', word('source', 'history-unknown-choose-delicate')),
  sheenShare: {
    flat: sheen(0.95),
    matt: sheen(0.97),
    eggshell: sheen(1),
    satin: sheen(1),
    'semi-gloss': sheen(1.1),
    gloss: sheen(1.15),
  },
  buildUp: known(0.1, '', 'from-memory', word('source', 'grip-builds-with-time-and-warmth')),
  fastPull: known(1.35, '', 'from-memory', word('source', 'peel-rises-with-speed')),
}
