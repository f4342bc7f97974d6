import type { TapeEdge } from '../../base/nouns'

export const LAYER_KINDS = ['lining', 'tape', 'liquid', 'paper', 'film', 'board', 'cloth', 'seal', 'colour'] as const
export type LayerKind = (typeof LAYER_KINDS)[number]

/** One layer of a recipe, in the order it goes on; drawings stack them from the face up. */
export interface Layer {
  readonly kind: LayerKind
  readonly name: string
  /** The cover that has to be on the van for it, where nothing else of the load names it; null for other layers. */
  readonly coverId: string | null
  /** Width beside the edge, mm; null where it covers the field. */
  readonly widthMm: number | null
  /** How a tape meets the edge. */
  readonly edge: TapeEdge | null
  /** Distance between tacks, mm; null where there are none. */
  readonly tackMm: number | null
  /** Tucked or slid under the painted part, pushed into the joint in pieces, or plainly beside it. */
  readonly seat: 'beside' | 'tucked' | 'under' | 'in-pieces'
}
