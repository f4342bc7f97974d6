import { readActivity } from '../../base/nouns'
import { mostlyBanned } from '../problem/badAir'
import { isInMist, isMist } from '../problem/mist'
import type { ScheduleProblem } from '../problem/problem'
import { groupedBy } from '../../base/units/groupedBy'
import { MIN_PER_DAY } from '../../base/units/time'
import { airGate } from './airGate'
import { freeTime, type FreeTime } from './freeTime'
import type { PlacedTask, Placement } from './placement'
import { clocksOfTables } from './tableClocks'

/** What only readies a surface for its coat, and is not worth doing where that never comes. */
const READIES = ['lay', 'seal', 'bead', 'gun-up', 'cover', 'mark']

/**
 * A plan without what a foreman would not do: tape is not laid days before its coat where it can be laid the day it is wanted,
 * a gun is not filled hours before it sprays, and nothing is taped, sealed or rigged for a coat that finds no air at all.
 */
export function tidied(problem: ScheduleProblem, plan: Placement): Placement {
  return readiedLater(problem, laidLater(problem, withoutIdle(problem, plan)))
}

const actOf = (id: string): string => {
  const ref = readActivity(id)
  return ref?.act ?? ''
}

function withoutIdle(problem: ScheduleProblem, plan: Placement): Placement {
  const missing = problem.activities.filter((act) => plan.unplaced.includes(act.id))
  const airless = missing.filter((act) => act.air !== null && mostlyBanned(problem, [act.air]))
  if (airless.length === 0) return plan
  const next = groupedBy(problem.lags, (lag) => lag.from)
  const gone = new Set<string>(plan.unplaced)
  const leadsTo = reaching(
    problem,
    airless.map((act) => act.id),
  )
  const leads = (id: string): boolean => {
    const after = next.get(id) ?? []
    return after.length > 0 && after.every((lag) => gone.has(lag.to))
  }
  for (let grown = true; grown;) {
    const idle = plan.placed.filter(
      ({ taskId, done }) =>
        !done && !gone.has(taskId) && READIES.includes(actOf(taskId)) && leads(taskId) && leadsTo.has(taskId),
    )
    for (const task of idle) gone.add(task.taskId)
    grown = idle.length > 0
  }
  return {
    placed: plan.placed.filter((task) => !gone.has(task.taskId)),
    unplaced: [...plan.unplaced, ...plan.placed.flatMap(({ taskId }) => (gone.has(taskId) ? [taskId] : []))],
  }
}

/** Everything from which lags lead to one of some activities. */
function reaching(problem: ScheduleProblem, ids: readonly string[]): Set<string> {
  const found = new Set(ids)
  for (let grown = true; grown;) {
    const { size } = found
    for (const lag of problem.lags) if (found.has(lag.to)) found.add(lag.from)
    grown = found.size > size
  }
  return found
}

function laidLater(problem: ScheduleProblem, plan: Placement): Placement {
  const placed = new Map(plan.placed.map((task) => [task.taskId, task]))
  const next = groupedBy(problem.lags, (lag) => lag.from)
  const held = new Set<string>(problem.fixed.map((each) => each.id))
  // What is carried, and ways to go, have their hours elsewhere already.
  if (problem.places.length > 0) return plan
  for (const act of problem.activities) if (act.uses.some((use) => !isMist(use))) held.add(act.id)
  const air = airGate(problem, clocksOfTables(problem.clocks))
  const isDry = ({ taskId, pieces }: PlacedTask): boolean => air(taskId, pieces) === null
  for (const lay of plan.placed) {
    if (lay.done || actOf(lay.taskId) !== 'lay' || held.has(lay.taskId)) continue
    const lags = next.get(lay.taskId) ?? []
    const wanted = Math.min(...lags.map((lag) => (placed.get(lag.to)?.from ?? lay.to) - waitOf(lag)))
    if (lags.length === 0 || wanted - lay.to < MIN_PER_DAY) continue
    const later = lastFree(freeOf(problem, placed, lay), lay, wanted, isDry)
    if (later && later.from > lay.from && !isInMist(problem, placed, later)) placed.set(lay.taskId, later)
  }
  return { ...plan, placed: plan.placed.map((task) => placed.get(task.taskId) ?? task) }
}

/** A gun that stands filled for longer than this is filled too soon, min. From memory. */
const STANDS_MIN = 30

/** A gun is made ready just before its first coat, where its crew and it are free then. */
export function readiedLater(problem: ScheduleProblem, plan: Placement): Placement {
  const held = new Set<string>(problem.fixed.map((each) => each.id))
  const next = groupedBy(problem.lags, (lag) => lag.from)
  const placed = new Map(plan.placed.map((task) => [task.taskId, task]))
  const usesGun = new Set<string>(problem.activities.flatMap((act) => (act.uses.includes('gun') ? act.id : [])))
  const guns = problem.resources.find(({ id }) => id === 'gun')?.capacity ?? Number.POSITIVE_INFINITY
  for (const up of plan.placed) {
    if (up.done || actOf(up.taskId) !== 'gun-up' || held.has(up.taskId) || problem.places.length > 0) continue
    const wanted = Math.min(...(next.get(up.taskId) ?? []).map((lag) => placed.get(lag.to)?.from ?? up.to))
    if (!Number.isFinite(wanted) || wanted - up.to <= STANDS_MIN) continue
    const later = lastFree(freeOf(problem, placed, up), up, wanted)
    if (!later || later.pieces.length > 1) continue
    const busy = [...placed.values()].filter(
      (task) => task !== up && usesGun.has(task.taskId) && task.from < later.to && task.to > later.from,
    )
    if (busy.length < guns) placed.set(up.taskId, later)
  }
  return { ...plan, placed: plan.placed.map((task) => placed.get(task.taskId) ?? task) }
}

/** What a wait on a clock may take at most, in the air there is: tape is laid a day before such a coat. */
const waitOf = ({ min }: ScheduleProblem['lags'][number]): number =>
  min.amount === 0 ? 0 : min.clock === null ? min.amount : MIN_PER_DAY

function freeOf(problem: ScheduleProblem, placed: ReadonlyMap<string, PlacedTask>, task: PlacedTask): FreeTime {
  const shifts = problem.crews.find((crew) => crew.id === task.crewId)?.shifts ?? []
  const free = freeTime(shifts.map(([from, to]) => ({ from, to })))
  for (const each of placed.values())
    if (each.crewId === task.crewId && each.taskId !== task.taskId) for (const piece of each.pieces) free.take(piece)
  return free
}

/** The last free pieces that end by an instant, looked for backwards a quarter of an hour at a time. */
function lastFree(
  free: FreeTime,
  task: PlacedTask,
  by: number,
  allows: (task: PlacedTask) => boolean = () => true,
): PlacedTask | null {
  const minutes = task.pieces.reduce((sum, piece) => sum + piece.to - piece.from, 0)
  for (let at = Math.floor(by - minutes); at > task.from; at -= STEP_MIN) {
    const found = piecesFrom(free, task, at, by)
    // Nobody stands about for some minutes before it: it joins on to what comes before.
    if (!found || !allows(found)) continue
    const joined = piecesFrom(free, task, Math.max(task.from + 1, found.from - STEP_MIN + 1), by)
    return joined && allows(joined) ? joined : found
  }
  return null
}

const STEP_MIN = 15

function piecesFrom(free: FreeTime, task: PlacedTask, at: number, by: number): PlacedTask | null {
  const minutes = task.pieces.reduce((sum, piece) => sum + piece.to - piece.from, 0)
  const pieces = free.firstPieces(at, minutes)
  const [first, last] = [pieces?.[0], pieces?.at(-1)]
  return pieces && first && last && last.to <= by ? { ...task, from: first.from, to: last.to, pieces } : null
}
