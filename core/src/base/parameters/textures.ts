import { known, type Known, type Texture, word } from '../nouns'

/** Valleys of a texture: mean depth and the distance from one valley to the next along the edge. */
export interface TextureFacts {
  readonly valleyUm: Known
  readonly pitchMm: Known
  /** How much more paint it takes than a face as labels have it. */
  readonly paintShare: Known
  /** Voids in an otherwise smooth face: the share of the edge that meets one. */
  readonly voidShare: number
}

/** Rough block takes half as much paint again: common practice. What lies between is from memory. */
const paint = (share: number): Known =>
  share === BLOCK_SHARE
    ? known(share, '', 'common-practice', word('source', 'rough-block-takes-half-as-much-again'))
    : known(share, '', 'from-memory', word('source', 'between-a-smooth-wall-and-rough-block'))
const BLOCK_SHARE = 1.5

const guess = (valleyUm: number, pitchMm: number, share: number, voidShare = 1): TextureFacts => ({
  valleyUm: known(valleyUm, 'µm', 'from-memory', word('source', 'texture-classes-docs-science-md-4')),
  pitchMm: known(pitchMm, 'mm', 'from-memory', word('source', 'texture-classes-docs-science-md-4')),
  paintShare: paint(share),
  voidShare,
})

/** Depths rise from glass to sprayed texture as the trade orders them; the figures are from memory. */
export const TEXTURE_FACTS: Readonly<Record<Texture, TextureFacts>> = {
  glassy: guess(1, 2, 1),
  smooth: guess(6, 2, 1),
  stipple: guess(45, 3, 1),
  'light-spray': guess(90, 5, 1.1),
  'medium-spray': guess(170, 7, 1.15),
  'heavy-spray': guess(320, 9, 1.25),
  knockdown: guess(150, 8, 1.1, 0.2),
  'wood-grain': guess(60, 1.5, 1.1),
  masonry: guess(500, 8, BLOCK_SHARE),
}
