import { known, word, type Backing, type Known, type Pressing, type Seal, type Stroke } from '../nouns'

const guess = (value: number, unit: string, source: string): Known =>
  known(value, unit, 'from-memory', word('source', source))

/** What decides whether paint runs under an edge. docs/science.md §4. */
export interface BleedParameters {
  /** Share of a valley's depth that stays open under a backing, and what pressing leaves of it. */
  readonly openShare: Readonly<Record<Backing, Known>>
  readonly pressFactor: Readonly<Record<Pressing, Known>>
  /** Pressure at the edge by the stroke, Pa, and seconds of it per pass. */
  readonly strokePa: Readonly<Record<Stroke, Known>>
  readonly strokeSeconds: Known
  readonly gripWeight: Known
  readonly referenceGripN25: Known
  /** Gaps that a barrier edge, and each seal, shut, µm. */
  readonly barrierGapUm: Known
  readonly sealGapUm: Readonly<Record<Seal, Known>>
  readonly sealMiss: Known
  readonly visibleMm: Known
  readonly contactCos: Known
  readonly edgeGelShare: Known
  /** How far the model may be off, on a log scale. */
  readonly modelSpread: Known
  readonly grain: {
    readonly radiusUm: Known
    readonly spread: Known
    readonly pitchMm: Known
    readonly afterSeal: Known
    /** Share of the edge that a leading vessel colours, of its share of the vessels. */
    readonly widthShare: Known
  }
}

export const BLEED: BleedParameters = {
  openShare: {
    washi: guess(0.5, '', 'thin-backings-follow-valleys'),
    'creped-paper': guess(0.6, '', 'thin-backings-follow-valleys'),
    plastic: guess(0.55, '', 'thin-backings-follow-valleys'),
  },
  pressFactor: {
    none: guess(1.7, '', 'thumb-is-the-reference'),
    thumb: guess(1, '', 'thumb-is-the-reference'),
    tool: guess(0.85, '', 'thumb-is-the-reference'),
  },
  strokePa: {
    'toward-tape': guess(4000, 'Pa', 'order-is-common-practice'),
    along: guess(2000, 'Pa', 'order-is-common-practice'),
    outward: guess(1000, 'Pa', 'order-is-common-practice'),
    roller: guess(600, 'Pa', 'order-is-common-practice'),
    spray: guess(0, 'Pa', 'order-is-common-practice'),
  },
  strokeSeconds: guess(0.1, 's', 'two-passes-of-a-30-mm-brush'),
  gripWeight: known(0.5, '', 'common-practice', word('source', 'one-view-less-grip-seals-less-well')),
  referenceGripN25: guess(3.4, 'N/25 mm', 'reference'),
  barrierGapUm: known(145, 'µm', 'common-practice', word('source', 'fits-50-to-75-better-than-plain')),
  sealGapUm: {
    none: guess(0, 'µm', 'order-is-common-practice'),
    'own-colour': guess(1200, 'µm', 'order-is-common-practice'),
    'clear-glaze': guess(900, 'µm', 'order-is-common-practice'),
    'wiped-sealant': guess(1500, 'µm', 'order-is-common-practice'),
  },
  sealMiss: guess(0.0005, '', 'one-valley-in-two-thousand'),
  visibleMm: guess(0.4, 'mm', '0-3-to-0-5-mm-at'),
  contactCos: guess(0.8, '', 'old-paint-is-wetted-by-new'),
  edgeGelShare: guess(0.33, '', 'thin-film-at-the-edge'),
  modelSpread: guess(0.2, '', 'no-trials-yet'),
  grain: {
    radiusUm: guess(18, 'µm', 'open-vessels-of-softwood-and-ring-porous'),
    spread: guess(0.5, '', 'radii-differ-several-times-over'),
    pitchMm: guess(1.5, 'mm', 'vessels-cut-by-the-edge'),
    afterSeal: guess(0.05, '', 'a-seal-fills-most-vessels'),
    widthShare: guess(0.4, '', 'a-vessel-is-narrower-than-its-pitch'),
  },
}
