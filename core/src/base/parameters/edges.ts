import { known, word, type Known, type Sheen, type Tape } from '../nouns'

const guess = (value: number, unit: string, source: string): Known =>
  known(value, unit, 'from-memory', word('source', source))
/** Figures by sheen; their order is common practice. */
const bySheen = (...values: readonly [number, number, number, number, number, number]): Record<Sheen, Known> => {
  const [flat, matt, eggshell, satin, semiGloss, gloss] = values.map((value) =>
    guess(value, '', 'order-is-common-practice'),
  ) as [Known, Known, Known, Known, Known, Known]
  return { flat, matt, eggshell, satin, 'semi-gloss': semiGloss, gloss }
}

/** What decides of torn edges, residue, cracks, bands, and slips of a free hand. docs/science.md §5 and §6. */
export interface EdgeParameters {
  readonly tear: {
    readonly dry: Readonly<Record<Sheen, Known>>
    readonly scoredShare: Known
    readonly wet: Known
    readonly tacky: Known
    /** How much more a film tears for each coat dried across the edge before it; and share of that skin that still tears under a wet coat. */
    readonly skinMore: Known
    readonly underWet: Known
    /** Dry to touch and not hard yet, as a sprayed front is when it is unmasked the same day. */
    readonly soft: Known
    /** Metres torn where people brush past, for a night on. */
    readonly brushedPast: Readonly<Record<Tape['tough'], Known>>
  }
  readonly residue: { readonly stayMargin: Known; readonly spread: Known; readonly dyePerDay: Known }
  readonly crack: { readonly stiff: Readonly<Record<Sheen, Known>>; readonly beadRimMm: Known; readonly scale: Known }
  readonly band: { readonly shows: Readonly<Record<Sheen, Known>>; readonly dark: Known; readonly metOpen: Known }
  readonly slips: {
    /** Slips of a proven hand a metre: along a ceiling, along trim, with no joint to follow. */
    readonly ceiling: Known
    readonly trim: Known
    readonly alone: Known
    readonly roughUm: Known
    /** Size of one slip, nick or corner fault along the line and beyond it, mm. */
    readonly longMm: Known
    readonly wideMm: Known
    readonly roughFactor: Known
    readonly paneCorner: Known
    /** Nicks of a peeled mask a metre, and the share of panes on which it comes off in strings. */
    readonly peel: { readonly brush: Known; readonly aerosol: Known }
    /** Metres of bar that a can leaves gritty. */
    readonly canGrit: Known
    readonly strings: { readonly brush: Known; readonly aerosol: Known }
  }
}

export const EDGES_OF: EdgeParameters = {
  tear: {
    dry: bySheen(0.02, 0.04, 0.15, 0.25, 0.35, 0.4),
    scoredShare: guess(0.15, '', 'order-is-common-practice'),
    wet: guess(0.005, '', 'order-is-common-practice'),
    tacky: guess(0.6, '', 'order-is-common-practice'),
    skinMore: guess(0.35, '', 'coats-across-the-tape-dry-into-a-skin'),
    underWet: guess(0.15, '', 'coats-across-the-tape-dry-into-a-skin'),
    soft: guess(0.1, '', 'order-is-common-practice'),
    brushedPast: {
      frail: guess(0.02, '/m', 'thin-tape-comes-off-at-a-door'),
      usual: guess(0.005, '/m', 'thin-tape-comes-off-at-a-door'),
      tough: guess(0.001, '/m', 'thin-tape-comes-off-at-a-door'),
    },
  },
  residue: {
    stayMargin: guess(0.9, '', 'leave-a-tenth-of-the-label-time'),
    spread: guess(0.25, '', 'labels-differ-by-a-quarter'),
    dyePerDay: guess(0.02, '/m', 'dye-goes-into-a-white-face-with-time'),
  },
  crack: {
    stiff: bySheen(1, 0.5, 0.03, 0.0005, 0.0004, 0.0003),
    beadRimMm: known(0.3, 'mm', 'common-practice', word('source', 'rim-of-a-bead-wiped-almost-off')),
    scale: guess(4, '', 'flat-over-ordinary-clear-cracks'),
  },
  band: {
    shows: bySheen(0.02, 0.03, 0.08, 0.15, 0.25, 0.3),
    dark: guess(2.5, '', 'dark-and-glossy-paint-in-low-light'),
    metOpen: guess(0.4, '', 'the-roller-meets-most-of-the-line-while-open'),
  },
  slips: {
    ceiling: guess(0.3, '/m', 'proven-hands-go-on-ceilings-common-practice'),
    trim: guess(0.6, '/m', 'straight-trim-lines-show-every-waver-common'),
    alone: guess(1, '/m', 'no-joint-to-follow'),
    longMm: guess(6, 'mm', 'a-brush-out-of-line-for-a-moment'),
    wideMm: guess(0.5, 'mm', 'a-brush-out-of-line-for-a-moment'),
    roughUm: guess(80, 'µm', 'order-is-common-practice'),
    roughFactor: guess(1.5, '', 'order-is-common-practice'),
    paneCorner: guess(0.025, '', 'one-corner-in-forty'),
    peel: {
      brush: guess(0.02, '/m', 'finish-order-brushed-can-tape-common-practice'),
      aerosol: guess(0.05, '/m', 'finish-order-brushed-can-tape-common-practice'),
    },
    canGrit: guess(0.08, '/m', 'an-aerosol-leaves-texture-on-the-wood'),
    strings: {
      brush: guess(0.01, '', 'finish-order-brushed-can-tape-common-practice'),
      aerosol: guess(0.03, '', 'finish-order-brushed-can-tape-common-practice'),
    },
  },
}
