import type { Parameters } from '../../base/parameters/parameters'
import type { Recipe } from '../../masking/recipes/recipe'
import type { HouseRules, PaintStep, Room, Shelf } from '../../base/nouns'
import { liquidOf } from '../../survey/shelf/find'
import type { Hem } from '../../survey/hems/deriveHems'
import { tackMinutes } from '../../masking/recipes/expectedCost'
import { pressMinPerM } from '../../masking/recipes/pressing'
import type { MinutePart, RoundPull } from './activity'
import { coatMinutesOf, metresOf, type WallWork } from './stepWork'

/** What minutes depend on: the walls of a round, their recipes, the house's rates. */
interface MinutesSetup {
  readonly room: Room
  readonly group: { readonly work: readonly WallWork[] }
  readonly step: PaintStep
  readonly house: HouseRules
  readonly shelf: Shelf
  readonly recipes: ReadonlyMap<string, Recipe>
  readonly parameters: Parameters
}

const part = (name: MinutePart['part'], minutes: number): MinutePart[] => (minutes > 0 ? [{ part: name, minutes }] : [])

/** Masking some hems in: tape laid and pressed with its tacks, strips of paper beside it, or a liquid put on panes. */
export function layParts(
  hems: readonly Hem[],
  { recipes, house, shelf, parameters }: Pick<MinutesSetup, 'recipes' | 'house' | 'shelf' | 'parameters'>,
): MinutePart[] {
  const { rates } = house
  const sum = { lay: 0, press: 0, liquid: 0, cover: 0 }
  for (const hem of hems) {
    const recipe = recipes.get(hem.id)
    const metres = hem.lengthMm / 1000
    if (recipe?.liquidId) {
      const brushed = liquidOf(shelf, recipe.liquidId).how === 'brush'
      sum.liquid += metres * (brushed ? rates.liquidBrushPerM : rates.liquidSprayPerM)
    } else {
      const tacks = tackMinutes(recipe?.cover?.tackMm ?? null, parameters)
      sum.lay += metres * ((recipe?.layMinPerM ?? 0) + tacks)
      sum.press += metres * pressMinPerM(recipe?.pressing ?? 'tool', rates, parameters)
      sum.cover += metres * stripM2PerM(recipe) * rates.coverPerM2
    }
  }
  return [
    ...part('lay', sum.lay),
    ...part('press', sum.press),
    ...part('cover', sum.cover),
    ...part('liquid', sum.liquid),
  ]
}

/** Paper or film that lies beside a metre of hem, m². What hangs or is taut is among the room's covers. */
const stripM2PerM = (recipe: Recipe | undefined): number =>
  (recipe?.layers ?? []).reduce((sum, layer) => sum + (layer.coverId === null ? 0 : (layer.widthMm ?? 0) / 1000), 0)

export const sealParts = (hems: readonly Hem[], house: HouseRules): MinutePart[] =>
  part('seal', metresOf(hems) * house.rates.sealPerM)

/** One coat: the lines beside the hems, and the field of the step's faces where it is not rolled apart. */
export function coatParts(
  { room, group, recipes, house, step }: Omit<MinutesSetup, 'shelf' | 'parameters'>,
  isApart: boolean,
): MinutePart[] {
  const sum = { cutIn: 0, freehand: 0 }
  for (const work of group.work) {
    for (const hem of work.hems) {
      const recipe = recipes.get(hem.id)
      const minutes = coatMinutesOf({ room, hem, recipe, house, step })
      if (recipe?.way === 'freehand') sum.freehand += minutes
      else sum.cutIn += minutes
    }
  }
  const lines = [...part('cut-in', sum.cutIn), ...part('freehand', sum.freehand)]
  return [...lines, ...fieldParts(group.work, step, isApart ? alongMin : (work) => alongMin(work) + work.restMin)]
}

const alongMin = (work: WallWork): number => [...work.alongMin.values()].reduce((sum, minutes) => sum + minutes, 0)

/** Fields of some walls, one coat; left to itself what is filled in apart from the lines. */
export const fieldParts = (
  works: readonly WallWork[],
  step: Pick<PaintStep, 'tool'>,
  minutesOf: (work: WallWork) => number = (work) => work.restMin,
): MinutePart[] =>
  part(
    step.tool === 'spray' ? 'spray' : 'field',
    works.reduce((sum, work) => sum + minutesOf(work), 0),
  )

/** Taking some hems off; strips beside a dry pull are taken up with it, those of a wet one once it is through. */
export function pullParts(
  hems: readonly Hem[],
  { house, recipes }: Pick<MinutesSetup, 'house' | 'recipes'>,
  manner: RoundPull['manner'],
): MinutePart[] {
  if (manner === 'peel') return part('peel', metresOf(hems) * house.rates.peelPerM)
  const strips = hems.reduce((sum, hem) => sum + (hem.lengthMm / 1000) * stripM2PerM(recipes.get(hem.id)), 0)
  return [
    ...part('pull', metresOf(hems) * house.rates.pullPerM),
    ...(manner === 'dry' ? part('uncover', strips * house.rates.uncoverPerM2) : []),
  ]
}
