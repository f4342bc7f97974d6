import { isFace, readFace, type FaceKey, type HouseRules, type PaintStep, type Room } from '../../base/nouns'
import { faceAreaMm2 } from './areas'
import { leavesOf, type Leaves } from './leaves'
import { skirtingRunMm, trimRunMm } from './trim'

/** Minutes one practised painter takes for one coat of a face: doors by their sides, trim by its run, the rest by area; a gun by area. */
export function fieldMinutes(room: Room, key: FaceKey, step: PaintStep, house: HouseRules): number {
  const { rates } = house
  const areaM2 = () => faceAreaMm2(room, key) / 1e6
  const leaves = leavesOf(room, key)
  if (leaves) return leafMinutes(leaves, step.tool, house)
  if (step.tool === 'spray') return areaM2() * rates.sprayPerM2
  const runMm = trimRunMm(room, key)
  if (runMm !== null) return (runMm / 1000) * rates.trimPerM
  if (step.tool === 'brush') return areaM2() * rates.brushPerM2
  return areaM2() * (isFace(key, 'ceiling') ? rates.ceilingPerM2 : rates.rollPerM2)
}

/** One coat of doors by the sides that are painted; the frame of cabinets goes with their doors. */
function leafMinutes({ kind, sides }: Leaves, tool: PaintStep['tool'], { rates }: HouseRules): number {
  if (tool === 'spray') return sides * rates.sprayedSideEach
  return sides * (kind === 'door' ? rates.doorSideEach : rates.cabinetSideEach)
}

/** What of a face belongs to a wall, 0 … 1: all of what stands on it; of what goes round by the length on it. */
export function shareOnWall(room: Room, key: FaceKey, wallId: string): number {
  const { kind, id } = readFace(key) ?? { kind: null, id: null }
  if (kind === 'wall') return id === wallId ? 1 : 0
  const standing = [...room.openings, ...room.pieces].find((each) => each.id === id)
  if (standing) return standing.wallId === wallId ? 1 : 0
  // A band lies on some walls only.
  const on = kind === 'band' ? room.bands.find((band) => band.id === id)?.wallIds : undefined
  const lengthOf = (id_: string) =>
    on && !on.includes(id_)
      ? 0
      : kind === 'skirting'
        ? skirtingRunMm(room, id_)
        : (room.walls.find((wall) => wall.id === id_)?.lengthMm ?? 0)
  const around = room.walls.reduce((sum, wall) => sum + lengthOf(wall.id), 0)
  return around === 0 ? 0 : lengthOf(wallId) / around
}
