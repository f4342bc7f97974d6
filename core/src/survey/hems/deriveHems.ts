import type { Arc } from '../rooms/curve'
import { lumpAnswer, type LumpAnswer } from '../lines/lumps'
import { snapLine, type SnapLine } from '../lines/snapLine'
import { lastFor } from '../../base/units/lastFor'
import { sure } from '../../base/units/sure'
import type { Edge, EdgeKind, EdgeSegment } from './edge'
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
  type BandSide,
  type HandHem,
  type FaceKey,
  type FaceName,
  type PlaceName,
  type EdgeKey,
} from '../../base/nouns'
import { coatingOf } from '../shelf/find'
import { faceOf, faceName, hasFace, stepOf, stepsOf, wallOf, type PlacedStep } from '../rooms/faces'
import { isBagged } from '../rooms/fittings'
import { edgesByHand } from './byHand'
import { roomEdges } from './edges'

/** One stretch of edge to keep crisp. */
export interface Hem {
  /** `roomId/edgeKey`: outlives changes of size. */
  readonly id: string
  readonly roomId: string
  readonly kind: EdgeKind
  /** What it is called: its wall, and which line there. */
  readonly place: PlaceName
  readonly lengthMm: number
  readonly corners: number
  readonly orientation: Edge['orientation']
  readonly segments: readonly EdgeSegment[]
  readonly laps: number
  readonly panes: number
  readonly radiusMm: number
  /** A line that bends on its face; null for straight ones. */
  readonly curve: Arc | null
  readonly gapMm: number
  readonly gapVaries: boolean
  /** Round a fitting that stands out from the wall, so that tape alone does not cover it. */
  readonly standsOut: boolean
  /** How its line runs, and how far an old edge wanders, mm. */
  readonly line: LineWay
  readonly wanderMm: number
  /** The line to snap over it, where somebody read the edge; null where nobody did. */
  readonly snap: SnapLine | null
  /** What is done where the face it is laid on stands out or lies back. */
  readonly lumps: readonly LumpAnswer[]
  /** The face that stays clean, and the step that painted it earlier in this job, if one did. */
  readonly keep: FaceKey
  readonly keepStepId: string | null
  /** The face that is coated along the hem, and by which step. */
  readonly paint: FaceKey
  readonly stepId: string
  /** The steps its masking stays on for, in order; the last is `stepId`. Undercoats come before it. */
  readonly stepIds: readonly string[]
}

/** An edge without a hem, and why. */
export interface BareEdge {
  readonly roomId: string
  readonly edge: EdgeKey
  readonly kind: EdgeKind
  readonly place: PlaceName
  readonly segments: readonly EdgeSegment[]
  readonly why:
    | 'nothing-painted'
    | 'same-colour-both-sides'
    | 'shielded'
    | 'left-out'
    | 'replaced-soon'
    | 'fitting-taken-off'
    | 'fitting-takes-the-wall-colour'
  /** What somebody wrote of it, or the face that has the same colour. */
  readonly note: string | FaceName
}

/**
 * Which lines of an area must be kept crisp. A hem exists where two different results meet; the side coated later
 * is the paint side, the other is kept. Order decides: each colour may run over an edge that a later one covers.
 */
export const deriveHems = lastFor((room: Room, shelf: Shelf): { hems: Hem[]; bare: BareEdge[] } => {
  const hems: Hem[] = []
  const bare: BareEdge[] = []
  for (const edge of edgesByHand(room, roomEdges(room))) {
    // A hem drawn by hand names its sides; one of them may have gone since.
    if (edge.kind === 'by-hand' && !(hasFace(room, edge.a) && hasFace(room, edge.b))) continue
    const why = reasonForNone(room, shelf, edge)
    if (why)
      bare.push({
        roomId: room.id,
        edge: edge.key,
        kind: edge.kind,
        place: placeName(room, edge),
        segments: edge.segments,
        ...why,
      })
    else hems.push(hemOn(room, edge))
  }
  return { hems, bare }
})

function reasonForNone(room: Room, shelf: Shelf, edge: Edge): Pick<BareEdge, 'why' | 'note'> | null {
  const note = room.edgeNotes.find((each) => each.edge === edge.key)
  if (note) return { why: note.note, note: note.reason }
  const [stepA, stepB] = [stepOf(room, edge.a), stepOf(room, edge.b)]
  if (!stepA && !stepB) return { why: 'nothing-painted', note: '' }
  const scope = fittingScope(room, edge)
  if (scope === 'take-off') return { why: 'fitting-taken-off', note: '' }
  if (scope === 'takes-wall-colour') return { why: 'fitting-takes-the-wall-colour', note: '' }
  if (scope === 'shielded' || scope === 'replaced-soon') return { why: scope, note: '' }
  for (const key of [edge.a, edge.b]) {
    const said = room.scopes.find((each) => each.face === key)
    if (said?.scope === 'shielded' || said?.scope === 'replaced-soon') return { why: said.scope, note: said.note }
    if (said?.scope === 'takes-wall-colour' && isOfWall(room, edge, key)) {
      return { why: 'same-colour-both-sides', note: faceName(room, key) }
    }
  }
  // What is in a cabinet is kept from the gun, be its new colour the old one.
  if (edge.kind === 'by-hand' || edge.kind === 'cabinet-mouth') return null
  const [a, b] = [resultOf(room, shelf, edge.a, stepA?.step), resultOf(room, shelf, edge.b, stepB?.step)]
  if (a.colour === b.colour && a.sheen === b.sheen) return { why: 'same-colour-both-sides', note: a.colour }
  return null
}

/** Whether the other side of an edge is the wall a face takes its colour from. */
const isOfWall = (room: Room, edge: Edge, key: FaceKey): boolean => {
  const other = key === edge.a ? edge.b : edge.a
  return other === wallOf(room, key) || (isFace(other, 'wall') && isFace(key, 'skirting'))
}

const fittingScope = (room: Room, edge: Edge) =>
  isFace(edge.b, 'fitting') ? room.fittings.find((fitting) => fitting.id === thingOf(edge.b))?.scope : undefined

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
  const aIsPaint = edge.kind === 'by-hand' ? stepA !== null : (stepA?.index ?? -1) > (stepB?.index ?? -1)
  const paintStep = sure(aIsPaint ? stepA : stepB)
  const keepStep = aIsPaint ? stepB : stepA
  const noted = room.lines.find((line) => line.edge === edge.key)
  const lumps = noted?.lumps.map(lumpAnswer) ?? []
  return {
    id: writeHem({ roomId: room.id, edge: edge.key }),
    roomId: room.id,
    kind: edge.kind,
    place: placeName(room, edge),
    lengthMm: edge.lengthMm,
    // Each end of a piece, and each cut, costs what a corner does.
    corners: edge.corners + lumps.reduce((sum, { count }) => sum + count, 0),
    orientation: edge.orientation,
    segments: edge.segments,
    laps: edge.laps,
    panes: edge.panes,
    radiusMm: edge.radiusMm,
    curve: edge.curve,
    gapMm: edge.gapMm,
    gapVaries: edge.gapVaries,
    standsOut: room.fittings.some((fitting) => face('fitting', fitting.id) === edge.b && isBagged(room, fitting)),
    line:
      noted?.way ??
      usualWay({
        edge,
        bothPainted: stepA !== null && stepB !== null,
        wanderMm: noted?.wanderMm ?? 0,
        isRail: isRail(room, edge.a) || isRail(room, edge.b),
      }),
    wanderMm: noted?.wanderMm ?? 0,
    snap: noted ? snapLine(noted) : null,
    lumps,
    keep: aIsPaint ? edge.b : edge.a,
    keepStepId: keepStep?.step.id ?? null,
    paint: aIsPaint ? edge.a : edge.b,
    stepId: paintStep.step.id,
    stepIds: maskedSteps(room, aIsPaint ? edge.a : edge.b, paintStep, keepStep),
  }
}

/**
 * One masking serves every coat that comes after the keep side has its colour: undercoat and colour share the tape. What
 * lies before that may run over the edge.
 */
function maskedSteps(room: Room, paint: FaceKey, last: PlacedStep, keep: PlacedStep | null): string[] {
  const after = keep && keep.index < last.index ? keep.index : -1
  return stepsOf(room, paint)
    .filter(({ index }) => index > after && index <= last.index)
    .map(({ step }) => step.id)
}

interface UsualWaySetup {
  readonly edge: Edge
  readonly bothPainted: boolean
  readonly wanderMm: number
  /** It runs along a rail that is fixed to the wall. */
  readonly isRail: boolean
}

const isRail = (room: Room, key: FaceKey): boolean =>
  isFace(key, 'band') && room.bands.find(({ id }) => id === thingOf(key))?.kind === 'chair-rail'

/**
 * A line that has to be made is straight. Where both sides are painted the joint itself becomes the line; where only
 * one is, an old edge that wanders is straightened over, and a true one followed.
 */
function usualWay({ edge, bothPainted, wanderMm, isRail: hasRail }: UsualWaySetup): LineWay {
  // A rail is there to be followed: nobody marks a line along it.
  if (edge.kind === 'two-tone-line' && !hasRail) return 'straighten'
  if (bothPainted) return 'true-joint'
  return wanderMm > 0 ? 'straighten' : 'follow'
}

/** What an edge is called, for the catalogue to make words of. */
function placeName(room: Room, edge: Edge): PlaceName {
  const where = readEdge(edge.key)
  const between = where?.is === 'meeting' ? where.between : null
  const own = edge.kind === 'by-hand' ? handName(room, edge) : nameOf(room, edge)
  return {
    is: 'place',
    line: lineOf(room, edge),
    wall: faceName(room, face('wall', edge.segments[0]?.wallId ?? '')),
    zone: isFace(edge.a, 'band') && edge.kind !== 'two-tone-line' ? faceName(room, edge.a) : null,
    of: own,
    beside: edge.kind === 'wall-to-wall' ? faceName(room, edge.b) : null,
    bandLine: bandLineOf(room, edge),
    left: boundName(room, between?.left ?? ''),
    right: boundName(room, between?.right ?? ''),
  }
}

/** A line by its kind; outside the ceiling is a soffit. */
function lineOf(room: Room, { kind }: Edge) {
  if (room.kind !== 'elevation') return kind
  if (kind === 'wall-to-ceiling') return 'wall-to-soffit' as const
  return kind === 'ceiling-to-fitting' ? ('soffit-to-fitting' as const) : kind
}

/** Round a plate or what stands out, on a wall or a ceiling. */
export const isRoundFitting = ({ kind }: Pick<Hem, 'kind'>): boolean =>
  kind === 'wall-to-fitting' || kind === 'ceiling-to-fitting'

/** The face, or the opening, that a line is told by. */
function nameOf(room: Room, edge: Edge): FaceName | null {
  switch (edge.kind) {
    case 'two-tone-line':
      return shapeName(room, edge) ?? faceName(room, edge.a)
    case 'wall-to-wall':
    case 'cabinet-mouth':
    case 'stair-string':
      return faceName(room, edge.a)
    case 'wall-to-piece':
    case 'wall-to-fitting':
    case 'ceiling-to-fitting':
      return faceName(room, edge.b)
    case 'wall-to-casing':
    case 'casing-to-glass':
    case 'wall-to-frame':
      return { is: 'face', kind: 'opening', name: openingName(room, edge.b) }
    case 'casing-to-floor':
      return { is: 'face', kind: 'opening', name: openingName(room, edge.a) }
    case 'ceiling-to-window':
      return faceName(room, edge.b)
    case 'wall-to-ceiling':
    case 'wall-to-skirting':
    case 'skirting-to-floor':
    case 'wall-to-floor':
    case 'by-hand':
      return null
  }
}

/** Of the line between two bands, on which side of the first it lies. */
function sideOfBand(room: Room, edge: Edge): BandSide | null {
  const band = room.bands.find(({ id }) => edge.a === face('band', id))
  if (!band || !isFace(edge.b, 'band')) return null
  return edge.segments[0]?.y1 === band.toMm ? 'over' : 'under'
}

/** A band's shape among several is told by its number; null for lines of no single shape. */
function shapeName(room: Room, edge: Edge): FaceName | null {
  const where = readEdge(edge.key)
  if (where?.is !== 'shape' || where.run === null) return null
  const { shapeId } = where.run
  const band = room.bands.find(({ id }) => id === where.bandId)
  const shapes = band?.shapes.filter(({ wallId }) => wallId === where.wallId) ?? []
  if (!band || shapes.length < 2) return null
  return { is: 'face', kind: 'band', name: `${band.name} ${shapes.findIndex(({ id }) => id === shapeId) + 1}` }
}

const openingName = (room: Room, key: FaceKey): string =>
  room.openings.find((opening) => opening.id === thingOf(key))?.name ?? ''

const handName = (room: Room, edge: Edge): FaceName => ({
  is: 'face',
  kind: 'hand-hem',
  name: handHemOf(room, edge)?.name ?? '',
})

/** What bounds a stretch: an opening, a cabinet, or another floor. */
const boundName = (room: Room, id: string): string =>
  [...room.openings, ...room.pieces].find((each) => each.id === id)?.name ??
  room.foot.find((stretch) => stretch.id === id)?.floor?.colour.toLowerCase() ??
  ''

/** On which side of its band a line lies. A shape lies to the left of its line. */
function bandLineOf(room: Room, edge: Edge): BandSide | null {
  const where = readEdge(edge.key)
  if (where?.is === 'meeting') return where.line ?? sideOfBand(room, edge)
  if (where?.is !== 'shape') return null
  if (where.run === null) return 'round'
  const [first, last] = [sure(edge.segments[0]), sure(edge.segments.at(-1))]
  if (edge.orientation === 'upright') return last.y2 > first.y1 ? 'right' : 'left'
  return last.x2 > first.x1 ? 'under' : 'over'
}

const handHemOf = (room: Room, edge: Edge): HandHem | undefined => {
  const where = readEdge(edge.key)
  return where?.is === 'hand' ? room.handHems.find((hem) => hem.id === where.id) : undefined
}
