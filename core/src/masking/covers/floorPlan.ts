import { face, type Cover, type Opening, type Piece, type Room, type Shelf } from '../../base/nouns'
import { GROUND_STRIP_MM } from '../../survey/rooms/areas'
import { stepOf } from '../../survey/rooms/faces'
import { traceOutline, type PlanPoint } from '../../survey/rooms/outline'
import { coversByKind } from './coverNeed'
import { layCloths, type ClothSize } from './layCloths'
import { doorsOf, isBusy, waysOut } from './waysOut'
import { openMiddle } from './openMiddle'
import { layAlong, layField, longestAngle, turn, type FieldCover, type Laid } from './layFloor'

/** Paper of this width and more lies on a floor as a field, mm. From memory. */
const FIELD_PAPER_MM = 600
/** Soles are wiped on two layers of cloth: common practice. */
const WAY_OUT_LAYERS = 2

const isHard = (room: Room): boolean => room.floor.material !== 'carpet'

/** What lies on a room's floor, and where. The field first, then what lies upon it. */
export interface FloorPlan {
  /** The floor's outline, mm: the room's own, or a strip along a house's foot. */
  readonly ring: readonly PlanPoint[]
  readonly field: readonly Laid[]
  readonly boards: readonly Laid[]
  readonly waysOut: readonly Laid[]
  /** Runners down the stairs, from the wall they stand at. */
  readonly stairs: readonly Laid[]
}

/**
 * Lays a room's floor: paper where mist falls, else cloths; boards along the passage of a busy hard floor; a doubled
 * cloth inside each way out. Null where the floor is painted itself or there is nothing to lay.
 *
 * @param rooms  all areas of the work: a door between two of them leads out of neither. Left out: the room by itself.
 */
export function floorPlan(
  room: Room,
  shelf: Shelf,
  sprayed: boolean,
  rooms: readonly Room[] = [room],
): FloorPlan | null {
  const out = waysOut(room, rooms)
  const ways = out.map(({ id }) => id).join()
  const found = known.get(room)
  if (found?.shelf === shelf && found.sprayed === sprayed && found.ways === ways) return found.plan
  const plan = laidFloor(room, shelf, sprayed, out)
  known.set(room, { shelf, sprayed, ways, plan })
  return plan
}

interface Found {
  readonly shelf: Shelf
  readonly sprayed: boolean
  readonly ways: string
  readonly plan: FloorPlan | null
}
/** Asked for covers, for the van and for drawings: each floor is laid once. */
const known = new WeakMap<Room, Found>()

/** Whether there is paper wide enough to lie on a floor as a field. */
export const hasFieldPaper = (shelf: Shelf): boolean => coversByKind(shelf).paper.some(isFieldPaper)

const isFieldPaper = ({ widthMm }: Pick<Cover, 'widthMm'>): boolean => widthMm >= FIELD_PAPER_MM

function laidFloor(room: Room, shelf: Shelf, sprayed: boolean, out: readonly Opening[]): FloorPlan | null {
  if (stepOf(room, 'floor')) return null
  const { cloth, paper, film, board } = coversByKind(shelf)
  // Runners are kept for ways out, stairs and narrow halls: a field of them would slip underfoot.
  const small = cloth[0]
  const ring = floorRing(room)
  // A hall as narrow as a runner gets runners end to end: broader cloth would lie double up its walls.
  const cloths =
    small && narrowestMm(ring) <= small.widthMm * NARROW_HALL
      ? [{ ...asField(small), owned: small.owned }]
      : fieldCloths(cloth)
  const wide = paper.filter(isFieldPaper).at(-1)
  const rolled = wide && (sprayed || cloths.length === 0) ? wide : null
  const isIn = room.kind === 'room'
  const stiff = isIn && isBusy(room) && isHard(room) ? board.at(-1) : undefined
  return {
    ring,
    field: rolled
      ? rolledField({ room, ring, paper: rolled, film: film.at(-1) })
      : cloths.length > 0
        ? layCloths(ring, cloths)
        : [],
    boards: stiff ? boardsAlong(room, asField(stiff)) : [],
    stairs: small ? stairRunners(room, asField(small)) : [],
    waysOut: isIn && small ? out.flatMap((way) => clothAt(room, way, asField(small))) : [],
  }
}

interface RolledSetup {
  readonly room: Room
  readonly ring: readonly PlanPoint[]
  readonly paper: Cover
  /** The broadest film there is, if any. */
  readonly film: Cover | undefined
}

/** Paper over the whole floor, or round an open middle that lies under film. */
function rolledField({ room, ring, paper, film }: RolledSetup): Laid[] {
  const open = film ? openMiddle(room, ring, { paper, film }) : null
  if (!film || !open) return layField(ring, asField(paper))
  return [
    ...open.round.flatMap((part) => layField(part, asField(paper))),
    ...layField(open.middle, asField(film)).map((laid): Laid => ({
      ...laid,
      corners: open.within(laid.corners),
      as: 'middle',
    })),
  ]
}

/** A hall this much wider than a runner still takes one row of them. From memory. */
const NARROW_HALL = 1.1

/** How narrow an outline is along its longest wall, mm. */
function narrowestMm(ring: readonly PlanPoint[]): number {
  const along = longestAngle(ring)
  const across = [along, along + Math.PI / 2].map((angle) => {
    const ys = ring.map((point) => turn(point, -angle).y)
    return Math.max(...ys) - Math.min(...ys)
  })
  return Math.min(...across)
}

/** Narrower than this a cloth is a runner, mm. From memory. */
const RUNNER_MM = 1500

/** Cloths for a field as the van has them; where it has none, of the largest size. */
function fieldCloths(cloths: readonly Cover[]): ClothSize[] {
  const sized = cloths.map((cover) => ({ ...asField(cover), owned: cover.owned }))
  const broad = sized.filter((cloth) => Math.min(cloth.widthMm, cloth.lengthMm) > RUNNER_MM)
  const there = broad.filter(({ owned }) => owned > 0)
  return there.length > 0 ? there : (broad.length > 0 ? broad : sized).slice(-1)
}

const asField = ({ id, widthMm, lengthMm, kind }: Cover): FieldCover => ({
  id,
  widthMm,
  lengthMm,
  isRoll: kind === 'paper' || kind === 'film',
})

/** A room's own outline; a house has a strip along its foot. */
function floorRing(room: Room): readonly PlanPoint[] {
  if (room.kind === 'room') return traceOutline(room.walls).corners
  const long = room.walls.reduce((sum, wall) => sum + wall.lengthMm, 0)
  return [
    { x: 0, y: 0 },
    { x: long, y: 0 },
    { x: long, y: GROUND_STRIP_MM },
    { x: 0, y: GROUND_STRIP_MM },
  ]
}

/** Where an opening is in the plan, and the direction into the room. */
function placeOf(
  room: Room,
  opening: Pick<Opening, 'wallId' | 'atMm' | 'widthMm'>,
): { at: PlanPoint; into: PlanPoint } {
  const { corners } = traceOutline(room.walls)
  const i = room.walls.findIndex((wall) => wall.id === opening.wallId)
  const [a, b] = [corners[i] ?? { x: 0, y: 0 }, corners[(i + 1) % corners.length] ?? { x: 1, y: 0 }]
  const long = Math.hypot(b.x - a.x, b.y - a.y) || 1
  const [x, y] = [(b.x - a.x) / long, (b.y - a.y) / long]
  const along = opening.atMm + opening.widthMm / 2
  return { at: { x: a.x + x * along, y: a.y + y * along }, into: { x: -y, y: x } }
}

function clothAt(room: Room, way: Opening, small: FieldCover): Laid[] {
  const { at, into } = placeOf(room, way)
  const one = layAlong({ from: at, to: { x: at.x + into.x, y: at.y + into.y }, cover: small, as: 'way-out', count: 1 })
  return Array.from({ length: WAY_OUT_LAYERS }, () => one).flat()
}

/** A runner follows treads and risers; the next one laps it by a tenth. From memory. */
const RUNNER_SHARE = 0.9

/** Runners for a flight: as many as its treads and risers are long. */
export const runnersFor = ({ heightMm, depthMm }: Pick<Piece, 'heightMm' | 'depthMm'>, runnerMm: number): number =>
  Math.ceil((heightMm + depthMm) / (runnerMm * RUNNER_SHARE))

/** Seen from above a flight is as long as it is deep: its runners lie on it one after the other. */
function stairRunners(room: Room, runner: FieldCover): Laid[] {
  return room.pieces
    .filter((piece) => piece.kind === 'stairs' && stepOf(room, face('piece', piece.id)) === null)
    .flatMap((piece) => {
      const { at, into } = placeOf(room, piece)
      const count = runnersFor(piece, runner.lengthMm)
      const seen = { ...runner, lengthMm: piece.depthMm / count }
      return layAlong({ from: at, to: { x: at.x + into.x, y: at.y + into.y }, cover: seen, as: 'stairs', count })
    })
}

/** How far in from a way out boards begin: where somebody's second step falls, mm. From memory. */
const STEP_IN_MM = 700

/** Boards along the passage: straight between the two doors that are farthest apart, a step in from each. */
function boardsAlong(room: Room, board: FieldCover): Laid[] {
  const ends = doorsOf(room).map((way) => {
    const { at, into } = placeOf(room, way)
    return { x: at.x + STEP_IN_MM * into.x, y: at.y + STEP_IN_MM * into.y }
  })
  let far: { from: PlanPoint; to: PlanPoint; mm: number } | null = null
  for (const from of ends)
    for (const to of ends) {
      const mm = Math.hypot(to.x - from.x, to.y - from.y)
      if (far === null || mm > far.mm) far = { from, to, mm }
    }
  return far
    ? layAlong({
        from: far.from,
        to: far.to,
        cover: board,
        as: 'board',
        count: Math.max(1, Math.ceil(far.mm / board.lengthMm)),
      })
    : []
}
