import { isFace, readFace, type FaceKey, type Opening, type PaintStep, type Room, type Shelf } from '../../base/nouns'
import { skirtingMm } from '../../survey/rooms/areas'
import { facesOfStep } from '../../survey/rooms/faces'
import { gunOf, oversprayMm } from './overspray'

/** Steps a gun puts on a broad field: walls, bands, ceilings, fronts of cabinets. Trim is narrow, and mist stays near it. */
export const fieldSprays = (room: Room): readonly PaintStep[] =>
  room.steps.filter((step) => step.tool === 'spray' && facesOfStep(room, step).some(isField))

const isField = (key: FaceKey): boolean =>
  isFace(key, 'ceiling') || isFace(key, 'wall') || isFace(key, 'band') || isFace(key, 'piece')

/**
 * Whether the mist of a sprayed step gets as far as an opening: in a room the fall-out of a ceiling or a wall settles on everything
 * (C28); on a front, in still air, it comes from a face on its own wall at once and along it as far as the wide fan drifts. A leaf
 * stands behind its casing from a skirting's mist.
 */
export function mistReaches(room: Room, shelf: Shelf, step: PaintStep, opening: Opening): boolean {
  if (fallsOut(room, step)) return true
  const reach = oversprayMm(gunOf(shelf), false, 0)
  return facesOfStep(room, step).some((key) => {
    const { kind, id } = readFace(key) ?? { kind: null, id: null }
    switch (kind) {
      case 'wall':
        return id === opening.wallId || cornerGapMm(room, id, opening) < reach
      case 'band': {
        const band = room.bands.find((each) => each.id === id)
        return Boolean(band?.wallIds.includes(opening.wallId) && bandGapMm(band, opening) < reach)
      }
      case 'casing':
      case 'leaf':
        return id === opening.id
      case 'ceiling':
        return room.heightMm - (opening.sillMm + opening.heightMm + opening.casingMm) < reach
      case 'skirting':
        return opening.casingMm === 0 && opening.sillMm < skirtingMm(room, opening.wallId)
      default:
        return false
    }
  })
}

/** From a neighbouring wall's corner to an opening, mm; walls that do not meet are out of reach. */
function cornerGapMm(room: Room, wallId: string | null, opening: Opening): number {
  const count = room.walls.length
  const own = room.walls.findIndex((wall) => wall.id === opening.wallId)
  const other = room.walls.findIndex((wall) => wall.id === wallId)
  const wall = room.walls[own]
  if (!wall || other < 0 || room.kind === 'elevation') return Number.POSITIVE_INFINITY
  const left = opening.atMm - opening.casingMm
  const right = wall.lengthMm - opening.atMm - opening.widthMm - opening.casingMm
  const gaps = [...(other === (own + 1) % count ? [right] : []), ...(other === (own - 1 + count) % count ? [left] : [])]
  return Math.min(Number.POSITIVE_INFINITY, ...gaps)
}

const bandGapMm = (band: { readonly fromMm: number; readonly toMm: number }, o: Opening): number =>
  Math.max(0, band.fromMm - (o.sillMm + o.heightMm + o.casingMm), o.sillMm - o.casingMm - band.toMm)

/** Whether a sprayed step leaves fall-out everywhere in its room: broad faces inside. */
export const fallsOut = (room: Room, step: PaintStep): boolean =>
  room.kind === 'room' &&
  step.tool === 'spray' &&
  facesOfStep(room, step).some((key) => isFace(key, 'ceiling') || isFace(key, 'wall') || isFace(key, 'band'))
