import { face, type Band, type PaintStep, type Room } from '../../base/nouns'
import { sure } from '../../base/units/sure'
import { stepOf } from './faces'

/** Level stripes to be painted on some walls, heights in mm above the floor. */
export interface LevelStripes {
  /** At least one wall of the room. */
  readonly wallIds: readonly string[]
  /** All but those in the colour of the ground, from the floor up. */
  readonly stripes: readonly { readonly fromMm: number; readonly toMm: number; readonly colour: string }[]
}

/**
 * A room with level stripes on some of its walls: each a band with edges of its own, each colour a step of its own after the walls', in
 * the same paint. Stripes that lay on these walls before are gone, and so are steps that painted nothing else.
 *
 * @param swatchOf  a colour to draw each in, `#rrggbb`
 * @returns null where the walls are not painted: there is no ground for them
 */
export function withStripes(
  room: Room,
  { wallIds, stripes }: LevelStripes,
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
  const made = stripes.map(({ fromMm, toMm, colour }, i): Band & { readonly of: string } => ({
    id: free('b'),
    name: `${colour} ${i + 1}`,
    kind: 'stripe',
    wallIds,
    fromMm,
    toMm,
    face: wallFace,
    of: colour,
  }))
  const colours = [...new Set(stripes.map(({ colour }) => colour))]
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
