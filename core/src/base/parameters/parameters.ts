import type { Known, Soundness, Texture } from '../nouns'
import { BLEED, type BleedParameters } from './bleed'
import { EDGES_OF, type EdgeParameters } from './edges'
import { LIFT, type LiftParameters } from './lift'
import { CROSS_CUT_CLASSES, HOLD_SHARE, type CrossCutClass } from './soundness'
import { TEXTURE_FACTS, type TextureFacts } from './textures'
import { WORK, type WorkParameters } from './work'

/**
 * Every figure of risk and rate that a contractor's own records may replace, each with its unit, mark and source. The
 * models are given one such value; none of them reads a figure of its own that could be learned.
 */
export interface Parameters extends EdgeParameters {
  readonly textures: Readonly<Record<Texture, TextureFacts>>
  readonly holdShare: Readonly<Record<Soundness, Known>>
  readonly crossCuts: readonly CrossCutClass[]
  readonly bleed: BleedParameters
  readonly lift: LiftParameters
  readonly work: WorkParameters
}

/** What is known before a contractor has records of his own. */
export const DEFAULT_PARAMETERS: Parameters = {
  textures: TEXTURE_FACTS,
  holdShare: HOLD_SHARE,
  crossCuts: CROSS_CUT_CLASSES,
  bleed: BLEED,
  lift: LIFT,
  ...EDGES_OF,
  work: WORK,
}
