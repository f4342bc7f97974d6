import { coatingOf } from '../catalogue/find'
import type { Sheen, Shelf } from '../catalogue/types'
import { faceOf, faceWords, stepOf, type FaceKey } from '../survey/faces'
import type { PaintStep, Room } from '../survey/types'
import { roomEdges, type Edge, type EdgeKind, type EdgeSegment } from './edges'

/** One stretch of edge to keep crisp. */
export interface Hem {
  /** `roomId/edgeKey`: outlives changes of size. */
  readonly id: string
  readonly roomId: string
  readonly kind: EdgeKind
  /** Where it is, in words: `wall C, ceiling line`. */
  readonly place: string
  readonly lengthMm: number
  readonly corners: number
  readonly orientation: Edge['orientation']
  readonly segments: readonly EdgeSegment[]
  /** The face that stays clean, and the step that painted it earlier in this job, if one did. */
  readonly keep: FaceKey
  readonly keepStepId: string | null
  /** The face that is coated along the hem, and by which step. */
  readonly paint: FaceKey
  readonly stepId: string
}

/** An edge without a hem, and why. */
export interface BareEdge {
  readonly roomId: string
  readonly edge: string
  readonly kind: EdgeKind
  readonly place: string
  readonly segments: readonly EdgeSegment[]
  readonly why:
    | 'nothing painted'
    | 'same colour both sides'
    | 'shielded'
    | 'left out'
    | 'fitting taken off'
    | 'fitting takes the wall colour'
  readonly note: string
}

/**
 * Which lines of a room must be kept crisp. A hem exists where two different results meet; the side coated later
 * is the paint side, the other is kept. Order decides: each colour may run over an edge that a later one covers.
 */
export function deriveHems(room: Room, shelf: Shelf): { hems: Hem[]; bare: BareEdge[] } {
  const hems: Hem[] = []
  const bare: BareEdge[] = []
  for (const edge of roomEdges(room)) {
    const why = reasonForNone(room, shelf, edge)
    if (why)
      bare.push({
        roomId: room.id,
        edge: edge.key,
        kind: edge.kind,
        place: placeWords(room, edge),
        segments: edge.segments,
        ...why,
      })
    else hems.push(hemOn(room, edge))
  }
  return { hems, bare }
}

function reasonForNone(room: Room, shelf: Shelf, edge: Edge): Pick<BareEdge, 'why' | 'note'> | null {
  const [stepA, stepB] = [stepOf(room, edge.a), stepOf(room, edge.b)]
  if (!stepA && !stepB) return { why: 'nothing painted', note: '' }
  const scope = fittingScope(room, edge)
  if (scope === 'take off') return { why: 'fitting taken off', note: '' }
  if (scope === 'takes wall colour') return { why: 'fitting takes the wall colour', note: '' }
  const note = room.edgeNotes.find((each) => each.edge === edge.key)
  if (note) return { why: note.note, note: note.reason }
  const [a, b] = [resultOf(room, shelf, edge.a, stepA?.step), resultOf(room, shelf, edge.b, stepB?.step)]
  if (a.colour === b.colour && a.sheen === b.sheen) return { why: 'same colour both sides', note: a.colour }
  return null
}

const fittingScope = (room: Room, edge: Edge) =>
  edge.b.startsWith('fitting:') ? room.fittings.find((each) => `fitting:${each.id}` === edge.b)?.scope : undefined

function resultOf(
  room: Room,
  shelf: Shelf,
  key: FaceKey,
  step: PaintStep | undefined,
): { colour: string; sheen: Sheen } {
  if (step) return { colour: step.colour.trim().toLowerCase(), sheen: coatingOf(shelf, step.coatingId).sheen }
  const face = faceOf(room, key)
  return { colour: face.colour.trim().toLowerCase(), sheen: face.sheen }
}

function hemOn(room: Room, edge: Edge): Hem {
  const [stepA, stepB] = [stepOf(room, edge.a), stepOf(room, edge.b)]
  const aIsPaint = (stepA?.index ?? -1) > (stepB?.index ?? -1)
  const paintStep = (aIsPaint ? stepA : stepB)!
  const keepStep = aIsPaint ? stepB : stepA
  return {
    id: `${room.id}/${edge.key}`,
    roomId: room.id,
    kind: edge.kind,
    place: placeWords(room, edge),
    lengthMm: edge.lengthMm,
    corners: edge.corners,
    orientation: edge.orientation,
    segments: edge.segments,
    keep: aIsPaint ? edge.b : edge.a,
    keepStepId: keepStep?.step.id ?? null,
    paint: aIsPaint ? edge.a : edge.b,
    stepId: paintStep.step.id,
  }
}

/** An edge in a painter's words. */
export function placeWords(room: Room, edge: Edge): string {
  const wall = `wall ${room.walls.find((each) => each.id === edge.segments[0]!.wallId)?.name ?? '?'}`
  switch (edge.kind) {
    case 'wall to ceiling':
      return `${wall}, ceiling line`
    case 'wall to wall':
      return `corner of ${faceWords(room, edge.a)} and ${faceWords(room, edge.b)}`
    case 'wall to skirting':
      return `${wall}, top of skirting${sideWords(room, edge)}`
    case 'skirting to floor':
      return `${wall}, foot of skirting${sideWords(room, edge)}`
    case 'wall to floor':
      return `${wall}, floor line${sideWords(room, edge)}`
    case 'wall to casing':
      return `${wall}, round ${nameOf(room, edge.b)}`
    case 'casing to glass':
      return `${wall}, glass of ${nameOf(room, edge.b)}`
    case 'wall to frame':
      return `${wall}, frame of ${nameOf(room, edge.b)}`
    case 'wall to fitting':
      return `${wall}, round ${faceWords(room, edge.b)}`
  }
}

const nameOf = (room: Room, key: FaceKey): string =>
  room.openings.find((each) => each.id === key.split(':')[1])?.name ?? 'opening'

/** Tells two stretches of one wall's foot apart by the door between them. */
function sideWords(room: Room, edge: Edge): string {
  const bounds = /#(?:[^:]*:)?([^.:]*)\.\.(.*)$/.exec(edge.key)
  if (!bounds) return ''
  const name = (id: string) => room.openings.find((each) => each.id === id)?.name
  const [left, right] = [name(bounds[1]!), name(bounds[2]!)]
  if (left && right) return ` between ${left} and ${right}`
  return right ? `, left of ${right}` : left ? `, right of ${left}` : ''
}
