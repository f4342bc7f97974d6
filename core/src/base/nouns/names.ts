import type { BandSide } from './edgeKey'

/**
 * What a face is called: which kind it is, and the name somebody gave it or the thing it belongs to. The catalogue
 * makes words of it.
 */
export interface FaceName {
  readonly is: 'face'
  readonly kind:
    | 'wall'
    | 'only-wall'
    | 'band'
    | 'casing'
    | 'pane'
    | 'leaf'
    | 'glass'
    | 'fitting'
    | 'piece'
    | 'inside'
    | 'ceiling'
    | 'soffit'
    | 'floor'
    | 'ground'
    | 'other-floor'
    | 'skirting'
    | 'opening'
    | 'hand-hem'
    | 'unknown'
  readonly name: string
}

/** What a hem's line is called: on which wall, which line there, of what, and between what. */
export interface PlaceName {
  readonly is: 'place'
  readonly line: string
  readonly wall: FaceName
  /** The band it lies in, where that is not the line itself. */
  readonly zone: FaceName | null
  readonly of: FaceName | null
  readonly beside: FaceName | null
  readonly bandLine: BandSide | null
  /** Names of what bounds it left and right; '' for the wall's end. */
  readonly left: string
  readonly right: string
}
