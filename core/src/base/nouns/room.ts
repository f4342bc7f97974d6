import type { EdgeKey } from './edgeKey'
import type { FaceKey } from './faceKey'
import type { HeldAir } from './air'
import type { School } from './house'
import type { Sheen, Tool } from './shelf'
import type { Soundness, Texture } from './surfaces'

export const MATERIALS = [
  'plaster',
  'board',
  'render',
  'wood',
  'lapped-boards',
  'metal',
  'glass',
  'tile',
  'vinyl',
  'carpet',
  'concrete',
  'block',
  'brick',
  'plastic',
] as const
export type Material = (typeof MATERIALS)[number]

/** The finish that lies on a face when the job begins; `at` null means nobody knows. */
export interface LastCoat {
  readonly at: string | null
  readonly tool: Tool | null
  readonly coatingId: string | null
  readonly coats: number
  /** Air it dried in, where somebody read it. */
  readonly tempC: number | null
  readonly rh: number | null
}

/** What a rub with a dark cloth showed. */
export const RUBS = ['not-made', 'clean', 'chalks'] as const
/** Cleaning a face needs before anything is laid on it. */
export const PREPS = ['dust', 'wash', 'degrease', 'fill', 'sand', 'prime'] as const
export type Prep = (typeof PREPS)[number]

/** What a tape or a coat meets on one face. */
export interface Face {
  readonly material: Material
  readonly texture: Texture
  readonly sheen: Sheen
  readonly soundness: Soundness
  readonly dusty: boolean
  readonly rub: (typeof RUBS)[number]
  /** ISO 2409 class of a cross-cut made on site, or null. */
  readonly crossCut: number | null
  /** Moisture meter reading, %, or null. */
  readonly moisturePct: number | null
  readonly prep: readonly Prep[]
  readonly colour: string
  /** Colour for drawings, `#rrggbb`. */
  readonly swatch: string
  readonly last: LastCoat | null
  /** The paint this face wears is on the van, so its own colour can seal an edge. */
  readonly paintAtHand: boolean
}

/** A point of a wall's top, mm from its left end and above the floor. */
export interface TopPoint {
  readonly atMm: number
  readonly heightMm: number
}

/** A wall; walls follow one another to the right as seen from inside. */
export interface Wall {
  readonly id: string
  readonly name: string
  readonly lengthMm: number
  /** Turn at its right-hand end, degrees to the right: 90 is an inner corner, −90 an outer one. */
  readonly turnDeg: number
  /** Radius of that corner where it is rounded, mm; 0 is sharp. */
  readonly cornerRadiusMm: number
  /** Its top from left end to right end where it is not level with the room: slopes, gables. Empty: level. */
  readonly top: readonly TopPoint[]
  /** A half-height wall: no ceiling meets its top. */
  readonly free: boolean
  /** Height of each board that shows on a lapped face, mm; null where nothing laps. */
  readonly lapMm: number | null
  /** Where the lowest whole board begins, mm above the ground; 0 where nothing laps. */
  readonly lapFromMm: number
  readonly face: Face
}

export interface Skirting {
  readonly heightMm: number
  readonly face: Face
  /** Walls that have none. */
  readonly without: readonly string[]
  /** Gap under it, mm: a lining slides in where there is one. */
  readonly gapMm: number
}

/** A stretch of a wall's foot where the floor is another, or the gap under the skirting differs. */
export interface FootStretch {
  readonly id: string
  readonly wallId: string
  readonly fromMm: number
  readonly toMm: number
  readonly gapMm: number
  /** Null: the room's floor. */
  readonly floor: Face | null
}

export const BAND_KINDS = ['two-tone', 'stripe', 'chair-rail'] as const
type BandKind = (typeof BAND_KINDS)[number]

/**
 * A corner of a shape on a wall, from the wall's left end and above the floor, and how far the middle of the side that follows stands
 * off its chord, to the left of its run; 0 for a straight side. mm.
 */
export interface ShapePoint {
  readonly atMm: number
  readonly heightMm: number
  readonly bendMm: number
}

/** One closed shape on a wall: an upright stripe, a square, the field below a wave. It may reach over the wall's ends, foot and top. */
export interface BandShape {
  readonly id: string
  readonly wallId: string
  /** At least two corners, in turn. */
  readonly points: readonly ShapePoint[]
}

/** Part of some walls that gets, or is, something else: all between two heights, as the lower colour of a two-tone wall, or shapes. */
export interface Band {
  readonly id: string
  readonly name: string
  readonly kind: BandKind
  readonly wallIds: readonly string[]
  readonly fromMm: number
  readonly toMm: number
  /** None: it is all of its walls between the two heights. Otherwise they say how high the shapes reach. */
  readonly shapes: readonly BandShape[]
  readonly face: Face
}

export const OPENING_KINDS = ['door', 'window', 'glazed-doors', 'gap'] as const
export type OpeningKind = (typeof OPENING_KINDS)[number]

/** How an opening is divided into panes. A plain window has one pane, one side and one leaf. */
export interface Glazing {
  readonly leaves: number
  readonly wide: number
  readonly high: number
  readonly sides: number
  readonly barMm: number
  readonly textured: boolean
}

/** A door, window or plain gap: `atMm` from the wall's left end, `sillMm` above the floor. */
export interface Opening {
  readonly id: string
  readonly name: string
  readonly kind: OpeningKind
  readonly wallId: string
  readonly atMm: number
  readonly sillMm: number
  readonly widthMm: number
  readonly heightMm: number
  /** Width of the trim outside the opening; 0 for none. */
  readonly casingMm: number
  readonly casing: Face | null
  /** The glass of a window, the leaf of a door, the woodwork of glazed doors. */
  readonly leaf: Face | null
  /** Panes, where there are any. */
  readonly glazing: Glazing | null
  /** Sides of a door's leaf that are painted in this room; the other is usually the next room's. */
  readonly paintedSides: number
  /** The leaf is taken off, painted on stands and hung again: nothing is masked on it. */
  readonly takenOff: boolean
  /** A door leads out of the work, or to another room of it; null where nobody said. */
  readonly leadsOut: boolean | null
}

export const FITTING_KINDS = [
  'socket',
  'switch',
  'thermostat',
  'light',
  'vent',
  'air-inlet',
  'alarm',
  'sprinkler',
  'flue',
  'exit',
  'tap',
  'meter-box',
  'conduit',
] as const
type FittingKind = (typeof FITTING_KINDS)[number]
/** Fittings that must breathe or be heard or be passed: covered ones are listed and signed off. */
export const BREATHER_KINDS: readonly FittingKind[] = ['vent', 'air-inlet', 'alarm', 'sprinkler', 'flue', 'exit']

/** What the scope says of a fitting. */
export const FITTING_SCOPES = ['mask', 'take-off', 'takes-wall-colour', 'shielded', 'replaced-soon'] as const
type FittingScope = (typeof FITTING_SCOPES)[number]

export const FITTING_PLACES = ['wall', 'ceiling'] as const
export type FittingPlace = (typeof FITTING_PLACES)[number]

export interface Fitting {
  readonly id: string
  readonly name: string
  readonly kind: FittingKind
  /** What it sits on: a wall, or the ceiling; a house's soffit is the ceiling of an elevation. */
  readonly on: FittingPlace
  /** The wall it sits on; for a ceiling the wall it is measured from. */
  readonly wallId: string
  readonly atMm: number
  /** Up from the floor; on a ceiling out from the wall, with its height counted the same way. */
  readonly bottomMm: number
  readonly widthMm: number
  readonly heightMm: number
  readonly scope: FittingScope
}

export const PIECE_KINDS = ['cabinets', 'shutters', 'radiator', 'furniture', 'stairs', 'roof-window'] as const
export type PieceKind = (typeof PIECE_KINDS)[number]

/** A thing in the room that is masked, sheeted or painted as a piece of its own. */
export interface Piece {
  readonly id: string
  readonly name: string
  readonly kind: PieceKind
  /** The wall it stands at or before, and where. */
  readonly wallId: string
  readonly atMm: number
  readonly bottomMm: number
  readonly widthMm: number
  readonly heightMm: number
  readonly depthMm: number
  /** Doors of cabinets, leaves of shutters, steps of stairs; 1 otherwise. */
  readonly count: number
  /** Sides of those doors or leaves that are painted. */
  readonly paintedSides: number
  /** They are taken off, painted on stands and hung again. */
  readonly takenOff: boolean
  /** Cabinets that keep their contents. */
  readonly inUse: boolean
  readonly face: Face
}

/** Why an edge that exists gets no hem. */
interface EdgeNote {
  readonly edge: EdgeKey
  readonly note: 'shielded' | 'left-out'
  readonly reason: string
}

/** What the scope says of a face that no step paints, or that a step should not reach. */
export const FACE_SCOPES = ['kept', 'shielded', 'takes-wall-colour', 'replaced-soon'] as const
export type FaceScope = (typeof FACE_SCOPES)[number]
interface ScopeNote {
  readonly face: string
  readonly scope: FaceScope
  readonly note: string
}

/** How a hem's line runs. */
export const LINE_WAYS = ['true-joint', 'follow', 'straighten'] as const
export type LineWay = (typeof LINE_WAYS)[number]
/** What a straight line over an edge that was read does best: gives up least, least at its worst place, lies level with what it was read from, passes points that were chosen, or bends once over a hump. */
export const LINE_FITS = ['least-area', 'least-worst', 'level', 'through', 'split'] as const
export type LineFit = (typeof LINE_FITS)[number]

/** An old edge that wanders: how far at its worst, and what is done about it; null leaves it to the scope. */
export interface LineNote {
  readonly edge: EdgeKey
  readonly wanderMm: number
  readonly way: LineWay | null
  /** Where along it, and how far over what is kept, the edge was read to lie; from its left end, mm. None: nobody read it. */
  readonly readings: readonly { readonly atMm: number; readonly offMm: number }[]
  /** Which line was chosen over them. */
  readonly fit: LineFit
  /** One or two points the line has to pass, where that was chosen. */
  readonly through: readonly { readonly atMm: number; readonly offMm: number }[]
  /** Where the face it is laid on stands out or lies back. */
  readonly lumps: readonly Lump[]
}

/** A lump or dip of a face along a line: where it begins from the left end, how long it is (0: a step, as at a joint), how high; less than nothing for a dip. mm. */
export interface Lump {
  readonly atMm: number
  readonly lengthMm: number
  readonly heightMm: number
}

/** A hem cut by hand at a place along it; it keeps its id when it moves. */
export interface HemSplit {
  readonly id: string
  readonly edge: EdgeKey
  readonly atMm: number
}
/** Edges that are laid as one hem. */
interface HemJoin {
  readonly id: string
  readonly edges: readonly string[]
}
/** A hem drawn by hand on a wall; `bendMm` is how far its middle stands off the straight line. */
export interface HandHem {
  readonly id: string
  readonly name: string
  readonly wallId: string
  readonly x1: number
  readonly y1: number
  readonly x2: number
  readonly y2: number
  readonly bendMm: number
  readonly keep: string
  readonly paint: string
}

/** A picture kept in the data folder: of a hem, or of a mark that was there before. */
interface Photo {
  readonly id: string
  /** The edge it shows; null for a mark of the room. */
  readonly edge: EdgeKey | null
  readonly caption: string
  readonly at: string
}

/** A way chosen by hand for one hem, and why. It holds unless the facts make it unsafe. */
export interface HemChoice {
  readonly edge: EdgeKey
  readonly school: School
  /** Null for ways without tape. */
  readonly tapeId: string | null
  /** The liquid mask meant; null for other ways, and where the cheapest will do. */
  readonly liquidId: string | null
  /** Null leaves these to the house rules. */
  readonly pressing: 'thumb' | 'tool' | null
  readonly pull: 'wet' | 'dry' | null
  readonly reason: string
}

/** Groups of faces a coating step can name; `wall:w1`, `casing:o2`, `band:b1`, `piece:p1` name single ones. */
export const TARGET_GROUPS = ['ceiling', 'walls', 'bands', 'skirting', 'casings', 'leaves', 'pieces', 'floor'] as const

/** One colour put on some faces of a room; steps run in their order. */
export interface PaintStep {
  readonly id: string
  readonly name: string
  readonly targets: readonly string[]
  readonly coatingId: string
  readonly colour: string
  readonly swatch: string
  readonly tool: Tool
  readonly coats: number
}

export const ROOM_KINDS = ['room', 'elevation'] as const
type RoomKind = (typeof ROOM_KINDS)[number]

export const DEFECT_KINDS = ['crack', 'hole', 'gap', 'flaking'] as const
export type DefectKind = (typeof DEFECT_KINDS)[number]

/** A place on a face to be filled, sealed or made sound before paint, and where: mm from the left end, and above the floor. */
export interface Defect {
  readonly id: string
  readonly face: FaceKey
  readonly kind: DefectKind
  readonly atMm: number
  readonly heightMm: number
  readonly lengthMm: number
}

/** An area of the survey: a room, closed all round, or an elevation, one face of a building. */
export interface Room {
  readonly id: string
  readonly name: string
  readonly kind: RoomKind
  /** Which way an elevation faces, degrees clockwise from north; null for rooms. */
  readonly facingDeg: number | null
  readonly heightMm: number
  readonly walls: readonly Wall[]
  /** The soffit and fascia of an elevation. */
  readonly ceiling: Face
  /** The ground before an elevation. */
  readonly floor: Face
  readonly skirting: Skirting | null
  readonly foot: readonly FootStretch[]
  readonly bands: readonly Band[]
  readonly openings: readonly Opening[]
  readonly fittings: readonly Fitting[]
  readonly pieces: readonly Piece[]
  readonly defects: readonly Defect[]
  readonly steps: readonly PaintStep[]
  readonly scopes: readonly ScopeNote[]
  readonly edgeNotes: readonly EdgeNote[]
  readonly lines: readonly LineNote[]
  readonly splits: readonly HemSplit[]
  readonly joins: readonly HemJoin[]
  readonly handHems: readonly HandHem[]
  readonly photos: readonly Photo[]
  readonly choices: readonly HemChoice[]
  /** Crew that does the room; null lets the plan choose. */
  readonly crewId: string | null
  /** At which of the job's addresses it is; null for the site's own. */
  readonly placeId: string | null
  /** When the room must be free again, or null. */
  readonly neededBy: string | null
  /** Air that heaters, a dehumidifier or fans hold in a room day and night; null where it is as the site's rooms are. */
  readonly heldAir: HeldAir | null
}
