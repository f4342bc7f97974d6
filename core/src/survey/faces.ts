import { nth } from '../units/sure'
import {
  CoreError,
  type Face,
  type FaceScope,
  type PaintStep,
  type Room,
  face,
  type FaceKey,
  isFace,
  readFace,
  thingOf,
  type ThingFace,
  type WholeFace,
  type FaceName,
} from '../ground'
import { USUAL_FACES } from './roomTemplate'

/** Faces an area can paint or keep, in the order of the survey. */
export function faceKeys(room: Room): FaceKey[] {
  return [
    'ceiling',
    ...room.walls.map((wall) => face('wall', wall.id)),
    ...room.bands.map((band) => face('band', band.id)),
    ...(room.skirting ? ['skirting'] : []),
    ...room.openings.flatMap((opening) => [
      ...(opening.casing && opening.casingMm > 0 ? [face('casing', opening.id)] : []),
      ...(opening.leaf ? [face('leaf', opening.id)] : []),
      ...(opening.kind === 'glazed-doors' ? [face('glass', opening.id)] : []),
    ]),
    ...room.pieces.map((piece) => face('piece', piece.id)),
    'floor',
    ...room.foot.filter((stretch) => stretch.floor).map((stretch) => face('floor', stretch.id)),
  ]
}

/** @throws CoreError survey.unknown_face */
export function faceOf(room: Room, key: FaceKey): Face {
  const found = lookUp(room, key)
  if (!found) throw new CoreError('survey.unknown_face', { face: key, room: room.name })
  return found
}

export const hasFace = (room: Room, key: FaceKey): boolean => Boolean(lookUp(room, key))

function lookUp(room: Room, key: FaceKey): Face | null | undefined {
  const ref = readFace(key)
  if (!ref) return null
  const byId = <T extends { readonly id: string }>(list: readonly T[]) => list.find((each) => each.id === ref.id)
  switch (ref.kind) {
    case 'ceiling':
      return room.ceiling
    case 'floor':
      return ref.id === null ? room.floor : byId(room.foot)?.floor
    case 'skirting':
      return room.skirting?.face
    case 'wall':
      return byId(room.walls)?.face
    case 'band':
      return byId(room.bands)?.face
    case 'casing':
      return byId(room.openings)?.casing
    case 'leaf':
      return byId(room.openings)?.leaf
    case 'glass':
      return glassOf(room, ref.id)
    case 'piece':
      return byId(room.pieces)?.face
    case 'inside':
      return byId(room.pieces) ? FITTING_FACE : null
    case 'fitting':
      return byId(room.fittings) ? FITTING_FACE : null
  }
}

function glassOf(room: Room, id: string): Face | null {
  const opening = room.openings.find((each) => each.id === id)
  if (opening?.kind !== 'glazed-doors') return null
  return opening.glazing?.textured ? TEXTURED_GLASS : USUAL_FACES.glass
}

const TEXTURED_GLASS: Face = { ...USUAL_FACES.glass, texture: 'stipple', colour: 'Textured glass' }

/** What a socket, switch or vent plate is to a tape: hard smooth plastic, nothing to lift. */
const FITTING_FACE: Face = {
  ...USUAL_FACES.glass,
  material: 'plastic',
  sheen: 'satin',
  colour: 'fitting',
  swatch: '#e9e6df',
}

/** The group a face belongs to in a coating step. */
export const groupOf = (key: FaceKey): string => {
  const kind = readFace(key)?.kind
  return kind === undefined ? key : (GROUPS[kind] ?? kind)
}

const GROUPS: Partial<Record<ThingFace | WholeFace, string>> = {
  wall: 'walls',
  band: 'bands',
  casing: 'casings',
  leaf: 'leaves',
  piece: 'pieces',
}

/** What the scope says of a face; null where nothing was said. */
export const scopeOf = (room: Room, key: FaceKey): FaceScope | null =>
  room.scopes.find((each) => each.face === key)?.scope ?? null

/**
 * The step that paints a face, and its place in the order. A step that names the face itself wins over one that
 * names its group; a face that takes the wall's colour goes with its wall; null when the face is kept.
 */
export function stepOf(room: Room, key: FaceKey): { step: PaintStep; index: number } | null {
  const scope = scopeOf(room, key)
  if (scope === 'takes-wall-colour' && !isFace(key, 'wall')) return stepOf(room, wallOf(room, key))
  if (scope !== null && scope !== 'takes-wall-colour') return null
  const group = groupOf(key)
  const byName = room.steps.findIndex((step) => step.targets.includes(key))
  const index = byName >= 0 ? byName : room.steps.findIndex((step) => step.targets.includes(group))
  return index < 0 ? null : { step: nth(room.steps, index), index }
}

/** The wall a face stands on; the first one for faces that go round. */
export function wallOf(room: Room, key: FaceKey): FaceKey {
  const id = thingOf(key)
  const thing = [...room.openings, ...room.fittings, ...room.pieces].find((each) => each.id === id)
  const band = room.bands.find((each) => each.id === id)
  return face('wall', thing?.wallId ?? band?.wallIds[0] ?? nth(room.walls, 0).id)
}

/** Every face a step really paints. */
export const facesOfStep = (room: Room, step: PaintStep): FaceKey[] =>
  faceKeys(room).filter((key) => stepOf(room, key)?.step.id === step.id)

/** What a face is called, for the catalogue to make words of. */
export function faceName(room: Room, key: FaceKey): FaceName {
  const ref = readFace(key)
  const id = ref?.id ?? null
  const nameIn = (list: readonly { readonly id: string; readonly name: string }[]) =>
    list.find((each) => each.id === id)?.name ?? ''
  const named = (kind: FaceName['kind'], name = ''): FaceName => ({ is: 'face', kind, name })
  const outside = room.kind === 'elevation'
  switch (ref?.kind) {
    case 'wall':
      return outside && room.walls.length === 1 ? named('only-wall') : named('wall', nameIn(room.walls))
    case 'band':
      return named('band', nameIn(room.bands))
    case 'casing':
      return named('casing', nameIn(room.openings))
    case 'leaf': {
      const isPane = room.openings.find((each) => each.id === id)?.kind === 'window'
      return named(isPane ? 'pane' : 'leaf', nameIn(room.openings))
    }
    case 'glass':
      return named('glass', nameIn(room.openings))
    case 'fitting':
      return named('fitting', nameIn(room.fittings))
    case 'piece':
      return named('piece', nameIn(room.pieces))
    case 'inside':
      return named('inside', nameIn(room.pieces))
    case 'ceiling':
      return named(outside ? 'soffit' : 'ceiling')
    case 'floor': {
      const other = room.foot.find((each) => each.id === id)?.floor?.colour
      return outside ? named('ground') : other === undefined ? named('floor') : named('other-floor', other)
    }
    case 'skirting':
      return named('skirting')
    case undefined:
      return named('unknown', key)
  }
}
