import { NO_FIRM, NO_RECORD, USUAL_SELLING, type HouseRules, type PlanRates, type Rates } from '../../base/nouns'

/**
 * Rates of one practised painter, from memory. Checked: round sizes as common practice has them (beginner one wall,
 * practised single painter two, practised pair a room), a plain room of 9 to 12 h for one person, and taping and cutting
 * two coats as long as hand-cutting two.
 */
export const STARTER_RATES: Rates = {
  // 1 to 1.5 min/m with the ladder's moves.
  layPerM: 1,
  ladderPerM: 0.4,
  // 0.3 to 0.5 min each.
  stripEach: 0.4,
  pressPerM: 0.25,
  sealPerM: 0.25,
  cutInPerM: 0.5,
  // Two hand-cut coats take about as long as taping and cutting two: common practice.
  freehandPerM: 1.25,
  liquidBrushPerM: 0.45,
  // A can covers fifteen panes while tape does one or two: common practice.
  liquidSprayPerM: 0.12,
  peelPerM: 0.45,
  // 2 to 4 min/m.
  trimPerM: 3,
  brushPerM2: 6,
  // A flush leaf with its edges takes 10 to 15 min a side, a panelled one half as much again; a cabinet door 4 to 8.
  doorSideEach: 13,
  cabinetSideEach: 6,
  // The gun takes a minute, carrying and turning the rest: 2 to 5 min.
  sprayedSideEach: 3.5,
  // 6 to 12 min for off and on.
  hangEach: 8,
  // Walls 2 to 4 min/m², ceilings 3 to 5.
  rollPerM2: 3,
  ceilingPerM2: 4,
  // One gun, from memory: 0.7 to 1.3 min/m².
  sprayPerM2: 1,
  pullPerM: 0.25,
  coverPerM2: 0.8,
  uncoverPerM2: 0.3,
  // Half an hour for two, a little more where the ground is rough.
  towerEach: 30,
  // 10 to 20 min at either end of a day.
  setUpEach: 15,
  washOutEach: 15,
}

/** What plans are compared by, from memory: half an hour's wage for a trip, two thirds for a late hour, one for a day more on site. */
const STARTER_PLAN_RATES: PlanRates = {
  visitMinor: 2000,
  moveMin: 6,
  nightMinor: 500,
  fillMinor: 800,
  tapeDayMinor: 3,
  lateHourMinor: 2500,
  siteDayMinor: 4000,
  toldMinor: 600,
}

/** Rules a new contractor starts with; every one can be changed. Figures from memory. */
export const STARTER_HOUSE: HouseRules = {
  school: 'least-cost',
  pull: 'wet',
  sealAlways: false,
  stackSeals: false,
  sealantColour: 'by-colour',
  sealDry: 'touch',
  liquidOnPanes: true,
  provenHand: false,
  fieldOrder: 'by-price',
  rollOverEdge: true,
  runs: 'one-run',
  press: 'tool',
  holdFirstCoat: true,
  // Fresh trim and ceilings are left overnight before they are masked: common practice.
  restHours: 12,
  stayOnMin: 20,
  lendHands: true,
  // Left until it is hard: a soft edge may come off in strings.
  frontsInADay: false,
  maxBleedMm: 3,
  maxLift: 0.02,
  wagePerHourMinor: 3800,
  mendBleedMinor: 120,
  mendLiftMinor: 4500,
  mendTearMinor: 900,
  mendBandMinor: 250,
  tinMinor: 150,
  wastePct: 5,
  kindMinor: 600,
  rates: STARTER_RATES,
  planRates: STARTER_PLAN_RATES,
  selling: USUAL_SELLING,
  firm: NO_FIRM,
  own: NO_RECORD,
}
