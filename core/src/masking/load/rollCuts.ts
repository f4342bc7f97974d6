import type { Cover, Fact, Job } from '../../base/nouns'
import type { Bar, Wanted } from '../../solve/cutting/bar'
import { cutRolls, USUAL_EFFORT } from '../../solve/cutting/cutRolls'
import type { SearchLimits } from '../../solve/cutting/search'
import type { CoverNeed } from '../covers/coverNeed'
import { groupedBy } from '../../base/units/groupedBy'
import type { Down } from './down'

/** A length cut off a roll, for one place. */
export interface PanelCut {
  readonly roomId: string
  readonly what: Fact
  readonly lengthMm: number
  /** When its room is covered, minutes since the epoch; null where the plan has no place for it. */
  readonly from: number | null
}

/** One roll, part roll or offcut, and what is cut off it in the order it is needed. */
export interface CutRoll {
  readonly coverId: string
  readonly lengthMm: number
  /** The part roll or offcut it is, by its id on the shelf; null for a roll that is bought. */
  readonly remnantId: string | null
  readonly panels: readonly PanelCut[]
  /** Run off along lines, wherever it joins, mm. */
  readonly runMm: number
  readonly leftMm: number
  /** What is left is long enough to be kept. */
  readonly isKept: boolean
}

/** How one kind of film or paper is cut for a job. Money in minor units. */
export interface RollCuts {
  readonly coverId: string
  readonly rolls: readonly CutRoll[]
  readonly priceMinor: number
  /** No way to cut it costs less. Equal to the price: as cheap as can be. */
  readonly leastMinor: number
}

/** Shorter ends are thrown away, mm. From memory. */
export const KEPT_MM = 2000
/** Rolls are cut to the centimetre. */
const UNIT_MM = 10

interface RollCutsSetup {
  readonly job: Job
  readonly cover: Cover
  readonly needs: readonly CoverNeed[]
  readonly down: Down
  readonly effort?: SearchLimits
}

/**
 * Panels of one width cut from rolls as sold, of whatever lengths the shelf has, and from what is left of earlier ones,
 * old before new; then strips from what is left over, and from rolls of their own.
 *
 * @param needs  all of covers that come off rolls of one kind and width
 */
export function rollCuts({ job, cover, needs, down, effort = USUAL_EFFORT }: RollCutsSetup): RollCuts {
  const panels = needs.flatMap((need) =>
    need.cuts.map((mm): PanelCut => {
      const from = down.get(need.roomId)?.from ?? null
      return { roomId: need.roomId, what: need.what, lengthMm: withWaste(mm, job, cover), from }
    }),
  )
  const stripsMm = needs.reduce((all, need) => all + (need.cuts.length === 0 ? need.runMm : 0), 0)
  const bars = barsOf(job, cover)
  const { rolls, priceMinor, leastMinor } = panelRolls(bars, panels, effort)
  return {
    coverId: cover.id,
    ...withStrips(bars, { rolls, priceMinor, leastMinor }, Math.ceil(stripsMm * wasteOf(job))),
  }
}

const wasteOf = ({ house }: Job): number => 1 + house.wastePct / 100
/** A panel with what the hand wastes, to the centimetre up; none is longer than the roll it was measured for. */
const withWaste = (mm: number, job: Job, { lengthMm }: Cover): number =>
  UNIT_MM * Math.min(Math.ceil((mm * wasteOf(job)) / UNIT_MM), Math.floor(lengthMm / UNIT_MM))

interface RollBar extends Bar {
  readonly coverId: string
  readonly remnantId: string | null
}

/** What panels of a width can be cut from: sizes on the shelf, and what is there of them. */
function barsOf({ shelf }: Job, cover: Cover): RollBar[] {
  const alike = shelf.covers.filter(
    (each) =>
      each.id === cover.id ||
      (!each.retired &&
        each.kind === cover.kind &&
        each.widthMm === cover.widthMm &&
        each.gramsPerM2 === cover.gramsPerM2),
  )
  const sold = alike.map(({ id, lengthMm, priceMinor }): RollBar => ({
    id,
    coverId: id,
    remnantId: null,
    length: lengthMm,
    price: priceMinor,
    count: null,
  }))
  const there = shelf.remnants.flatMap(({ id, coverId, lengthMm }): RollBar[] =>
    alike.some((each) => each.id === coverId)
      ? [{ id, coverId, remnantId: id, length: lengthMm, price: 0, count: 1 }]
      : [],
  )
  return [...there.sort((a, b) => a.length - b.length), ...sold]
}

function panelRolls(bars: readonly RollBar[], panels: readonly PanelCut[], effort: SearchLimits) {
  const byLength = groupedBy(
    [...panels].sort((a, b) => (a.from ?? Infinity) - (b.from ?? Infinity)),
    (panel) => panel.lengthMm,
  )
  const wanted = [...byLength].map(([length, own]): Wanted => ({ length: length / UNIT_MM, count: own.length }))
  const whole = bars.map((bar) => ({ ...bar, length: Math.floor(bar.length / UNIT_MM) }))
  const { cuts, price, lowerBound } = cutRolls(whole, wanted, effort)
  const queues = [...byLength.values()].map((own) => [...own])
  const rolls = cuts.map(({ bar, pieces }) => {
    const own = pieces.flatMap((count, i) => queues[i]?.splice(0, count) ?? [])
    return rollOf(bars[bar], own, 0)
  })
  return { rolls, priceMinor: price, leastMinor: lowerBound }
}

function rollOf(bar: RollBar | undefined, panels: readonly PanelCut[], runMm: number): CutRoll {
  const { coverId = '', remnantId = null, length = 0 } = bar ?? {}
  const leftMm = length - runMm - panels.reduce((all, panel) => all + panel.lengthMm, 0)
  const inOrder = [...panels].sort((a, b) => (a.from ?? Infinity) - (b.from ?? Infinity))
  return { coverId, remnantId, lengthMm: length, panels: inOrder, runMm, leftMm, isKept: leftMm >= KEPT_MM }
}

type Cutting = Pick<RollCuts, 'rolls' | 'priceMinor' | 'leastMinor'>

/** Strips join anywhere: they take what panels leave over, then part rolls, then rolls of the cheapest size by the metre. */
function withStrips(bars: readonly RollBar[], cutting: Cutting, stripsMm: number): Cutting {
  let left = stripsMm
  const take = (roll: CutRoll): CutRoll => {
    const runMm = roll.leftMm >= KEPT_MM ? Math.min(roll.leftMm, left) : 0
    left -= runMm
    const leftMm = roll.leftMm - runMm
    return { ...roll, runMm, leftMm, isKept: leftMm >= KEPT_MM }
  }
  const rolls = cutting.rolls.map(take)
  const used = new Set(rolls.flatMap(({ remnantId }) => remnantId ?? []))
  for (const bar of bars)
    if (left > 0 && bar.remnantId !== null && !used.has(bar.remnantId)) rolls.push(take(rollOf(bar, [], 0)))
  const [cheapest] = bars.filter((bar) => bar.count === null).sort((a, b) => a.price / a.length - b.price / b.length)
  let bought = 0
  while (left > 0 && cheapest) {
    rolls.push(take(rollOf(cheapest, [], 0)))
    bought += cheapest.price
  }
  const earliest = ({ panels }: CutRoll): number => panels[0]?.from ?? Infinity
  return {
    rolls: rolls.filter((roll) => roll.panels.length > 0 || roll.runMm > 0).sort((a, b) => earliest(a) - earliest(b)),
    priceMinor: cutting.priceMinor + bought,
    leastMinor: cutting.leastMinor + bought,
  }
}
