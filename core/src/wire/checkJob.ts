import { ValidationError, type Schema } from 'yup'
import { CoreError } from '../errors'
import { checkOutline } from '../survey/outline'
import { TARGET_GROUPS, type Job, type Room } from '../survey/types'
import { factsSchema, jobSchema } from './jobSchema'

/** A job without its log. */
export type JobFacts = Omit<Job, 'log'>

/** A wrong place and what was expected there. */
export interface Fault {
  readonly place: string
  readonly expected: string
}

/**
 * Every fault of a job file's content, in the order of the file; empty when it can be taken.
 * First the shape of each field, then, if that is right, what fields must say of one another.
 */
export function jobFaults(data: unknown): Fault[] {
  const shape = shapeFaults(jobSchema, data)
  return shape.length ? shape : meaningFaults(data as Job)
}

/** The same for a job without its log. */
export function factsFaults(data: unknown): Fault[] {
  const shape = shapeFaults(factsSchema, data)
  return shape.length ? shape : meaningFaults(data as JobFacts)
}

/** Faults of any content against a schema. */
export function shapeFaults(schema: Schema, data: unknown): Fault[] {
  try {
    schema.validateSync(data, { abortEarly: false, strict: true })
    return []
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error
    const inner = error.inner.length ? error.inner : [error]
    return inner.map((each) => ({ place: placeOf(each), expected: each.message }))
  }
}

const placeOf = (error: ValidationError): string => error.path || 'the file'

/** @throws CoreError jobfile.invalid with the first fault's place */
export function checkJob(data: unknown): Job {
  const [first] = jobFaults(data)
  if (first) throw new CoreError('jobfile.invalid', { ...first })
  return data as Job
}

/** What the single fields cannot tell: outlines close, ids are unique, names refer to things that exist. */
function meaningFaults(job: JobFacts): Fault[] {
  const faults: Fault[] = []
  const coatings = new Set(job.shelf.coatings.map((each) => each.id))
  faults.push(
    ...repeats(job.rooms, 'rooms'),
    ...repeats(job.crews, 'crews'),
    ...repeats(job.shelf.tapes, 'shelf.tapes'),
    ...repeats(job.shelf.coatings, 'shelf.coatings'),
    ...repeats(job.shelf.covers, 'shelf.covers'),
    ...repeats(job.shelf.sealants, 'shelf.sealants'),
  )
  job.rooms.forEach((room, i) =>
    faults.push(...roomFaults(room, `rooms[${i}]`, coatings, new Set(job.crews.map((crew) => crew.id)))),
  )
  return faults
}

function repeats(list: readonly { readonly id: string }[], place: string): Fault[] {
  const seen = new Set<string>()
  return list.flatMap(({ id }, i) => {
    const again = seen.has(id)
    seen.add(id)
    return again ? [{ place: `${place}[${i}].id`, expected: `expected an id of its own, “${id}” is taken` }] : []
  })
}

function roomFaults(room: Room, place: string, coatings: ReadonlySet<string>, crews: ReadonlySet<string>): Fault[] {
  const faults = [
    ...repeats(room.walls, `${place}.walls`),
    ...repeats(room.openings, `${place}.openings`),
    ...repeats(room.fittings, `${place}.fittings`),
    ...repeats(room.steps, `${place}.steps`),
  ]
  try {
    checkOutline(room.walls)
  } catch (error) {
    faults.push({
      place: `${place}.walls`,
      expected: `expected a closed right-angled outline: ${(error as Error).message}`,
    })
  }
  const walls = new Map(room.walls.map((wall) => [wall.id, wall]))
  const inWall = (
    thing: { wallId: string; atMm: number; widthMm: number; heightMm: number },
    foot: number,
    where: string,
  ) => {
    const wall = walls.get(thing.wallId)
    if (!wall)
      faults.push({ place: `${where}.wallId`, expected: `expected a wall of this room, not “${thing.wallId}”` })
    else if (thing.atMm + thing.widthMm > wall.lengthMm)
      faults.push({
        place: `${where}.atMm`,
        expected: `expected it to end within wall ${wall.name} (${wall.lengthMm} mm)`,
      })
    if (foot + thing.heightMm > room.heightMm)
      faults.push({
        place: `${where}.heightMm`,
        expected: `expected it to end below the ceiling (${room.heightMm} mm)`,
      })
  }
  room.openings.forEach((opening, i) => inWall(opening, opening.sillMm, `${place}.openings[${i}]`))
  room.fittings.forEach((fitting, i) => inWall(fitting, fitting.bottomMm, `${place}.fittings[${i}]`))
  room.steps.forEach((step, i) => faults.push(...stepFaults(room, step, `${place}.steps[${i}]`, coatings)))
  if (room.crewId !== null && !crews.has(room.crewId))
    faults.push({ place: `${place}.crewId`, expected: `expected a crew of this job, not “${room.crewId}”` })
  const lasts = [
    room.ceiling,
    room.floor,
    room.skirting?.face,
    ...room.walls.map((wall) => wall.face),
    ...room.openings.flatMap((opening) => [opening.casing, opening.leaf]),
  ]
  for (const face of lasts) {
    const id = face?.last?.coatingId
    if (id && !coatings.has(id))
      faults.push({ place: `${place} (last coat)`, expected: `expected a coating on the shelf, not “${id}”` })
  }
  return faults
}

function stepFaults(room: Room, step: Room['steps'][number], place: string, coatings: ReadonlySet<string>): Fault[] {
  const faults: Fault[] = []
  if (!coatings.has(step.coatingId))
    faults.push({ place: `${place}.coatingId`, expected: `expected a coating on the shelf, not “${step.coatingId}”` })
  step.targets.forEach((target, i) => {
    if (!isTarget(room, target))
      faults.push({ place: `${place}.targets[${i}]`, expected: `expected a face of this room, not “${target}”` })
  })
  return faults
}

function isTarget(room: Room, target: string): boolean {
  const [kind, id] = target.split(':')
  if (id === undefined) return (TARGET_GROUPS as readonly string[]).includes(target)
  if (kind === 'wall') return room.walls.some((wall) => wall.id === id)
  return (kind === 'casing' || kind === 'leaf') && room.openings.some((opening) => opening.id === id)
}
