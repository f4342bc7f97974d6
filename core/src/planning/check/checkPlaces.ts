import { CRUMB_MIN } from '../problem/stayOn'
import { modeOf, peopleAt } from '../problem/withCrews'
import { isGunDown } from '../../base/nouns'
import type { PlacedTask } from '../plan/placement'
import type { ProblemActivity, ScheduleProblem } from '../problem/problem'
import { miss, type Miss } from './miss'

/** Activities outside their crew's shifts, of a wrong length, before their time, or broken up though they may not be. */
export function checkPlaces(problem: ScheduleProblem, placed: ReadonlyMap<string, PlacedTask>): Miss[] {
  const crews = new Map(problem.crews.map((crew) => [crew.id, crew]))
  return problem.activities.flatMap((act) => {
    const task = placed.get(act.id)
    return task ? checkPlace(problem, act, task, crews.get(task.crewId)) : []
  })
}

type CheckedCrew = ScheduleProblem['crews'][number] | undefined

function checkPlace(problem: ScheduleProblem, act: ProblemActivity, task: PlacedTask, crew: CheckedCrew): Miss[] {
  // A gun is cleaned with brushes and rollers, when the day's work is done.
  const later = isGunDown(task.taskId) ? (crew?.washOutMin ?? 0) : 0
  const shifts = crew?.shifts ?? []
  const found: Miss[] = []
  const earliest = Math.max(problem.from, Math.ceil(act.release ?? problem.from))
  if (task.from < earliest) found.push(miss('before-its-time', act.id, { minutes: earliest - task.from, at: earliest }))
  // Of work that may be broken off only the last few minutes are done past the end, rather than left over.
  const stayOn = Math.min(crew?.stayOnMin ?? 0, act.divisible ? CRUMB_MIN : Number.POSITIVE_INFINITY)
  const outside = task.pieces.find(
    (piece) =>
      !shifts.some(
        ([from, to], i) =>
          piece.from >= from &&
          // Unbroken work that is under way at the end is finished, up to the house's minutes and the end of the break.
          (piece.to <= to + later || piece.to <= Math.min(to + stayOn, shifts[i + 1]?.[0] ?? Number.POSITIVE_INFINITY)),
      ),
  )
  if (outside) found.push(miss('outside-shift', act.id, { at: outside.from, other: task.crewId }))
  const mode = modeOf(act, task)
  const minutes = task.pieces.reduce((sum, piece) => sum + piece.to - piece.from, 0)
  if (!mode || mode.minutes !== minutes)
    found.push(miss('wrong-length', act.id, { minutes: minutes - (mode?.minutes ?? 0), at: task.from }))
  if (task.pieces.length > 1 && !act.divisible) found.push(miss('broken-up', act.id, { at: task.from }))
  return found
}

/** Crews, and things there are only so many of, that are wanted in too many places at once. */
export function checkDoubles(problem: ScheduleProblem, placed: ReadonlyMap<string, PlacedTask>): Miss[] {
  const own = problem.activities.flatMap((act) => {
    const place = placed.get(act.id)
    return place ? [{ act, place }] : []
  })
  const crews = problem.crews.flatMap((crew) => {
    const held = own.filter(({ place }) => place.crewId === crew.id)
    const people = crew.people ?? 1
    const twice = overlaps(held, people, ({ place }) => peopleAt(place, crew))
    return twice.map(({ act, at }) => miss('crew-twice', act.id, { at, other: crew.id }))
  })
  const resources = problem.resources.flatMap(({ id, capacity }) => {
    const held = own.filter(({ act }) => act.uses.includes(id))
    const units = ({ act }: Held) => (act.uses.length === 1 ? 1 : act.uses.filter((use) => use === id).length)
    return overlaps(held, capacity, units).map(({ act, at }) => miss('resource-twice', act.id, { at, other: id }))
  })
  return [...crews, ...resources]
}

interface Held {
  readonly act: ProblemActivity
  readonly place: PlacedTask
}

/** Each activity that starts while as many as there may be are taken. Sweeps starts and ends in order of time. */
function overlaps(
  held: readonly Held[],
  capacity: number,
  unitsOf: (each: Held) => number,
): { act: ProblemActivity; at: number }[] {
  const turns = held
    .flatMap((each) =>
      each.place.pieces
        .filter((piece) => piece.to > piece.from)
        .flatMap((piece) => [
          { at: piece.from, change: unitsOf(each), act: each.act },
          { at: piece.to, change: -unitsOf(each), act: each.act },
        ]),
    )
    .sort((a, b) => a.at - b.at || a.change - b.change)
  const found: { act: ProblemActivity; at: number }[] = []
  let running = 0
  for (const { at, change, act } of turns) {
    running += change
    if (change > 0 && running > capacity) found.push({ act, at })
  }
  return found
}
