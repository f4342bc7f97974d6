import type { Parameters } from '../../base/parameters/parameters'
import {
  type Coating,
  type Crew,
  type FieldOrder,
  type HouseRules,
  type PaintStep,
  type Room,
  said,
  type Said,
  type Shelf,
  listed,
} from '../../base/nouns'
import type { JobClocks } from '../../nature/cure/areaClocks'
import { sealantOf } from '../../survey/shelf/find'
import { coatOfStep, openOn } from '../../nature/cure/film'
import { surfaceClockOf, type PaintClock } from '../../nature/cure/paintClocks'
import { onceFor } from '../../base/units/onceFor'
import { longestSpan, shortestSpan } from '../../nature/cure/shortestSpan'
import type { Hem } from '../../survey/hems/deriveHems'
import type { Recipe } from '../../masking/recipes/recipe'
import { crewSpeed } from '../../nature/calendar/calendar'
import { fieldOrderOf, metresOf, wetMinutes, workByWall, type WallWork } from './stepWork'
import { bandShows } from '../../nature/risk/banding'
import { lightness } from '../../survey/rooms/contrast'
import { isDrunk } from '../../survey/rooms/drinks'
import { lastCoatOf } from '../../survey/rooms/faces'
import { longestWet } from './wetTimes'

/** Walls that one crew does in one go. */
export interface WallGroup {
  readonly work: readonly WallWork[]
  /** Which part of its one wall it is; null for whole walls. */
  readonly part: number | null
  /** When its field is rolled. */
  readonly fieldOrder: FieldOrder
  readonly wetNeedMin: number
  readonly wetWindowMin: number | null
  /** Minutes a fresh edge still runs when it is freed: a short round waits that long before it pulls. */
  readonly settleMin: number
  /** Longest unbroken stretch of the crew's day, min. */
  readonly stretchMin: number
  /** For each wall, how long its band lies open before a pair rolls it, min: one cuts in, another rolls behind. Null where they do not. */
  readonly pairNeeds: Readonly<Record<string, number>> | null
  readonly why: Said
  readonly problem: Said | null
}

interface GroupingSetup {
  readonly room: Room
  readonly step: PaintStep
  readonly hems: readonly Hem[]
  readonly recipes: ReadonlyMap<string, Recipe>
  readonly house: HouseRules
  readonly shelf: Shelf
  readonly clocks: JobClocks
  readonly crew: Crew
  /** Hours in which it may be done: the air of the fastest of them decides. */
  readonly hours: readonly number[]
  /** Longest unbroken stretch of the crew's day. */
  readonly stretchMin: number
  readonly parameters: Parameters
}

/**
 * Groups a step's walls, left to right, into the largest rounds that the crew can seal, coat and pull before bead
 * or paint skins, and that fit between two breaks. A wall too long on its own is divided where one line ends and the next
 * begins; a line too long on its own stays one round and says where to divide it.
 */
export function groupRounds(setup: GroupingSetup): WallGroup[] {
  const works = workByWall(setup.room, setup.step, setup.hems, setup.house)
  const groups: WallGroup[] = []
  let open: WallWork[] = []
  for (const work of works) {
    const wider = [...open, work]
    if (open.length > 0 && !(areAlike(setup, wider) && fits(setup, wider))) {
      groups.push(groupOf(setup, open))
      open = []
    } else if (open.length > 0) {
      open = wider
      continue
    }
    // A face is one pass for a gun: it stops at corners only, however soon an edge skins.
    const parts = setup.step.tool === 'spray' || fits(setup, [work]) ? [work] : divided(setup, work)
    if (parts.length === 1) open = [work]
    else groups.push(...parts.map((part) => groupOf(setup, [part])))
  }
  if (open.length > 0) groups.push(groupOf(setup, open))
  return groups
}

/**
 * A wall in parts that fit, from left to right, by the lines on it: at its openings, its corners, and points where
 * somebody cut a line. Its broad faces are filled in once, when the last of the lines is through, or before the first.
 */
function divided(setup: GroupingSetup, work: WallWork): WallWork[] {
  const hems = [...work.hems].sort((a, b) => leftOf(a) - leftOf(b))
  const [wet, others] = [hems.filter((hem) => comesOffWet(setup, hem)), hems.filter((hem) => !comesOffWet(setup, hem))]
  const groups: Hem[][] = []
  for (const hem of wet) {
    const last = groups.at(-1)
    if (last && fits(setup, [partOf(work, [...last, hem])])) last.push(hem)
    else groups.push([hem])
  }
  const order = orderOf(setup, [work])
  const holder = order === 'after-pull' ? groups.length - 1 : 0
  // Lines that mind no wet edge are a part of their own, behind those that do.
  const parts = others.length > 0 ? [...groups, others] : groups
  return parts.map((own, i) => {
    return { ...partOf(work, own), part: i + 1, restMin: i === holder ? work.restMin : 0 }
  })
}

/**
 * When the fields of some walls are rolled, by their recipes. A wall that does not fit within its line after all, in another hour's
 * air, is rolled behind its pull: its field stays whole.
 */
function orderOf(setup: GroupingSetup, works: readonly WallWork[]): FieldOrder {
  const { recipes, step } = setup
  const order = fieldOrderOf(works, recipes, step)
  if (order !== 'within') return order
  const isPulledWet = works.some((work) => work.restMin > 0 && work.hems.some((hem) => comesOffWet(setup, hem)))
  if (!isPulledWet || step.tool === 'spray') return order
  return works.every((work) => fitsWithin(setup, work)) ? order : 'after-pull'
}

/** Whether the fields of some walls may be rolled in the same order; one that has no field, or no wet line, goes with any. */
function areAlike(setup: GroupingSetup, works: readonly WallWork[]): boolean {
  const own = works.filter((work) => work.restMin > 0 && work.hems.some((hem) => comesOffWet(setup, hem)))
  return new Set(own.map((work) => orderOf(setup, [work]))).size <= 1
}

/** Whether lines, field and pull of one wall stay wet together; known once for each wall. */
function fitsWithin(setup: GroupingSetup, work: WallWork): boolean {
  const known = withinOf(setup)
  const found = known.get(work.wallId)
  if (found !== undefined) return found
  const { need, window, total } = wetTimesIn(setup, [work], 'within')
  const isFit = (window === null || need <= window * setup.parameters.work.wetMargin.value) && total <= setup.stretchMin
  known.set(work.wallId, isFit)
  return isFit
}

const withinOf = onceFor((_setup: GroupingSetup) => new Map<string, boolean>())

const comesOffWet = ({ recipes, step }: GroupingSetup, hem: Hem): boolean =>
  hem.stepId === step.id && recipes.get(hem.id)?.pull === 'wet'

const leftOf = (hem: Hem): number => Math.min(...hem.segments.map((s) => Math.min(s.x1, s.x2)))

/** Some of a wall's lines with their share of its field. */
function partOf(work: WallWork, hems: readonly Hem[]): WallWork {
  const along = hems.flatMap(({ id }): [string, number][] => {
    const minutes = work.alongMin.get(id)
    return minutes === undefined ? [] : [[id, minutes]]
  })
  const share = metresOf(hems) / metresOf(work.hems)
  return { ...work, hems, alongMin: new Map(along), restMin: work.restMin * share }
}

function fits(setup: GroupingSetup, works: readonly WallWork[]): boolean {
  const { need, window, total } = wetTimes(setup, works)
  if (setup.step.tool === 'spray') return total <= setup.stretchMin
  const inTime = window === null || need <= window * setup.parameters.work.wetMargin.value
  return inTime && total + rolledMin(setup, works) <= setup.stretchMin && reachesOpen(setup, works)
}

/** Minutes of the fields that follow the pull of some walls without a break. */
function rolledMin(setup: GroupingSetup, works: readonly WallWork[]): number {
  if (orderOf(setup, works) !== 'after-pull') return 0
  return works.reduce((sum, work) => sum + work.restMin, 0) / crewSpeed(setup.crew, setup.parameters)
}

/**
 * Whether the roller reaches every wall while its cut-in band is still open. Asked only where a band that has set would show; one
 * wall by itself is the smallest round there is.
 */
function reachesOpen(setup: GroupingSetup, works: readonly WallWork[]): boolean {
  if (!isBandOpen(setup, works)) return true
  const coating = coatingOn(setup, 1, works)
  const open = windowMin(setup, surfaceClockOf(coating), coating.openMin)
  const needs = isPair(setup) ? Object.values(pairNeeds(setup, works)) : bandNeeds(setup, works)
  return open === null || needs.every((need) => need <= open)
}

/** Whether several walls have lines that must be rolled up to while they are open. */
const isBandOpen = (setup: GroupingSetup, works: readonly WallWork[]): boolean =>
  works.length > 1 && doesBandShow(setup) && orderOf(setup, works) === 'after-pull'

/** How long each band lies open where walls are cut from left to right, the tape comes off, and they are rolled from left to right, min. */
function bandNeeds(setup: GroupingSetup, works: readonly WallWork[]): number[] {
  const speed = crewSpeed(setup.crew, setup.parameters)
  const walls = works.map((work) => ({ ...lineMinutes(setup, work, speed), roll: work.restMin / speed }))
  const pulled = walls.reduce((sum, { pull }) => sum + pull, 0)
  return walls.map((_, i) => {
    const cutBehind = walls.slice(i).reduce((sum, { cut }) => sum + cut, 0)
    const rolledBefore = walls.slice(0, i).reduce((sum, { roll }) => sum + roll, 0)
    return cutBehind + pulled + rolledBefore
  })
}

/** Somebody practised cuts in and takes the tape off, wall by wall, just ahead of another who rolls behind. Common practice, no published source. */
const isPair = ({ crew }: GroupingSetup): boolean =>
  crew.people.length > 1 && crew.people.some(({ skill }) => skill === 'practised')

/** How long each band lies open where one cuts a wall and takes its tape off while another rolls up to it, min. */
function pairNeeds(setup: GroupingSetup, works: readonly WallWork[]): Record<string, number> {
  const alone = 1 / setup.parameters.work.skillFactor.practised.value
  return Object.fromEntries(
    works.map((work) => {
      const { cut, pull } = lineMinutes(setup, work, alone)
      return [work.wallId, cut + pull]
    }),
  )
}

/** Minutes of a wall's lines, cut and freed, at some speed. */
function lineMinutes({ room, house, step, recipes }: GroupingSetup, work: WallWork, speed: number) {
  const minutes = wetMinutes({ room, work, recipes, house, step, speed, isApart: true })
  const sum = (pick: (each: (typeof minutes)[number]) => number) => minutes.reduce((all, each) => all + pick(each), 0)
  return { cut: sum(({ coat }) => coat), pull: sum(({ pull }) => pull) }
}

const doesBandShow = ({ shelf, step, parameters }: GroupingSetup): boolean =>
  bandShows(coatOfStep(shelf, step).sheen, lightness(step.swatch), parameters)

interface WetTimes {
  /** Minutes the worst hem stays wet, and may; whichever of bead and paint is nearer its limit. */
  readonly need: number
  readonly window: number | null
  /** Minutes of the whole unbroken part. */
  readonly total: number
}

const wetTimes = (setup: GroupingSetup, works: readonly WallWork[]): WetTimes =>
  wetTimesIn(setup, works, orderOf(setup, works))

function wetTimesIn(setup: GroupingSetup, works: readonly WallWork[], order: FieldOrder): WetTimes {
  const { house, step, crew, recipes } = setup
  const isApart = order !== 'within'
  const speed = crewSpeed(crew, setup.parameters)
  const minutes = works.flatMap((work) => wetMinutes({ room: setup.room, work, recipes, house, step, speed, isApart }))
  const total = minutes.reduce((sum, each) => sum + each.seal + each.coat + each.pull, 0)
  const hems = works.flatMap((work) => work.hems).filter((hem) => hem.stepId === step.id)
  if (!hems.some((hem) => comesOffWet(setup, hem))) return { need: 0, window: null, total }
  const { bead, paint } = longestWet(minutes)
  // Tape comes off beside the last coat only.
  const coating = coatingOn(setup, lastCoatOf(setup.room, step), works)
  const paintWindow = windowMin(setup, surfaceClockOf(coating), coating.openMin)
  const skins = hems.flatMap((hem) => {
    const id = recipes.get(hem.id)?.sealantId
    return id ? [sealantOf(setup.shelf, id).skinMin] : []
  })
  const beadWindow = skins.length ? windowMin(setup, 'drying', Math.min(...skins)) : null
  if (beadWindow !== null && (paintWindow === null || bead / beadWindow > paint / paintWindow)) {
    return { need: bead, window: beadWindow, total }
  }
  return { need: paint, window: paintWindow, total }
}

/** A coat of the step on some walls: the first on a ground that drinks is open for less long. */
const coatingOn = (
  { room, step, shelf, parameters }: GroupingSetup,
  coat: number,
  works: readonly WallWork[],
): Coating =>
  openOn(
    coatOfStep(shelf, step),
    isDrunk({ room, step, coat, wallIds: works.map(({ wallId }) => wallId) }),
    parameters.work.drunkShare,
  )

/** The shortest time in which something wet for `labelMin` at label conditions skins; null for never. */
function windowMin(setup: GroupingSetup, clock: PaintClock, labelMin: number): number | null {
  const known = windowsOf(setup)
  const key = `${clock} ${labelMin}`
  const found = known.get(key)
  if (found !== undefined) return found
  const window = shortestSpan(setup.clocks.paint(clock), setup.hours, labelMin)
  known.set(key, window)
  return window
}

const windowsOf = onceFor((_setup: GroupingSetup) => new Map<string, number | null>())

function groupOf(setup: GroupingSetup, works: readonly WallWork[]): WallGroup {
  const { need, window } = wetTimes(setup, works)
  const walls = listed(
    works.map((work) => setup.room.walls.find((wall) => wall.id === work.wallId)?.name ?? work.wallId),
  )
  const facts = { count: works.length, walls, need: Math.ceil(need), window: window === null ? 0 : Math.floor(window) }
  const pair = isPair(setup) && isBandOpen(setup, works) ? pairNeeds(setup, works) : null
  const size = pair ? said('round.pair', facts) : said('round.size', facts)
  const why = window === null ? said('round.whole', { step: setup.step.name }) : size
  const fieldOrder = orderOf(setup, works)
  const problem = window !== null && need > window ? tooLong(setup, facts) : null
  const coating = coatOfStep(setup.shelf, setup.step)
  const settleRefMin = coating.openMin * setup.parameters.work.settleShare.value
  const settleMin = longestSpan(setup.clocks.paint(surfaceClockOf(coating)), setup.hours, settleRefMin) ?? 0
  return {
    work: works,
    part: works[0]?.part ?? null,
    fieldOrder,
    wetNeedMin: need,
    wetWindowMin: window,
    settleMin,
    stretchMin: setup.stretchMin,
    pairNeeds: pair,
    why,
    problem,
  }
}

/** A line too long for its window, and what divides it: never more haste, and never a dry pull over a bead. */
function tooLong(
  { room, parameters }: GroupingSetup,
  facts: { readonly walls: Said['facts'][string]; readonly need: number; readonly window: number },
): Said {
  const parts = Math.ceil(facts.need / Math.max(1, facts.window * parameters.work.wetMargin.value))
  return said('round.too_long', { room: room.name, ...facts, parts })
}
