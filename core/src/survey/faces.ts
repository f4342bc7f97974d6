import { CoreError } from '../errors'
import type { Face, PaintStep, Room } from './types'

/** Names one face of a room: `ceiling`, `floor`, `skirting`, `wall:w1`, `casing:o2`, `leaf:o2`, `fitting:f3`. */
export type FaceKey = string

/** Faces a room can paint or keep, in the order of the survey. */
export function faceKeys(room: Room): FaceKey[] {
  return [
    'ceiling',
    ...room.walls.map((wall) => `wall:${wall.id}`),
    ...(room.skirting ? ['skirting'] : []),
    ...room.openings.flatMap((opening) => [
      ...(opening.casing && opening.casingMm > 0 ? [`casing:${opening.id}`] : []),
      ...(opening.leaf ? [`leaf:${opening.id}`] : []),
    ]),
    'floor',
  ]
}

/** @throws CoreError survey.unknown_face */
export function faceOf(room: Room, key: FaceKey): Face {
  const [kind, id] = key.split(':')
  const face = ((): Face | null | undefined => {
    switch (kind) {
      case 'ceiling':
        return room.ceiling
      case 'floor':
        return room.floor
      case 'skirting':
        return room.skirting?.face
      case 'wall':
        return room.walls.find((wall) => wall.id === id)?.face
      case 'casing':
        return room.openings.find((opening) => opening.id === id)?.casing
      case 'leaf':
        return room.openings.find((opening) => opening.id === id)?.leaf
      case 'fitting':
        return room.fittings.some((fitting) => fitting.id === id) ? FITTING_FACE : null
      default:
        return null
    }
  })()
  if (!face) throw new CoreError('survey.unknown_face', { face: key, room: room.name })
  return face
}

/** What a socket, switch or vent plate is to a tape: hard smooth plastic, nothing to lift. */
const FITTING_FACE: Face = {
  material: 'plastic',
  texture: 'glassy',
  sheen: 'satin',
  soundness: 'unpainted hard',
  dusty: false,
  colour: 'fitting',
  swatch: '#e9e6df',
  last: null,
  paintAtHand: false,
}

/** The group a face belongs to in a coating step. */
export function groupOf(key: FaceKey): string {
  const kind = key.split(':')[0]!
  const groups: Record<string, string> = { wall: 'walls', casing: 'casings', leaf: 'leaves' }
  return groups[kind] ?? kind
}

/**
 * The step that paints a face, and its place in the order. A step that names the face itself wins over one that
 * names its group; null when the face is kept.
 */
export function stepOf(room: Room, key: FaceKey): { step: PaintStep; index: number } | null {
  const group = groupOf(key)
  const byName = room.steps.findIndex((step) => step.targets.includes(key))
  const index = byName >= 0 ? byName : room.steps.findIndex((step) => step.targets.includes(group))
  return index < 0 ? null : { step: room.steps[index]!, index }
}

/** Every face a step really paints. */
export const facesOfStep = (room: Room, step: PaintStep): FaceKey[] =>
  faceKeys(room).filter((key) => stepOf(room, key)?.step.id === step.id)

/** A face in words: `wall C`, `casing of door 1`, `skirting`. */
export function faceWords(room: Room, key: FaceKey): string {
  const [kind, id] = key.split(':')
  const opening = room.openings.find((each) => each.id === id)
  switch (kind) {
    case 'wall':
      return `wall ${room.walls.find((wall) => wall.id === id)?.name ?? '?'}`
    case 'casing':
      return `casing of ${opening?.name ?? '?'}`
    case 'leaf':
      return opening?.kind === 'window' ? `glass of ${opening.name}` : (opening?.name ?? '?')
    case 'fitting':
      return room.fittings.find((fitting) => fitting.id === id)?.name ?? 'fitting'
    default:
      return kind!
  }
}
