import { type HouseRules, known, type Rates, word } from '../ground'
import type { Pressing } from '../risk/bleed'

/** A thumb is always at hand and follows the line; a tool is fetched, held at its angle and lifted over joints. */
export const THUMB_SHARE = known(0.8, '', 'from-memory', word('source', 'share-of-the-time-a-tool-takes'))

/** Ways of pressing the house leaves to choose from on a hem. */
export const pressingsOf = ({ press }: Pick<HouseRules, 'press'>): readonly ('thumb' | 'tool')[] =>
  press === 'either' ? ['thumb', 'tool'] : [press]

/** Minutes one practised painter presses a metre of tape. */
export const pressMinPerM = (pressing: Pressing, rates: Pick<Rates, 'pressPerM'>): number => {
  if (pressing === 'none') return 0
  return pressing === 'thumb' ? rates.pressPerM * THUMB_SHARE.value : rates.pressPerM
}
