import { groupedBy } from '../../base/units/groupedBy'
import type { Parameters } from '../../base/parameters/parameters'
import { nth, sure } from '../../base/units/sure'
import { MIN_PER_DAY } from '../../base/units/time'
import type { Job, Room, TapeRoll, HemId } from '../../base/nouns'
import { coverOf, tapeOf } from '../../survey/shelf/find'
import type { CoverNeed } from '../covers/coverNeed'
import { clothShelves } from '../covers/clothShelves'
import { coverNeeds } from '../covers/coverNeeds'
import { coverLines, type CoverLine } from './coverLines'
import type { Down } from './down'
import { holdingKind, holdingMm, stayOf, type HeldFor, type HoldingKind } from './holdingTape'
import { stripNeeds } from './stripNeeds'
import type { Hem } from '../../survey/hems/deriveHems'
import type { Recipe } from '../recipes/recipe'
import { coatingLines, glazeLines, keepColourLines, liquidLines, sealantLines, type SupplyLine } from './supplies'
import { tabsMm, wastePctIn } from './tapedMm'
import { toolLines, type ToolLine } from './tools'

/** How much of one tape, in one width, the job takes. Lengths mm, money minor units. */
interface TapeLine {
  readonly tapeId: string
  readonly widthMm: number
  readonly hemIds: readonly HemId[]
  readonly hemMm: number
  /** Ends and corners, and the laps of short pieces. */
  readonly tabsMm: number
  /** What holds papers and films: their own run, and tacks. */
  readonly holdMm: number
  readonly wasteMm: number
  readonly totalMm: number
  /** Of that, from rolls and part rolls on the van. */
  readonly stockMm: number
  readonly rolls: number
  /** Cheapest way to get them: whole packs and singles. */
  readonly packs: number
  readonly singles: number
  readonly costMinor: number
  /** What of it this job uses, at the price of a single roll: what Load, ways and quotes count as the job's cost. */
  readonly usedMinor: number
}

/** The tape that holds covers. */
export interface LoadHolding extends HeldFor {
  readonly tapeId: string
  readonly widthMm: number
  /** Rooms in which it holds something. */
  readonly roomIds: readonly string[]
  /** Label days it may stay there: fewer than it lies where nothing on the shelf stays as long. */
  readonly stayDays: number
}

export interface Load {
  readonly tapes: readonly TapeLine[]
  /** What holds papers and films, and for how long at the longest; null where nothing has to be held. */
  readonly holding: LoadHolding | null
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

interface TakeLoadSetup {
  readonly job: Job
  readonly hems: readonly Hem[]
  readonly recipes: ReadonlyMap<string, Recipe>
  readonly parameters: Pick<Parameters, 'textures' | 'work'>
  readonly down: Down
  /** All areas of the work, where the load is that of some of them. */
  readonly work?: readonly Room[]
  /** What holds covers, where the load of the whole work has settled it. */
  readonly holding?: LoadHolding | null
}

/** What to put in the van: tape by kind and width with tabs and waste, rolls, covers, what seals, and paint. */
export function takeLoad({
  job,
  hems,
  recipes,
  parameters,
  down,
  work = job.rooms,
  holding: settled,
}: TakeLoadSetup): Load {
  const shelves = clothShelves(work, job.shelf)
  const ofRooms = job.rooms.flatMap((room) => coverNeeds(room, shelves.get(room.id) ?? job.shelf, job.site.units, work))
  const needs = [...ofRooms, ...stripNeeds(job, hems, recipes, ofRooms)]
  const held = needs.filter((need) => need.hold === 'hung' || coverOf(job.shelf, need.coverId).kind === 'paper')
  const lies = settled ?? heldFor(job, held, down)
  const { tapes, holding } = tapeLines({
    job,
    hems,
    recipes,
    lies,
    settled: settled ? kindOf(job, settled.tapeId, settled.widthMm) : null,
    heldMm: holdingMm({ job, hems, recipes, needs, parameters }),
  })
  const covers = coverLines(job, needs, down)
  const sealants = sealantLines(job, hems, recipes)
  const glazes = glazeLines(job, hems, recipes, parameters)
  const liquids = liquidLines(job, hems, recipes)
  const sum = (lines: readonly { costMinor: number }[]) => lines.reduce((all, line) => all + line.costMinor, 0)
  const each = [...recipes.values()]
  return {
    tapes,
    holding: holding && { ...holding, roomIds: [...new Set(held.map(({ roomId }) => roomId))] },
    covers,
    sealants,
    glazes,
    keepColours: keepColourLines(job, hems, recipes, parameters),
    liquids,
    tools: toolLines(job.shelf, recipes.values()),
    coatings: coatingLines(job, hems, recipes, parameters),
    materialMinor:
      tapes.reduce((all, line) => all + line.usedMinor, 0) + sum(covers) + sum(sealants) + sum(glazes) + sum(liquids),
    labourMinor: each.reduce((all, recipe) => all + recipe.cost.labour, 0),
    mendingMinor: each.reduce((all, recipe) => all + recipe.cost.mending, 0),
  }
}

/** How long papers and films lie at the longest, by when their rooms are covered and uncovered. */
function heldFor(job: Job, held: readonly CoverNeed[], down: Down): HeldFor {
  const outside = new Set(job.rooms.flatMap((room) => (room.kind === 'elevation' ? [room.id] : [])))
  const days = held.map(({ roomId }) => {
    const span = down.get(roomId)
    return span ? (span.to - span.from) / MIN_PER_DAY : 0
  })
  return { days: Math.max(0, ...days), isOutside: held.some(({ roomId }) => outside.has(roomId)) }
}

interface TapeLinesSetup {
  readonly job: Job
  readonly hems: readonly Hem[]
  readonly recipes: ReadonlyMap<string, Recipe>
  readonly lies: HeldFor
  readonly settled: HoldingKind | null
  readonly heldMm: number
}

function tapeLines({ job, hems, recipes, lies, settled, heldMm }: TapeLinesSetup): {
  readonly tapes: TapeLine[]
  readonly holding: Omit<LoadHolding, 'roomIds'> | null
} {
  const taped = hems.flatMap((hem) => {
    const { tapeId, widthMm } = recipes.get(hem.id) ?? { tapeId: null, widthMm: 0 }
    return tapeId ? [{ hem, tapeId, widthMm }] : []
  })
  const groups = [...groupedBy(taped, (each) => `${each.tapeId}|${each.widthMm}`).values()].map((alike) => {
    const { tapeId, widthMm } = nth(alike, 0)
    return { ...kindOf(job, tapeId, widthMm), hems: alike.map((each) => each.hem) }
  })
  const holding = heldMm > 0 ? (settled ?? holdingKind(job, groups, heldMm, lies)) : null
  const isHolding = ({ tape, roll }: HoldingKind) =>
    tape.id === holding?.tape.id && roll.widthMm === holding.roll.widthMm
  const lines = groups.map((group) =>
    tapeLine({ job, recipes, holdingKind: group, group: group.hems, holdMm: isHolding(group) ? heldMm : 0 }),
  )
  const isApart = holding !== null && !groups.some(isHolding)
  return {
    tapes: isApart ? [...lines, tapeLine({ job, recipes, holdingKind: holding, group: [], holdMm: heldMm })] : lines,
    holding: holding && {
      ...lies,
      tapeId: holding.tape.id,
      widthMm: holding.roll.widthMm,
      stayDays: stayOf(holding, lies),
    },
  }
}

function kindOf(job: Job, tapeId: string, widthMm: number): HoldingKind {
  const tape = tapeOf(job.shelf, tapeId)
  return { tape, roll: sure(tape.rolls.find((roll) => roll.widthMm === widthMm)) }
}

interface TapeLineSetup {
  readonly job: Job
  readonly recipes: ReadonlyMap<string, Recipe>
  readonly holdingKind: HoldingKind
  readonly group: readonly Hem[]
  readonly holdMm: number
}

function tapeLine({ job, recipes, holdingKind: { tape, roll }, group, holdMm }: TapeLineSetup): TapeLine {
  const hemMm = group.reduce((sum, hem) => sum + hem.lengthMm, 0)
  const tabsOf = (hem: Hem) => tabsMm(job.house, hem, sure(recipes.get(hem.id)))
  const tabs = group.reduce((sum, hem) => sum + tabsOf(hem), 0)
  const wasted = group.reduce((sum, hem) => sum + (hem.lengthMm + tabsOf(hem)) * wastePctIn(job, hem.roomId), 0)
  const wasteMm = Math.ceil((wasted + holdMm * job.house.wastePct) / 100)
  const totalMm = hemMm + tabs + holdMm + wasteMm
  const stockMm = Math.min(totalMm, roll.stockMm)
  const rolls = Math.ceil((totalMm - stockMm) / tape.rollLengthMm)
  return {
    tapeId: tape.id,
    widthMm: roll.widthMm,
    hemIds: group.map((hem) => hem.id),
    hemMm,
    tabsMm: tabs,
    holdMm,
    wasteMm,
    totalMm,
    stockMm,
    rolls,
    ...buy(roll, rolls),
    usedMinor: Math.round((totalMm / tape.rollLengthMm) * roll.priceMinor),
  }
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
