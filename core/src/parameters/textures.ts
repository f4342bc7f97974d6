import { known, type Known, type Texture, word } from '../ground'

/** Valleys of a texture: mean depth and the distance from one valley to the next along the edge. */
export interface TextureFacts {
  readonly valleyUm: Known
  readonly pitchMm: Known
  /** Voids in an otherwise smooth face: the share of the edge that meets one. */
  readonly voidShare: number
}

const guess = (valleyUm: number, pitchMm: number, voidShare = 1): TextureFacts => ({
  valleyUm: known(valleyUm, 'µm', 'from-memory', word('source', 'texture-classes-docs-science-md-4')),
  pitchMm: known(pitchMm, 'mm', 'from-memory', word('source', 'texture-classes-docs-science-md-4')),
  voidShare,
})

/** Depths rise from glass to sprayed texture as the trade orders them; the figures are from memory. */
export const TEXTURE_FACTS: Readonly<Record<Texture, TextureFacts>> = {
  glassy: guess(1, 2),
  smooth: guess(6, 2),
  stipple: guess(45, 3),
  'light-spray': guess(90, 5),
  'medium-spray': guess(170, 7),
  'heavy-spray': guess(320, 9),
  knockdown: guess(150, 8, 0.2),
  'wood-grain': guess(60, 1.5),
  masonry: guess(500, 8),
}
