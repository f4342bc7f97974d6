import { nth } from '../../base/units/sure'
import {
  type FaceKey,
  type FieldOrder,
  type HemId,
  type HouseRules,
  type PaintStep,
  type Room,
  readFace,
} from '../../base/nouns'
import type { Hem } from '../../survey/hems/deriveHems'
import type { Recipe } from '../../masking/recipes/recipe'
import { trimRunMm } from '../../survey/rooms/trim'
import { facesOfStep, isBroad } from '../../survey/rooms/faces'
import { fieldMinutes, shareOnWall } from '../../survey/rooms/fieldMinutes'
import type { HemMinutes } from './wetTimes'

/** The work along one wall of a room in one coating step: its hems and the field beside them. */
export interface WallWork {
  readonly wallId: string
  readonly hems: readonly Hem[]
  /** Which part of the wall it is, 1 from the left; null for all of it. */
  readonly part: number | null
  /** Faces brushed in one with the lines on them, by hem: minutes for one practised painter and one coat. */
  readonly alongMin: ReadonlyMap<HemId, number>
  /** The wall's other faces, likewise: they may be done apart from its lines. */
  readonly restMin: number
}

/** Splits a step by wall, left to right; a ceiling's, floor's or skirting's field is shared by its length on each. */
export function workByWall(room: Room, step: PaintStep, hems: readonly Hem[], house: HouseRules): WallWork[] {
  const fields = facesOfStep(room, step).map((key) => ({ key, minutes: fieldMinutes(room, key, step, house) }))
  return room.walls
    .map((wall): WallWork => {
      const own = hems.filter((hem) => paintWallOf(hem) === wall.id)
      const onWall = fields.map(({ key, minutes }) => ({ key, minutes: minutes * shareOnWall(room, key, wall.id) }))
      const isAlong = (key: FaceKey) =>
        step.tool !== 'spray' && !isBroad(room, key) && own.some((hem) => hem.paint === key)
      const along = onWall.filter(({ key }) => isAlong(key))
      return {
        wallId: wall.id,
        part: null,
        hems: own,
        alongMin: new Map(along.flatMap((field) => sharedAmong(own, field))),
        restMin: onWall.reduce((sum, { key, minutes }) => sum + (isAlong(key) ? 0 : minutes), 0),
      }
    })
    .filter((work) => work.hems.length > 0 || work.restMin > 0)
}

/** A face's minutes among the lines on it, by their length. */
function sharedAmong(
  hems: readonly Hem[],
  { key, minutes }: { readonly key: FaceKey; readonly minutes: number },
): [HemId, number][] {
  const own = hems.filter((hem) => hem.paint === key)
  const all = metresOf(own)
  return own.map((hem) => [hem.id, (minutes * hem.lengthMm) / 1000 / all])
}

/** Length of some hems together, m. */
export const metresOf = (hems: readonly { readonly lengthMm: number }[]): number =>
  hems.reduce((sum, hem) => sum + hem.lengthMm, 0) / 1000

/** The wall in whose colour a hem lies: its strip stays until the colour beside it is on. Other hems go by where they are. */
function paintWallOf(hem: Hem): string {
  const ref = readFace(hem.paint)
  return ref?.kind === 'wall' ? ref.id : nth(hem.segments, 0).wallId
}

/**
 * When the faces that are not brushed along with their lines are filled in: with them, or apart from what has to stay wet,
 * as their recipes say. A gun does field and line as one.
 */
export function fieldOrderOf(
  works: readonly WallWork[],
  recipes: ReadonlyMap<string, Recipe>,
  step: PaintStep,
): FieldOrder {
  const wet = works.flatMap((work) =>
    work.hems.flatMap((hem) => {
      const recipe = hem.stepId === step.id ? recipes.get(hem.id) : undefined
      return recipe?.pull === 'wet' ? [recipe.fieldOrder] : []
    }),
  )
  const hasRest = works.some((work) => work.restMin > 0)
  if (wet.length === 0 || !hasRest || step.tool === 'spray') return 'within'
  return wet.find((order) => order !== 'within') ?? 'within'
}

interface WetMinutesSetup {
  readonly room: Room
  readonly work: WallWork
  readonly recipes: ReadonlyMap<string, Recipe>
  readonly house: HouseRules
  readonly step: PaintStep
  readonly speed: number
  readonly isApart: boolean
}

/** Acts on a wall's hems in the wet part of a round; a field that is not rolled apart is coated along with them. */
export function wetMinutes({ room, work, recipes, house, step, speed, isApart }: WetMinutesSetup): HemMinutes[] {
  // A gun goes at its own pace, however many stand beside it.
  const pace = step.tool === 'spray' ? 1 : speed
  const restMin = isApart ? 0 : work.restMin / pace
  const metresAll = metresOf(work.hems)
  if (work.hems.length === 0) return [{ seal: 0, coat: restMin, pull: 0, wetSeal: false, wetPull: false }]
  return work.hems.map((hem) => {
    const metres = hem.lengthMm / 1000
    const recipe = recipes.get(hem.id)
    // Tape that a later colour needs as well stays on, and minds no wet edge now.
    const isFreed = hem.stepId === step.id
    const wetSeal = isFreed && recipe?.seal === 'wiped-sealant'
    const wetPull = isFreed && recipe?.pull === 'wet'
    const lineMin = coatMinutesOf({ room, hem, recipe, house, step }) + (work.alongMin.get(hem.id) ?? 0)
    return {
      seal: wetSeal ? (house.rates.sealPerM * metres) / speed : 0,
      coat: lineMin / speed + (restMin * metres) / metresAll,
      pull: wetPull ? (house.rates.pullPerM * metres) / speed : 0,
      wetSeal,
      wetPull,
    }
  })
}

interface CoatMinutesSetup {
  readonly room: Room
  readonly hem: Hem
  readonly recipe: Recipe | undefined
  readonly house: HouseRules
  readonly step: PaintStep
}

/** Minutes one practised painter takes to coat along a hem, one coat; a gun cuts no line, and trim is brushed edges and all. */
export function coatMinutesOf({ room, hem, recipe, house, step }: CoatMinutesSetup): number {
  if (step.tool === 'spray') return 0
  if (recipe?.way !== 'freehand' && trimRunMm(room, hem.paint) !== null) return 0
  const perM = recipe?.way === 'freehand' ? house.rates.freehandPerM : house.rates.cutInPerM
  return (perM * hem.lengthMm) / 1000
}
