import {
  type HouseRules,
  known,
  type Known,
  type Mark,
  type Rates,
  type Shelf,
  type Constant,
  word,
} from '../../base/nouns'
import { glazeOf, liquidOf, sealantOf, tapeOf } from '../../survey/shelf/find'
import { DRIFT_MM_PER_MS, FIELD_REACH_MM, REACH_SPARE } from '../covers/overspray'
import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { STARTER_RATES } from '../../survey/rooms/houseDefaults'
import type { Recipe } from './recipe'
import { FOLD_DEG, PRESS_AGAIN_MIN, SMEAR_LEAST_MIN, SMEAR_SHARE, STAND_OFF_MM } from './recipeSteps'

const at = (name: string, value: Known): Constant => ({ name, value })

/**
 * What a recipe and its cost rest on: every constant with its value, its mark and where it comes from. What decides
 * bleed, lift, tear and the window is told on the Bench, constant by constant.
 */
export function recipeRestsOn(
  recipe: Recipe,
  shelf: Shelf,
  house: HouseRules,
  parameters: Parameters = DEFAULT_PARAMETERS,
): Constant[] {
  return [
    ...shelfConstants(recipe, shelf, house.sealDry === 'through'),
    ...edgeConstants(recipe, parameters),
    ...coverConstants(recipe, parameters),
    ...rateConstants(recipe, house),
  ]
}

interface OnShelf {
  readonly name: string
  readonly mark: Mark
  readonly defaults: readonly string[]
}

/** Values of a thing on the shelf by what they are, unit and column; a class default stands in from memory. */
const valuesOf = (thing: OnShelf, ...values: (readonly [string, number, string, string])[]): Constant[] =>
  values.map(([name, value, unit, column]) =>
    at(name, known(value, unit, thing.defaults.includes(column) ? 'from-memory' : thing.mark, thing.name)),
  )

function shelfConstants({ tapeId, liquidId, sealantId, glazeId }: Recipe, shelf: Shelf, through: boolean): Constant[] {
  const [tape, mask] = [tapeId && tapeOf(shelf, tapeId), liquidId && liquidOf(shelf, liquidId)]
  const [sealant, glaze] = [sealantId && sealantOf(shelf, sealantId), glazeId && glazeOf(shelf, glazeId)]
  const constants: Constant[] = []
  if (tape)
    constants.push(
      ...valuesOf(tape, ['grip', tape.gripN25, 'N/25 mm', 'grip'], ['stays', tape.stayDays, 'd', 'stay_days']),
    )
  if (mask)
    constants.push(
      ...valuesOf(
        mask,
        ['clear-after', mask.clearMin, 'min', 'clear_min'],
        ['cut-after', mask.cutAfterH, 'h', 'cut_after_h'],
      ),
    )
  if (sealant) constants.push(at('bead-from-one-tube', known(sealant.metresPerTube, 'm', sealant.mark, sealant.name)))
  if (glaze)
    constants.push(
      ...valuesOf(
        glaze,
        ['glaze-spreads', glaze.spreadM2PerL, 'm²/l', 'spread_m2_per_l'],
        through
          ? ['glaze-dry-through-after', glaze.throughMin, 'min', 'through_min']
          : ['glaze-takes-colour-after', glaze.touchDryMin, 'min', 'touch_dry_min'],
      ),
    )
  return constants
}

function edgeConstants(recipe: Recipe, { work, slips, band }: Parameters): Constant[] {
  const constants: Constant[] = []
  if (recipe.tapeId !== null) constants.push(at('pressed-again-after', PRESS_AGAIN_MIN))
  if (recipe.pressing === 'thumb') constants.push(at('pressing-by-thumb', work.thumbShare))
  if (recipe.pull !== 'none') constants.push(at('folded-back', FOLD_DEG))
  if (recipe.standOffMm > 0) constants.push(at('first-coat-stays-off', STAND_OFF_MM))
  if (recipe.seal === 'own-colour' || recipe.seal === 'clear-glaze')
    constants.push(at('width-of-the-sealing-pass', work.sealPassM))
  if (recipe.seal === 'own-colour')
    constants.push(at('a-smear-dries-in', SMEAR_SHARE), at('a-seal-waits-at-least', SMEAR_LEAST_MIN))
  if (recipe.setting === 'skirting-over-carpet') constants.push(at('bleeds-seen-under-a-skirting', work.tuckedShare))
  if (recipe.setting === 'panes' || recipe.setting === 'glass')
    constants.push(at('mending-on-glass', work.glassMendShare))
  if (recipe.setting === 'panes' && recipe.tapeId) constants.push(at('slips-at-a-corner-of-a-pane', slips.paneCorner))
  if (recipe.way === 'liquid-mask')
    constants.push(at('nicks-of-a-brushed-mask', slips.peel.brush), at('nicks-of-a-can', slips.peel.aerosol))
  if (recipe.way === 'freehand')
    constants.push(at('slips-along-a-ceiling', slips.ceiling), at('slips-along-trim', slips.trim))
  if (recipe.risks.band > 0)
    constants.push(at('bands-on-black-over-white', band.dark), at('bands-where-the-roller-follows', band.metOpen))
  return constants
}

function coverConstants({ cover }: Recipe, { work }: Parameters): Constant[] {
  if (!cover) return []
  return [
    at('mist-beside-a-field', FIELD_REACH_MM),
    at('wind-carries-it', DRIFT_MM_PER_MS),
    at('cover-over-mist', REACH_SPARE),
    ...(cover.tackMm === null
      ? []
      : [
          at('grip-that-holds-in-shear', work.holdShareOfGrip),
          at('air-pulls-at-film', work.airPull),
          at('setting-a-tack', work.tackMin),
        ]),
  ]
}

const RATE_OF: readonly {
  readonly name: string
  readonly rate: keyof Rates
  readonly when: (recipe: Recipe) => boolean
}[] = [
  { name: 'laying', rate: 'layPerM', when: (recipe) => recipe.tapeId !== null },
  { name: 'pressing', rate: 'pressPerM', when: (recipe) => recipe.tapeId !== null },
  { name: 'sealing', rate: 'sealPerM', when: (recipe) => recipe.seal !== 'none' },
  { name: 'cutting-in-at-tape', rate: 'cutInPerM', when: ({ way }) => way === 'tape' || way === 'liquid-mask' },
  { name: 'cutting-in-by-hand', rate: 'freehandPerM', when: ({ way }) => way === 'freehand' },
  { name: 'pulling', rate: 'pullPerM', when: (recipe) => recipe.tapeId !== null },
  { name: 'cutting-and-peeling', rate: 'peelPerM', when: ({ way }) => way === 'liquid-mask' },
]
/** Starter rates that follow common practice; the others are from memory. */
const PRACTICE: readonly (keyof Rates)[] = ['freehandPerM']

function rateConstants(recipe: Recipe, house: HouseRules): Constant[] {
  return RATE_OF.filter(({ when }) => when(recipe)).map(({ name, rate }) => {
    const own = house.rates[rate] !== STARTER_RATES[rate]
    const mark = own ? 'own-log' : PRACTICE.includes(rate) ? 'common-practice' : 'from-memory'
    return at(
      name,
      known(
        house.rates[rate],
        'min/m',
        mark,
        own ? word('source', 'this-contractors-rate') : word('source', 'starter-rate'),
      ),
    )
  })
}
