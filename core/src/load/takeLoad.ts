import { coatingOf, coverOf, liquidOf, sealantOf, tapeOf } from '../catalogue/find'
import type { TapeRoll } from '../catalogue/types'
import type { CoverNeed } from '../covers/coverNeed'
import { coverNeeds } from '../covers/coverNeeds'
import type { Hem } from '../hems/deriveHems'
import { endsMm } from '../hems/ends'
import type { Recipe } from '../recipes/recipe'
import { faceAreaMm2 } from '../survey/areas'
import { SHORT_PIECES } from '../recipes/expectedCost'
import { facesOfStep } from '../survey/faces'
import { glassPerEdgeM } from '../survey/glazing'
import type { Job } from '../survey/types'
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

export interface SupplyLine {
  readonly id: string
  readonly name: string
  readonly amount: number
  readonly unit: 'tubes' | 'litres' | 'tins' | 'cans'
  readonly exact: number
  readonly costMinor: number
}

export interface Load {
  readonly tapes: readonly TapeLine[]
  readonly covers: readonly CoverLine[]
  readonly sealants: readonly SupplyLine[]
  readonly liquids: readonly SupplyLine[]
  readonly tools: readonly ToolLine[]
  readonly coatings: readonly SupplyLine[]
  readonly materialMinor: number
  readonly labourMinor: number
  readonly mendingMinor: number
}

/** What to put in the van: tape by kind and width with tabs and waste, rolls, covers, sealant and paint. */
export function takeLoad(job: Job, hems: readonly Hem[], recipes: ReadonlyMap<string, Recipe>): Load {
  const tapes = tapeLines(job, hems, recipes)
  const covers = coverLines(job)
  const sealants = sealantLines(job, hems, recipes)
  const liquids = liquidLines(job, hems, recipes)
  const coatings = coatingLines(job)
  const sum = (lines: readonly { costMinor: number }[]) => lines.reduce((all, line) => all + line.costMinor, 0)
  const each = [...recipes.values()]
  return {
    tapes,
    covers,
    sealants,
    liquids,
    tools: toolLines(job.shelf, recipes.values()),
    coatings,
    materialMinor: sum(tapes) + sum(covers) + sum(sealants) + sum(liquids),
    labourMinor: each.reduce((all, recipe) => all + recipe.cost.labour, 0),
    mendingMinor: each.reduce((all, recipe) => all + recipe.cost.mending, 0),
  }
}

function tapeLines(job: Job, hems: readonly Hem[], recipes: ReadonlyMap<string, Recipe>): TapeLine[] {
  const groups = new Map<string, Hem[]>()
  for (const hem of hems) {
    const recipe = recipes.get(hem.id)
    if (!recipe?.tapeId) continue
    const key = `${recipe.tapeId}|${recipe.widthMm}`
    groups.set(key, [...(groups.get(key) ?? []), hem])
  }
  return [...groups].map(([key, group]) => {
    const [tapeId, width] = key.split('|') as [string, string]
    const tape = tapeOf(job.shelf, tapeId)
    const roll = tape.rolls.find((each) => each.widthMm === Number(width))!
    const hemMm = group.reduce((sum, hem) => sum + hem.lengthMm, 0)
    const lapsMm =
      job.house.runs === 'one run'
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
      widthMm: Number(width),
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

function coverLines(job: Job): CoverLine[] {
  const groups = new Map<string, CoverNeed[]>()
  for (const need of job.rooms.flatMap((room) => coverNeeds(room, job.shelf))) {
    groups.set(need.coverId, [...(groups.get(need.coverId) ?? []), need])
  }
  return [...groups].map(([coverId, needs]) => {
    const cover = coverOf(job.shelf, coverId)
    const runMm = needs.reduce((sum, need) => sum + need.runMm, 0)
    const pieces = cover.reusable ? Math.max(0, ...needs.map((need) => need.pieces)) : 0
    const count = cover.reusable ? pieces : Math.ceil((runMm * (1 + job.house.wastePct / 100)) / cover.lengthMm)
    // Cloths come back to the van, so the job does not buy them.
    const costMinor = cover.reusable ? 0 : count * cover.priceMinor
    return { coverId, needs, areaMm2: needs.reduce((sum, need) => sum + need.areaMm2, 0), runMm, count, costMinor }
  })
}

function sealantLines(job: Job, hems: readonly Hem[], recipes: ReadonlyMap<string, Recipe>): SupplyLine[] {
  const metres = new Map<string, number>()
  for (const hem of hems) {
    const id = recipes.get(hem.id)?.sealantId
    if (id) metres.set(id, (metres.get(id) ?? 0) + hem.lengthMm / 1000)
  }
  return [...metres].map(([id, m]) => {
    const sealant = sealantOf(job.shelf, id)
    const exact = m / sealant.metresPerTube
    const amount = Math.ceil(exact)
    return { id, name: sealant.name, amount, exact, unit: 'tubes', costMinor: amount * sealant.priceMinor }
  })
}

/** Liquid masks by the glass they cover. */
function liquidLines(job: Job, hems: readonly Hem[], recipes: ReadonlyMap<string, Recipe>): SupplyLine[] {
  const glass = new Map<string, number>()
  for (const hem of hems) {
    const id = recipes.get(hem.id)?.liquidId
    const room = job.rooms.find((each) => each.id === hem.roomId)!
    const opening = room.openings.find((each) => hem.keep.endsWith(`:${each.id}`))
    if (id && opening) glass.set(id, (glass.get(id) ?? 0) + (glassPerEdgeM(opening) * hem.lengthMm) / 1000)
  }
  return [...glass].map(([id, m2]) => {
    const liquid = liquidOf(job.shelf, id)
    const exact = m2 / liquid.spreadM2
    const amount = Math.ceil(exact)
    const unit = liquid.how === 'brush' ? 'tins' : 'cans'
    return { id, name: liquid.name, amount, exact, unit, costMinor: amount * liquid.priceMinor }
  })
}

function coatingLines(job: Job): SupplyLine[] {
  const litres = new Map<string, { id: string; name: string; exact: number; price: number }>()
  for (const room of job.rooms) {
    for (const step of room.steps) {
      const coating = coatingOf(job.shelf, step.coatingId)
      const m2 = facesOfStep(room, step).reduce((sum, key) => sum + faceAreaMm2(room, key), 0) / 1e6
      const key = `${coating.id}|${step.colour.trim().toLowerCase()}`
      const line = litres.get(key) ?? {
        id: key,
        name: `${step.colour}, ${coating.name}`,
        exact: 0,
        price: coating.priceMinorPerL,
      }
      litres.set(key, { ...line, exact: line.exact + (m2 * step.coats) / coating.spreadM2PerL })
    }
  }
  return [...litres.values()].map(({ id, name, exact, price }) => {
    const amount = Math.ceil(exact * 2) / 2 // sold by the half litre
    return { id, name, amount, exact, unit: 'litres', costMinor: Math.round(amount * price) }
  })
}
