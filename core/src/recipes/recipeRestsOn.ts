import type { Constant } from '../bench/restsOn'
import { glazeOf, liquidOf, sealantOf, tapeOf } from '../catalogue/find'
import type { Shelf } from '../catalogue/types'
import { DRIFT_MM_PER_MS, FIELD_REACH_MM, REACH_SPARE } from '../covers/overspray'
import { known, type Known, type Mark } from '../known'
import { BAND_DARK } from '../risk/banding'
import { AIR_PULL, HOLD_SHARE_OF_GRIP } from '../risk/cover'
import { HAND_SLIPS, PANE_CORNER_SLIP, PEEL_FAULTS } from '../risk/slips'
import { STARTER_RATES } from '../survey/houseDefaults'
import type { HouseRules, Rates } from '../survey/types'
import { TUCKED_SHARE } from './candidates'
import { GLASS_MEND_SHARE, SEAL_PASS_M, TACK_MIN } from './expectedCost'
import { THUMB_SHARE } from './pressing'
import type { Recipe } from './recipe'
import { FOLD_DEG, STAND_OFF_MM } from './recipeSteps'

const at = (name: string, value: Known): Constant => ({ name, value })

/**
 * What a recipe and its cost rest on: every constant with its value, its mark and where it comes from. What decides
 * bleed, lift, tear and the window is told on the Bench, constant by constant.
 */
export function recipeRestsOn(recipe: Recipe, shelf: Shelf, house: HouseRules): Constant[] {
  return [
    ...shelfConstants(recipe, shelf),
    ...edgeConstants(recipe),
    ...coverConstants(recipe),
    ...rateConstants(recipe, house),
  ]
}

/** How a value of a thing on the shelf is known: a class default stands in from memory. */
const markIn =
  ({ defaults, mark }: { readonly defaults: readonly string[]; readonly mark: Mark }) =>
  (column: string): Mark =>
    defaults.includes(column) ? 'from memory' : mark

function shelfConstants(recipe: Recipe, shelf: Shelf): Constant[] {
  const found: Constant[] = []
  if (recipe.tapeId) {
    const tape = tapeOf(shelf, recipe.tapeId)
    const markOf = markIn(tape)
    found.push(
      at('grip', known(tape.gripN25, 'N/25 mm', markOf('grip'), tape.name)),
      at('stays', known(tape.stayDays, 'd', markOf('stay_days'), tape.name)),
    )
  }
  if (recipe.liquidId) {
    const mask = liquidOf(shelf, recipe.liquidId)
    const markOf = markIn(mask)
    found.push(
      at('clear after', known(mask.clearMin, 'min', markOf('clear_min'), mask.name)),
      at('cut after', known(mask.cutAfterH, 'h', markOf('cut_after_h'), mask.name)),
    )
  }
  if (recipe.sealantId) {
    const sealant = sealantOf(shelf, recipe.sealantId)
    found.push(at('bead from one tube', known(sealant.metresPerTube, 'm', sealant.mark, sealant.name)))
  }
  if (recipe.glazeId) {
    const glaze = glazeOf(shelf, recipe.glazeId)
    const markOf = markIn(glaze)
    found.push(
      at('glaze spreads', known(glaze.spreadM2PerL, 'm²/l', markOf('spread_m2_per_l'), glaze.name)),
      at('glaze takes colour after', known(glaze.touchDryMin, 'min', markOf('touch_dry_min'), glaze.name)),
    )
  }
  return found
}

function edgeConstants(recipe: Recipe): Constant[] {
  const found: Constant[] = []
  if (recipe.pressing === 'thumb') found.push(at('pressing by thumb', THUMB_SHARE))
  if (recipe.pull !== 'none') found.push(at('folded back', FOLD_DEG))
  if (recipe.standOffMm > 0) found.push(at('first coat stays off', STAND_OFF_MM))
  if (recipe.seal === 'own colour' || recipe.seal === 'clear glaze')
    found.push(at('width of the sealing pass', SEAL_PASS_M))
  if (recipe.setting === 'skirting over carpet') found.push(at('bleeds seen under a skirting', TUCKED_SHARE))
  if (recipe.setting === 'panes' || recipe.setting === 'glass') found.push(at('mending on glass', GLASS_MEND_SHARE))
  if (recipe.setting === 'panes' && recipe.tapeId) found.push(at('slips at a corner of a pane', PANE_CORNER_SLIP))
  if (recipe.way === 'liquid mask')
    found.push(at('nicks of a brushed mask', PEEL_FAULTS.brush), at('nicks of a can', PEEL_FAULTS.aerosol))
  if (recipe.way === 'freehand')
    found.push(at('slips along a ceiling', HAND_SLIPS.ceiling), at('slips along trim', HAND_SLIPS.trim))
  if (recipe.risks.band > 0) found.push(at('bands on black over white', BAND_DARK))
  return found
}

function coverConstants({ cover }: Recipe): Constant[] {
  if (!cover) return []
  return [
    at('mist beside a field', FIELD_REACH_MM),
    at('wind carries it', DRIFT_MM_PER_MS),
    at('cover over mist', REACH_SPARE),
    ...(cover.tackMm === null
      ? []
      : [
          at('grip that holds in shear', HOLD_SHARE_OF_GRIP),
          at('air pulls at film', AIR_PULL),
          at('setting a tack', TACK_MIN),
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
  { name: 'cutting in at tape', rate: 'cutInPerM', when: ({ way }) => way === 'tape' || way === 'liquid mask' },
  { name: 'cutting in by hand', rate: 'freehandPerM', when: ({ way }) => way === 'freehand' },
  { name: 'pulling', rate: 'pullPerM', when: (recipe) => recipe.tapeId !== null },
  { name: 'cutting and peeling', rate: 'peelPerM', when: ({ way }) => way === 'liquid mask' },
]
/** Starter rates that follow common practice; the others are from memory. */
const PRACTICE: readonly (keyof Rates)[] = ['freehandPerM']

function rateConstants(recipe: Recipe, house: HouseRules): Constant[] {
  return RATE_OF.filter(({ when }) => when(recipe)).map(({ name, rate }) => {
    const own = house.rates[rate] !== STARTER_RATES[rate]
    const mark = own ? 'own log' : PRACTICE.includes(rate) ? 'common practice' : 'from memory'
    return at(name, known(house.rates[rate], 'min/m', mark, own ? 'this contractor’s rate' : 'starter rate'))
  })
}
