import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import type { ActivityId, Job, Said } from '../../base/nouns'
import { isByPrice } from '../../base/nouns'
import { staffedOn } from '../../nature/calendar/whoIsThere'
import { tellMissing } from '../tell/tellMissing'
import { whileSame } from '../../base/units/whileSame'
import { crewCalendars, HORIZON_DAYS, shiftFinder, type Calendars } from '../../nature/calendar/calendar'
import type { Miss } from '../../planning/check/miss'
import { jobClocks } from '../../nature/cure/areaClocks'
import { deriveHems, type BareEdge, type Hem } from '../../survey/hems/deriveHems'
import type { Down } from '../../masking/load/down'
import { takeLoad, type Load } from '../../masking/load/takeLoad'
import { placeFirst } from '../../planning/plan/placeFirst'
import { placementOf, type PlacedTask } from '../../planning/plan/placement'
import { metresOfPulls, pricerOf, type PlanPrice, type PriceOf } from '../../planning/price/planPrice'
import { withCrews } from '../../planning/problem/withCrews'
import { makeProblem } from '../../planning/problem/makeProblem'
import type { ScheduleProblem } from '../../planning/problem/problem'
import { underWay } from '../../planning/problem/underWay'
import { countedBleeds, foldLog, hemsWithTape } from '../../planning/progress/hemStates'
import { recipesOf } from '../../masking/recipes/jobRecipes'
import type { Recipe, RecipeAnswer } from '../../masking/recipes/recipe'
import { MIN_PER_DAY, parseInstant } from '../../base/units/time'
import { pullPlans, type PullPlan } from '../../planning/windows/pullPlans'
import { jobWork, laysOf, minutesOf, NO_TURNS, type GunTurns, type Round, type Work } from '../../planning/work'
import { gunsOf, toldTurns, withFreestGuns, withTurnsOfGuns } from './aroundGuns'
import { withFewerFillings } from './fewerFillings'
import { isBetter, judged, type Judged } from './judge'
import { staysThatMatter } from './asItStays'
import { NOTHING_PLANNED, type FromPlan } from './asPlanned'
import { MOST_JUDGINGS, safeAtTheirHour } from './atItsHour'
import { toldCrews } from '../../planning/published/toldCrews'
import { standingPlan } from '../../planning/published/standingPlan'
import { doubtfulCoats, type DoubtfulCoat } from '../tell/doubtfulCoats'
import { sprayedFronts } from './cheaperIn'
import { firstPlan, withDraft, type FirstPlan } from './firstPlan'
import { fewestChanges } from './fewestChanges'
import { problemsOf } from '../tell/problems'
import { tellEnd } from '../tell/whyThen'
import { workedBy, type Standing } from './workedBy'
import { tasksOf, type Task } from '../tell/task'

/** The whole answer to one job snapshot at one instant. */
export interface Plan {
  readonly jobId: string
  /** The instant it was made for, minutes since the epoch. */
  readonly at: number
  readonly hems: readonly Hem[]
  readonly bare: readonly BareEdge[]
  readonly recipes: readonly RecipeAnswer[]
  readonly load: Load
  readonly rounds: readonly Round[]
  readonly tasks: readonly Task[]
  /** What people work by: the published plan, or while there is none what is proposed. */
  readonly placed: readonly PlacedTask[]
  /** What is taken to be going on as told, though it is not ticked. */
  readonly underWay: readonly ActivityId[]
  /** Which published plan that is; null for a proposal. */
  readonly standing: Standing | null
  /** What planning anew would do now. */
  readonly proposed: readonly PlacedTask[]
  /** What the first plan would cost, where something cheaper was found since; null where the first is proposed. */
  readonly firstPrice: PlanPrice | null
  readonly pulls: readonly PullPlan[]
  /** Coats that are on and met air they must not meet before they were safe. */
  readonly doubtful: readonly DoubtfulCoat[]
  /** Every way in which the plan falls short, as the check found them. */
  readonly misses: readonly Miss[]
  /** What all that is still to come costs, part by part. */
  readonly price: PlanPrice
  /** What stands in the way, in words, worst first. */
  readonly problems: readonly Said[]
  /** Why the last task ends when it does: from it back to what nothing holds. */
  readonly whyEnd: readonly Said[]
  /** When the last task ends; null when nothing is planned. */
  readonly endsAt: number | null
}

/**
 * The chain: hems → recipes → work → problem → plan → checked, from one job and its log.
 *
 * @param now  minutes since the epoch; nothing undone is planned before it. Left out: the job's start.
 * @param parameters  figures of the models, as this contractor's records have them. Left out: what is known before.
 */
export function planJob(
  job: Job,
  now: number = parseInstant(job.start),
  parameters: Parameters = DEFAULT_PARAMETERS,
): Plan {
  return chainOf(job, now, parameters).plan
}

/** From when to when cloths and boards lie in each room: until the room is uncovered. */
function downOf(work: Work, placed: readonly PlacedTask[]): Down {
  const times = new Map(placed.map((task) => [task.taskId, task]))
  const of = (roomId: string, kind: 'cover' | 'uncover') =>
    times.get(
      work.activities.find((act) => act.roomId === roomId && act.kind === kind && act.stepId === null)?.id ?? '',
    )
  const rooms = new Set(work.activities.map((act) => act.roomId))
  return new Map(
    [...rooms].flatMap((roomId) => {
      const [cover, uncover] = [of(roomId, 'cover'), of(roomId, 'uncover')]
      return cover && uncover ? [[roomId, { from: cover.from, to: uncover.to }] as const] : []
    }),
  )
}

/** The schedule problem of a job, for other engines. */
export const problemOf = (
  job: Job,
  now: number = parseInstant(job.start),
  parameters: Parameters = DEFAULT_PARAMETERS,
): ScheduleProblem => chainOf(job, now, parameters).problem

/** What planning now comes to: anew where nobody has been told anything, else with the fewest changes for those who have. */
function proposedFor({ published }: Job, problem: ScheduleProblem, priceOf: PriceOf | null): readonly PlacedTask[] {
  const anew = placeFirst(problem)
  return published ? fewestChanges(problem, standingPlan(published, anew.placed), anew, priceOf) : anew.placed
}

/** Both at once: a plan and the problem it answers, from one way through the chain. */
export const planWithProblem = (
  job: Job,
  now: number = parseInstant(job.start),
  parameters: Parameters = DEFAULT_PARAMETERS,
): Chain => chainOf(job, now, parameters)

/** The same as if guns were never cleaned between their coats: what nobody plans by, but nothing ends sooner than it may. */
export const planWithoutTurns = (job: Job, now: number, parameters: Parameters): Chain =>
  chainOf(job, now, parameters, false)

export interface Chain {
  readonly plan: Plan
  readonly problem: ScheduleProblem
}

/** What is known before anything is planned: the survey's hems, their recipes, calendars, clocks and the log. */
function groundOf(asked: Job, now: number, parameters: Parameters, known: FromPlan = NOTHING_PLANNED) {
  const start = parseInstant(asked.start)
  const from = Math.max(start, now)
  const job = staffedOn(asked, from)
  const clocks = jobClocks(job)
  // A plan made late in a job must still reach far enough ahead.
  const { calendars, nextShift } = shiftsOf(job, start, from + HORIZON_DAYS * MIN_PER_DAY)
  const derived = job.rooms.map((room) => ({ room, ...deriveHems(room, job.shelf) }))
  const jobOfRecipes = { ...job, crews: asked.crews }
  const answers = recipesOf({
    job: jobOfRecipes,
    rooms: derived,
    clocks,
    nextShift,
    parameters,
    ...known,
  })
  const recipes = new Map(
    answers.flatMap((answer): [string, Recipe][] => (answer.safe ? [[answer.hemId, answer]] : [])),
  )
  const hems = derived.flatMap((each) => each.hems)
  const log = foldLog(job.log)
  const given = {
    job,
    clocks,
    hems,
    recipes,
    calendars,
    nextShift,
    parameters,
    counted: countedBleeds(log),
    taped: hemsWithTape(log),
    usualCrews: asked.crews,
  }
  return {
    ...given,
    asked,
    jobOfRecipes,
    ...known,
    now,
    start,
    from,
    log,
    answers,
    bare: derived.flatMap((each) => each.bare),
    workWith: jobWork(given),
  }
}
type Ground = ReturnType<typeof groundOf>

/** Who works when, kept with the crews: what is made for them then is made by the same shifts. */
const shiftsOf = (job: Job, from: number, to: number) =>
  keptShifts(job.crews, [job.site, job.planning, job.house, from, to], () => {
    const calendars = crewCalendars(job, from, to)
    return { calendars, nextShift: shiftFinder(calendars) }
  })
const keptShifts = whileSame<{ readonly calendars: Calendars; readonly nextShift: (at: number) => number }>()

/** Work with guns that take such turns, as a problem, and what is proposed for it. */
function proposalWith(ground: Ground, turns: GunTurns) {
  const { job, parameters, log, recipes, calendars, clocks, from } = ground
  const work = ground.workWith(turns)
  const minutes = minutesOf(work, job.crews, parameters)
  const setup = { job, work, minutes, layOf: laysOf(work), log, recipes, calendars, clocks, parameters }
  // Who was told to lend a hand does so.
  const problem = withCrews(makeProblem({ ...setup, from }), toldCrews(job, work.activities))
  const priceOf = pricerOf({ job, problem, metresOf: metresOfPulls(work.rounds, ground.hems) })
  const byPrice = isByPrice(job.planning.goals) ? priceOf : null
  return { setup, problem, priceOf, byPrice, proposed: proposedFor(job, problem, byPrice) }
}

/** What is proposed where nobody has been told anything: the first plan, or what was found since. */
function proposalByPrice(
  job: Job,
  problem: ScheduleProblem,
  early: readonly PlacedTask[],
  priceOf: PriceOf,
): FirstPlan {
  const first = firstPlan(problem, early, priceOf, sprayedFronts(job))
  return job.draft ? withDraft(first, job.draft, priceOf) : first
}

type Proposal = ReturnType<typeof proposalWith>

const isBetterProposal = (one: Proposal, other: Proposal): boolean =>
  isBetter(judgedProposal(one), judgedProposal(other), [])

const judgedProposal = ({ problem, proposed, priceOf }: Proposal): Judged =>
  judged(problem, placementOf(problem.activities, proposed), priceOf)

/** What is proposed on some ground, with its guns cleaned where they have to be. */
function proposalOn(ground: Ground, isTurned: boolean) {
  const { job, log } = ground
  const proposedWith = (turns: GunTurns) => proposalWith(ground, turns)
  if (!isTurned) return withFreestGuns(proposedWith)
  const made = withTurnsOfGuns(job, proposedWith, () => toldTurns(job, ground.workWith(NO_TURNS), log))
  // Whoever was told the turns of a gun keeps them.
  if (job.published || !made.byPrice) return made
  return withFewerFillings({ made, guns: gunsOf(job), proposedWith, isBetter: isBetterProposal })
}

/** Recipes are guessed at, planned with, and judged again at the hours and for the stays of that plan, until nothing changes. */
function judgedAgain(first: Ground, isTurned: boolean) {
  let ground = first
  let made = proposalOn(ground, isTurned)
  for (let i = 0; i < MOST_JUDGINGS; i++) {
    const { work } = made.setup
    const [later, other] = [safeAtTheirHour(ground, work, made.proposed), staysThatMatter(ground, work, made.proposed)]
    if (later.lays.size === 0 && other.size === 0) break
    const lays = new Map([...ground.lays, ...later.lays])
    const stays = new Map([...ground.stays, ...later.stays, ...other])
    ground = groundOf(ground.asked, ground.now, ground.parameters, { lays, stays })
    made = proposalOn(ground, isTurned)
  }
  return { ground, made }
}

function chainOf(asked: Job, now: number, parameters: Parameters, isTurned = true): Chain {
  const { ground, made } = judgedAgain(groundOf(asked, now, parameters), isTurned)
  const { job, clocks, hems, recipes, answers, log, from } = ground
  const { setup, priceOf, byPrice } = made
  const { work, minutes, layOf } = setup
  // Who has been told something is told of a change only where it wins enough: that is looked for beside the plan.
  const isTold = job.published !== null
  const {
    problem,
    placed: proposed,
    firstPrice,
  } = isTold || !byPrice
    ? { problem: made.problem, placed: made.proposed, firstPrice: null }
    : proposalByPrice(job, made.problem, made.proposed, byPrice)
  const { placed, misses, standing } = workedBy(job, proposed, problem, () =>
    makeProblem({ ...setup, from: ground.start }),
  )
  const tasks = tasksOf(work, minutes)
  const doubtful = doubtfulCoats({ job, clocks, tasks, done: problem.done })
  const pulls = pullPlans(
    { job, clocks, recipes, layOf, minutes, log, keeps: work.keeps, parameters },
    work.rounds,
    new Map(placed.map((task) => [task.taskId, task])),
  )
  const load = takeLoad({ job, hems, recipes, parameters, down: downOf(work, placed) })
  const plan: Plan = {
    jobId: job.id,
    at: now,
    hems,
    bare: ground.bare,
    recipes: answers,
    load,
    rounds: work.rounds,
    tasks,
    placed,
    underWay: [...underWay({ job, work, log, from }).keys()],
    standing,
    proposed,
    firstPrice,
    pulls,
    doubtful,
    misses,
    price: priceOf(placed, misses),
    problems: [
      ...tellMissing(asked, from),
      ...problemsOf({
        job,
        clocks,
        hems,
        answers,
        work,
        tasks,
        placed,
        misses,
        doubtful,
        pulls,
        parameters,
        holding: load.holding,
        from,
      }),
    ],
    whyEnd: tellEnd({ job, problem, placed, now: from }),
    endsAt: placed.length ? Math.max(...placed.map((task) => task.to)) : null,
  }
  return { plan, problem }
}
