import type { Face, PaintStep, Room, Turn } from './types'

/** Faces as most rooms have them; each can be changed wall by wall afterwards. */
export const USUAL_FACES = {
  wall: {
    material: 'plaster',
    texture: 'stipple',
    sheen: 'matt',
    soundness: 'sound',
    dusty: false,
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
    dusty: false,
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
    dusty: false,
    colour: 'White',
    swatch: '#ffffff',
    last: null,
    paintAtHand: false,
  },
  floor: {
    material: 'wood',
    texture: 'smooth',
    sheen: 'satin',
    soundness: 'unpainted hard',
    dusty: false,
    colour: 'Oak boards',
    swatch: '#c9a97a',
    last: null,
    paintAtHand: false,
  },
  glass: {
    material: 'glass',
    texture: 'glassy',
    sheen: 'gloss',
    soundness: 'unpainted hard',
    dusty: false,
    colour: 'Glass',
    swatch: '#dfe7e6',
    last: null,
    paintAtHand: false,
  },
} as const satisfies Record<string, Face>

/** Usual sizes, mm: from memory. */
export const USUAL_SIZES = { heightMm: 2600, skirtingMm: 120, casingMm: 70 } as const

/** The order most rooms are coated in: ceiling, then trim, then walls. */
export const usualSteps = (): PaintStep[] => [
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

/** A room from its outline, with usual faces, skirting and coating plan. @param walls clockwise, closed */
export function newRoom(
  id: string,
  name: string,
  walls: readonly { readonly lengthMm: number; readonly turn: Turn }[],
): Room {
  return {
    id,
    name,
    heightMm: USUAL_SIZES.heightMm,
    walls: walls.map((wall, i) => ({ id: `w${i + 1}`, name: wallName(i), ...wall, face: USUAL_FACES.wall })),
    ceiling: USUAL_FACES.ceiling,
    floor: USUAL_FACES.floor,
    skirting: { heightMm: USUAL_SIZES.skirtingMm, face: USUAL_FACES.trim, without: [] },
    openings: [],
    fittings: [],
    steps: usualSteps(),
    edgeNotes: [],
    choices: [],
    crewId: null,
    neededBy: null,
  }
}

/** A, B, … Z, A2, B2, … */
export const wallName = (index: number): string =>
  String.fromCharCode(65 + (index % 26)) + (index < 26 ? '' : String(Math.floor(index / 26) + 1))
