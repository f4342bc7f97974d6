import type { Parameters } from '../../base/parameters/parameters'
import { known, word, type HouseRules, type Sealant } from '../../base/nouns'
import { spotMinutes } from '../../survey/ready/spotMinutes'
import { SHORT_PIECES } from './laying'

/** What a crooked edge costs beside a true one, by how it is treated. */
export interface WayCost {
  /** Marking and filling, or laying in short pieces: minutes of a practised painter. */
  readonly minutes: number
  /** Joint to fill flush, because the line leaves it, mm. */
  readonly sealMm: number
  /** Faults to touch up that the way adds: where two strips meet paint may run. */
  readonly mends: number
  /** All of it in money, minor units. */
  readonly minor: number
}

export interface WayCosts {
  readonly straight: WayCost
  readonly split: WayCost
  readonly follow: WayCost
}

/** A line over an edge: how long it is, and how much of a joint a straight line, or two parts, would leave open, mm. */
export interface CrookedRun {
  readonly lengthMm: number
  readonly straightSealMm: number
  readonly splitSealMm: number
}

/** What lets paint under where one strip laps another. */
const LAP_RUNS = known(0.1, '', 'from-memory', word('source', 'one-lap-in-ten-lets-paint-into-its-step'))

/**
 * A straight line is marked along its run and looked along once, and its open joint is filled; one in two parts meets once more; an edge that
 * is followed needs no mark, but its tape lies in short pieces.
 *
 * @param sealant  what would fill the joint; null where the shelf has none, which then costs its minutes only
 */
export function wayCosts(
  { lengthMm, straightSealMm, splitSealMm }: CrookedRun,
  house: Pick<HouseRules, 'rates' | 'wagePerHourMinor' | 'mendBleedMinor'>,
  { work }: Pick<Parameters, 'work'>,
  sealant: Sealant | null,
): WayCosts {
  const m = lengthMm / 1000
  const mark = m * work.markMinPerM.value + work.closeMin.value
  const cost = (minutes: number, sealMm: number, laps: number): WayCost => {
    const all = minutes + (sealMm > 0 ? spotMinutes(sealMm, work.sealGapMinPerM.value, work) : 0)
    const tube = sealant === null ? 0 : (sealMm / 1000 / sealant.metresPerTube) * sealant.priceMinor
    const mends = laps * LAP_RUNS.value
    const minor = (all / 60) * house.wagePerHourMinor + tube + mends * house.mendBleedMinor
    return { minutes: all, sealMm, mends, minor: Math.round(minor) }
  }
  return {
    straight: cost(mark, straightSealMm, 0),
    split: cost(mark + work.closeMin.value / 2, splitSealMm, 1),
    follow: cost(
      m * house.rates.layPerM * (SHORT_PIECES.layFactor - 1),
      0,
      Math.floor(lengthMm / SHORT_PIECES.pieceMm),
    ),
  }
}
