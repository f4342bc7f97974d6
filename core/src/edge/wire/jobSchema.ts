import { activityId, publishedSchema } from './publishedSchema'
import {
  FIELD_RULES,
  HOUSE_WAYS,
  JOB_VERSION,
  LAID_BY,
  LEARNED_FAULTS,
  LEAST_WAYS,
  MOST_WAYS,
  OUTDOOR_LIMITS,
  OWN_USES,
  PLAN_GOALS,
  PRESS_RULES,
  PRESSINGS,
  PULL_OPINIONS,
  RUN_WAYS,
  SEAL_DRYNESS,
  SEALANT_COLOURS,
  SEALS,
  SKILLS,
  STROKES,
  TEXTURES,
  WINDOWS,
} from '../../base/nouns'
import { UNIT_SYSTEMS } from '../../base/units/length'
import { eventSchema } from './eventSchema'
import {
  clock,
  decimal,
  exact,
  flag,
  id,
  instant,
  list,
  needs,
  oneOf,
  optionalText,
  orNull,
  text,
  wholeNumber,
} from './fields'
import { quoteSchema, sellingSchema } from './quoteSchema'
import { roomSchema } from './roomSchema'
import { shelfSchema } from './shelfSchema'

/** A job of more rooms is planned as several, floor by floor: every change plans the whole job anew. */
const MOST_ROOMS = 200

/** A sign of some 150 kB as text. */
const SIGN_SIGNS = 200_000
const MONEY = () => wholeNumber(0, 100_000_000)
const RATE = () => decimal(0, 1000)

const site = exact({
  place: text(),
  zone: text(60).test('zone', needs('zone'), (name) => name === undefined || isZone(name)),
  units: oneOf(UNIT_SYSTEMS),
  currency: text(3).matches(/^[A-Z]{3}$/, { message: needs('currency') }),
  yearBuilt: orNull(wholeNumber(1000, 2200)),
  country: optionalText(2).matches(/^([A-Z]{2})?$/, { message: needs('country') }),
  latDeg: orNull(decimal(-90, 90)),
  lonDeg: orNull(decimal(-180, 180)),
  places: list(exact({ id: id(), name: text(80) }), 0, 50),
  drives: list(exact({ from: orNull(id()), to: id(), minutes: wholeNumber(0, 600) }), 0, 2000),
  customer: exact({ name: optionalText(200), address: optionalText(500) }),
})

const air = exact({
  tempC: decimal(-30, 50),
  rh: decimal(1, 100),
  windows: oneOf(WINDOWS),
  outside: orNull(
    exact({
      source: oneOf(['weather-service', 'file'] as const),
      from: instant(),
      hours: list(
        exact({
          tempC: decimal(...OUTDOOR_LIMITS.tempC),
          rh: decimal(...OUTDOOR_LIMITS.rh),
          windMs: decimal(...OUTDOOR_LIMITS.windMs),
          cloud: decimal(...OUTDOOR_LIMITS.cloud),
          rainMm: decimal(...OUTDOOR_LIMITS.rainMm),
        }),
        1,
        24 * 366,
      ),
    }),
  ),
})

function isZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name })
    return true
  } catch {
    return false
  }
}

/** What the house's own walls showed. */
export const ownRecordSchema = exact({
  use: oneOf(OWN_USES),
  halfLifeDays: orNull(wholeNumber(1, 100_000)),
  counts: list(
    exact({
      jobId: id(),
      job: text(),
      at: instant(),
      fault: oneOf(LEARNED_FAULTS),
      tapeId: id(),
      texture: oneOf(TEXTURES),
      laidBy: oneOf(LAID_BY),
      metres: decimal(0, 10_000_000),
      counted: wholeNumber(0, 10_000_000),
      expected: decimal(0, 10_000_000),
    }),
    0,
    20_000,
  ),
})

/** The house rules, of a job or of the contractor. */
export const houseSchema = exact({
  school: oneOf(HOUSE_WAYS),
  pull: oneOf(PULL_OPINIONS),
  sealAlways: flag(),
  stackSeals: flag(),
  sealantColour: oneOf(SEALANT_COLOURS),
  sealDry: oneOf(SEAL_DRYNESS),
  liquidOnPanes: flag(),
  provenHand: flag(),
  fieldOrder: oneOf(FIELD_RULES),
  rollOverEdge: flag(),
  runs: oneOf(RUN_WAYS),
  press: oneOf(PRESS_RULES),
  holdFirstCoat: flag(),
  restHours: decimal(0, 240),
  stayOnMin: decimal(0, 60),
  lendHands: flag(),
  frontsInADay: flag(),
  maxBleedMm: decimal(0, 1000),
  maxLift: decimal(0.0001, 0.5),
  wagePerHourMinor: MONEY(),
  mendBleedMinor: MONEY(),
  mendLiftMinor: MONEY(),
  mendTearMinor: MONEY(),
  mendBandMinor: MONEY(),
  tinMinor: MONEY(),
  wastePct: decimal(0, 100),
  kindMinor: MONEY(),
  planRates: exact({
    visitMinor: MONEY(),
    moveMin: decimal(0, 240),
    nightMinor: MONEY(),
    fillMinor: MONEY(),
    tapeDayMinor: MONEY(),
    lateHourMinor: MONEY(),
    siteDayMinor: MONEY(),
    toldMinor: MONEY(),
  }),
  rates: exact({
    layPerM: RATE(),
    ladderPerM: RATE(),
    stripEach: RATE(),
    pressPerM: RATE(),
    sealPerM: RATE(),
    cutInPerM: RATE(),
    freehandPerM: RATE(),
    liquidBrushPerM: RATE(),
    liquidSprayPerM: RATE(),
    peelPerM: RATE(),
    trimPerM: RATE(),
    brushPerM2: RATE(),
    doorSideEach: RATE(),
    cabinetSideEach: RATE(),
    sprayedSideEach: RATE(),
    hangEach: RATE(),
    rollPerM2: RATE(),
    ceilingPerM2: RATE(),
    sprayPerM2: RATE(),
    pullPerM: RATE(),
    coverPerM2: RATE(),
    uncoverPerM2: RATE(),
    towerEach: RATE(),
    setUpEach: decimal(0, 120),
    washOutEach: decimal(0, 120),
  }),
  selling: sellingSchema,
  firm: exact({
    name: optionalText(200),
    address: optionalText(500),
    contact: optionalText(300),
    taxNumber: optionalText(60),
    sign: optionalText(SIGN_SIGNS).matches(/^(data:image\/(png|jpeg);base64,[A-Za-z0-9+/=]*)?$/, {
      message: needs('picture'),
    }),
  }),
  own: ownRecordSchema,
})

const trialSchema = exact({
  id: id(),
  name: text(200),
  texture: oneOf(TEXTURES),
  coatingId: id(),
  ways: list(
    exact({
      tapeId: id(),
      seal: oneOf(SEALS),
      pressing: oneOf(PRESSINGS),
      stroke: oneOf(STROKES),
      waitH: decimal(0, 10_000),
    }),
    LEAST_WAYS,
    MOST_WAYS,
  ),
  rows: wholeNumber(1, 100),
  pieceMm: wholeNumber(10, 100_000),
  seed: wholeNumber(0, 1_000_000_000),
})

const crew = exact({
  id: id(),
  name: text(80),
  people: list(exact({ name: text(80), skill: oneOf(SKILLS) }), 0, 100),
  shifts: list(
    exact({
      days: list(wholeNumber(0, 6), 1, 7),
      from: clock(),
      to: clock(),
      breaks: list(exact({ from: clock(), to: clock() }), 0, 10),
    }),
    0,
    20,
  ),
})

const planning = exact({
  goals: list(oneOf(PLAN_GOALS), PLAN_GOALS.length, PLAN_GOALS.length),
  holds: list(exact({ taskId: activityId(), at: instant(), crewId: orNull(id()), why: optionalText(300) }), 0, 5000),
  away: list(
    exact({ crewId: id(), person: orNull(text(80)), from: instant(), to: instant(), why: optionalText(300) }),
    0,
    1000,
  ),
  rooms: list(exact({ roomId: id(), roundShare: decimal(0.3, 1), gunCrewId: orNull(id()) }), 0, MOST_ROOMS),
})

const factFields = {
  id: id(),
  name: text(),
  site,
  start: instant(),
  air,
  house: houseSchema,
  crews: list(crew, 0, 200),
  shelf: shelfSchema,
  kit: orNull(list(exact({ tapeId: id(), widthMm: wholeNumber(3, 300) }), 1, 500)),
  rooms: list(roomSchema, 0, MOST_ROOMS),
  planning,
  quotes: list(quoteSchema, 0, 200),
  trials: list(trialSchema, 0, 200),
}

/** A job without its log: what the survey screens edit and the server keeps. */
export const factsSchema = exact({
  format: oneOf(['crisp-hem/job'] as const),
  version: wholeNumber(JOB_VERSION, JOB_VERSION),
  ...factFields,
})

/** A whole job file, `*.hem.json`. */
export const jobSchema = exact({
  format: oneOf(['crisp-hem/job'] as const),
  version: wholeNumber(JOB_VERSION, JOB_VERSION),
  ...factFields,
  log: list(eventSchema, 0, 200_000),
  published: orNull(publishedSchema),
})

/** What a contractor keeps for new jobs. */
export const contractorSchema = exact({ house: houseSchema, shelf: shelfSchema })
