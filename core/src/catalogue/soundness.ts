import { known, type Known, type Soundness } from '../ground'

/** Share of a sound finish's hold that is left. `unpainted hard` (glass, tile, metal) has nothing to lift. */
export const HOLD_SHARE: Readonly<Record<Soundness, Known>> = {
  sound: known(1, '', 'from memory', 'reference'),
  unknown: known(0.55, '', 'common practice', 'history unknown: choose delicate'),
  'thin over dusty filler': known(0.15, '', 'common practice', 'known to let go under tape'),
  chalky: known(0.1, '', 'common practice', 'known to let go under tape'),
  wallpaper: known(0.3, '', 'common practice', 'delicate tape only'),
  'bare board paper': known(0.3, '', 'common practice', 'delicate tape only'),
  'bare wood': known(0.75, '', 'from memory', 'surface fibres lift before sound wood'),
  'unpainted hard': known(20, '', 'from memory', 'no film to lift'),
}

/** Outcome of a cross-cut test on site: class by ISO 2409, the same by ASTM D3359 method B, and the area that came off. */
export interface CrossCutClass {
  readonly iso: number
  readonly astm: string
  readonly lost: string
  /** Share of a sound finish's hold. */
  readonly share: Known
}

const crossCut = (iso: number, astm: string, lost: string, share: number): CrossCutClass => ({
  iso,
  astm,
  lost,
  share: known(share, '', 'from memory', 'classes: ISO 2409 and ASTM D3359 method B; share of hold from memory'),
})

/** Classes and the area they stand for are published; what they leave of the hold is from memory. */
export const CROSS_CUT_CLASSES: readonly CrossCutClass[] = [
  crossCut(0, '5B', 'none', 1),
  crossCut(1, '4B', 'under 5 %', 0.8),
  crossCut(2, '3B', '5 to 15 %', 0.5),
  crossCut(3, '2B', '15 to 35 %', 0.25),
  crossCut(4, '1B', '35 to 65 %', 0.1),
  crossCut(5, '0B', 'over 65 %', 0.05),
]
