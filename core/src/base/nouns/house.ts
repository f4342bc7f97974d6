import type { OwnRecord } from './ownRecord'
import type { Firm } from './firm'
import type { Selling } from './selling'

/** How this contractor makes an edge; docs/recipes.md says what each needs and what breaks it. */
export const SCHOOLS = [
  'wiped-sealant',
  'own-colour-seal',
  'clear-glaze',
  'barrier-edge',
  'press-only',
  'plain-sprayed',
  'liquid-mask',
  'freehand',
] as const
export type School = (typeof SCHOOLS)[number]
/** Which of them the house keeps to wherever it is safe, or on each edge the one that is expected to cost least. */
export const HOUSE_WAYS = ['least-cost', ...SCHOOLS] as const
export type HouseWay = (typeof HOUSE_WAYS)[number]

/** Four opinions on when tape comes off; docs/recipes.md says how each settles on a wet or a dry pull. */
export const PULL_OPINIONS = ['wet', 'dry', 'soonest', 'either'] as const
export type PullOpinion = (typeof PULL_OPINIONS)[number]

export const SEALANT_COLOURS = ['by-colour', 'clear'] as const
export const SEAL_DRYNESS = ['touch', 'through'] as const
export const PRESS_RULES = ['thumb', 'tool', 'either'] as const
export const RUN_WAYS = ['one-run', 'short-pieces'] as const
/** When a rolled field follows the line cut in along tape that comes off wet; docs/recipes.md says why each. */
const FIELD_ORDERS = ['after-pull', 'within', 'edge-last'] as const
export type FieldOrder = (typeof FIELD_ORDERS)[number]
/** What a house may say of it: one of them for every face, or whichever costs less there. */
export const FIELD_RULES = ['by-price', ...FIELD_ORDERS] as const
export type FieldRule = (typeof FIELD_RULES)[number]

/** Work rates of one practised painter, minutes. */
export interface Rates {
  readonly layPerM: number
  /** Moving a ladder along a line above reach, besides laying it. */
  readonly ladderPerM: number
  /** One short strip or piece: at a lap, round a rounded corner, pushed into a tight joint. */
  readonly stripEach: number
  /** Pressing an edge with a tool; a thumb takes a little less. */
  readonly pressPerM: number
  readonly sealPerM: number
  readonly cutInPerM: number
  /** Cutting a line by hand, one coat. */
  readonly freehandPerM: number
  /** Liquid mask round panes, a metre of pane edge: brushed on, sprayed from a can, cut and peeled. */
  readonly liquidBrushPerM: number
  readonly liquidSprayPerM: number
  readonly peelPerM: number
  /** Brushing trim (skirtings, casings, bars of glazed doors), a metre of its run, edges and all. */
  readonly trimPerM: number
  /** Brushing what has a face: doors, cabinets, boards. */
  readonly brushPerM2: number
  /** One side of a door with its edges, and of a cabinet door or shutter, one coat by brush or roller; of either with a gun, turned. */
  readonly doorSideEach: number
  readonly cabinetSideEach: number
  readonly sprayedSideEach: number
  /** Taking a door off, numbering it, and hanging it again. */
  readonly hangEach: number
  readonly rollPerM2: number
  /** Rolling overhead. */
  readonly ceilingPerM2: number
  readonly sprayPerM2: number
  readonly pullPerM: number
  readonly coverPerM2: number
  readonly uncoverPerM2: number
  /** Taking a tower down at one front and putting it up at the next, by two, however many there are. */
  readonly towerEach: number
  /** Of each crew's day: setting up before it, washing out and clearing up after it. */
  readonly setUpEach: number
  readonly washOutEach: number
}

/**
 * What a plan costs the house besides the hours worked and waited: what a foreman would rather have less of, each at its price. Plans are
 * compared by them.
 */
export interface PlanRates {
  /** Getting a crew to a site and home again, once for each of its days there. */
  readonly visitMinor: number
  /** Going from one room to another with pots, brushes and lamp, min for each person. */
  readonly moveMin: number
  /** A room under sheets over a night: nobody lives or works in it. */
  readonly nightMinor: number
  /** A gun filled: what stays in its hose, and what rinses it. */
  readonly fillMinor: number
  /** A metre of tape on for a day: it is torn, dries out, or leaves its glue. */
  readonly tapeDayMinor: number
  /** A room handed back an hour late. */
  readonly lateHourMinor: number
  /** A day on which a site is open: a van there, a key, somebody who asks. */
  readonly siteDayMinor: number
  /** One thing that goes otherwise than somebody was told: a call, and what they had counted on. */
  readonly toldMinor: number
}

/** This contractor's ways, limits and prices. */
export interface HouseRules {
  readonly school: HouseWay
  /** When tape comes off: before the skin forms, once the film is hard, as soon as may be, or by how its film parts. */
  readonly pull: PullOpinion
  /** Seal every edge as insurance, or only where pressing alone would bleed. */
  readonly sealAlways: boolean
  /** On rough faces a barrier edge is sealed with own colour or glaze as well; false never seals a barrier edge. */
  readonly stackSeals: boolean
  /** White sealant between whites and clear elsewhere, or clear everywhere. */
  readonly sealantColour: (typeof SEALANT_COLOURS)[number]
  /** How dry an own-colour or glaze seal must be before colour. */
  readonly sealDry: (typeof SEAL_DRYNESS)[number]
  /** Liquid mask on many-paned glass where it costs less than tape. */
  readonly liquidOnPanes: boolean
  /** Somebody here cuts a proven line by hand. */
  readonly provenHand: boolean
  /** Of tape that comes off wet: cut in, pull, then roll; all within the round; roll first, the edge last; or by its price. */
  readonly fieldOrder: FieldRule
  /** While the tape is on, the roller runs over its edge, or stays off it and overlaps a brushed band. */
  readonly rollOverEdge: boolean
  /** Tape goes on in one long run, or in short pieces that are easier to true up. */
  readonly runs: (typeof RUN_WAYS)[number]
  /** Press with the thumb, with a tool, or with whichever costs less on a hem. */
  readonly press: (typeof PRESS_RULES)[number]
  /** First of several coats stays 1.5 mm off the tape; the edge is sealed before the last. */
  readonly holdFirstCoat: boolean
  /** Hours a fresh coat is left before tape goes on it, however soon its cure would allow it. */
  readonly restHours: number
  /** How long people stay past the beginning of a break, or the end of a day, to finish what is not broken off, min. */
  readonly stayOnMin: number
  /** Crews lend each other a hand: in a room that would be late, and wherever a plan is cheaper for it. */
  readonly lendHands: boolean
  /** Sprayed fronts are unmasked the day they are sprayed, once their paint is dry to touch, and looked at straight after. */
  readonly frontsInADay: boolean
  /** Most visible bleeds per metre accepted on paper. */
  readonly maxBleedMm: number
  /** Most risk of lift per metre accepted, 0 … 1. */
  readonly maxLift: number
  readonly wagePerHourMinor: number
  /** Mending: one bleed, one metre of lifted finish, one metre of torn edge. */
  readonly mendBleedMinor: number
  readonly mendLiftMinor: number
  readonly mendTearMinor: number
  /** Rolling out one metre of a band that shows. */
  readonly mendBandMinor: number
  /** Opening, keeping and cleaning up after one more tin or tube in a room. */
  readonly tinMinor: number
  /** Tape beyond the measured hems, %. */
  readonly wastePct: number
  /** What carrying one more kind of tape costs: mix-ups, part rolls, room in the bag. */
  readonly kindMinor: number
  readonly rates: Rates
  readonly planRates: PlanRates
  /** How a quote is made of what a job costs. */
  readonly selling: Selling
  /** Who the contractor is, on quotes. */
  readonly firm: Firm
  /** What its own walls showed. */
  readonly own: OwnRecord
}

/** Minutes of one person that money for mending buys, at the house's wage; 0 where no wage is known. */
export const mendingMin = (minor: number, { wagePerHourMinor }: Pick<HouseRules, 'wagePerHourMinor'>): number =>
  wagePerHourMinor > 0 ? (minor * 60) / wagePerHourMinor : 0
