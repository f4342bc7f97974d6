import {
  borderShapes,
  checkShapes,
  diamondShapes,
  discShapes,
  levelBands,
  shapeBands,
  stripeShapes,
  stripesOver,
  waveShapes,
  type PatternBand,
  type Room,
  type StripesOver,
  type Wall,
} from '@crisp-hem/core'

export const PATTERNS = ['upright', 'level', 'checks', 'diamonds', 'wave', 'border', 'disc'] as const
export type PatternKind = (typeof PATTERNS)[number]

/** A pattern as it is asked for; each kind reads what concerns it. Lengths in mm. */
export interface PatternAsked {
  readonly kind: PatternKind
  readonly colours: readonly [ground: string, ...rest: string[]]
  readonly by: 'count' | 'width'
  readonly count: number
  readonly widthMm: number
  readonly slantDeg: number
  readonly across: number
  readonly up: number
  readonly lowMm: number
  readonly highMm: number
  readonly waves: number
  readonly middleMm: number
  readonly swingMm: number
  readonly insetMm: number
  readonly broadMm: number
  readonly centreAtMm: number
  readonly centreUpMm: number
  readonly radiusMm: number
}

/** Its bands, and for stripes what is to be said of them. */
export interface PatternFound {
  readonly bands: readonly PatternBand[]
  readonly stripes: StripesOver | null
}

/** A pattern over some walls of a room, from left to right; null where it comes to nothing. */
export function patternFor(room: Room, walls: readonly Wall[], asked: PatternAsked): PatternFound | null {
  const { kind, colours } = asked
  const [lowMm, highMm] = isBetween(kind) ? [asked.lowMm, asked.highMm] : [0, room.heightMm]
  const run = { walls, lowMm, highMm }
  if (walls.length === 0 || highMm <= lowMm) return null
  const found = (bands: readonly PatternBand[], stripes: StripesOver | null = null) =>
    bands.length === 0 ? null : { bands, stripes }
  switch (kind) {
    case 'upright': {
      const stripes = stripesIn(room, walls, asked)
      const edges = stripes.stripes.map((stripe) => ({ ...stripe, colour: colours.indexOf(stripe.colour) }))
      return found(shapeBands(stripeShapes(run, edges, asked.slantDeg), colours), stripes)
    }
    case 'level': {
      const stripes = stripesIn(room, walls, asked)
      const painted = stripes.stripes.filter(({ colour }) => colour !== colours[0])
      const raised = painted.map((each) => ({ ...each, fromMm: lowMm + each.fromMm, toMm: lowMm + each.toMm }))
      return found(levelBands(raised), stripes)
    }
    case 'checks':
      return found(shapeBands(checkShapes(run, asked.across, asked.up, colours.length), colours))
    case 'diamonds':
      return found(shapeBands(diamondShapes(run, asked.across, asked.up, colours.length), colours))
    case 'wave':
      return found(shapeBands(waveShapes(run, asked.waves, asked.middleMm, asked.swingMm), colours))
    case 'border':
      return found(shapeBands(borderShapes(run, asked.insetMm, asked.broadMm), colours))
    case 'disc':
      return found(shapeBands(discShapes(run, { x: asked.centreAtMm, y: asked.centreUpMm }, asked.radiusMm), colours))
  }
}

/** Patterns that lie between two heights that are asked for. */
export const isBetween = (kind: PatternKind): boolean =>
  kind === 'level' || kind === 'checks' || kind === 'diamonds' || kind === 'border'

function stripesIn(room: Room, walls: readonly Wall[], asked: PatternAsked): StripesOver {
  const { kind, by, count, widthMm, colours, slantDeg, lowMm, highMm } = asked
  const lengths = walls.map(({ lengthMm }) => lengthMm)
  const each = { by: by === 'count' ? { count } : { widthMm }, colours }
  return kind === 'level'
    ? stripesOver({
        ...each,
        wallsMm: [highMm - lowMm],
        slantDeg: 0,
        heightMm: lengths.reduce((sum, mm) => sum + mm, 0),
        openings: openingsUp(room, walls, lowMm),
      })
    : stripesOver({
        ...each,
        wallsMm: lengths,
        slantDeg,
        heightMm: room.heightMm,
        openings: openingsAlong(room, walls),
      })
}

/** Openings of some walls as stretches of height above where the stripes begin. */
const openingsUp = (room: Room, walls: readonly Wall[], lowMm: number) =>
  room.openings
    .filter(({ wallId }) => walls.some(({ id }) => id === wallId))
    .map(({ sillMm, heightMm }) => ({ fromMm: sillMm - lowMm, toMm: sillMm + heightMm - lowMm }))

/** Openings of some walls as stretches of the run along them. */
function openingsAlong(room: Room, walls: readonly Wall[]): { readonly fromMm: number; readonly toMm: number }[] {
  let at = 0
  return walls.flatMap((wall) => {
    const begin = at
    at += wall.lengthMm
    return room.openings
      .filter(({ wallId }) => wallId === wall.id)
      .map(({ atMm, widthMm }) => ({ fromMm: begin + atMm, toMm: begin + atMm + widthMm }))
  })
}
