import type { Parameters } from '../../base/parameters/parameters'
import type { HouseRules } from '../../base/nouns'
import { SHORT_PIECES } from './laying'

/** What a crooked edge costs a practised painter beside a true one, by how it is treated, in minutes: marking, or tape in short pieces. */
export interface WayMinutes {
  readonly straight: number
  readonly split: number
  readonly follow: number
}

/**
 * A straight line is marked along its run and looked along once; one in two parts meets once more; an edge that is followed needs no mark,
 * but its tape lies in short pieces.
 *
 * @param lengthMm  length of the run
 */
export function wayMinutes(
  lengthMm: number,
  { rates }: Pick<HouseRules, 'rates'>,
  { work }: Pick<Parameters, 'work'>,
): WayMinutes {
  const m = lengthMm / 1000
  const straight = m * work.markMinPerM.value + work.closeMin.value
  return {
    straight,
    split: straight + work.closeMin.value / 2,
    follow: m * rates.layPerM * (SHORT_PIECES.layFactor - 1),
  }
}
