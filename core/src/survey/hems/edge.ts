import type { Arc } from '../rooms/curve'
import { writeEdge, type FaceKey, type MeetingEdge } from '../../base/nouns'

export const EDGE_KINDS = [
  'wall-to-ceiling',
  'wall-to-wall',
  'two-tone-line',
  'wall-to-skirting',
  'skirting-to-floor',
  'wall-to-floor',
  'wall-to-casing',
  'casing-to-floor',
  'casing-to-glass',
  'wall-to-frame',
  'wall-to-fitting',
  'ceiling-to-fitting',
  'wall-to-piece',
  'ceiling-to-window',
  'cabinet-mouth',
  'stair-string',
  'by-hand',
] as const
export type EdgeKind = (typeof EDGE_KINDS)[number]

/** A straight piece of an edge on one wall: x from the wall's left end, y up from the floor, mm. */
export interface EdgeSegment {
  readonly wallId: string
  readonly x1: number
  readonly y1: number
  readonly x2: number
  readonly y2: number
}

/**
 * A place where two faces of a room meet. `key` stays the same when lengths change, so a hem's log stays with it:
 * it is made of face names and of what bounds the stretch, never of positions.
 */
export interface Edge {
  readonly key: string
  readonly kind: EdgeKind
  readonly a: FaceKey
  readonly b: FaceKey
  readonly segments: readonly EdgeSegment[]
  readonly lengthMm: number
  /** Corners at which the tape has to start anew. */
  readonly corners: number
  readonly orientation: 'level' | 'upright' | 'loop'
  /** Short strips that a lapped face wants on each side; 0 where nothing laps. */
  readonly laps: number
  /** Panes it goes round; 0 for other edges. */
  readonly panes: number
  /** Radius of a rounded corner it runs along, mm; 0 for a sharp one. */
  readonly radiusMm: number
  /** A line that bends on its face: the radius of its arc and its angle; null for straight ones. */
  readonly curve: Arc | null
  /** Gap under the skirting it runs along, mm. */
  readonly gapMm: number
  /** That gap is another elsewhere along the same wall: the joint opens and closes. */
  readonly gapVaries: boolean
}

/** What most edges are without. */
export const PLAIN_EDGE = {
  corners: 0,
  laps: 0,
  panes: 0,
  radiusMm: 0,
  curve: null,
  gapMm: 0,
  gapVaries: false,
} as const

/** Length of straight pieces together, whole mm. */
export const lengthOfMm = (segments: readonly EdgeSegment[]): number =>
  Math.round(segments.reduce((sum, s) => sum + Math.hypot(s.x2 - s.x1, s.y2 - s.y1), 0))

/** One straight edge. */
export function line(kind: EdgeKind, where: MeetingEdge, s: EdgeSegment): Edge {
  const orientation = s.x1 === s.x2 ? 'upright' : 'level'
  return { ...PLAIN_EDGE, ...named(where), kind, segments: [s], lengthMm: lengthOfMm([s]), orientation }
}

/** An edge's name and its two faces. */
export const named = (where: MeetingEdge): Pick<Edge, 'key' | 'a' | 'b'> => ({
  key: writeEdge(where),
  a: where.a,
  b: where.b,
})
