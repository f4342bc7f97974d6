import { equalStripes } from './stripes'

/** Stripes asked for over a run of walls. Lengths in mm along the walls, from the left. */
export interface StripesAsked {
  /** Walls in order, each as long as so much. */
  readonly wallsMm: readonly number[]
  /** So many stripes, or as many of about this width as come out even. */
  readonly by: { readonly count: number } | { readonly widthMm: number }
  /** Degrees out of upright, 0 for upright; what is measured along the wall grows with it. */
  readonly slantDeg: number
  readonly heightMm: number
  readonly colours: readonly [first: string, ...rest: string[]]
  readonly openings: readonly { readonly fromMm: number; readonly toMm: number }[]
}

/** Stripes that slant by more are lines along the wall. From memory. */
const LEAST_SQUARE = 0.1

/** One stripe, with what it meets. */
export interface StripePlan {
  readonly fromMm: number
  readonly toMm: number
  readonly colour: string
  /** It goes round the corner behind this wall, counted from 0; null where it lies on one. */
  readonly roundCorner: number | null
  readonly meetsOpening: boolean
}

/** An edge to tape: its place, and on which side the tape lies, since it stands outside what is painted. */
export interface StripeEdge {
  readonly atMm: number
  readonly wall: number
  readonly onWallMm: number
  /** Side of the edge on which the tape lies, while the stripes of `turn` are painted. */
  readonly tape: 'left' | 'right'
  readonly turn: number
}

export interface StripesOver {
  readonly stripes: readonly StripePlan[]
  readonly edges: readonly StripeEdge[]
  /** What is seen of each stripe square to it, mm; taped edges on alternate sides keep them alike. */
  readonly visibleMm: number
  /** Tape for all edges, and area of each colour, openings not taken off. */
  readonly tapeM: number
  readonly areaM2: Readonly<Record<string, number>>
}

/**
 * Stripes over some walls, as even as whole millimetres let them be. The first colour is the ground: it is put on all over, then every other
 * colour in a turn of its own, so that each edge is taped once and serves all coats of its turn.
 *
 * @throws RangeError for no run or no stripe
 */
export function stripesOver({ wallsMm, by, slantDeg, heightMm, colours, openings }: StripesAsked): StripesOver {
  const runMm = wallsMm.reduce((sum, mm) => sum + mm, 0)
  const square = Math.cos((slantDeg * Math.PI) / 180)
  const count = 'count' in by ? by.count : Math.max(1, Math.round((runMm * square) / by.widthMm))
  if (!(runMm > 0) || !(count >= 1) || !(square > LEAST_SQUARE)) throw new RangeError('a run and a stripe at least')
  const stripes = equalStripes(runMm, count).map(({ fromMm, toMm }, i): StripePlan => ({
    fromMm,
    toMm,
    colour: colours[i % colours.length] ?? colours[0],
    roundCorner: cornerWithin(wallsMm, fromMm, toMm),
    meetsOpening: openings.some((opening) => opening.fromMm < toMm && opening.toMm > fromMm),
  }))
  const long = heightMm / square
  const ground = colours[0]
  const edges = stripes.flatMap((stripe): StripeEdge[] => {
    const turn = colours.indexOf(stripe.colour)
    // The ground is not taped: the others lie on it.
    if (stripe.colour === ground || turn < 1) return []
    return (['left', 'right'] as const).flatMap((side) => {
      const atMm = side === 'left' ? stripe.fromMm : stripe.toMm
      if (atMm === 0 || atMm === runMm) return []
      return [{ atMm, ...placeOn(wallsMm, atMm), tape: side, turn }]
    })
  })
  const areaM2 = Object.fromEntries(
    colours.map((colour) => {
      const mm =
        colour === ground
          ? runMm
          : stripes.reduce((sum, each) => sum + (each.colour === colour ? each.toMm - each.fromMm : 0), 0)
      return [colour, (mm * heightMm) / 1e6]
    }),
  )
  return { stripes, edges, visibleMm: (runMm * square) / count, tapeM: (edges.length * long) / 1000, areaM2 }
}

/** The wall whose far corner lies within a stretch; null where none does. */
function cornerWithin(wallsMm: readonly number[], fromMm: number, toMm: number): number | null {
  let at = 0
  for (let wall = 0; wall < wallsMm.length - 1; wall++) {
    at += wallsMm[wall] ?? 0
    if (at > fromMm && at < toMm) return wall
  }
  return null
}

/** The wall on which a place of the run lies, and how far from its left end. */
function placeOn(wallsMm: readonly number[], atMm: number): { wall: number; onWallMm: number } {
  let left = atMm
  for (let wall = 0; wall < wallsMm.length; wall++) {
    const long = wallsMm[wall] ?? 0
    if (left <= long) return { wall, onWallMm: left }
    left -= long
  }
  return { wall: wallsMm.length - 1, onWallMm: wallsMm.at(-1) ?? 0 }
}

/**
 * Pieces of straight tape for an arc, so that none stands farther off it than allowed: by the height of a chord, `r − √(r² − (c/2)²)`.
 *
 * @returns how many, and how long each is, mm
 */
export function piecesForArc(
  radiusMm: number,
  arcDeg: number,
  offMm: number,
): { readonly count: number; readonly chordMm: number } {
  const half = Math.acos(Math.max(-1, 1 - offMm / radiusMm))
  const count = Math.max(1, Math.ceil((arcDeg * Math.PI) / 180 / (2 * half) - 1e-9))
  return { count, chordMm: 2 * radiusMm * Math.sin((arcDeg * Math.PI) / 180 / count / 2) }
}
