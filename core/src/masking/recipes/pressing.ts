import type { HouseRules, Pressing, Rates } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'

/** Ways of pressing the house leaves to choose from on a hem. */
export const pressingsOf = ({ press }: Pick<HouseRules, 'press'>): readonly ('thumb' | 'tool')[] =>
  press === 'either' ? ['thumb', 'tool'] : [press]

/**
 * Minutes one practised painter presses a metre of tape. A thumb is always at hand and follows the line; a tool is
 * fetched, held at its angle and lifted over joints.
 */
export const pressMinPerM = (
  pressing: Pressing,
  rates: Pick<Rates, 'pressPerM'>,
  { work }: Pick<Parameters, 'work'>,
): number => {
  if (pressing === 'none') return 0
  return pressing === 'thumb' ? rates.pressPerM * work.thumbShare.value : rates.pressPerM
}
