import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { nth, sure } from '../../base/units/sure'
import { jobClocks } from '../../nature/cure/areaClocks'
import type { Job, KitKind } from '../../base/nouns'
import { deriveHems } from '../../survey/hems/deriveHems'
import { pickCandidate, safeOf } from '../recipes/pickCandidate'
import { rollCostPerM } from '../recipes/expectedCost'
import { needsWidthMm } from '../recipes/setting'
import { judgeRoom, type JudgedHem } from '../recipes/judgeRoom'
import { crewCalendars, HORIZON_DAYS, shiftFinder } from '../../nature/calendar/calendar'
import { MIN_PER_DAY, parseInstant } from '../../base/units/time'
import { chooseKit, kitTradeOff } from './chooseKit'

/** One kit on the trade-off: its kinds, what the hems cost with it, and which kind each hem gets. */
export interface JobKitPoint {
  readonly kinds: readonly KitKind[]
  /** Expected cost of all hems without the carrying, minor units. */
  readonly hemsMinor: number
  /** With the house's carrying cost for each kind that is not on the van already. */
  readonly totalMinor: number
  readonly kindOf: ReadonlyMap<string, KitKind>
}

export interface JobKit {
  readonly points: readonly JobKitPoint[]
  /** The cheapest kit at the house's carrying cost. */
  readonly best: JobKitPoint | null
  /** Hems that no kind on the shelf is safe for; they are left out of the kits. */
  readonly unserved: number
}

/** Tape kinds a job could carry: each width of each tape in use, by the widths its hems need. */
function kindsOf(job: Job, leastMm: number): KitKind[] {
  return job.shelf.tapes
    .filter((tape) => !tape.retired)
    .flatMap((tape) =>
      tape.rolls.filter((roll) => roll.widthMm >= leastMm).map((roll) => ({ tapeId: tape.id, widthMm: roll.widthMm })),
    )
}

/**
 * Which tapes to carry for a job: every hem its best, or few kinds, or between. The cost of a hem with one kind is that
 * of the recipe the house's rules would choose if that kind were all there was.
 */
export function jobKit(job: Job, parameters: Parameters = DEFAULT_PARAMETERS): JobKit {
  const judged = judgeJob({ ...job, kit: null }, parameters).filter(isTaped)
  const kinds = kindsOf(job, Math.min(24, ...judged.map(({ ctx }) => needsWidthMm(ctx))))
  const rows = judged.map((hem) => {
    const with_ = kinds.map((kind) => costWith(job, hem, kind))
    return { hem, real: with_.map((each) => each.cost), costs: byHouseOrder(with_) }
  })
  const served = rows.filter((row) => row.costs.some(Number.isFinite))
  // Kinds that no hem can use, or that another one beats everywhere, only slow the search.
  const serve = served.map((row) => row.costs)
  const inUse = kinds
    .map((_, j) => j)
    .filter((j) => serve.some((costs) => Number.isFinite(nth(costs, j))) && !isBeaten(serve, j))
  const lean = serve.map((costs) => inUse.map((j) => nth(costs, j)))
  const carryOf = (j: number) => (stockMm(job, nth(kinds, j)) > 0 ? 0 : job.house.kindMinor)
  const point = (own: readonly number[], kindOf: readonly number[]): JobKitPoint => {
    const hemsMinor = kindOf.reduce((sum, j, i) => sum + sure(nth(served, i).real[nth(inUse, j)]), 0)
    return {
      kinds: own.map((j) => sure(kinds[nth(inUse, j)])),
      hemsMinor: Math.round(hemsMinor),
      totalMinor: Math.round(hemsMinor + own.reduce((sum, j) => sum + carryOf(nth(inUse, j)), 0)),
      kindOf: new Map(kindOf.map((j, i) => [nth(served, i).hem.ctx.hem.id, sure(kinds[nth(inUse, j)])])),
    }
  }
  const best = lean.length ? chooseKit({ carry: inUse.map(carryOf), serve: lean }) : null
  return {
    points: lean.length ? kitTradeOff(lean, inUse.length).map((each) => point(each.kinds, each.kindOf)) : [],
    best: best && point(best.kinds, best.kindOf),
    unserved: rows.length - served.length,
  }
}

const stockMm = (job: Job, kind: KitKind): number =>
  job.shelf.tapes.find((tape) => tape.id === kind.tapeId)?.rolls.find((roll) => roll.widthMm === kind.widthMm)
    ?.stockMm ?? 0

/** Whether another kind is safe wherever this one is and never dearer; of two alike the first stays. */
function isBeaten(serve: readonly (readonly number[])[], j: number): boolean {
  const count = serve[0]?.length ?? 0
  return Array.from({ length: count }, (_, other) => other).some(
    (other) =>
      other !== j &&
      serve.every((costs) => sure(costs[other]) <= nth(costs, j)) &&
      (other < j || serve.some((costs) => sure(costs[other]) < nth(costs, j))),
  )
}

function judgeJob(job: Job, parameters: Parameters): JudgedHem[] {
  const clocks = jobClocks(job)
  const start = parseInstant(job.start)
  const calendars = crewCalendars(job, start, start + HORIZON_DAYS * MIN_PER_DAY)
  const nextShift = shiftFinder(calendars)
  return job.rooms.flatMap((room) =>
    judgeRoom({ job, room, hems: deriveHems(room, job.shelf).hems, clocks: clocks(room.id), nextShift, parameters }),
  )
}

/** Hems that take tape at all: panes under a liquid mask and lines cut by hand carry none. */
const isTaped = ({ ctx, judged }: JudgedHem): boolean => {
  const pick = pickCandidate(ctx, safeOf(judged))
  return pick === null || pick.candidate.tape !== null
}

/** A hem served by one kind: its cost, and how early the rule of choice comes to it. */
interface Served {
  readonly cost: number
  readonly rank: number
}

/** Reasons of the rule of choice, in its order: what comes first is taken even where a later one would cost less. */
const ORDER: readonly string[] = [
  'why.liquid_cheaper',
  'why.stacked',
  'why.school',
  'why.glaze_instead',
  'why.sealed_always',
  'why.least_cost',
  'why.school_fallback',
]
const NOT_SERVED: Served = { cost: Number.POSITIVE_INFINITY, rank: ORDER.length }

/** What a hem costs when only one kind is carried; Infinity where that is not safe or too narrow. */
function costWith(job: Job, { ctx, judged }: JudgedHem, kind: KitKind): Served {
  if (kind.widthMm < needsWidthMm(ctx)) return NOT_SERVED
  const safe = judged.filter((each) => each.tape?.id === kind.tapeId && each.ruledOut === null)
  const pick = pickCandidate(ctx, safe)
  const candidate = pick?.candidate
  if (!candidate?.tape || !candidate.roll) return NOT_SERVED
  const roll = sure(candidate.tape.rolls.find((each) => each.widthMm === kind.widthMm))
  const wider = rollCostPerM(candidate.tape, roll, job.house) - rollCostPerM(candidate.tape, candidate.roll, job.house)
  return {
    cost: ((candidate.costPerM.total + wider) * ctx.hem.lengthMm) / 1000,
    rank: ORDER.indexOf(sure(pick).why.code),
  }
}

/**
 * Costs as the choice sees them: a kind the rule of choice comes to later counts as dearer than every kind it comes to
 * before, so that a kit is valued as the recipes will use it.
 */
function byHouseOrder(kinds: readonly Served[]): number[] {
  const floors = ORDER.map((_, rank) =>
    kinds.reduce((most, each) => (each.rank < rank && each.cost > most ? each.cost : most), 0),
  )
  return kinds.map(({ cost, rank }) => (Number.isFinite(cost) ? Math.max(cost, nth(floors, rank)) : cost))
}
