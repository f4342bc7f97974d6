import type { Face, PaintStep, Room, Wall } from '../../base/nouns'
import type { Leg } from './outline'

/** Nothing tested, nothing to clean. */
const UNTESTED = { dusty: false, rub: 'not-made', crossCut: null, moisturePct: null, prep: [] } as const

/** Faces as most rooms have them; each can be changed wall by wall afterwards. */
export const USUAL_FACES = {
  wall: {
    material: 'plaster',
    texture: 'stipple',
    sheen: 'matt',
    soundness: 'sound',
    ...UNTESTED,
    colour: 'Old cream',
    swatch: '#efe6cf',
    last: null,
    paintAtHand: false,
  },
  ceiling: {
    material: 'plaster',
    texture: 'stipple',
    sheen: 'flat',
    soundness: 'sound',
    ...UNTESTED,
    colour: 'White',
    swatch: '#ffffff',
    last: null,
    paintAtHand: false,
  },
  trim: {
    material: 'wood',
    texture: 'smooth',
    sheen: 'semi-gloss',
    soundness: 'sound',
    ...UNTESTED,
    colour: 'White',
    swatch: '#ffffff',
    last: null,
    paintAtHand: false,
  },
  floor: {
    material: 'wood',
    texture: 'smooth',
    sheen: 'satin',
    soundness: 'unpainted-hard',
    ...UNTESTED,
    colour: 'Oak boards',
    swatch: '#c9a97a',
    last: null,
    paintAtHand: false,
  },
  glass: {
    material: 'glass',
    texture: 'glassy',
    sheen: 'gloss',
    soundness: 'unpainted-hard',
    ...UNTESTED,
    colour: 'Glass',
    swatch: '#dfe7e6',
    last: null,
    paintAtHand: false,
  },
} as const satisfies Record<string, Face>

/** Usual sizes, mm: from memory. */
export const USUAL_SIZES = { heightMm: 2600, skirtingMm: 120, casingMm: 70 } as const

/** The order most rooms are coated in: ceiling, then trim, then walls. */
const usualSteps = (): PaintStep[] => [
  {
    id: 's1',
    name: 'Ceiling',
    targets: ['ceiling'],
    coatingId: 'lime-ceiling',
    colour: 'White',
    swatch: '#ffffff',
    tool: 'roller',
    coats: 2,
  },
  {
    id: 's2',
    name: 'Trim',
    targets: ['skirting', 'casings'],
    coatingId: 'bell-semi',
    colour: 'White',
    swatch: '#fdfdf8',
    tool: 'brush',
    coats: 2,
  },
  {
    id: 's3',
    name: 'Walls',
    targets: ['walls'],
    coatingId: 'quay-satin',
    colour: 'Tide green',
    swatch: '#7f9c86',
    tool: 'roller',
    coats: 2,
  },
]

/** A wall as most are: level top, sharp corner, square turn. */
const plainWall = (index: number, leg: Leg): Wall => ({
  id: `w${index + 1}`,
  name: wallName(index),
  lengthMm: leg.lengthMm,
  turnDeg: leg.turnDeg,
  cornerRadiusMm: 0,
  top: [],
  free: false,
  lapMm: null,
  lapFromMm: 0,
  face: USUAL_FACES.wall,
})

/** What every area begins without. */
const BARE = {
  foot: [],
  bands: [],
  openings: [],
  fittings: [],
  pieces: [],
  defects: [],
  scopes: [],
  edgeNotes: [],
  lines: [],
  splits: [],
  joins: [],
  handHems: [],
  photos: [],
  choices: [],
  crewId: null,
  placeId: null,
  neededBy: null,
  heldAir: null,
} as const satisfies Partial<Room>

/** A room from its outline, with usual faces, skirting and coating plan. @param walls clockwise, closed */
export function newRoom(id: string, name: string, walls: readonly Leg[]): Room {
  return {
    ...BARE,
    id,
    name,
    kind: 'room',
    facingDeg: null,
    heightMm: USUAL_SIZES.heightMm,
    walls: walls.map((leg, i) => plainWall(i, leg)),
    ceiling: USUAL_FACES.ceiling,
    floor: USUAL_FACES.floor,
    skirting: { heightMm: USUAL_SIZES.skirtingMm, face: USUAL_FACES.trim, without: [], gapMm: 0 },
    steps: usualSteps(),
  }
}

/** What an elevation is asked for: its outline is one wall whose top may rise to a gable. */
export interface ElevationAnswers {
  readonly widthMm: number
  readonly eavesMm: number
  /** Height of the ridge over the middle; null for a level top. */
  readonly ridgeMm: number | null
  readonly facingDeg: number
  readonly material: 'lapped-boards' | 'render' | 'block' | 'brick'
  /** Board height that shows, mm, on lapped boards. */
  readonly lapMm: number | null
}

/** One face of a building with soffit, ground and the two steps it usually gets, in paint for outside: trim first, then the wall. */
export function newElevation(id: string, name: string, answers: ElevationAnswers): Room {
  const { widthMm, eavesMm, ridgeMm } = answers
  const texture = answers.material === 'lapped-boards' ? 'wood-grain' : 'masonry'
  const face: Face = {
    ...USUAL_FACES.wall,
    material: answers.material,
    texture,
    colour: 'Weathered grey',
    swatch: '#b9b6aa',
  }
  const top =
    ridgeMm === null
      ? []
      : [
          { atMm: 0, heightMm: eavesMm },
          { atMm: Math.round(widthMm / 2), heightMm: ridgeMm },
          { atMm: widthMm, heightMm: eavesMm },
        ]
  return {
    ...BARE,
    id,
    name,
    kind: 'elevation',
    facingDeg: answers.facingDeg,
    heightMm: eavesMm,
    walls: [
      {
        ...plainWall(0, { lengthMm: widthMm, turnDeg: 90 }),
        top,
        lapMm: answers.material === 'lapped-boards' ? answers.lapMm : null,
        lapFromMm: 0,
        face,
      },
    ],
    ceiling: { ...USUAL_FACES.trim, colour: 'White', swatch: '#f4f3ee' },
    floor: { ...USUAL_FACES.floor, material: 'concrete', texture: 'masonry', colour: 'Paving', swatch: '#b7b1a4' },
    skirting: null,
    steps: [
      {
        id: 's1',
        name: 'Trim',
        targets: ['ceiling', 'casings'],
        coatingId: 'slip-siding',
        colour: 'White',
        swatch: '#f7f6f0',
        tool: 'brush',
        coats: 2,
      },
      {
        id: 's2',
        name: 'Wall',
        targets: ['walls'],
        coatingId: 'slip-siding',
        colour: 'Harbour blue',
        swatch: '#5c7690',
        tool: 'spray',
        coats: 2,
      },
    ],
  }
}

const right = (lengthMm: number): Leg => ({ lengthMm, turnDeg: 90 })
const left = (lengthMm: number): Leg => ({ lengthMm, turnDeg: -90 })
/** Outlines to begin from; every length can be typed over. */
export const OUTLINE_TEMPLATES: Readonly<Record<'rectangle' | 'L-shape' | 'alcove' | 'bay', readonly Leg[]>> = {
  rectangle: [right(4000), right(3000), right(4000), right(3000)],
  'L-shape': [right(5000), right(4000), right(2500), left(1500), right(2500), right(2500)],
  alcove: [right(4500), right(3500), right(4500), left(1200), right(600), right(900), left(600), right(1400)],
  bay: [
    right(4000),
    { lengthMm: 3000, turnDeg: 90 },
    { lengthMm: 1000, turnDeg: -45 },
    { lengthMm: 849, turnDeg: 45 },
    { lengthMm: 800, turnDeg: 45 },
    { lengthMm: 849, turnDeg: -45 },
    { lengthMm: 1000, turnDeg: 90 },
    { lengthMm: 3000, turnDeg: 90 },
  ],
}

/** A, B, … Z, A2, B2, … */
export const wallName = (index: number): string =>
  String.fromCharCode(65 + (index % 26)) + (index < 26 ? '' : String(Math.floor(index / 26) + 1))
