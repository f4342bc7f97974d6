import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { jobClocks, type JobClocks } from '../../nature/cure/areaClocks'
import type { HemId, HouseRules, Job, Room } from '../../base/nouns'
import { deriveHems, type Hem } from '../../survey/hems/deriveHems'
import { crewCalendars, HORIZON_DAYS, shiftFinder } from '../../nature/calendar/calendar'
import { MIN_PER_DAY, parseInstant } from '../../base/units/time'
import { whileSame } from '../../base/units/whileSame'
import type { Candidate } from './candidate'
import { chooseRecipe } from './chooseRecipe'
import type { HemContext } from './hemContext'
import { pickCandidate, safeOf, type Picked } from './pickCandidate'
import { fewKinds } from './fewKinds'
import { fewTins } from './fewTins'
import { judgeRoom, type PlannedLay } from './judgeRoom'
import type { RecipeAnswer } from './recipe'
import { useLeftovers } from './useLeftovers'

/** What every hem of a job gets, from the facts alone: the ranking without rounds, schedule or windows. */
export const jobRecipes = (job: Job): RecipeAnswer[] => rankerOf(job).rank(job.house)

/** A job's hems, and their ranking by any house rules; what the rules do not touch is worked out once. */
export function rankerOf(
  job: Job,
  parameters: Parameters = DEFAULT_PARAMETERS,
): { hems: readonly Hem[]; rank: (house: HouseRules) => RecipeAnswer[] } {
  const start = parseInstant(job.start)
  const nextShift = shiftFinder(crewCalendars(job, start, start + HORIZON_DAYS * MIN_PER_DAY))
  const rooms = job.rooms.map((room) => ({ room, hems: deriveHems(room, job.shelf).hems }))
  const clocks = jobClocks(job)
  return {
    hems: rooms.flatMap((room) => room.hems),
    rank: (house) => recipesOf({ job: { ...job, house }, rooms, clocks, nextShift, parameters }),
  }
}

interface RecipesSetup {
  readonly job: Job
  readonly rooms: readonly { readonly room: Room; readonly hems: readonly Hem[] }[]
  readonly clocks: (roomId: string) => JobClocks
  readonly nextShift: (at: number) => number
  readonly parameters: Parameters
  /** When a plan lays some hems, where that is later than the first guess. */
  readonly lays?: ReadonlyMap<HemId, PlannedLay>
  /** How long a plan leaves the tape of some hems on, min. */
  readonly stays?: ReadonlyMap<HemId, number>
}

/** The same with hems, clocks and shifts that are known: each hem by the rule of choice, tins and kinds few, leftovers used up. */
export function recipesOf({ job, rooms, clocks, nextShift, parameters, lays, stays }: RecipesSetup): RecipeAnswer[] {
  const judged = rooms.flatMap(({ room, hems }) => {
    const own = judgeRoom({ job, room, hems, clocks: clocks(room.id), nextShift, parameters, lays, stays })
    const few = fewTins(own)
    return own.map((hem, i) => ({
      ...hem,
      fewer: few[i] ?? null,
      pick: hem.ctx.choice ? null : (few[i] ?? pickCandidate(hem.ctx, safeOf(hem.judged))),
    }))
  })
  const kinds = fewKinds(judged)
  const settled = judged.map((hem, i) => ({ ...hem, pick: kinds[i] ?? hem.pick, fewer: kinds[i] ?? hem.fewer }))
  const leftover = useLeftovers(settled)
  return settled.map(({ ctx, judged: list, fewer }, i) => chosen(ctx, list, leftover[i] ?? fewer))
}

/** A hem's recipe, kept with what decides it. */
function chosen(ctx: HemContext, judged: readonly Candidate[], few: Picked | null): RecipeAnswer {
  const why = few ? JSON.stringify([few.why, few.also]) : ''
  return keptRecipe(ctx, [judged, few?.candidate ?? null, why], () => chooseRecipe(ctx, judged, few))
}
const keptRecipe = whileSame<RecipeAnswer>()
