import { known, word, type Backing, type Known, type Pressing, type Seal, type Skill, type Stroke } from '../nouns'

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
  /** A thicker tape bridges more: power of its thickness, over that of a usual one, µm. */
  readonly thicknessWeight: Known
  readonly referenceThickUm: Known
  /** Gaps on dust; those right after laying, and how long glue takes to flow in, min; what each degree under warm enough adds. */
  readonly dustGap: Known
  readonly freshGap: Known
  readonly wetOutMin: Known
  readonly coldGap: Known
  readonly warmEnoughC: Known
  /** Gaps in the middle of a line, how they spread along it on a log scale, and loose places, by who laid it. */
  readonly hands: Readonly<Record<Skill, { readonly gap: Known; readonly spread: Known; readonly loose: Known }>>
  /** Places where tape is not down: on a metre by pressing, how much more on dust, how long, how high and how that spreads. */
  readonly loose: {
    readonly perM: Readonly<Record<Pressing, Known>>
    readonly onDust: Known
    /** Share of them that a gun's mist gets under: nothing pushes it there. */
    readonly sprayed: Known
    readonly lengthMm: Known
    readonly gapUm: Known
    readonly spread: Known
  }
  /** Gaps that a barrier edge, and each seal, shut, µm. */
  readonly barrierGapUm: Known
  /** How much wider a gap a barrier edge shuts that was wiped damp before the paint. */
  readonly wipedGap: Known
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
    /** How much the mouths of vessels shut with the gaps beside them, as a power, and under a gelled edge. */
    readonly mouthWeight: Known
    readonly afterBarrier: Known
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
    tool: guess(0.65, '', 'thumb-is-the-reference'),
  },
  strokePa: {
    'toward-tape': guess(4000, 'Pa', 'order-is-common-practice'),
    along: guess(2000, 'Pa', 'order-is-common-practice'),
    outward: guess(1000, 'Pa', 'order-is-common-practice'),
    roller: guess(1200, 'Pa', 'order-is-common-practice'),
    spray: guess(0, 'Pa', 'order-is-common-practice'),
  },
  strokeSeconds: guess(0.1, 's', 'two-passes-of-a-30-mm-brush'),
  gripWeight: known(0.5, '', 'common-practice', word('source', 'one-view-less-grip-seals-less-well')),
  referenceGripN25: guess(3.4, 'N/25 mm', 'reference'),
  thicknessWeight: guess(0.25, '', 'a-thick-tape-bridges'),
  referenceThickUm: guess(110, 'µm', 'reference'),
  dustGap: guess(1.3, '', 'glue-holds-the-dust-not-the-face'),
  freshGap: guess(0.3, '', 'glue-flows-with-time'),
  wetOutMin: guess(20, 'min', 'glue-flows-with-time'),
  coldGap: guess(0.015, '/°C', 'cold-glue-is-stiff'),
  warmEnoughC: guess(15, '°C', 'cold-glue-is-stiff'),
  hands: {
    practised: {
      gap: guess(1, '', 'a-practised-hand-is-the-reference'),
      spread: guess(0.3, '', 'a-line-is-not-pressed-evenly'),
      loose: guess(1, '', 'a-practised-hand-is-the-reference'),
    },
    beginner: {
      gap: guess(1.15, '', 'a-beginner-presses-less-evenly'),
      spread: guess(0.45, '', 'a-beginner-presses-less-evenly'),
      loose: guess(2, '', 'a-beginner-presses-less-evenly'),
    },
  },
  loose: {
    perM: {
      none: guess(1.5, '/m', 'here-and-there-tape-is-not-down'),
      thumb: guess(0.2, '/m', 'here-and-there-tape-is-not-down'),
      tool: guess(0.05, '/m', 'here-and-there-tape-is-not-down'),
    },
    onDust: guess(1.5, '', 'glue-holds-the-dust-not-the-face'),
    sprayed: guess(0.1, '', 'nothing-pushes-mist-under-a-tape'),
    lengthMm: guess(6, 'mm', 'here-and-there-tape-is-not-down'),
    gapUm: guess(35, 'µm', 'here-and-there-tape-is-not-down'),
    spread: guess(0.6, '', 'here-and-there-tape-is-not-down'),
  },
  barrierGapUm: known(145, 'µm', 'common-practice', word('source', 'fits-50-to-75-better-than-plain')),
  wipedGap: guess(1.25, '', 'a-wet-edge-has-swollen-before-the-paint'),
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
    mouthWeight: guess(0.5, '', 'glue-shuts-some-vessels'),
    afterBarrier: guess(0.6, '', 'a-gelled-edge-fills-some-vessels'),
    widthShare: guess(0.4, '', 'a-vessel-is-narrower-than-its-pitch'),
  },
}
