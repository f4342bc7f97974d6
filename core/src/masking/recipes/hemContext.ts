import { turnsCorner } from '../../survey/hems/turnsCorner'
import type { Parameters } from '../../base/parameters/parameters'
import { sure } from '../../base/units/sure'
import {
  type Coating,
  type Face,
  type FieldOrder,
  type Fitting,
  type HemChoice,
  type HouseRules,
  type Job,
  type PaintStep,
  type Room,
  type Said,
  type Shelf,
  thingOf,
  isFace,
  edgeOfHem,
  type FaceName,
} from '../../base/nouns'
import type { UnitSystem } from '../../base/units/length'
import type { JobClocks } from '../../nature/cure/areaClocks'
import { coatingOf } from '../../survey/shelf/find'
import { coatOfStep } from '../../nature/cure/film'
import { surfaceClockOf, usualRate } from '../../nature/cure/paintClocks'
import { shortestOfStep } from '../../nature/cure/shortestSpan'
import { cureRate } from '../../nature/cure/clocks'
import { gainedBetween, type RateClock } from '../../nature/cure/rateClock'
import type { Hem } from '../../survey/hems/deriveHems'
import type { KeepFinish } from '../../nature/risk/lift'
import { faceOf, faceName, facesOfStep, stepOf, stepsOf } from '../../survey/rooms/faces'
import { fieldMinutes } from '../../survey/rooms/fieldMinutes'
import { glassPerEdgeM, paneEdgeMm } from '../../survey/rooms/glazing'
import { MIN_PER_DAY, parseInstant } from '../../base/units/time'
import { airAt, type AirPoint } from '../../nature/air/airSeries'
import { crewSpeed } from '../../nature/calendar/calendar'
import { visibility } from '../../survey/rooms/contrast'
import { trimRunMm, trimWidthMm } from '../../survey/rooms/trim'
import { readySteps, type ReadyStep } from '../../survey/ready/readying'
import { hasFieldPaper } from '../covers/floorPlan'
import { fieldSprays } from '../covers/mist'
import { isByLearner } from './byLearner'
import { fieldOrderAt } from './fieldOrder'
import { dripsOnFloor } from './keptOnFloor'
import { pullMannerOf } from './pullManner'

/** What holds for the whole job: how the house works, with what, and by which figures. */
interface HouseContext {
  readonly house: HouseRules
  /** Figures of the models, as known for this contractor. */
  readonly parameters: Parameters
  readonly shelf: Shelf
  /** Kinds carried for the job; null for any. */
  readonly kit: Job['kit']
  /** The job: what its own lines showed moves other jobs, not itself. */
  readonly jobId: string
  readonly currency: string
  readonly units: UnitSystem
  readonly zone: string
  readonly yearBuilt: number | null
  readonly country: string
  readonly clocks: JobClocks
}

/** Where a hem lies. */
interface PlaceContext {
  /** On an elevation: sun and rain use up a tape's stay. */
  readonly outdoors: boolean
  readonly roomHeightMm: number
  /** Half of those who may lay it, or more, are beginners. */
  readonly byLearner: boolean
  /** Its whole floor is papered for what is sprayed in it: no strip of paper lies on that. */
  readonly isFloorPapered: boolean
  /** What kind of thing on the wall the hem goes round; null for all other hems. */
  readonly fittingKind: Fitting['kind'] | null
  /** A level line that goes on round a corner of the room. */
  readonly turnsCorner: boolean
  /** Wind along the face when the tape goes on, m/s. */
  readonly windMs: number
  /** How warm the face is then, °C. */
  readonly laidAtC: number
  /** Glass a liquid mask would cover for each metre of pane edge, m²; 0 where there are no panes. */
  readonly glassM2PerM: number
  readonly texturedGlass: boolean
  /** What coming back to a front for its panes costs a metre of their edges, minor units; 0 inside, where people come back anyway. */
  readonly comeBackMinorPerM: number
  /** Width of the trim on the keep side, mm: what a straightened line can hide a wander in. Null where none is kept. */
  readonly trimWidthMm: number | null
}

/** The side that must get no paint, as it will be when the tape goes on. */
interface KeepSide {
  readonly keepFace: Face
  /** What makes it ready, in order. */
  readonly keepReady: readonly ReadyStep[]
  readonly keepName: FaceName
  /** The keep side as it will be at laying. */
  readonly keepFinish: KeepFinish
  /** When the keep side was last coated, or null; steps of this job are estimates. */
  readonly keepCoatedAt: number | null
  readonly keepFilmFormingC: number
  readonly keepColour: string
  readonly keepSwatch: string
  /** Somebody holds the keep side's paint: it is coated in this job, or the survey says so. */
  readonly keepPaintAtHand: boolean
  readonly keepTouchDryMin: number
  /** How much a defect shows between the two colours, 1 at a strong contrast. */
  readonly visibility: number
}

/** The side that is coated, and by what. */
interface PaintSide {
  /** The side that is coated, as it is now. */
  readonly paintFace: Face
  /** It wears primer before its colour, as preparation or as a colour of its own: the two come to the same. */
  readonly isPrimed: boolean
  readonly step: PaintStep
  readonly coating: Coating
  /** How fast it dries here, as a multiple of its label's air. */
  readonly dryRate: number
  /** All steps the masking stays on for, `step` last, and their coats together. */
  readonly steps: readonly PaintStep[]
  readonly coats: number
  /** The paint side is brushed along as a run: its line is cut in with it. */
  readonly isTrimRun: boolean
  /** How tape comes off after this step by the house rules, and why where they left it open. */
  readonly pull: 'wet' | 'dry'
  readonly pullWhy: Said | null
  /** The last colour that drips on the floor its tape lies on, and how much later that is done; null where none comes after its own. */
  readonly keptFor: { readonly stepId: string; readonly minutes: number } | null
  /** When its face is rolled, where its tape comes off wet. */
  readonly fieldOrder: FieldOrder
}

/** All that decides one hem's recipe. Instants in minutes since the epoch. */
export interface HemContext extends HouseContext, PlaceContext, KeepSide, PaintSide {
  readonly hem: Hem
  /** What was chosen by hand for this hem, if anything. */
  readonly choice: HemChoice | null
  /** When the tape goes on, as estimated before there is a schedule, or as a plan has it. */
  readonly layAt: number
  /** How long a plan leaves the tape on, min, where that matters; null for what is to be expected before there is one. */
  readonly plannedStayMin: number | null
  /** It was judged at the hour at which a plan lays it: by the first guess nothing was safe. */
  readonly isAtPlannedHour: boolean
}

/**
 * Whether the coats of the last colour stay off the tape, all but its last. A primer or undercoat never does: it goes up to the
 * tape, and the tape is sealed before it. A gun cannot stay off anything.
 */
export const isHeldOff = ({
  house,
  coating,
  step,
  steps,
}: Pick<HemContext, 'house' | 'coating' | 'step' | 'steps'>): boolean =>
  house.holdFirstCoat && !coating.primer && step.coats > 1 && steps.every(({ tool }) => tool !== 'spray')

/** Whether every coat but the very last stays off the tape, so that it is sealed before that one. */
export const isSealedLast = (ctx: Pick<HemContext, 'house' | 'coating' | 'step' | 'steps'>): boolean =>
  isHeldOff(ctx) && ctx.steps.length === 1

/** A finish nobody has dated counts as old when the survey says there is no recent coat. */
const OLD = Number.POSITIVE_INFINITY
const USUAL_FILM_FORMING_C = 8 // from memory
const USUAL_TOUCH_DRY_MIN = 60 // from memory

interface HemContextSetup {
  readonly job: Job
  readonly room: Room
  readonly hem: Hem
  readonly clocks: JobClocks
  readonly parameters: Parameters
  readonly times: HemTimes
}

/** When what happens around a hem, minutes since the epoch. */
export interface HemTimes {
  readonly layAt: number
  readonly isPlanned?: boolean
  readonly stayMin?: number | undefined
  /** When an earlier step of this room ends, as estimated. */
  readonly coatedAt: (stepId: string) => number
  /** When a step begins: all lines of a face ask for the same hour. */
  readonly stepAt: (stepId: string) => number
}

/** Looks up what decides a hem. Field by field: objects spread into one are slow to make and to read, and there are many. */
export function hemContext(setup: HemContextSetup): HemContext {
  const { job, room, hem, clocks, parameters, times } = setup
  const [place, keep, paint] = [placeFacts(setup), keepSide(setup), paintSide(setup)]
  return {
    hem,
    house: job.house,
    parameters,
    shelf: job.shelf,
    kit: job.kit,
    jobId: job.id,
    currency: job.site.currency,
    units: job.site.units,
    zone: job.site.zone,
    yearBuilt: job.site.yearBuilt,
    country: job.site.country,
    clocks,
    outdoors: place.outdoors,
    roomHeightMm: place.roomHeightMm,
    byLearner: place.byLearner,
    isFloorPapered: place.isFloorPapered,
    fittingKind: place.fittingKind,
    turnsCorner: place.turnsCorner,
    windMs: place.windMs,
    laidAtC: place.laidAtC,
    glassM2PerM: place.glassM2PerM,
    texturedGlass: place.texturedGlass,
    comeBackMinorPerM: place.comeBackMinorPerM,
    trimWidthMm: place.trimWidthMm,
    keepFace: keep.keepFace,
    keepReady: keep.keepReady,
    keepName: keep.keepName,
    keepFinish: keep.keepFinish,
    keepCoatedAt: keep.keepCoatedAt,
    keepFilmFormingC: keep.keepFilmFormingC,
    keepColour: keep.keepColour,
    keepSwatch: keep.keepSwatch,
    keepPaintAtHand: keep.keepPaintAtHand,
    keepTouchDryMin: keep.keepTouchDryMin,
    visibility: keep.visibility,
    paintFace: paint.paintFace,
    isPrimed: paint.isPrimed,
    step: paint.step,
    coating: paint.coating,
    dryRate: paint.dryRate,
    steps: paint.steps,
    coats: paint.coats,
    isTrimRun: paint.isTrimRun,
    pull: paint.pull,
    pullWhy: paint.pullWhy,
    keptFor: paint.keptFor,
    fieldOrder: paint.fieldOrder,
    choice: room.choices.find((choice) => choice.edge === edgeOfHem(hem.id)) ?? null,
    layAt: times.layAt,
    plannedStayMin: times.stayMin ?? null,
    isAtPlannedHour: times.isPlanned ?? false,
  }
}

const placeFacts = ({ job, room, hem, clocks, times }: HemContextSetup): PlaceContext => ({
  outdoors: room.kind === 'elevation',
  roomHeightMm: room.heightMm,
  byLearner: isByLearner(job.crews, room.crewId),
  isFloorPapered: room.kind === 'room' && fieldSprays(room).length > 0 && hasFieldPaper(job.shelf),
  fittingKind: room.fittings.find(({ id }) => id === thingOf(hem.keep))?.kind ?? null,
  turnsCorner: turnsCorner(room, hem),
  windMs: airAt(clocks.air, times.layAt).windMs,
  laidAtC: faceC(airAt(clocks.air, times.layAt)),
  ...paneFacts(job.house, room, hem),
  trimWidthMm: trimWidthMm(room, hem.keep),
})

function keepSide({ job, room, hem, clocks, times }: HemContextSetup): KeepSide {
  const keepFace = faceOf(room, hem.keep)
  const keepStep = stepOf(room, hem.keep)?.step ?? null
  const painted = keepStep && keepStep.id === hem.keepStepId ? keepStep : null
  const keepCoatingId = painted?.coatingId ?? keepFace.last?.coatingId ?? null
  const keepCoating = keepCoatingId === null ? null : coatingOf(job.shelf, keepCoatingId)
  const keepFilmFormingC = keepCoating?.filmFormingC ?? USUAL_FILM_FORMING_C
  const keepCoatedAt = painted ? times.coatedAt(painted.id) : keepFace.last?.at ? parseInstant(keepFace.last.at) : null
  const aged: AgeSetup = {
    face: keepFace,
    painted: painted !== null,
    coatedAt: keepCoatedAt,
    layAt: times.layAt,
    start: parseInstant(job.start),
    filmFormingC: keepFilmFormingC,
    cure: clocks.cureAt(keepFilmFormingC),
  }
  return {
    keepFace,
    keepReady: readySteps(room, hem.keep),
    keepName: faceName(room, hem.keep),
    keepFinish: {
      soundness: painted ? soundnessOnceCoated(keepFace) : testedSoundness(keepFace),
      crossCut: painted ? null : keepFace.crossCut,
      tool: painted?.tool ?? keepFace.last?.tool ?? null,
      sheen: painted ? (keepCoating?.sheen ?? keepFace.sheen) : keepFace.sheen,
      ageRefMin: ageAt(aged),
      dayRefMin: dayAt(aged),
    },
    keepCoatedAt,
    keepFilmFormingC,
    keepColour: painted?.colour ?? keepFace.colour,
    keepSwatch: painted?.swatch ?? keepFace.swatch,
    visibility: visibility(painted?.swatch ?? keepFace.swatch, stepOfHem(room, hem).swatch),
    keepPaintAtHand: painted !== null || keepFace.paintAtHand,
    keepTouchDryMin: keepCoating?.touchDryMin ?? USUAL_TOUCH_DRY_MIN,
  }
}

const faceC = ({ faceC: own, tempC }: AirPoint): number => own ?? tempC

const stepOfHem = (room: Room, hem: Hem): PaintStep => sure(room.steps.find(({ id }) => id === hem.stepId))

function paintSide({ job, room, hem, clocks, parameters, times }: HemContextSetup): PaintSide {
  const step = stepOfHem(room, hem)
  const coating = coatingOf(job.shelf, step.coatingId)
  const steps = room.steps.filter(({ id }) => hem.stepIds.includes(id))
  const wetMinutesFrom = (at: number) =>
    shortestOfStep(clocks.paint(surfaceClockOf(coating)), at, coatOfStep(job.shelf, step).openMin)
  const drips = dripsOnFloor(room, hem.keep, hem.stepId).at(-1) ?? null
  const manner = pullMannerOf({
    house: job.house,
    room,
    step,
    coating,
    wetMin: wetMinutesFrom(times.layAt),
    passMin: sprayMin(room, step, job.house),
    isFloor: isFace(hem.paint, 'floor'),
    keptFor: drips?.name ?? null,
  })
  return {
    paintFace: faceOf(room, hem.paint),
    isPrimed:
      faceOf(room, hem.paint).prep.includes('prime') ||
      stepsOf(room, hem.paint).some((placed) => coatingOf(job.shelf, placed.step.coatingId).primer),
    step,
    coating,
    dryRate: usualRate(clocks.paint(surfaceClockOf(coating))),
    steps,
    coats: steps.reduce((sum, { coats }) => sum + coats, 0),
    isTrimRun: trimRunMm(room, hem.paint) !== null,
    pull: manner.pull,
    pullWhy: manner.why,
    keptFor: drips && { stepId: drips.id, minutes: times.coatedAt(drips.id) - times.coatedAt(step.id) },
    fieldOrder: fieldOrderAt({
      house: job.house,
      shelf: job.shelf,
      room,
      step,
      face: hem.paint,
      wetMin: wetMinutesFrom(times.stepAt(step.id)),
      speed: slowestPace(job, parameters),
      parameters,
    }),
  }
}

/** Minutes a gun takes for one coat of all faces of a step: what it uncovers first has waited that long when it is through. */
const sprayMin = (room: Room, step: PaintStep, house: HouseRules): number =>
  step.tool === 'spray'
    ? facesOfStep(room, step).reduce((sum, key) => sum + fieldMinutes(room, key, step, house), 0)
    : 0

/** Pace of the slowest crew: what it can do wet, all can. */
const slowestPace = ({ crews }: Job, parameters: Parameters): number =>
  Math.min(...crews.map((crew) => crewSpeed(crew, parameters)), Number.POSITIVE_INFINITY)

type PaneFacts = Pick<HemContext, 'glassM2PerM' | 'texturedGlass' | 'comeBackMinorPerM'>

function paneFacts({ planRates }: HouseRules, room: Room, hem: Hem): PaneFacts {
  const opening =
    hem.kind === 'casing-to-glass' ? room.openings.find((each) => each.id === thingOf(hem.keep)) : undefined
  const panesMm = room.openings.reduce((sum, each) => sum + (each.glazing ? paneEdgeMm(each) : 0), 0)
  return {
    glassM2PerM: opening ? glassPerEdgeM(opening) : 0,
    texturedGlass: opening?.glazing?.textured ?? false,
    comeBackMinorPerM: room.kind === 'elevation' ? (planRates.visitMinor * 1000) / Math.max(1000, panesMm) : 0,
  }
}

interface AgeSetup {
  readonly face: Face
  readonly painted: boolean
  readonly coatedAt: number | null
  readonly layAt: number
  /** When the job begins: before it the air that was read with the last coat stands, where there was a reading. */
  readonly start: number
  readonly filmFormingC: number
  readonly cure: RateClock
}

function ageAt(setup: AgeSetup): number | null {
  const { face, painted, coatedAt, layAt } = setup
  if (coatedAt !== null) return Math.max(0, gainedIn(setup, coatedAt, layAt))
  return painted || face.last !== null ? null : OLD
}

/** What the day before the tape goes on gains, in the air that is known, and no more than in the air that was read. */
function dayAt(setup: AgeSetup): number {
  const { layAt, cure } = setup
  return Math.min(gainedBetween(cure, layAt - MIN_PER_DAY, layAt), readRate(setup) * MIN_PER_DAY)
}

/** Cure between two instants: by the air that was read with the last coat until the job begins, then by the site's. */
function gainedIn(setup: AgeSetup, from: number, to: number): number {
  const { painted, start, cure } = setup
  const rate = readRate(setup)
  const turn = Math.min(Math.max(from, start), to)
  return painted || rate === Number.POSITIVE_INFINITY
    ? gainedBetween(cure, from, to)
    : rate * (turn - from) + gainedBetween(cure, turn, to)
}

/** How fast a finish cures in the air that was read with its last coat; endless where nobody read any. */
const readRate = ({ face, filmFormingC }: AgeSetup): number =>
  typeof face.last?.tempC === 'number' ? cureRate(face.last.tempC, filmFormingC) : Number.POSITIVE_INFINITY

/** A face that chalks under a rub is chalky, whatever it looked like. */
function testedSoundness(face: Face): Face['soundness'] {
  if (face.rub === 'chalks') return 'chalky'
  return face.soundness === 'unpainted-hard' && FINISHED.includes(face.material) ? 'lacquered' : face.soundness
}
/** Hard though unpainted, these wear a lacquer, an oil or a stain that tape can take; bare stone and glass do not. */
const FINISHED: readonly Face['material'][] = ['wood', 'lapped-boards']

/** Fresh paint binds bare paper, board and wood; dusty filler, chalk and wallpaper stay weak below it. */
const soundnessOnceCoated = (face: Face): Face['soundness'] => {
  const soundness = testedSoundness(face)
  return COATED_SOUND.includes(soundness) ? 'sound' : soundness
}
const COATED_SOUND: readonly Face['soundness'][] = ['bare-board-paper', 'bare-wood', 'lacquered', 'unpainted-hard']
