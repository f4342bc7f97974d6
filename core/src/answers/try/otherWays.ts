import { improve } from '../../solve/engine/improve'
import type { Job, Room } from '../../base/nouns'
import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { translate } from '../../planning/plan/problemModel'
import { seededNumbers } from '../../base/units/seeded'
import { lateness, withDues } from './betterPlan'
import { isBetter, judged, type Judged } from '../chain/judge'
import { planWithoutTurns, planWithProblem, type Chain } from '../chain/planJob'
import { supposed, type Supposed } from './whatIf'
import { choiceModel, kindOfWay, type RoomChoice, type Variant } from './choiceModel'

/** How rooms are best done otherwise than now: by whom, in how large rounds, who takes the gun. */
export interface OtherWays {
  /** What would be changed, in the order of the rooms; empty when nothing is better by what is worth telling people. */
  readonly moves: readonly Supposed[]
  /** When all ends with that, and before when it ends in no other way. Minutes since the epoch; null where no bound is known. */
  readonly endsAt: number
  readonly boundAt: number | null
  /** No other way of these ends sooner by what is worth telling people. */
  readonly isProved: boolean
  /** Sets of ways there are. */
  readonly count: number
}

interface OtherWaysSetup {
  readonly isOver: () => boolean
  readonly seed: number
  /** Rounds of search after which it stops whatever the time. */
  readonly rounds?: number
  readonly onProgress?: (best: number | null, bound: number) => void
}

/** Smaller rounds that are tried, as a share of the usual. From memory. */
export const SMALLER_ROUNDS = 0.7
/** A room changes hands for this much at least, min: nobody is told otherwise for less. From memory. */
const WORTH_MIN = 15

/**
 * Looks for better ways in one search with their times: each way of each room is cut into rounds and timed by itself, and the
 * engine chooses among them. Rooms that name their crew keep it; those that are begun stay as they are. What comes out is planned
 * as any job and judged by the same check.
 */
export function otherWays(
  job: Job,
  now: number,
  ways: OtherWaysSetup,
  parameters: Parameters = DEFAULT_PARAMETERS,
): OtherWays {
  const anew: Job = { ...job, published: null }
  const plan = (each: Job) => planWithProblem(each, now, parameters)
  const base = plan(anew)
  const before = judged(base.problem, { placed: base.plan.proposed, unplaced: [] })
  const choices = choicesOf(anew, base)
  const count = choices.reduce((all, choice) => all * choice.ways.length, 1)
  if (count === 1) return { moves: [], endsAt: before.endsAt, boundAt: before.endsAt, isProved: true, count }
  // When guns are cleaned hangs on the whole plan: it is left out of the search, and in the plan that is told.
  const bare = (each: Job) => planWithoutTurns(each, now, parameters)
  const variants = variantsOf(anew, choices, bare, ways.isOver)
  const merged = choiceModel(bare(anew), variants.list, choices)
  const { origin } = merged
  // Each room is through when it is due, however late a way that takes longer would be of itself.
  const due = { ...merged, hint: merged.hint.map(() => 0) }
  const model = before.lateMin > 0 ? lateness(base.problem, merged, before) : withDues(base.problem, due, before)
  const { rounds, seed, isOver } = ways
  const answer = improve(model, {
    random: seededNumbers(seed),
    isOver,
    ...(rounds === undefined ? {} : { rounds }),
    onProgress: (best, bound) => ways.onProgress?.(best === null ? null : origin + best, origin + bound),
  })
  const isEnd = before.lateMin === 0
  const bound = isEnd && variants.isAll && answer.bound !== null ? origin + answer.bound : null
  // Of rooms that are late the latest was looked at, not the end; and what ends sooner on paper only is no proof.
  const told = (moves: OtherWays['moves'], endsAt: number): OtherWays => ({
    moves,
    endsAt,
    boundAt: bound === null ? null : Math.min(bound, endsAt),
    isProved: bound !== null && endsAt < bound + WORTH_MIN,
    count,
  })
  if (!answer.schedule) return told([], before.endsAt)
  const moves = merged.taken(answer.schedule).flatMap((way, c) => (way === 0 ? [] : (choices[c]?.ways[way] ?? [])))
  if (moves.length === 0) return told([], before.endsAt)
  const next = plan(moves.reduce(supposed, anew))
  const found = realised(next, merged.startsOf(answer.schedule), before)
  return isWorth(found, before) ? told(moves, found.endsAt) : told([], before.endsAt)
}

/** The starts the engine found in the plan of the job so changed, or what is planned at once where that is better. */
function realised({ plan, problem }: Chain, starts: ReadonlyMap<string, number>, before: Judged): Judged {
  const first = judged(problem, { placed: plan.proposed, unplaced: [] })
  const task = translate(problem, { placed: plan.proposed }, { until: before.endsAt })
  const schedule = Int32Array.from(task.model.tasks, ({ id }, i) => starts.get(id) ?? task.hint[i] ?? 0)
  const found = judged(problem, task.placementOf(schedule))
  return isBetter(found, first, ['hand-backs', 'end']) ? found : first
}

const wrongs = ({ misses }: Judged): number => misses.filter((miss) => miss.kind !== 'outside-shift').length

/** Minutes after hours, for wet tape or a gun to clean, are told but stand against nobody. */
const isWorth = (one: Judged, other: Judged): boolean =>
  wrongs(one) !== wrongs(other)
    ? wrongs(one) < wrongs(other)
    : one.lateMin !== other.lateMin
      ? one.lateMin < other.lateMin
      : one.endsAt <= other.endsAt - WORTH_MIN

/** Rooms that may be done otherwise; the fronts of a house that share a gun go together. */
function choicesOf(job: Job, { plan, problem }: Chain): RoomChoice[] {
  const begun = new Set(
    plan.tasks.flatMap((task) => (problem.done.some(({ id }) => id === task.id) ? task.roomId : [])),
  )
  const open = job.rooms.filter((room) => !begun.has(room.id) && plan.tasks.some((task) => task.roomId === room.id))
  const isSprayed = (room: Room) => room.steps.some((step) => step.tool === 'spray')
  const house = open.filter((room) => room.kind === 'elevation' && isSprayed(room))
  const groups = [
    ...(house.length > 0 ? [house] : []),
    ...open.filter((room) => !house.includes(room)).map((room) => [room]),
  ]
  const crewOf = new Map(plan.rounds.map((round) => [round.roomId, round.crewId]))
  const wet = new Set(plan.rounds.flatMap((round) => (round.wet ? round.roomId : [])))
  const able = job.crews.filter((crew) => crew.people.length > 0).map((crew) => crew.id)
  return groups.flatMap((rooms): RoomChoice[] => {
    const [first] = rooms
    if (!first) return []
    const own = crewOf.get(first.id)
    const crews = rooms.some((room) => room.crewId !== null) ? [] : able.filter((id) => id !== own)
    const settled = job.planning.rooms.find((room) => room.roomId === first.id)
    const guns = rooms.some(isSprayed) ? able.filter((id) => id !== (settled?.gunCrewId ?? own)) : []
    const isWet = rooms.some((room) => wet.has(room.id)) && (settled?.roundShare ?? 1) === 1
    const all = (of: (roomId: string) => Supposed) => rooms.map((room) => of(room.id))
    const smaller = all((roomId) => ({ if: 'rounds', roomId, share: SMALLER_ROUNDS }))
    const byCrew = crews.map((crewId) => all((roomId) => ({ if: 'crew', roomId, crewId })))
    const ways: (readonly Supposed[])[] = [
      [],
      ...byCrew,
      ...(isWet ? [smaller, ...byCrew.map((moves) => [...moves, ...smaller])] : []),
      ...guns.map((crewId) => all((roomId) => ({ if: 'gun', roomId, crewId }))),
    ]
    return ways.length > 1 ? [{ roomIds: rooms.map((room) => room.id), ways }] : []
  })
}

/** Every kind of way, planned with all rooms done in it that can be: what a room is like in it hangs on no other. */
function variantsOf(
  job: Job,
  choices: readonly RoomChoice[],
  plan: (job: Job) => Chain,
  isOver: () => boolean,
): { readonly list: readonly Variant[]; readonly isAll: boolean } {
  const kinds = new Map<string, Supposed[]>()
  for (const { ways } of choices)
    for (const way of ways) {
      const key = kindOfWay(way)
      if (way.length > 0) kinds.set(key, [...(kinds.get(key) ?? []), ...way])
    }
  const list: Variant[] = []
  for (const [kind, moves] of kinds) {
    if (isOver()) return { list, isAll: false }
    list.push({ kind, chain: plan(moves.reduce(supposed, job)) })
  }
  return { list, isAll: true }
}
