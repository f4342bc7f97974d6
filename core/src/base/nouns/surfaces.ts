/** How rough a face is under a tape's edge. */
export const TEXTURES = [
  'glassy',
  'smooth',
  'stipple',
  'light-spray',
  'medium-spray',
  'heavy-spray',
  'knockdown',
  'wood-grain',
  'masonry',
] as const
export type Texture = (typeof TEXTURES)[number]

/** How well the finish of a face holds to what is below it. */
export const SOUNDNESS = [
  'sound',
  'unknown',
  'thin-over-dusty-filler',
  'chalky',
  'wallpaper',
  'bare-board-paper',
  'bare-wood',
  'lacquered',
  'unpainted-hard',
] as const
export type Soundness = (typeof SOUNDNESS)[number]
