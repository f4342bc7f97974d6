import { nth } from '../units/sure'
import { type HouseRules, type PaintStep, type Room, readFace } from '../ground'
import type { Hem } from '../hems/deriveHems'
import type { Recipe } from '../recipes/recipe'
import { faceAreaMm2 } from '../survey/areas'
import { facesOfStep } from '../survey/faces'
import type { HemMinutes } from './wetTimes'

/** The work along one wall of a room in one coating step: its hems and the field beside them. */
export interface WallWork {
  readonly wallId: string
  readonly hems: readonly Hem[]
  /** Field of the step's faces that belongs to this wall, minutes for one practised painter and one coat. */
  readonly fieldMin: number
}

/** Splits a step by wall, left to right; a ceiling's, floor's or skirting's field is shared by wall length. */
export function workByWall(room: Room, step: PaintStep, hems: readonly Hem[], house: HouseRules): WallWork[] {
  const perM2 = { brush: house.rates.brushPerM2, roller: house.rates.rollPerM2, spray: house.rates.sprayPerM2 }[
    step.tool
  ]
  const around = room.walls.reduce((sum, wall) => sum + wall.lengthMm, 0)
  const faces = facesOfStep(room, step)
  return room.walls
    .map((wall) => {
      const areaMm2 = faces.reduce(
        (sum, key) => sum + faceAreaMm2(room, key) * shareOf(room, key, wall.id, wall.lengthMm / around),
        0,
      )
      return {
        wallId: wall.id,
        hems: hems.filter((hem) => paintWallOf(hem) === wall.id),
        fieldMin: (areaMm2 / 1e6) * perM2,
      }
    })
    .filter((work) => work.hems.length > 0 || work.fieldMin > 0)
}

/** The wall in whose colour a hem lies: its strip stays until the colour beside it is on. Other hems go by where they are. */
function paintWallOf(hem: Hem): string {
  const ref = readFace(hem.paint)
  return ref?.kind === 'wall' ? ref.id : nth(hem.segments, 0).wallId
}

function shareOf(room: Room, key: string, wallId: string, lengthShare: number): number {
  const { kind, id } = readFace(key) ?? { kind: null, id: null }
  if (kind === 'wall') return id === wallId ? 1 : 0
  const opening = room.openings.find((each) => each.id === id)
  if (opening) return opening.wallId === wallId ? 1 : 0
  return lengthShare
}

/** Acts on a wall's hems in the wet part of a round; the field is coated along with the hems beside it. */
export function wetMinutes(
  work: WallWork,
  recipes: ReadonlyMap<string, Recipe>,
  house: HouseRules,
  step: PaintStep,
  speed: number,
): HemMinutes[] {
  // A gun goes at its own pace, however many stand beside it.
  const fieldMin = step.tool === 'spray' ? work.fieldMin : work.fieldMin / speed
  const metresAll = work.hems.reduce((sum, hem) => sum + hem.lengthMm, 0) / 1000
  if (work.hems.length === 0) return [{ seal: 0, coat: fieldMin, pull: 0, wetSeal: false, wetPull: false }]
  return work.hems.map((hem) => {
    const metres = hem.lengthMm / 1000
    const recipe = recipes.get(hem.id)
    // Tape that a later colour needs as well stays on, and minds no wet edge now.
    const isFreed = hem.stepId === step.id
    const wetSeal = isFreed && recipe?.seal === 'wiped-sealant'
    const wetPull = isFreed && recipe?.pull === 'wet'
    const cutIn = coatMinutesOf(hem, recipe, house, step)
    return {
      seal: wetSeal ? (house.rates.sealPerM * metres) / speed : 0,
      coat: cutIn / speed + (fieldMin * metres) / metresAll,
      pull: wetPull ? (house.rates.pullPerM * metres) / speed : 0,
      wetSeal,
      wetPull,
    }
  })
}

/** Minutes one practised painter takes to coat along a hem, one coat; a gun needs no line cut. */
export function coatMinutesOf(hem: Hem, recipe: Recipe | undefined, house: HouseRules, step: PaintStep): number {
  if (step.tool === 'spray') return 0
  const perM = recipe?.way === 'freehand' ? house.rates.freehandPerM : house.rates.cutInPerM
  return (perM * hem.lengthMm) / 1000
}
