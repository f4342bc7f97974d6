import { shiftFaults } from '../../nature/calendar/shiftFaults'
import { SHELF_KINDS } from '../../survey/shelf/shelfTables'
import type { Coded } from '../../base/units/errors'
import { nth, sure } from '../../base/units/sure'
import {
  BAND_LINES,
  CoreError,
  isFace,
  type Job,
  type JobFacts,
  PLAN_GOALS,
  type Planning,
  type Room,
  TARGET_GROUPS,
  type Wall,
} from '../../base/nouns'
import { parseInstant } from '../../base/units/time'
import type { Schema } from 'yup'
import { checkOutline } from '../../survey/rooms/outline'
import { faceKeys, faceOf, hasFace } from '../../survey/rooms/faces'
import { topAtMm } from '../../survey/rooms/wallTop'
import { contractorSchema, factsSchema, jobSchema } from './jobSchema'
import { roomSchema } from './roomSchema'
import { expects, type Fault } from '../../base/units/faults'
import { repeats } from './repeats'
import { MOST_FAULTS, shapeFaults } from './shapeFaults'
import { siteFaults } from './siteFaults'

/**
 * Every fault of a job file's content, in the order of the file; empty when it can be taken.
 * First the shape of each field, then, if that is right, what fields must say of one another.
 */
export function jobFaults(data: unknown): Fault[] {
  const shape = shapeFaults(jobSchema, data)
  return shape.length ? shape : meaningFaults(data as Job)
}

/** Faults of the contractor's own rules and shelf. */
export function contractorFaults(data: unknown): Fault[] {
  const shape = shapeFaults(contractorSchema, data)
  return shape.length ? shape : shelfFaults((data as Pick<Job, 'shelf'>).shelf)
}

/** The same for a job without its log. */
export function factsFaults(data: unknown): Fault[] {
  const shape = shapeFaults(factsSchema, data)
  return shape.length ? shape : meaningFaults(data as JobFacts)
}

/**
 * Faults of an edit: only what differs from facts that were right before is looked at, so that checking a keystroke
 * costs the same in a large job as in a small one.
 */
export function editFaults(before: JobFacts, next: JobFacts): Fault[] {
  const rooms = next.rooms.filter((room) => !before.rooms.includes(room))
  const shape = [
    ...changedFaults(factsSchema, before, { ...next, rooms: before.rooms }),
    ...rooms.flatMap((room) => {
      const old = before.rooms.find((each) => each.id === room.id)
      return old ? changedFaults(roomSchema, old, room) : shapeFaults(roomSchema, room)
    }),
  ]
  return shape.length ? shape : meaningFaults({ ...next, rooms })
}

/** Faults of the fields in which an object differs from one that was right. */
function changedFaults<T extends object>(schema: { readonly fields: object }, before: T, next: T): Fault[] {
  const fields = Object.entries(schema.fields as Record<string, Schema>)
  return fields.flatMap(([key, field]) => {
    const name = key as keyof T
    if (next[name] === before[name]) return []
    return shapeFaults(field, next[name]).map(({ place, expected }) => ({
      place: typeof place === 'string' ? `${key}${place.startsWith('[') ? '' : '.'}${place}` : key,
      expected,
    }))
  })
}

/** @throws CoreError jobfile.invalid with the first fault's place */
export function checkJob(data: unknown): Job {
  const [first] = jobFaults(data)
  if (first) throw new CoreError('jobfile.invalid', { ...first })
  return data as Job
}

/** What the single fields cannot tell: outlines close, ids are unique, names refer to things that exist. */
function meaningFaults(job: JobFacts): Fault[] {
  const faults: Fault[] = []
  const coatings = new Set(job.shelf.coatings.map((coating) => coating.id))
  faults.push(...repeats(job.rooms, 'rooms'), ...repeats(job.crews, 'crews'), ...shelfFaults(job.shelf))
  job.crews.forEach((crew, i) => faults.push(...shiftFaults(crew, `crews[${i}]`)))
  faults.push(...tooMany(job.rooms))
  const crews = new Set(job.crews.map((crew) => crew.id))
  faults.push(...planningFaults(job.planning, crews), ...siteFaults(job.site), ...trialFaults(job))
  const known = { coatings, crews, places: new Set(job.site.places.map(({ id }) => id)) }
  job.rooms.some((room, i) => {
    faults.push(...roomFaults(room, `rooms[${i}]`, known))
    return faults.length >= MOST_FAULTS
  })
  return faults.slice(0, MOST_FAULTS)
}

/** Trials are of what is on the shelf: nothing could be told of a tape nobody knows. */
function trialFaults({ trials, shelf }: Pick<JobFacts, 'trials' | 'shelf'>): Fault[] {
  const tapes = new Set(shelf.tapes.map(({ id }) => id))
  const coatings = new Set(shelf.coatings.map(({ id }) => id))
  return [
    ...repeats(trials, 'trials'),
    ...trials.flatMap(({ coatingId, ways }, i) => [
      ...(coatings.has(coatingId)
        ? []
        : [{ place: `trials[${i}].coatingId`, expected: expects('coating_on_shelf', { coating: coatingId }) }]),
      ...ways.flatMap(({ tapeId }, k) =>
        tapes.has(tapeId)
          ? []
          : [{ place: `trials[${i}].ways[${k}].tapeId`, expected: expects('tape_on_shelf', { tape: tapeId }) }],
      ),
    ]),
  ]
}

/** Things in all rooms together that are planned within seconds on a slow machine. Measured. */
const MOST_THINGS = 6000
/** A door with its casing, leaf and way out is as much work to plan as so many sockets. Measured. */
const OPENING_AS_THINGS = 3

/** The room with which a job becomes too large to be planned while somebody waits. */
function tooMany(rooms: readonly Room[]): Fault[] {
  let things = 0
  const at = rooms.findIndex((room) => {
    things += OPENING_AS_THINGS * room.openings.length + room.fittings.length + room.pieces.length + room.bands.length
    return things > MOST_THINGS
  })
  return at < 0
    ? []
    : [{ place: `rooms[${at}]`, expected: expects('things_at_most', { most: MOST_THINGS, each: OPENING_AS_THINGS }) }]
}

/** Goals once each, crews that are of the job, absences that end after they begin. */
function planningFaults({ goals, holds, away, rooms }: Planning, crews: ReadonlySet<string>): Fault[] {
  const known = (crewId: string | null, place: string): Fault[] =>
    crewId === null || crews.has(crewId) ? [] : [{ place, expected: expects('crew_of_job', { crew: crewId }) }]
  const twice = goals.findIndex((goal, i) => goals.indexOf(goal) < i)
  const once = { place: `planning.goals[${twice}]`, expected: expects('each_once', { values: PLAN_GOALS.join(', ') }) }
  return [
    ...(twice < 0 ? [] : [once]),
    ...holds.flatMap(({ crewId }, i) => known(crewId, `planning.holds[${i}].crewId`)),
    ...away.flatMap(({ crewId, from, to }, i) => [
      ...known(crewId, `planning.away[${i}].crewId`),
      ...(parseInstant(to) > parseInstant(from)
        ? []
        : [{ place: `planning.away[${i}].to`, expected: expects('more_than', { value: from }) }]),
    ]),
    ...rooms.flatMap(({ roomId, gunCrewId }, i) => [
      ...known(gunCrewId, `planning.rooms[${i}].gunCrewId`),
      ...(rooms.findIndex((room) => room.roomId === roomId) < i
        ? [{ place: `planning.rooms[${i}].roomId`, expected: expects('own_id', { id: roomId }) }]
        : []),
    ]),
  ]
}

const shelfFaults = (shelf: Job['shelf']): Fault[] =>
  SHELF_KINDS.flatMap((list) => repeats(shelf[list], `shelf.${list}`))

/** Ids that a room may refer to. */
interface Known {
  readonly coatings: ReadonlySet<string>
  readonly crews: ReadonlySet<string>
  readonly places: ReadonlySet<string>
}

function roomFaults(room: Room, place: string, { coatings, crews, places }: Known): Fault[] {
  const faults = [
    ...repeats(room.walls, `${place}.walls`),
    ...repeats(room.openings, `${place}.openings`),
    ...repeats(room.fittings, `${place}.fittings`),
    ...repeats(room.pieces, `${place}.pieces`),
    ...repeats(room.bands, `${place}.bands`),
    ...repeats(room.foot, `${place}.foot`),
    ...repeats(room.steps, `${place}.steps`),
    ...repeats(room.splits, `${place}.splits`),
    ...repeats(room.joins, `${place}.joins`),
    ...repeats(room.handHems, `${place}.handHems`),
    ...outlineFaults(room, place),
    ...room.walls.flatMap((wall, i) =>
      isBandLine(wall.id) ? [{ place: `${place}.walls[${i}].id`, expected: RESERVED }] : [],
    ),
    ...room.walls.flatMap((wall, i) => topFaults(wall, `${place}.walls[${i}]`)),
    ...thingFaults(room, place),
  ]
  room.steps.forEach((step, i) => faults.push(...stepFaults(room, step, `${place}.steps[${i}]`, coatings)))
  room.scopes.forEach((scope, i) => {
    if (!hasFace(room, scope.face))
      faults.push({
        place: `${place}.scopes[${i}].face`,
        expected: expects('face_of_room', { face: scope.face }),
      })
  })
  if (room.crewId !== null && !crews.has(room.crewId))
    faults.push({ place: `${place}.crewId`, expected: expects('crew_of_job', { crew: room.crewId }) })
  if (room.placeId !== null && !places.has(room.placeId))
    faults.push({ place: `${place}.placeId`, expected: expects('place_called', { name: room.placeId }) })
  for (const key of faceKeys(room)) {
    const id = faceOf(room, key).last?.coatingId
    if (id && !coatings.has(id))
      faults.push({
        place: { code: 'at.last_coat', facts: { place, face: key } },
        expected: expects('coating_on_shelf', { coating: id }),
      })
  }
  return faults
}

const isBandLine = (id: string): boolean => (BAND_LINES as readonly string[]).includes(id)
const RESERVED = expects('free_id', { taken: BAND_LINES.join(', ') })

function outlineFaults(room: Room, place: string): Fault[] {
  if (room.kind === 'elevation') return []
  try {
    checkOutline(room.walls)
    return []
  } catch (error) {
    return [{ place: `${place}.walls`, expected: outlineNeed(error) }]
  }
}

/** A top runs from the left end to the right end without going back. */
function topFaults(wall: Wall, place: string): Fault[] {
  const { top } = wall
  if (top.length === 0) return []
  const runs = top.every((point, i) => i === 0 || point.atMm >= nth(top, i - 1).atMm)
  if (top.length >= 2 && runs && nth(top, 0).atMm === 0 && sure(top.at(-1)).atMm === wall.lengthMm) return []
  return [{ place: `${place}.top`, expected: expects('top_points', { mm: wall.lengthMm }) }]
}

/** Things on walls stand on walls that exist, within them and below their tops. */
function thingFaults(room: Room, place: string): Fault[] {
  const faults: Fault[] = []
  const walls = new Map(room.walls.map((wall) => [wall.id, wall]))
  const wallAt = (wallId: string, where: string): Wall | undefined => {
    const wall = walls.get(wallId)
    if (!wall) faults.push({ place: where, expected: expects('wall_of_room', { wall: wallId }) })
    return wall
  }
  const inWall = (
    thing: { wallId: string; atMm: number; widthMm: number; heightMm: number },
    foot: number,
    where: string,
  ) => {
    const wall = wallAt(thing.wallId, `${where}.wallId`)
    if (!wall) return
    const end = thing.atMm + thing.widthMm
    if (end > wall.lengthMm) {
      const expected = expects('within_wall', { wall: wall.name, mm: wall.lengthMm })
      faults.push({ place: `${where}.atMm`, expected })
      return
    }
    const top = Math.floor(Math.min(topAtMm(room, wall, thing.atMm), topAtMm(room, wall, end)))
    if (foot + thing.heightMm > top)
      faults.push({ place: `${where}.heightMm`, expected: expects('below_top', { mm: top }) })
  }
  room.openings.forEach((opening, i) => inWall(opening, opening.sillMm, `${place}.openings[${i}]`))
  room.fittings.forEach((fitting, i) => {
    // On a ceiling its height counts out from the wall.
    const below = fitting.on === 'ceiling' ? { ...fitting, heightMm: 0 } : fitting
    inWall(below, fitting.on === 'ceiling' ? 0 : fitting.bottomMm, `${place}.fittings[${i}]`)
  })
  room.pieces.forEach((piece, i) => inWall(piece, piece.bottomMm, `${place}.pieces[${i}]`))
  room.bands.forEach((band, i) => {
    band.wallIds.forEach((wallId) => wallAt(wallId, `${place}.bands[${i}].wallIds`))
    if (band.toMm <= band.fromMm)
      faults.push({ place: `${place}.bands[${i}].toMm`, expected: expects('more_than', { value: band.fromMm }) })
    faults.push(...repeats(band.shapes, `${place}.bands[${i}].shapes`))
    band.shapes.forEach(({ wallId }, k) => {
      const where = `${place}.bands[${i}].shapes[${k}].wallId`
      if (wallAt(wallId, where) && !band.wallIds.includes(wallId))
        faults.push({ place: where, expected: expects('one_of', { options: band.wallIds.join(', ') }) })
    })
  })
  room.foot.forEach((stretch, i) => {
    const where = `${place}.foot[${i}]`
    const wall = wallAt(stretch.wallId, `${where}.wallId`)
    if (wall && !(stretch.fromMm < stretch.toMm && stretch.toMm <= wall.lengthMm))
      faults.push({ place: `${where}.toMm`, expected: expects('stretch', { mm: wall.lengthMm }) })
  })
  room.handHems.forEach((hem, i) => wallAt(hem.wallId, `${place}.handHems[${i}].wallId`))
  return faults
}

function stepFaults(room: Room, step: Room['steps'][number], place: string, coatings: ReadonlySet<string>): Fault[] {
  const faults: Fault[] = []
  if (!coatings.has(step.coatingId))
    faults.push({ place: `${place}.coatingId`, expected: expects('coating_on_shelf', { coating: step.coatingId }) })
  step.targets.forEach((target, i) => {
    const known =
      (TARGET_GROUPS as readonly string[]).includes(target) || (isPaintable(target) && hasFace(room, target))
    if (!known) faults.push({ place: `${place}.targets[${i}]`, expected: expects('face_of_room', { face: target }) })
  })
  return faults
}

const PAINTABLE = ['wall', 'band', 'casing', 'leaf', 'piece', 'floor'] as const
const isPaintable = (target: string): boolean => PAINTABLE.some((kind) => isFace(target, kind))

/** What an outline that does not hold should have been. */
function outlineNeed(error: unknown): Coded {
  if (!(error instanceof CoreError)) throw error
  return expects(error.code === 'survey.open_outline' ? 'closed_outline' : 'uncrossed_outline', error.facts)
}
