import type { HouseRules, Pressing, Seal, Tape } from '../../base/nouns'
import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import { rollCostPerM } from './expectedCost'
import { pressMinPerM } from './pressing'

interface PlainWay {
  readonly tape: Tape
  readonly pressing: Pressing
  readonly seal: Seal
}

/**
 * What a metre of straight line on a bench or a board costs in tape and in work, minor units: by the tape's cheapest roll, and by the house's rates
 * for laying, pressing and sealing. No ladder, no corner, no coat.
 */
export function plainWayCost(
  { tape, pressing, seal }: PlainWay,
  house: Pick<HouseRules, 'rates' | 'wagePerHourMinor' | 'wastePct'>,
): { readonly tape: number; readonly work: number } {
  const { rates } = house
  const minutes =
    rates.layPerM + pressMinPerM(pressing, rates, DEFAULT_PARAMETERS) + (seal === 'none' ? 0 : rates.sealPerM)
  return {
    tape: Math.min(...tape.rolls.map((roll) => rollCostPerM(tape, roll, house))),
    work: (minutes / 60) * house.wagePerHourMinor,
  }
}
