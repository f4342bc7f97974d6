import { known, type Known, type Soundness, word } from '../nouns'

/** Share of a sound finish's hold that is left. `unpainted hard` (glass, tile, metal) has nothing to lift. */
export const HOLD_SHARE: Readonly<Record<Soundness, Known>> = {
  sound: known(1, '', 'from-memory', word('source', 'reference')),
  unknown: known(0.55, '', 'common-practice', word('source', 'history-unknown-choose-delicate')),
  'thin-over-dusty-filler': known(0.15, '', 'common-practice', word('source', 'known-to-let-go-under-tape')),
  chalky: known(0.1, '', 'common-practice', word('source', 'known-to-let-go-under-tape')),
  wallpaper: known(0.3, '', 'common-practice', word('source', 'delicate-tape-only')),
  'bare-board-paper': known(0.3, '', 'common-practice', word('source', 'delicate-tape-only')),
  'bare-wood': known(0.75, '', 'from-memory', word('source', 'surface-fibres-lift-before-sound-wood')),
  lacquered: known(1.5, '', 'from-memory', word('source', 'a-hard-film-that-can-still-lift')),
  'unpainted-hard': known(20, '', 'from-memory', word('source', 'no-film-to-lift')),
}

/** Outcome of a cross-cut test on site: class by ISO 2409, and the same by ASTM D3359 method B. */
export interface CrossCutClass {
  readonly iso: number
  readonly astm: string
  /** Share of a sound finish's hold. */
  readonly share: Known
}

const crossCut = (iso: number, astm: string, share: number): CrossCutClass => ({
  iso,
  astm,
  share: known(share, '', 'from-memory', word('source', 'classes-iso-2409-and-astm-d3359-method')),
})

/** Classes and the area they stand for are published; what they leave of the hold is from memory. */
export const CROSS_CUT_CLASSES: readonly CrossCutClass[] = [
  crossCut(0, '5B', 1),
  crossCut(1, '4B', 0.8),
  crossCut(2, '3B', 0.5),
  crossCut(3, '2B', 0.25),
  crossCut(4, '1B', 0.1),
  crossCut(5, '0B', 0.05),
]
