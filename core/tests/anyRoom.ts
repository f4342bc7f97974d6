import fc from 'fast-check'
import { STARTER_SHELF } from '../src/survey/shelf/starterShelf'
import { partsOf } from '../src/survey/exchange/openingsCsv'
import { TEXTURES, type Face, type Opening, type PaintStep, type Room } from '../src/base/nouns'
import { closeOutline } from '../src/survey/rooms/closeOutline'
import type { Leg } from '../src/survey/rooms/outline'
import { newElevation, newRoom, OUTLINE_TEMPLATES, USUAL_FACES } from '../src/survey/rooms/roomTemplate'

/** Outlines: squares of any size, the templates, and triangles closed by one wall. */
const outlines: fc.Arbitrary<readonly Leg[]> = fc.oneof(
  fc
    .tuple(fc.integer({ min: 2000, max: 9000 }), fc.integer({ min: 2000, max: 9000 }))
    .map(([wide, deep]) => [wide, deep, wide, deep].map((lengthMm) => ({ lengthMm, turnDeg: 90 }))),
  fc.constantFrom(...Object.values(OUTLINE_TEMPLATES)),
  fc.tuple(fc.integer({ min: 3000, max: 6000 }), fc.integer({ min: 3000, max: 6000 })).map(([a, b]) =>
    closeOutline([
      { lengthMm: a, turnDeg: 90 },
      { lengthMm: b, turnDeg: -90 },
    ])!,
  ),
)

const faces = (usual: Face): fc.Arbitrary<Face> =>
  fc.record({ texture: fc.constantFrom(...TEXTURES), dusty: fc.boolean() }).map((change) => ({ ...usual, ...change }))

const COLOURS = ['White', 'Tide green', 'Plum', 'Sand'] as const
const SWATCHES: Record<(typeof COLOURS)[number], string> = {
  White: '#ffffff',
  'Tide green': '#7f9c86',
  Plum: '#5a4660',
  Sand: '#d8c7a4',
}
const TARGETS = [['ceiling'], ['walls'], ['skirting', 'casings'], ['leaves'], ['bands'], ['pieces'], ['floor']] as const

/** One to four steps, each target at most once, in any order, with any coating, tool and number of coats. */
const plans: fc.Arbitrary<PaintStep[]> = fc
  .tuple(
    fc.shuffledSubarray([...TARGETS], { minLength: 1, maxLength: 4 }),
    fc.array(
      fc.record({
        colour: fc.constantFrom(...COLOURS),
        coatingId: fc.constantFrom(...STARTER_SHELF.coatings.map((coating) => coating.id)),
        tool: fc.constantFrom('brush' as const, 'roller' as const, 'spray' as const),
        coats: fc.integer({ min: 1, max: 3 }),
      }),
      { minLength: 4, maxLength: 4 },
    ),
  )
  .map(([targets, looks]) =>
    targets.map((target, i) => ({
      ...looks[i]!,
      id: `s${i + 1}`,
      name: `Step ${i + 1}`,
      targets: [...target],
      swatch: SWATCHES[looks[i]!.colour],
    })),
  )

/** An opening somewhere on a wall that has room for it; null on walls too short for one. */
function openingOn(room: Room, index: number, pick: { wall: number; kind: number; at: number }): Opening | null {
  const wall = room.walls[pick.wall % room.walls.length]!
  const kind = (['door', 'window', 'glazed-doors'] as const)[pick.kind % 3]!
  const [widthMm, casingMm] = [700, 60]
  const free = wall.lengthMm - widthMm - 2 * casingMm
  if (free < 0 || room.openings.some((opening) => opening.wallId === wall.id)) return null
  const sillMm = kind === 'window' ? 900 : 0
  return {
    id: `o${index + 1}`,
    name: `${kind} ${index + 1}`,
    kind,
    wallId: wall.id,
    atMm: casingMm + (pick.at % (free + 1)),
    sillMm,
    widthMm,
    heightMm: 1100,
    casingMm,
    casing: USUAL_FACES.trim,
    ...partsOf(kind),
  }
}

const picks = fc.record({ wall: fc.nat(20), kind: fc.nat(2), at: fc.nat(9000) })

/** Any room or elevation that a survey could hold. */
export const anyRoom: fc.Arbitrary<Room> = fc
  .record({
    outline: outlines,
    elevation: fc.boolean(),
    heightMm: fc.integer({ min: 2300, max: 3600 }),
    wall: faces(USUAL_FACES.wall),
    ceiling: faces(USUAL_FACES.ceiling),
    skirtingMm: fc.constantFrom(0, 90, 150),
    openings: fc.array(picks, { maxLength: 4 }),
    band: fc.option(fc.tuple(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 950, max: 1900 }))),
    foot: fc.boolean(),
    steps: plans,
  })
  .map((made): Room => {
    const start: Room = made.elevation
      ? newElevation('r', 'Front', {
          widthMm: made.outline[0]!.lengthMm,
          eavesMm: made.heightMm,
          ridgeMm: made.heightMm + 1500,
          facingDeg: 200,
          material: 'lapped-boards',
          lapMm: 150,
        })
      : newRoom('r', 'Room', made.outline)
    let room: Room = {
      ...start,
      heightMm: made.heightMm,
      walls: start.walls.map((wall) => ({ ...wall, face: made.wall })),
      ceiling: made.ceiling,
      skirting:
        made.skirtingMm === 0 ? null : { heightMm: made.skirtingMm, face: USUAL_FACES.trim, without: [], gapMm: 0 },
      steps: made.steps,
    }
    made.openings.forEach((pick, i) => {
      const opening = openingOn(room, i, pick)
      if (opening) room = { ...room, openings: [...room.openings, opening] }
    })
    if (made.band) {
      const [fromMm, toMm] = made.band
      const wallIds = room.walls.filter((_, i) => i % 2 === 0).map((wall) => wall.id)
      room = {
        ...room,
        bands: [
          { id: 'b1', name: 'band', kind: 'two-tone', wallIds, fromMm, toMm, shapes: [], face: USUAL_FACES.wall },
        ],
      }
    }
    if (made.foot) {
      const wall = room.walls[0]!
      const floor = { ...USUAL_FACES.floor, colour: 'Carpet' }
      const toMm = Math.round(wall.lengthMm * 0.7)
      room = { ...room, foot: [{ id: 'z1', wallId: wall.id, fromMm: 300, toMm, gapMm: 3, floor }] }
    }
    return room
  })
