import { groupedBy } from '../../base/units/groupedBy'
import type { Job } from '../../base/nouns'
import { coverOf } from '../../survey/shelf/find'
import type { CoverNeed } from '../covers/coverNeed'
import type { Down } from './down'
import { rollCuts, type RollCuts } from './rollCuts'

export interface CoverLine {
  readonly coverId: string
  readonly needs: readonly CoverNeed[]
  readonly areaMm2: number
  readonly runMm: number
  /** Rolls to buy, or pieces to take from the van. */
  readonly count: number
  /** How its rolls are cut; null for what comes in pieces. */
  readonly cuts: RollCuts | null
  /** Of pieces: how many are not owned, so that they have to be got. */
  readonly short: number
  readonly costMinor: number
}

/** Covers by kind: what is used up by its run, what comes back by how many pieces are down at the same time. */
export function coverLines(job: Job, needs: readonly CoverNeed[], down: Down): CoverLine[] {
  return [...groupedBy(needs, (need) => need.coverId)].map(([coverId, own]) => {
    const cover = coverOf(job.shelf, coverId)
    const runMm = own.reduce((sum, need) => sum + need.runMm, 0)
    const cuts = cover.reusable ? null : rollCuts({ job, cover, needs: own, down })
    const count = cuts ? cuts.rolls.filter((roll) => roll.remnantId === null).length : mostDown(own, down)
    const areaMm2 = own.reduce((sum, need) => sum + need.areaMm2, 0)
    // Cloths come back to the van: only what is missing there is bought.
    const short = cuts ? 0 : Math.max(0, count - cover.owned)
    const costMinor = cuts ? cuts.priceMinor : short * cover.priceMinor
    return { coverId, needs: own, areaMm2, runMm, count, cuts, short, costMinor }
  })
}

/** Most pieces that lie anywhere at one time; a room without a place in the plan has its own all along. */
function mostDown(needs: readonly CoverNeed[], down: Down): number {
  const always = (roomId: string) =>
    down.get(roomId) ?? { from: Number.NEGATIVE_INFINITY, to: Number.POSITIVE_INFINITY }
  const starts = needs.map((need) => always(need.roomId).from)
  return Math.max(
    0,
    ...starts.map((at) =>
      needs.reduce((sum, need) => {
        const { from, to } = always(need.roomId)
        return sum + (from <= at && at < to ? need.pieces : 0)
      }, 0),
    ),
  )
}
