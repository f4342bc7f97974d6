import { face, type Band, type BandShape, type PaintStep, type Room } from '../../base/nouns'
import { sure } from '../../base/units/sure'
import { stepOf } from './faces'

/** A band of a pattern to be painted: level over its walls, or shapes on them. */
export type PatternBand = Pick<Band, 'fromMm' | 'toMm'> & {
  readonly colour: string
  readonly shapes: readonly Omit<BandShape, 'id'>[]
}

/** A pattern to be painted on some walls, heights in mm above the floor. */
export interface WallPattern {
  /** At least one wall of the room. */
  readonly wallIds: readonly string[]
  /** All but what stays in the colour of the ground, from the floor up. */
  readonly bands: readonly PatternBand[]
}

/** Level stripes as bands of a pattern. */
export const levelBands = (
  stripes: readonly { readonly fromMm: number; readonly toMm: number; readonly colour: string }[],
): PatternBand[] => stripes.map(({ fromMm, toMm, colour }) => ({ fromMm, toMm, colour, shapes: [] }))

/** Shapes as one band for each of their colours. */
export function shapeBands(
  shapes: readonly (Omit<BandShape, 'id'> & { readonly colour: number })[],
  colours: readonly string[],
): PatternBand[] {
  return colours.flatMap((colour, i) => {
    const own = shapes.filter((shape) => shape.colour === i)
    if (own.length === 0) return []
    const heights = own.flatMap(({ points }) =>
      points.flatMap(({ heightMm, bendMm }) => [heightMm - Math.abs(bendMm), heightMm + Math.abs(bendMm)]),
    )
    const [fromMm, toMm] = [Math.max(0, Math.min(...heights)), Math.max(...heights)]
    return [{ fromMm, toMm, colour, shapes: own.map(({ wallId, points }) => ({ wallId, points })) }]
  })
}

/**
 * A room with a pattern on some of its walls: bands with edges of their own, each colour a step of its own after the walls', in
 * the same paint. Stripes that lay on these walls before are gone, and so are steps that painted nothing else.
 *
 * @param swatchOf  a colour to draw each in, `#rrggbb`
 * @returns null where the walls are not painted: there is no ground for them
 */
export function withPattern(
  room: Room,
  { wallIds, bands }: WallPattern,
  swatchOf: (colour: string) => string,
): Room | null {
  const ground = stepOf(room, face('wall', sure(wallIds[0])))?.step
  if (!ground) return null
  const old = room.bands.filter((band) => band.kind === 'stripe' && band.wallIds.some((id) => wallIds.includes(id)))
  const kept = room.bands.filter((band) => !old.includes(band))
  const isOld = (target: string) => old.some(({ id }) => target === face('band', id))
  const steps = room.steps
    .map((step) => ({ ...step, targets: step.targets.filter((target) => !isOld(target)) }))
    .filter(({ targets }) => targets.length > 0)
  const free = freeIds(new Set([...kept, ...steps].map(({ id }) => id)))
  const wallFace = sure(room.walls.find(({ id }) => id === wallIds[0])).face
  const made = bands.map(({ fromMm, toMm, colour, shapes }, i): Band & { readonly of: string } => ({
    id: free('b'),
    name: shapes.length > 0 ? colour : `${colour} ${i + 1}`,
    kind: 'stripe',
    wallIds: shapes.length > 0 ? wallIds.filter((id) => shapes.some(({ wallId }) => wallId === id)) : wallIds,
    fromMm,
    toMm,
    shapes: shapes.map((shape, k) => ({ id: `s${k + 1}`, ...shape })),
    face: wallFace,
    of: colour,
  }))
  const colours = [...new Set(bands.map(({ colour }) => colour))]
  const added = colours.map((colour): PaintStep => ({
    ...ground,
    id: free('s'),
    name: colour,
    targets: made.filter(({ of }) => of === colour).map(({ id }) => face('band', id)),
    colour,
    swatch: swatchOf(colour),
  }))
  const at = steps.findIndex(({ id }) => id === ground.id) + 1
  return {
    ...room,
    bands: [...kept, ...made.map(({ of: _, ...band }) => band)],
    steps: [...steps.slice(0, at), ...added, ...steps.slice(at)],
  }
}

/** Ids that nothing has yet. */
const freeIds =
  (taken: Set<string>) =>
  (letter: string): string => {
    let n = 1
    while (taken.has(`${letter}${n}`)) n += 1
    taken.add(`${letter}${n}`)
    return `${letter}${n}`
  }
