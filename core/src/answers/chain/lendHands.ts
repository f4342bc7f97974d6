import { readActivity } from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import { blocksOf, type Block } from '../../planning/plan/blocks'
import { placeFirst } from '../../planning/plan/placeFirst'
import { translate } from '../../planning/plan/problemModel'
import { tidied } from '../../planning/plan/tidied'
import { intAt } from '../../base/units/sure'
import { layOut, serialSchemeOf } from '../../solve/engine/firstSchedule'
import type { Placement } from '../../planning/plan/placement'
import type { PriceOf } from '../../planning/price/planPrice'
import type { ScheduleProblem } from '../../planning/problem/problem'
import { modeOf, withCrews, type GivenTo } from '../../planning/problem/withCrews'
import { isBetter, judged, type Judged } from './judge'

interface LendSetup {
  readonly problem: ScheduleProblem
  /** The plan at hand, begun as early as may be. */
  readonly early: Placement
  readonly priceOf: PriceOf
  /** Rooms in which others may lend a hand, the neediest first, by a plan. */
  readonly roomsOf: (plan: Judged) => readonly string[]
  /** Plans that are tried at most. */
  readonly tries: number
  readonly isOver: () => boolean
}

/** A plan in which crews lend each other a hand, and its problem with the work given to whoever does it. */
export interface Lent {
  readonly problem: ScheduleProblem
  readonly plan: Judged
}

/**
 * Gives what is left of a room, one of its colours, or one of its rounds to another crew, as long as that makes the plan cheaper and
 * breaks nothing more: somebody who would wait helps where a room is late. It begins with what helps most, then again with what helps
 * most in each other room, since help in one may stand in the way of more elsewhere. Null where nobody's help wins anything.
 */
export function lendHands(setup: LendSetup): Lent | null {
  const { problem, early, priceOf, roomsOf } = setup
  const search = { ...setup, left: setup.tries }
  const base: Lent = { problem, plan: judged(problem, early, priceOf) }
  const helps = helpsFrom(search, base)
  const starts = roomsOf(base.plan).flatMap((roomId) => helps.find((help) => help.roomId === roomId) ?? [])
  const best = starts.sort(cheaperFirst).reduce((found, start) => {
    const end = descended(search, start.lent, helps)
    return isBetter(end.plan, found.plan, []) ? end : found
  }, base)
  return best === base ? null : best
}

/** What is looked at, and how many plans may still be tried. */
interface Search extends LendSetup {
  left: number
}

interface Share {
  readonly roomId: string
  readonly given: GivenTo
}

/** A share that makes a plan cheaper, with the plan it makes. */
interface Help extends Share {
  readonly lent: Lent
}

const cheaperFirst = (a: Help, b: Help): number => (isBetter(a.lent.plan, b.lent.plan, []) ? -1 : 1)

/** Shares looked at more closely of those that look best at once. From memory. */
const LOOKED_AT = 6

/** Shares that help by themselves, the best first. Which are looked at closely, their price says before anything is checked. */
const helpsFrom = (search: Search, here: Lent): Help[] =>
  search
    .roomsOf(here.plan)
    .flatMap((roomId) => sharesIn(search.problem, roomId))
    .flatMap((share) => {
      const problem = givenTo(search, here, share)
      if (!problem) return []
      const { placed, unplaced } = placeFirst(problem)
      return [{ share, unplaced: unplaced.length, minor: search.priceOf(placed, []).totalMinor }]
    })
    .sort((a, b) => a.unplaced - b.unplaced || a.minor - b.minor)
    .slice(0, LOOKED_AT)
    .map(({ share }) => share)
    .flatMap((share) => {
      const lent = tried(search, here, share)
      return lent ? [{ ...share, lent }] : []
    })
    .sort(cheaperFirst)

/** From a plan on: what helped by itself may help beside what helped most; then all is looked at anew. */
function descended(search: Search, start: Lent, helps: readonly Share[]): Lent {
  let [best, shares] = [start, helps]
  for (;;) {
    for (const share of shares) best = tried(search, best, share) ?? best
    const [first, ...rest] = helpsFrom(search, best)
    if (!first) return best
    best = first.lent
    shares = rest
  }
}

/** A plan with a share given to its crew, where that is better. */
function tried(search: Search, here: Lent, share: Share): Lent | null {
  const problem = givenTo(search, here, share)
  if (!problem) return null
  const plan = hastened(problem, search.priceOf)
  return isBetter(plan, here.plan, []) ? { problem, plan } : null
}

/** The work with a share given to its crew; null where that crew has it already, or no more may be tried. */
function givenTo(search: Search, here: Lent, share: Share): ScheduleProblem | null {
  const others = othersOf(here.problem, share.given)
  if (others.size === 0 || search.left <= 0 || search.isOver()) return null
  search.left--
  return withCrews(here.problem, others)
}

/** All begun as early as may be. */
const earlyOf = (problem: ScheduleProblem, priceOf: PriceOf): Judged => judged(problem, placeFirst(problem), priceOf)

/** The same, or, where a room is late so, late rooms before all else. */
function hastened(problem: ScheduleProblem, priceOf: PriceOf): Judged {
  const early = earlyOf(problem, priceOf)
  const late = new Set(lateRoomsOf(early))
  if (late.size === 0) return early
  const task = translate(problem, early.placement)
  const isLate = task.items.map(({ block }) => late.has(block.activities[0].roomId))
  const schedule = layOut(serialSchemeOf(task.model), (i) => (isLate[i] ? task.model.horizon : 0) - intAt(task.hint, i))
  if (!schedule) return early
  const plan = judged(problem, tidied(problem, task.placementOf(schedule)), priceOf)
  return isBetter(plan, early, []) ? plan : early
}

/** Of what a crew would take over, what another does so far. */
const othersOf = ({ activities }: ScheduleProblem, share: GivenTo): GivenTo =>
  new Map(
    activities.flatMap(({ id, modes }): [string, string][] => {
      const crewId = share.get(id)
      return crewId !== undefined && modes.every((mode) => mode.crewId !== crewId) ? [[id, crewId]] : []
    }),
  )

/** Ways to give work of a room to a crew: all that is left, a colour, what of it is on some walls, a round. */
function sharesIn(problem: ScheduleProblem, roomId: string): Share[] {
  const blocks = blocksOf(problem).filter(({ activities }) => activities[0].roomId === roomId)
  const parts = [stepOf, wallsOf, roundOf].reduce((all, by) => [...all, ...groupedBy(blocks, by).values()], [blocks])
  const seen = new Set<string>()
  return problem.crews.flatMap(({ id: crewId }) =>
    parts.flatMap((part) => {
      const ids = part
        .filter((block) => mayTake(block, crewId))
        .flatMap(({ activities }) => activities.map(({ id }) => id))
      const key = [crewId, ...ids].join(' ')
      if (ids.length === 0 || seen.has(key)) return []
      seen.add(key)
      return [{ roomId, given: new Map(ids.map((id) => [id, crewId])) }]
    }),
  )
}

/** Whether a crew may do all of a block. */
const mayTake = ({ activities }: Block, crewId: string): boolean =>
  activities.every((act) => modeOf(act, { crewId }) !== undefined)

const stepOf = ({ activities: [{ id }] }: Block): string => {
  const ref = readActivity(id)
  return ref?.of === 'step' ? ref.stepId : ref?.of === 'round' ? ref.round.stepId : ''
}

/** Parts of one wall are rolled as one: whoever has its last line has its field. */
const wallsOf = ({ activities: [{ id }] }: Block): string => {
  const ref = readActivity(id)
  return ref?.of === 'round' ? [ref.round.stepId, ...ref.round.wallIds].join(' ') : id
}

const roundOf = ({ activities: [{ id }] }: Block): string => {
  const ref = readActivity(id)
  return ref?.of === 'round' ? [ref.round.stepId, ...ref.round.wallIds, ref.round.part].join(' ') : id
}

/** Rooms that are handed back late, the latest first. */
export const lateRoomsOf = ({ late }: Pick<Judged, 'late'>): string[] =>
  [...late].sort((a, b) => (b.minutes ?? 0) - (a.minutes ?? 0)).flatMap(({ other }) => (other === null ? [] : [other]))
