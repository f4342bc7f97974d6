import {
  type LineWay,
  type PaintStep,
  type Room,
  type Sheen,
  type Shelf,
  face,
  isFace,
  readEdge,
  thingOf,
  writeHem,
  type BandLine,
  type HandHem,
  type FaceKey,
} from '../ground'
import { coatingOf } from '../catalogue/find'
import { faceOf, faceWords, hasFace, stepOf, wallOf } from '../survey/faces'
import { edgesByHand } from './byHand'
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
  readonly laps: number
  readonly panes: number
  readonly radiusMm: number
  readonly gapMm: number
  /** How its line runs, and how far an old edge wanders, mm. */
  readonly line: LineWay
  readonly wanderMm: number
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
    | 'replaced soon'
    | 'fitting taken off'
    | 'fitting takes the wall colour'
  readonly note: string
}

/**
 * Which lines of an area must be kept crisp. A hem exists where two different results meet; the side coated later
 * is the paint side, the other is kept. Order decides: each colour may run over an edge that a later one covers.
 */
export function deriveHems(room: Room, shelf: Shelf): { hems: Hem[]; bare: BareEdge[] } {
  const hems: Hem[] = []
  const bare: BareEdge[] = []
  for (const edge of edgesByHand(room, roomEdges(room))) {
    // A hem drawn by hand names its sides; one of them may have gone since.
    if (edge.kind === 'by hand' && !(hasFace(room, edge.a) && hasFace(room, edge.b))) continue
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
  const note = room.edgeNotes.find((each) => each.edge === edge.key)
  if (note) return { why: note.note, note: note.reason }
  const [stepA, stepB] = [stepOf(room, edge.a), stepOf(room, edge.b)]
  if (!stepA && !stepB) return { why: 'nothing painted', note: '' }
  const scope = fittingScope(room, edge)
  if (scope === 'take off') return { why: 'fitting taken off', note: '' }
  if (scope === 'takes wall colour') return { why: 'fitting takes the wall colour', note: '' }
  if (scope === 'shielded' || scope === 'replaced soon') return { why: scope, note: '' }
  for (const key of [edge.a, edge.b]) {
    const said = room.scopes.find((each) => each.face === key)
    if (said?.scope === 'shielded' || said?.scope === 'replaced soon') return { why: said.scope, note: said.note }
    if (said?.scope === 'takes wall colour' && isOfWall(room, edge, key)) {
      return { why: 'same colour both sides', note: faceWords(room, key) }
    }
  }
  if (edge.kind === 'by hand') return null
  const [a, b] = [resultOf(room, shelf, edge.a, stepA?.step), resultOf(room, shelf, edge.b, stepB?.step)]
  if (a.colour === b.colour && a.sheen === b.sheen) return { why: 'same colour both sides', note: a.colour }
  return null
}

/** Whether the other side of an edge is the wall a face takes its colour from. */
const isOfWall = (room: Room, edge: Edge, key: FaceKey): boolean => {
  const other = key === edge.a ? edge.b : edge.a
  return other === wallOf(room, key) || (isFace(other, 'wall') && isFace(key, 'skirting'))
}

const fittingScope = (room: Room, edge: Edge) =>
  isFace(edge.b, 'fitting') ? room.fittings.find((each) => each.id === thingOf(edge.b))?.scope : undefined

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
  // A hem by hand has its sides from whoever drew it: the paint side is named first.
  const aIsPaint = edge.kind === 'by hand' ? stepA !== null : (stepA?.index ?? -1) > (stepB?.index ?? -1)
  const paintStep = (aIsPaint ? stepA : stepB)!
  const keepStep = aIsPaint ? stepB : stepA
  const noted = room.lines.find((each) => each.edge === edge.key)
  return {
    id: writeHem({ roomId: room.id, edge: edge.key }),
    roomId: room.id,
    kind: edge.kind,
    place: placeWords(room, edge),
    lengthMm: edge.lengthMm,
    corners: edge.corners,
    orientation: edge.orientation,
    segments: edge.segments,
    laps: edge.laps,
    panes: edge.panes,
    radiusMm: edge.radiusMm,
    gapMm: edge.gapMm,
    line: noted?.way ?? usualWay(edge, stepA !== null && stepB !== null, noted?.wanderMm ?? 0),
    wanderMm: noted?.wanderMm ?? 0,
    keep: aIsPaint ? edge.b : edge.a,
    keepStepId: keepStep?.step.id ?? null,
    paint: aIsPaint ? edge.a : edge.b,
    stepId: paintStep.step.id,
  }
}

/**
 * A line that has to be made is straight. Where both sides are painted the joint itself becomes the line; where only
 * one is, an old edge that wanders is straightened over, and a true one followed.
 */
function usualWay(edge: Edge, bothPainted: boolean, wanderMm: number): LineWay {
  if (edge.kind === 'two-tone line') return 'straighten'
  if (bothPainted) return 'true joint'
  return wanderMm > 0 ? 'straighten' : 'follow'
}

/** An edge in a painter's words. */
export function placeWords(room: Room, edge: Edge): string {
  const zone = isFace(edge.a, 'band') && edge.kind !== 'two-tone line' ? ` (${faceWords(room, edge.a)})` : ''
  const wall = `${faceWords(room, face('wall', edge.segments[0]!.wallId))}${zone}`
  switch (edge.kind) {
    case 'wall to ceiling':
      return `${wall}, ${room.kind === 'elevation' ? 'soffit line' : 'ceiling line'}`
    case 'two-tone line':
      return `${wall}, ${bandLineOf(edge) === 'under' ? 'foot' : 'top'} of ${faceWords(room, edge.a)}${sideWords(room, edge)}`
    case 'wall to wall':
      return `corner of ${faceWords(room, edge.a)} and ${faceWords(room, edge.b)}`
    case 'wall to piece':
      return `${wall}, round ${faceWords(room, edge.b)}`
    case 'cabinet mouth':
      return `${faceWords(room, edge.a)}, door by door`
    case 'stair string':
      return `${faceWords(room, edge.a)}, both strings`
    case 'by hand':
      return `${wall}, ${handHemOf(room, edge)?.name ?? 'line by hand'}`
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
  room.openings.find((each) => each.id === thingOf(key))?.name ?? 'opening'

/** Tells two stretches of one wall's foot apart by the door between them. */
function sideWords(room: Room, edge: Edge): string {
  const where = readEdge(edge.key)
  if (where?.is !== 'meeting' || !where.between) return ''
  const name = (id: string) => nameOfBound(room, id)
  const [left, right] = [name(where.between.left), name(where.between.right)]
  if (left && right) return ` between ${left} and ${right}`
  return right ? `, left of ${right}` : left ? `, right of ${left}` : ''
}

/** What bounds a stretch: an opening, a cabinet, or another floor. */
const nameOfBound = (room: Room, id: string): string | undefined =>
  [...room.openings, ...room.pieces].find((each) => each.id === id)?.name ??
  room.foot.find((each) => each.id === id)?.floor?.colour.toLowerCase()

const bandLineOf = (edge: Edge): BandLine | null => {
  const where = readEdge(edge.key)
  return where?.is === 'meeting' ? where.line : null
}

const handHemOf = (room: Room, edge: Edge): HandHem | undefined => {
  const where = readEdge(edge.key)
  return where?.is === 'hand' ? room.handHems.find((each) => each.id === where.id) : undefined
}
