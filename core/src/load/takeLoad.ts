import { groupedBy } from '../units/groupedBy'
import type { Parameters } from '../parameters/parameters'
import { nth, sure } from '../units/sure'
import type { Job, TapeRoll } from '../ground'
import { coverOf, tapeOf } from '../catalogue/find'
import type { CoverNeed } from '../covers/coverNeed'
import { coverNeeds } from '../covers/coverNeeds'
import { stripNeeds } from './stripNeeds'
import type { Hem } from '../hems/deriveHems'
import { endsMm } from '../hems/ends'
import type { Recipe } from '../recipes/recipe'
import { SHORT_PIECES } from '../recipes/laying'
import { coatingLines, glazeLines, keepColourLines, liquidLines, sealantLines, type SupplyLine } from './supplies'
import { toolLines, type ToolLine } from './tools'

/** How much of one tape, in one width, the job takes. Lengths mm, money minor units. */
export interface TapeLine {
  readonly tapeId: string
  readonly widthMm: number
  readonly hemIds: readonly string[]
  readonly hemMm: number
  /** Ends and corners, and the laps of short pieces. */
  readonly tabsMm: number
  readonly wasteMm: number
  readonly totalMm: number
  /** Of that, from rolls and part rolls on the van. */
  readonly stockMm: number
  readonly rolls: number
  /** Cheapest way to get them: whole packs and singles. */
  readonly packs: number
  readonly singles: number
  readonly costMinor: number
}

export interface CoverLine {
  readonly coverId: string
  readonly needs: readonly CoverNeed[]
  readonly areaMm2: number
  readonly runMm: number
  /** Rolls to buy, or pieces to take from the van. */
  readonly count: number
  readonly costMinor: number
}

export interface Load {
  readonly tapes: readonly TapeLine[]
  readonly covers: readonly CoverLine[]
  readonly sealants: readonly SupplyLine[]
  readonly glazes: readonly SupplyLine[]
  /** Colours of keep sides that this job does not put on, for sealing: from the tins that are at hand. */
  readonly keepColours: readonly SupplyLine[]
  readonly liquids: readonly SupplyLine[]
  readonly tools: readonly ToolLine[]
  readonly coatings: readonly SupplyLine[]
  readonly materialMinor: number
  readonly labourMinor: number
  readonly mendingMinor: number
}

/** What to put in the van: tape by kind and width with tabs and waste, rolls, covers, what seals, and paint. */
export function takeLoad(
  job: Job,
  hems: readonly Hem[],
  recipes: ReadonlyMap<string, Recipe>,
  parameters: Pick<Parameters, 'textures' | 'work'>,
): Load {
  const tapes = tapeLines(job, hems, recipes)
  const covers = coverLines(job, hems, recipes)
  const sealants = sealantLines(job, hems, recipes)
  const glazes = glazeLines(job, hems, recipes, parameters)
  const liquids = liquidLines(job, hems, recipes)
  const sum = (lines: readonly { costMinor: number }[]) => lines.reduce((all, line) => all + line.costMinor, 0)
  const each = [...recipes.values()]
  return {
    tapes,
    covers,
    sealants,
    glazes,
    keepColours: keepColourLines(job, hems, recipes, parameters),
    liquids,
    tools: toolLines(job.shelf, recipes.values()),
    coatings: coatingLines(job, hems, recipes, parameters),
    materialMinor: sum(tapes) + sum(covers) + sum(sealants) + sum(glazes) + sum(liquids),
    labourMinor: each.reduce((all, recipe) => all + recipe.cost.labour, 0),
    mendingMinor: each.reduce((all, recipe) => all + recipe.cost.mending, 0),
  }
}

function tapeLines(job: Job, hems: readonly Hem[], recipes: ReadonlyMap<string, Recipe>): TapeLine[] {
  const taped = hems.flatMap((hem) => {
    const { tapeId, widthMm } = recipes.get(hem.id) ?? { tapeId: null, widthMm: 0 }
    return tapeId ? [{ hem, tapeId, widthMm }] : []
  })
  return [...groupedBy(taped, (each) => `${each.tapeId}|${each.widthMm}`).values()].map((alike) => {
    const { tapeId, widthMm } = nth(alike, 0)
    const group = alike.map((each) => each.hem)
    const tape = tapeOf(job.shelf, tapeId)
    const roll = sure(tape.rolls.find((each) => each.widthMm === widthMm))
    const hemMm = group.reduce((sum, hem) => sum + hem.lengthMm, 0)
    const lapsMm =
      job.house.runs === 'one-run'
        ? 0
        : group.reduce((sum, hem) => sum + Math.floor(hem.lengthMm / SHORT_PIECES.pieceMm) * SHORT_PIECES.lapMm, 0)
    const ends = group.reduce((sum, hem) => sum + endsMm(hem), 0)
    const tabsMm = ends + lapsMm
    const wasteMm = Math.ceil(((hemMm + tabsMm) * job.house.wastePct) / 100)
    const totalMm = hemMm + tabsMm + wasteMm
    const stockMm = Math.min(totalMm, roll.stockMm)
    const rolls = Math.ceil((totalMm - stockMm) / tape.rollLengthMm)
    return {
      tapeId,
      widthMm,
      hemIds: group.map((hem) => hem.id),
      hemMm,
      tabsMm,
      wasteMm,
      totalMm,
      stockMm,
      rolls,
      ...buy(roll, rolls),
    }
  })
}

/** Whole packs and singles that give at least so many rolls for the least money. */
export function buy(roll: TapeRoll, rolls: number): { packs: number; singles: number; costMinor: number } {
  const options = Array.from({ length: Math.ceil(rolls / roll.packOf) + 1 }, (_, packs) => {
    const singles = Math.max(0, rolls - packs * roll.packOf)
    return {
      packs: roll.packOf === 1 ? 0 : packs,
      singles: roll.packOf === 1 ? rolls : singles,
      costMinor: packs * roll.packPriceMinor + singles * roll.priceMinor,
    }
  })
  if (roll.packOf === 1) return { packs: 0, singles: rolls, costMinor: rolls * roll.priceMinor }
  return options.reduce((best, option) => (option.costMinor < best.costMinor ? option : best))
}

function coverLines(job: Job, hems: readonly Hem[], recipes: ReadonlyMap<string, Recipe>): CoverLine[] {
  const ofRooms = job.rooms.flatMap((room) => coverNeeds(room, job.shelf))
  const all = [...ofRooms, ...stripNeeds(job, hems, recipes, ofRooms)]
  return [...groupedBy(all, (need) => need.coverId)].map(([coverId, needs]) => {
    const cover = coverOf(job.shelf, coverId)
    const runMm = needs.reduce((sum, need) => sum + need.runMm, 0)
    const pieces = cover.reusable ? Math.max(0, ...needs.map((need) => need.pieces)) : 0
    const count = cover.reusable ? pieces : Math.ceil((runMm * (1 + job.house.wastePct / 100)) / cover.lengthMm)
    // Cloths come back to the van, so the job does not buy them.
    const costMinor = cover.reusable ? 0 : count * cover.priceMinor
    return { coverId, needs, areaMm2: needs.reduce((sum, need) => sum + need.areaMm2, 0), runMm, count, costMinor }
  })
}
