import type { Parameters } from '../parameters/parameters'
import {
  type Crew,
  type HouseRules,
  type PaintStep,
  type Room,
  said,
  type Said,
  type Shelf,
  listed,
  decimals,
} from '../ground'
import type { JobClocks } from '../cure/areaClocks'
import { sealantOf } from '../catalogue/find'
import { coatOfStep } from '../cure/film'
import { instantOfGain } from '../cure/rateClock'
import type { Hem } from '../hems/deriveHems'
import type { Recipe } from '../recipes/recipe'
import { crewSpeed } from '../calendar/calendar'
import { wetMinutes, workByWall, type WallWork } from './stepWork'
import { longestWet } from './wetTimes'

/** Walls that one crew does in one go. */
export interface WallGroup {
  readonly work: readonly WallWork[]
  readonly wetNeedMin: number
  readonly wetWindowMin: number | null
  /** Minutes a fresh edge still runs when it is freed: a short round waits that long before it pulls. */
  readonly settleMin: number
  readonly why: Said
  readonly problem: Said | null
}

export interface GroupingSetup {
  readonly room: Room
  readonly step: PaintStep
  readonly hems: readonly Hem[]
  readonly recipes: ReadonlyMap<string, Recipe>
  readonly house: HouseRules
  readonly shelf: Shelf
  readonly clocks: JobClocks
  readonly crew: Crew
  /** About when it will be done, for the air of the day. */
  readonly at: number
  /** Longest unbroken stretch of the crew's day. */
  readonly stretchMin: number
  readonly parameters: Parameters
}

/**
 * Groups a step's walls, left to right, into the largest rounds that the crew can seal, coat and pull before bead
 * or paint skins, and that fit between two breaks. A wall too long on its own stays one round and says so.
 */
export function groupRounds(setup: GroupingSetup): WallGroup[] {
  const works = workByWall(setup.room, setup.step, setup.hems, setup.house)
  const groups: WallGroup[] = []
  let open: WallWork[] = []
  for (const work of works) {
    const wider = [...open, work]
    if (open.length > 0 && !fits(setup, wider)) {
      groups.push(groupOf(setup, open))
      open = [work]
    } else open = wider
  }
  if (open.length > 0) groups.push(groupOf(setup, open))
  return groups
}

function fits(setup: GroupingSetup, works: readonly WallWork[]): boolean {
  const { need, window, total } = wetTimes(setup, works)
  return (window === null || need <= window * setup.parameters.work.wetMargin.value) && total <= setup.stretchMin
}

interface WetTimes {
  /** Minutes the worst hem stays wet, and may; whichever of bead and paint is nearer its limit. */
  readonly need: number
  readonly window: number | null
  /** Minutes of the whole unbroken part. */
  readonly total: number
}

function wetTimes(setup: GroupingSetup, works: readonly WallWork[]): WetTimes {
  const { house, step, crew, recipes } = setup
  const minutes = works.flatMap((work) => wetMinutes(work, recipes, house, step, crewSpeed(crew, setup.parameters)))
  const total = minutes.reduce((sum, each) => sum + each.seal + each.coat + each.pull, 0)
  const hems = works.flatMap((work) => work.hems).filter((hem) => hem.stepId === step.id)
  if (!hems.some((hem) => recipes.get(hem.id)?.pull === 'wet')) return { need: 0, window: null, total }
  const { bead, paint } = longestWet(minutes)
  const paintWindow = windowMin(setup, coatOfStep(setup.shelf, step).openMin)
  const skins = hems.flatMap((hem) => {
    const id = recipes.get(hem.id)?.sealantId
    return id ? [sealantOf(setup.shelf, id).skinMin] : []
  })
  const beadWindow = skins.length ? windowMin(setup, Math.min(...skins)) : null
  if (beadWindow !== null && (paintWindow === null || bead / beadWindow > paint / paintWindow)) {
    return { need: bead, window: beadWindow, total }
  }
  return { need: paint, window: paintWindow, total }
}

function windowMin(setup: GroupingSetup, labelMin: number): number | null {
  const end = instantOfGain(setup.clocks.drying, setup.at, labelMin)
  return end === null ? null : end - setup.at
}

function groupOf(setup: GroupingSetup, works: readonly WallWork[]): WallGroup {
  const { need, window } = wetTimes(setup, works)
  const walls = listed(
    works.map((work) => setup.room.walls.find((wall) => wall.id === work.wallId)?.name ?? work.wallId),
  )
  const facts = { count: works.length, walls, need: Math.ceil(need), window: window === null ? 0 : Math.floor(window) }
  const why = window === null ? said('round.whole', { step: setup.step.name }) : said('round.size', facts)
  const tooLong = window !== null && need > window
  const problem = tooLong
    ? said('round.too_long', { room: setup.room.name, ...facts, times: decimals(need / window, 1) })
    : null
  const settleMin =
    windowMin(setup, coatOfStep(setup.shelf, setup.step).openMin * setup.parameters.work.settleShare.value) ?? 0
  return { work: works, wetNeedMin: need, wetWindowMin: window, settleMin, why, problem }
}
