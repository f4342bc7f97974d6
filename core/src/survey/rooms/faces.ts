import { onceFor } from '../../base/units/onceFor'
import { nth } from '../../base/units/sure'
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
} from '../../base/nouns'
import { isNarrow } from './bandShape'
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
      return insideOf(byId(room.pieces)?.face)
    case 'fitting':
      return byId(room.fittings) ? FITTING_FACE : null
  }
}

/** Inside a cabinet's mouth its old finish stays, whatever is done to its outside. */
const insideOf = (front: Face | null | undefined): Face | null =>
  front ? { ...front, dusty: false, prep: [], paintAtHand: false } : null

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
  room.scopes.find((scope) => scope.face === key)?.scope ?? null

/** A step of the coating plan, and its place in the order. */
export interface PlacedStep {
  readonly step: PaintStep
  readonly index: number
}

/**
 * The steps that paint a face, in order: what lies below, then what is seen. Empty where it is kept. A step that names
 * the face itself stands for those that name its group, except for undercoats: a group's step all of whose faces are
 * named by later ones would paint nothing else, so it is meant below them. A face that takes the wall's colour goes
 * with its wall.
 */
export function stepsOf(room: Room, key: FaceKey): readonly PlacedStep[] {
  const steps = paintedBy(room)
  const known = steps.get(key) ?? findSteps(room, key)
  steps.set(key, known)
  return known
}

/** What was found for a room already; a room never changes, its next version is another. */
const paintedBy = onceFor((_room: Room) => new Map<FaceKey, readonly PlacedStep[]>())

function findSteps(room: Room, key: FaceKey): readonly PlacedStep[] {
  // Glass is never painted because the leaves are: of a window's leaf there is nothing but the pane.
  if (isFace(key, 'leaf') && lookUp(room, key)?.material === 'glass') return []
  const scope = scopeOf(room, key)
  if (scope === 'takes-wall-colour' && !isFace(key, 'wall')) return stepsOf(room, wallOf(room, key))
  if (scope !== null && scope !== 'takes-wall-colour') return []
  const group = groupOf(key)
  const placed = room.steps.map((step, index) => ({ step, index }))
  const own = placed.filter(({ step }) => step.targets.includes(key))
  const ofGroup = placed.filter(({ step }) => step.targets.includes(group) && !step.targets.includes(key))
  if (own.length === 0) return ofGroup
  return [...ofGroup.filter((each) => isUndercoat(room, each)), ...own].sort((a, b) => a.index - b.index)
}

/** Whether every face of a step's groups is named by a later step. */
const isUndercoat = (room: Room, { step, index }: PlacedStep): boolean =>
  faceKeys(room)
    .filter((key) => step.targets.includes(groupOf(key)))
    .every((key) => room.steps.some((later, i) => i > index && later.targets.includes(key)))

/** The step whose colour is seen on a face, and its place in the order; null when the face is kept. */
export const stepOf = (room: Room, key: FaceKey): PlacedStep | null => stepsOf(room, key).at(-1) ?? null

/** The wall a face stands on; the first one for faces that go round. */
export function wallOf(room: Room, key: FaceKey): FaceKey {
  const id = thingOf(key)
  const thing = [...room.openings, ...room.fittings, ...room.pieces].find((each) => each.id === id)
  const band = room.bands.find((each) => each.id === id)
  return face('wall', thing?.wallId ?? band?.wallIds[0] ?? nth(room.walls, 0).id)
}

/** Every face a step really paints, seen in the end or below a later colour. */
export const facesOfStep = (room: Room, step: PaintStep): FaceKey[] =>
  faceKeys(room).filter((key) => stepsOf(room, key).some((each) => each.step.id === step.id))

const coatsBelowSteps = onceFor((room: Room): ReadonlyMap<string, number> => {
  const faces = room.steps.map((step) => new Set(facesOfStep(room, step)))
  const below = (i: number) =>
    room.steps.slice(0, i).filter((_, k) => [...nth(faces, k)].some((key) => nth(faces, i).has(key)))
  return new Map(room.steps.map((step, i) => [step.id, below(i).reduce((sum, under) => sum + under.coats, 0)]))
})

/** Coats of earlier steps below those of a step. Coats of a face are counted from the first of them all. */
export const coatsBelow = (room: Room, step: PaintStep): number => coatsBelowSteps(room).get(step.id) ?? 0

/** The number of a step's last coat. */
export const lastCoatOf = (room: Room, step: PaintStep): number => coatsBelow(room, step) + step.coats

/** The colour a step meets on a face: that of the step below it, or what is there already. */
export function swatchBelow(room: Room, key: FaceKey, step: PaintStep): string {
  const under = stepsOf(room, key).filter((each) => each.index < room.steps.indexOf(step))
  return under.at(-1)?.step.swatch ?? faceOf(room, key).swatch
}

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
      const isPane = room.openings.find((opening) => opening.id === id)?.kind === 'window'
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
      const other = room.foot.find((stretch) => stretch.id === id)?.floor?.colour
      return outside ? named('ground') : other === undefined ? named('floor') : named('other-floor', other)
    }
    case 'skirting':
      return named('skirting')
    case undefined:
      return named('unknown', key)
  }
}

/** Walls and ceilings are broad enough that their lines are cut in before or after them; a narrow band is painted with its lines. */
export const isBroad = (room: Pick<Room, 'bands'>, key: FaceKey): boolean => {
  const { kind, id } = readFace(key) ?? { kind: null, id: null }
  if (kind !== 'band') return kind === 'wall' || kind === 'ceiling'
  const band = room.bands.find((each) => each.id === id)
  return band !== undefined && !isNarrow(band)
}
