import { known, type Known } from '../known'

/** How well the finish of a face holds to what is below it. */
export const SOUNDNESS = [
  'sound',
  'unknown',
  'thin over dusty filler',
  'chalky',
  'wallpaper',
  'bare board paper',
  'bare wood',
  'unpainted hard',
] as const
export type Soundness = (typeof SOUNDNESS)[number]

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
