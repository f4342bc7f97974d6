import type { Parameters } from '../../base/parameters/parameters'
import {
  listed,
  said,
  type Said,
  type Crew,
  type FaceKey,
  type Job,
  type PaintStep,
  type Room,
  type Shelf,
  writeFace,
} from '../../base/nouns'
import { longestStretchMin, type Calendars, type Stretch } from '../../nature/calendar/calendar'
import { keptParts } from '../../base/units/keptParts'
import { whileSame } from '../../base/units/whileSame'
import { coatingOf } from '../../survey/shelf/find'
import type { JobClocks } from '../../nature/cure/areaClocks'
import { hoursOfStep } from '../../nature/cure/shortestSpan'
import { coatOfStep } from '../../nature/cure/film'
import { filmClockOf } from '../../nature/cure/paintClocks'
import type { Hem } from '../../survey/hems/deriveHems'
import { leadFaces, leadRisk } from '../../survey/ready/lead'
import { faceName, facesOfStep, stepsOf } from '../../survey/rooms/faces'
import { estimateStepTimes } from '../../masking/recipes/estimateTimes'
import type { Recipe } from '../../masking/recipes/recipe'
import type { Activity, KeptPull, Lag, Work } from './activity'
import { assignCrews } from './assignCrews'
import { dripsOnFloor } from '../../masking/recipes/keptOnFloor'
import { clothShelves } from '../../masking/covers/clothShelves'
import type { CoverNeed } from '../../masking/covers/coverNeed'
import { coverNeeds } from '../../masking/covers/coverNeeds'
import { groupRounds, type WallGroup } from './groupRounds'
import type { GunTurns } from './gunTurns'
import { gunRuns, inHouseOrder, type GunRuns } from './houseOrder'
import { partLags } from './partLags'
import { byPractised } from './practised'
import { roundOf, type RoundWork, type Wait } from './roundWork'
import { beginRoom, endRoom, stepWhole } from './roomEnds'
import { roomWorkMinutes } from './roomWorkMinutes'
import { freedBefore, freeingActs, lastCoats, wallsOfFace, type StepDone } from './touching'
import { atOnce, lagsTo, waitsFor } from './waits'
import type { WholeSetup } from './wholeActs'
import { freeOfOwn, passLags, sprayPass } from './sprayPass'
import { withTurns } from './withTurns'

interface WorkSetup {
  readonly job: Job
  readonly clocks: (roomId: string) => JobClocks
  readonly hems: readonly Hem[]
  readonly recipes: ReadonlyMap<string, Recipe>
  readonly calendars: Calendars
  readonly nextShift: (at: number) => number
  /** Bleeds that somebody counted, by hem. */
  readonly counted: ReadonlyMap<string, number>
  /** Hems with tape on the wall: their rounds stay as they were laid, whoever is there today. */
  readonly taped: ReadonlySet<string>
  /** Crews with everybody who belongs to them, whoever is away. */
  readonly usualCrews: readonly Crew[]
  readonly parameters: Parameters
}

/**
 * Groups every room's hems into rounds, step after step, and lists all activities with what each waits for. What goes through
 * which gun after what only a plan tells: the work is answered for any such turns.
 */
export function jobWork(setup: WorkSetup): (turns: GunTurns) => Work {
  const { job } = setup
  const crewOf = assignCrews(job.rooms, job.crews, roomWorkMinutes(job, setup.hems), setup.parameters)
  const placed = job.rooms.flatMap((room) => {
    const crew = job.crews.find((each) => each.id === crewOf.get(room.id))
    return crew && room.steps.length > 0 ? [{ room, crew }] : []
  })
  const guns = gunRuns(placed.map(({ room, crew }) => ({ room, crewId: gunCrewOf(job, room.id) ?? crew.id })))
  const shelves = clothShelves(job.rooms, job.shelf)
  const parts = placed.map(({ room, crew }) => roomWork({ setup, room, crew, guns, shelves }))
  const own = parts.flatMap((part) => part.activities)
  const tied = {
    activities: inHouseOrder(own, placed),
    lags: [...parts.flatMap((part) => part.lags), ...guns.lags(own)],
  }
  const sprayed = guns.runs(own)
  return (turns) => {
    const { activities: turned, lags } = withTurns(turns, tied)
    const given = turned.map(handedOver(job, lags)).map(heldBy(job))
    const { activities, untold } = byPractised(job, given, lags)
    return {
      rounds: parts.flatMap((part) => part.rounds),
      activities,
      lags,
      gunRuns: sprayed,
      passes: parts.flatMap((part) => part.passes),
      keeps: parts.flatMap((part) => part.keeps),
      problems: [...parts.flatMap((part) => part.problems), ...nobodyPractised(job, untold)],
    }
  }
}

/** Rooms with lines to be cut by hand and nobody who can, each once. */
function nobodyPractised({ rooms }: Job, acts: readonly Activity[]): Work['problems'] {
  const ids = new Set(acts.map((act) => act.roomId))
  return rooms.flatMap((room) => (ids.has(room.id) ? [said('work.nobody_practised', { room: room.name })] : []))
}

/** The crew that takes over with the gun in a room; null for the room's own. */
function gunCrewOf({ planning, crews }: Job, roomId: string): string | null {
  const crewId = planning.rooms.find((room) => room.roomId === roomId)?.gunCrewId ?? null
  return crews.some((crew) => crew.id === crewId && crew.people.length > 0) ? crewId : null
}

/** Work with the gun by the crew that takes over with it, but for what has to follow the maskers' work without a minute between. */
function handedOver(job: Job, lags: readonly Lag[]): (act: Activity) => Activity {
  const tied = new Set(
    lags.flatMap(({ from, to, max }) => (max?.clock === 'plain' && max.amount === 0 ? [from, to] : [])),
  )
  return (act) => {
    const isGun = act.kind === 'gun-up' || act.kind === 'gun-down' || act.needs.gun
    const crewId = isGun && !tied.has(act.id) ? gunCrewOf(job, act.roomId) : null
    return crewId === null ? act : { ...act, needs: { ...act.needs, crewId } }
  }
}

/** An activity, by the crew that somebody gave it to. */
function heldBy({ planning, crews }: Job): (act: Activity) => Activity {
  const able = new Set(crews.filter((crew) => crew.people.length > 0).map((crew) => crew.id))
  const given = new Map(planning.holds.map((hold) => [hold.taskId, hold.crewId]))
  return (act) => {
    const crewId = given.get(act.id) ?? null
    return crewId !== null && able.has(crewId) ? { ...act, needs: { ...act.needs, crewId } } : act
  }
}

interface RoomWorkSetup {
  readonly setup: WorkSetup
  readonly room: Room
  readonly crew: Crew
  readonly guns: GunRuns
  readonly shelves: ReadonlyMap<string, Shelf>
}

type RoomWork = Omit<Work, 'gunRuns'>

/** A room's work, kept while all it is made from is the same. */
function roomWork({ setup, room, crew, guns, shelves }: RoomWorkSetup): RoomWork {
  const { job, recipes, counted, taped } = setup
  const hems = setup.hems.filter((hem) => hem.roomId === room.id)
  const needs = coverNeeds(room, shelves.get(room.id) ?? job.shelf, job.site.units, job.rooms)
  const covers = keptParts(coversBefore.get(room), needs)
  coversBefore.set(room, covers)
  const from = [
    ...[job.start, job.house, job.shelf, job.site, roundShareOf(job, room), covers],
    ...[crew, setup.usualCrews.find(({ id }) => id === crew.id), setup.calendars.get(crew.id), setup.nextShift],
    ...[setup.clocks(room.id), setup.parameters],
    ...room.steps.flatMap((step) => [guns.begins(room.id, step), guns.ends(room.id, step)]),
    ...hems.flatMap((hem) => [hem, recipes.get(hem.id), counted.get(hem.id), taped.has(hem.id)]),
  ]
  return keptWork(room, from, () => roomWorkWith({ setup, room, crew, guns, hems, covers }))
}
const keptWork = whileSame<RoomWork>()
const coversBefore = new WeakMap<Room, readonly CoverNeed[]>()

const roundShareOf = ({ planning }: Job, room: Room): number =>
  planning.rooms.find((plan) => plan.roomId === room.id)?.roundShare ?? 1

interface RoomWorkWith extends Omit<RoomWorkSetup, 'shelves'> {
  readonly hems: readonly Hem[]
  readonly covers: readonly CoverNeed[]
}

function roomWorkWith({ setup, room, crew, guns, hems, covers }: RoomWorkWith): RoomWork {
  const { job, recipes, parameters } = setup
  const mayHoldLead = leadRisk(job.site)?.mayHold ?? false
  const whole: WholeSetup = {
    room,
    crew,
    house: job.house,
    parameters,
    covers,
    hems,
    recipes,
    counted: setup.counted,
    mayHoldLead,
  }
  const begun = beginRoom(whole)
  const through: StepDone[] = []
  const problems: Work['problems'][number][] = mayHoldLead ? leadProblems(job, room) : []
  const activities: Activity[] = [...begun.activities]
  const lags: Lag[] = [...begun.lags]
  for (const step of room.steps) {
    const groups = groupsOf(setup, room, crew, step)
    const own = stepWhole(whole, step, guns)
    const ready = waitsFor([own.cover, own.gunUp])
    const before = (group: WallGroup | null): readonly Wait[] => [
      ...begun.waits(group && facesMet(room, step, group)),
      ...freedBefore({ room, hems, step, wallIds: group && new Set(group.work.map((work) => work.wallId)) }, through),
    ]
    const rounds = groups.map((group) =>
      roundIn({
        setup,
        room,
        crew,
        step,
        group,
        before: own.mark ? waitsFor([own.mark]) : before(group),
        through,
        ready,
      }),
    )
    problems.push(...groups.flatMap((group) => group.problem ?? []))
    const acts = inOrder(rounds, step)
    const freed = rounds.flatMap(freeingActs)
    const lays = acts.filter((act) => act.kind === 'lay')
    if (own.mark) lags.push(...lagsTo(own.mark, before(null)))
    if (own.cover) lags.push(...lagsTo(own.cover, lays.length > 0 ? waitsFor(lays) : before(null)))
    // Where nothing is masked it waits for what its coat waits for: nobody fills it while the faces are still made ready.
    const masked = own.cover ? waitsFor([own.cover]) : waitsFor(lays)
    if (own.gunUp) lags.push(...lagsTo(own.gunUp, masked.length > 0 ? masked : before(null)))
    if (own.uncover) lags.push(...lagsTo(own.uncover, freed.map(atOnce)))
    const heads = [own.mark, ...lays, own.cover, own.gunUp].filter((act) => act !== null)
    activities.push(...heads, ...acts.filter((act) => act.kind !== 'lay'))
    // A gun is cleaned at once: whoever takes it next takes it clean.
    const lastCoat = acts.filter((act) => act.kind === 'coat').at(-1)
    const gunDown = own.gunDown && { ...own.gunDown, follows: lastCoat?.id ?? null }
    // A film and the tape that holds it come down together.
    const lastPull = acts.filter((act) => act.kind === 'pull').at(-1)
    const uncover = own.uncover && { ...own.uncover, follows: lastPull?.id ?? null }
    activities.push(...[gunDown, uncover].filter((act) => act !== null))
    through.push({ step, rounds, uncover: own.uncover })
  }
  const keeps = keptPulls(room, through)
  lags.push(
    ...keeps.flatMap(({ pullId, coatIds }) => coatIds.map((id): Lag => ({ ...atOnce(id), to: pullId, max: null }))),
  )
  const passes = through.flatMap((done) => sprayPass(room, done, activities) ?? [])
  const ended = endRoom(whole, job.shelf, through)
  const works = through.flatMap(({ rounds }) => rounds)
  return {
    rounds: works.map((work) => work.round),
    activities: [...activities, ...ended.activities],
    lags: passes.reduce<Lag[]>(
      (all, pass) => [...freeOfOwn(pass, all), ...passLags(pass)],
      [...lags, ...works.flatMap((work) => work.lags), ...partLags(works), ...ended.lags],
    ),
    passes,
    keeps,
    problems,
  }
}

/** Tape on a floor comes off behind the last coats of all that still drips on it. */
const keptPulls = (room: Room, through: readonly StepDone[]): KeptPull[] =>
  through.flatMap(({ step, rounds }) => {
    const drips = new Set(dripsOnFloor(room, FLOOR, step.id).map(({ id }) => id))
    const after = through.filter((done) => drips.has(done.step.id))
    const coatIds = after.flatMap((done) => lastCoats(room, done).map(({ act }) => act.id))
    const staying = rounds.flatMap(({ round }) => round.pulls.filter(({ stays }) => stays))
    return staying.map(({ taskId }) => ({ pullId: taskId, coatIds }))
  })
const FLOOR = writeFace({ kind: 'floor', id: null })

/** Old paint that may hold lead is not sanded or scraped dry: told with what else there is. */
function leadProblems({ site }: Job, room: Room): Said[] {
  const faces = leadFaces(room).map((key) => faceName(room, key))
  return faces.length > 0 ? [said('work.lead', { room: room.name, year: site.yearBuilt, faces: listed(faces) })] : []
}

/** Faces that a round coats or that its tape lies on. */
const facesMet = (room: Room, step: PaintStep, group: WallGroup): ReadonlySet<FaceKey> =>
  new Set([
    ...facesOfStep(room, step),
    ...group.work.flatMap(({ hems }) => hems.flatMap(({ keep, paint }) => [keep, paint])),
  ])

/**
 * A step's activities in the order a crew takes them where it is free to: all tape laid, then every wall's first coat, and
 * so on; only what has to stay wet, from bead to pull, goes round by round.
 */
function inOrder(rounds: readonly RoundWork[], step: PaintStep): Activity[] {
  const phased = rounds
    .filter(({ round }) => round.stepId === step.id)
    .flatMap(({ activities }) =>
      activities.map((act, i) => ({
        act,
        phase: Math.min(step.coats, act.kind === 'lay' ? 0 : 1 + coatsIn(activities.slice(0, i))),
      })),
    )
  return phased.sort((a, b) => a.phase - b.phase).map(({ act }) => act)
}

const coatsIn = (activities: readonly Activity[]): number => activities.filter((act) => act.kind === 'coat').length

function groupsOf(setup: WorkSetup, room: Room, crew: Crew, step: PaintStep): WallGroup[] {
  const { job, recipes, taped, usualCrews } = setup
  const hems = setup.hems.filter(
    (hem) => hem.roomId === room.id && hem.stepIds.includes(step.id) && recipes.has(hem.id),
  )
  const usual = usualCrews.find(({ id }) => id === crew.id)
  return groupRounds({
    room,
    step,
    hems,
    recipes,
    crew: usual && hems.some(({ id }) => taped.has(id)) ? usual : crew,
    stretchMin: longestStretchMin(setup.calendars.get(crew.id)),
    house: job.house,
    shelf: job.shelf,
    clocks: setup.clocks(room.id),
    parameters: smaller(setup.parameters, roundShareOf(job, room)),
    hours: hoursFrom(
      setup.calendars.get(crew.id) ?? [],
      estimateStepTimes(job, room, setup.nextShift).layAt.get(step.id) ?? setup.nextShift(0),
    ),
  })
}

/** Figures by which rounds fill only a share of what they usually would. */
export const smaller = (parameters: Parameters, share: number): Parameters => {
  const { wetMargin } = parameters.work
  return { ...parameters, work: { ...parameters.work, wetMargin: { ...wetMargin, value: wetMargin.value * share } } }
}

/** Hours of a crew in which a step may be done, from about when it is laid. */
function hoursFrom(stretches: readonly Stretch[], at: number): number[] {
  const hours = hoursOfStep(at)
  const own = hours.filter((hour) => stretches.some(({ from, to }) => hour >= from && hour < to))
  return own.length > 0 ? own : hours
}

interface RoundSetup {
  readonly setup: WorkSetup
  readonly room: Room
  readonly crew: Crew
  readonly step: PaintStep
  readonly group: WallGroup
  readonly before: readonly Wait[]
  readonly through: readonly StepDone[]
  readonly ready: readonly Wait[]
}

function roundIn({ setup, room, crew, step, group, before, through, ready }: RoundSetup): RoundWork {
  const { job, recipes } = setup
  const laid = group.work.flatMap((work) => work.hems).filter((hem) => hem.stepIds[0] === step.id)
  return roundOf({
    room,
    step,
    crew,
    house: job.house,
    shelf: job.shelf,
    recipes,
    parameters: setup.parameters,
    group,
    waits: [...before, ...cureWaits(setup, room, laid, through)],
    undercoats: [...ready, ...undercoatWaits(job.shelf, room, step, through)],
    layRelease: releaseOf(laid, recipes),
  })
}

/** A colour waits until what lies below it on the same faces may be coated over. */
function undercoatWaits(shelf: Shelf, room: Room, step: PaintStep, through: readonly StepDone[]): Wait[] {
  const faces = facesOfStep(room, step)
  const below = new Set(faces.flatMap((key) => stepsOf(room, key).map((each) => each.step.id)))
  return through.flatMap((done) => {
    if (!below.has(done.step.id)) return []
    const min = {
      clock: filmClockOf(coatingOf(shelf, done.step.coatingId)),
      amount: coatOfStep(shelf, done.step).recoatMin,
    }
    return lastCoats(room, done).map(({ act }): Wait => ({ from: act.id, min }))
  })
}

/** Tape waits until what it lies on, where an earlier step of this room coats it there, has cured enough for its grip. */
function cureWaits(setup: WorkSetup, room: Room, hems: readonly Hem[], through: readonly StepDone[]): Wait[] {
  const restMin = 60 * setup.job.house.restHours
  return through.flatMap((done) => {
    const lain = hems.flatMap((hem) => {
      const recipe = setup.recipes.get(hem.id)
      return recipe && hem.keepStepId === done.step.id
        ? [{ amount: recipe.safeAgeRefMin, walls: wallsOfFace(room, hem.keep, hem) }]
        : []
    })
    const { filmFormingC } = coatingOf(setup.job.shelf, done.step.coatingId)
    return lastCoats(room, done).flatMap(({ act, wallIds }): Wait[] => {
      const met = lain.filter(({ walls }) => wallIds.some((wallId) => walls.has(wallId)))
      if (met.length === 0) return []
      const amount = Math.max(...met.map((each) => each.amount))
      return [
        { from: act.id, min: { clock: 'cure', amount, filmFormingC } },
        { from: act.id, min: { clock: 'plain', amount: restMin } },
      ]
    })
  })
}

/** The instant from which old keep sides bear their tape; null when they do already. */
function releaseOf(hems: readonly Hem[], recipes: ReadonlyMap<string, Recipe>): number | null {
  const from = hems
    .flatMap((hem) => (hem.keepStepId === null ? [recipes.get(hem.id)?.safeFrom ?? null] : []))
    .filter((at) => at !== null)
  return from.length ? Math.max(...from) : null
}
