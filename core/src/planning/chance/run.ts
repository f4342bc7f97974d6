import { floatAt, intAt, nth, sure } from '../../base/units/sure'
import { instantOfGain } from '../../nature/cure/rateClock'
import type { ClockDelay, PullRule } from '../problem/problem'
import { crumbPast, mostPast } from '../problem/stayOn'
import { firstPast } from '../../base/units/firstPast'
import type { Scene, Script } from './script'

/** One day as it might go: how long each activity takes, as a multiple of its plan, and how fast each coat dries. */
export interface Luck {
  readonly work: Float64Array
  readonly drying: Float64Array
  /** By how much the bad air that each is kept out of comes later than forecast, min. */
  readonly airShift: Float64Array
  /** After how many hours from its first stroke each coat would meet a shower that nobody forecast. */
  readonly shower: Float64Array
}

/** What came of one run; arrays are made once and filled anew each time. */
export interface Run {
  readonly from: Float64Array
  readonly to: Float64Array
  /** 1 where a pull missed its span. */
  readonly missed: Uint8Array
  /** By scene: what it had to wait for last, −1 for nothing. */
  readonly cause: Int32Array
  /** By crew, and by each of its people who may work alone: when free, and the scene done last, −1 for none. */
  readonly crewFree: readonly Float64Array[]
  readonly crewLast: readonly Int32Array[]
  readonly units: Float64Array[]
  /** The room each of them stands in, −1 for none yet. */
  readonly unitRooms: Int32Array[]
}

export const emptyRun = ({ acts, scenes, people, capacities }: Script): Run => ({
  from: new Float64Array(acts.length),
  to: new Float64Array(acts.length),
  missed: new Uint8Array(acts.length),
  cause: new Int32Array(scenes.length),
  crewFree: people.map((count) => new Float64Array(count)),
  crewLast: people.map((count) => new Int32Array(count)),
  units: capacities.map((capacity) => new Float64Array(capacity)),
  unitRooms: capacities.map((capacity) => new Int32Array(capacity)),
})

/**
 * Goes through a script once. The policy of a crew: its work in the order told, each as soon as it can be; what may not be
 * broken off is begun only if, as planned, it ends before the break; nobody walks away from what has begun. A wet pull that comes
 * too late waits for the dry span.
 */
export function rehearse(script: Script, luck: Luck, run: Run): void {
  const { scenes, shifts, stayOn } = script
  for (const free of run.crewFree) free.fill(script.from)
  for (const last of run.crewLast) last.fill(-1)
  run.missed.fill(0)
  for (const unit of run.units) unit.fill(script.from)
  for (const unit of run.unitRooms) unit.fill(-1)
  scenes.forEach((scene, s) => {
    const { crew, waits } = scene
    const [free, done] = [nth(run.crewFree, crew), nth(run.crewLast, crew)]
    const team = firstFree(free, scene.hands)
    const last = intAt(done, nth(team, team.length - 1))
    const reached = floatAt(free, nth(team, team.length - 1)) + (last < 0 ? 0 : scene.wayMin)
    let at = Math.max(scene.release, reached)
    let cause = reached >= scene.release ? last : -1
    for (const wait of waits) {
      const from = wait.act < 0 ? wait.at : floatAt(run.to, wait.act)
      const drying = wait.act < 0 ? 1 : floatAt(luck.drying, wait.act)
      const ready = passed(script, wait.delay, from, drying)
      if (ready <= at) continue
      at = ready
      cause = wait.act < 0 ? -1 : nth(script.acts, wait.act).scene
    }
    for (const use of scene.uses)
      for (const unit of unitsFor(script, run, scene, use))
        at = Math.max(at, readyAt(script, run, use, unit, scene.room))
    const start = startOf(scene, at, nth(shifts, crew), nth(stayOn, crew), floatAt(luck.airShift, nth(scene.acts, 0)))
    run.cause[s] = cause
    const ends = play(script, scene, start, luck, run)
    for (const one of team) {
      done[one] = s
      free[one] = ends
    }
    for (const use of scene.uses) {
      for (const unit of unitsFor(script, run, scene, use)) {
        nth(run.units, use)[unit] = ends
        nth(run.unitRooms, use)[unit] = scene.room
      }
    }
  })
}

const NOBODY_ELSE = [0] as const

/** So many of a crew who are free first, the last of them last. */
function firstFree(free: Float64Array, hands: number): readonly number[] {
  if (free.length === 1) return NOBODY_ELSE
  return [...free.keys()].sort((a, b) => floatAt(free, a) - floatAt(free, b)).slice(0, Math.max(1, hands))
}

/** When one of a resource can be in a room: free, and carried there. */
function readyAt({ carries, rooms }: Script, run: Run, use: number, unit: number, room: number): number {
  const carry = carries[use]
  const stands = intAt(nth(run.unitRooms, use), unit)
  return floatAt(nth(run.units, use), unit) + (carry && stands >= 0 ? floatAt(carry, stands * rooms.length + room) : 0)
}

/** What a scene takes of a resource: the one that is there first, or all of them where it takes more. */
const unitsFor = (script: Script, run: Run, { uses, room }: Scene, use: number): readonly number[] =>
  uses.filter((other) => other === use).length > 1
    ? [...nth(run.units, use).keys()]
    : [soonestUnit(script, run, use, room)]

function soonestUnit(script: Script, run: Run, use: number, room: number): number {
  let best = 0
  for (let unit = 1; unit < nth(run.units, use).length; unit++)
    if (readyAt(script, run, use, unit, room) < readyAt(script, run, use, best, room)) best = unit
  return best
}

/** When a delay has passed; a hundred days on where the air never gets it there. */
function passed({ clocks }: Script, { clock, amount }: ClockDelay, from: number, drying: number): number {
  if (clock === null) return from + amount
  const found = clocks.get(clock)
  return (found && instantOfGain(found, from, amount * drying)) ?? from + 144_000
}

/** The first instant at which a crew would begin a scene. */
function startOf(
  scene: Scene,
  ready: number,
  shifts: readonly (readonly [number, number])[],
  stayOn: readonly number[],
  airShift: number,
): number {
  if (scene.anyHour) return afterBans(scene, ready, airShift)
  let at = ready
  for (let i = firstPast(shifts.length, (k) => nth(shifts, k)[1] > ready); i < shifts.length; i++) {
    const [from, to] = nth(shifts, i)
    at = afterBans(scene, Math.max(at, from), airShift)
    const past = mostPast(nth(stayOn, i), scene.minutes)
    if (scene.divisible ? at < to : at + scene.minutes <= to + past) return at
  }
  return at
}

/** Behind the bad air there is, which comes so much later than forecast. */
function afterBans({ airs, minutes }: Scene, at: number, shift: number): number {
  let start = at
  for (const { during } of airs)
    for (const ban of during) if (ban.from + shift < start + minutes && ban.to + shift > start) start = ban.to + shift
  return start
}

/** Until when people of a scene are there who began it at an instant: the end of their stretch, and what they stay on past it. */
function leaveOf({ crew, anyHour }: Scene, start: number, { shifts, stayOn }: Script): number {
  const own = nth(shifts, crew)
  const i = anyHour ? own.length : firstPast(own.length, (k) => nth(own, k)[1] > start)
  return i < own.length ? nth(own, i)[1] + nth(nth(stayOn, crew), i) : Number.POSITIVE_INFINITY
}

/** The first instant from one on at which a crew is there; that instant where it never is again. */
function nextThere(from: number, shifts: readonly (readonly [number, number])[]): number {
  const i = firstPast(shifts.length, (k) => nth(shifts, k)[1] > from)
  return i < shifts.length ? Math.max(from, nth(shifts, i)[0]) : from
}

/** Does the activities of a scene one after another; when it ends. */
function play(script: Script, scene: Scene, start: number, luck: Luck, run: Run): number {
  let at = start
  const leave = leaveOf(scene, start, script)
  for (const act of scene.acts) {
    const { minutes, pull } = nth(script.acts, act)
    const takes = minutes * floatAt(luck.work, act)
    run.from[act] = at
    run.to[act] = scene.divisible
      ? worked(at, takes, nth(script.shifts, scene.crew), nth(script.stayOn, scene.crew))
      : at + takes
    at = floatAt(run.to, act)
    if (pull) at = pulled({ script, rule: pull, act, leave, crew: scene.crew }, luck, run)
  }
  return at
}

/** When work that goes on after breaks is through. */
function worked(
  from: number,
  minutes: number,
  shifts: readonly (readonly [number, number])[],
  stayOn: readonly number[],
): number {
  let left = minutes
  for (let i = firstPast(shifts.length, (k) => nth(shifts, k)[1] > from); i < shifts.length; i++) {
    const [start, end] = nth(shifts, i)
    const begin = Math.max(start, from)
    if (end - begin + crumbPast(nth(stayOn, i), minutes) >= left) return begin + left
    left -= end - begin
  }
  return from + left
}

interface Pulled {
  readonly script: Script
  readonly rule: PullRule
  readonly act: number
  /** When whoever pulls goes home. */
  readonly leave: number
  readonly crew: number
}

/**
 * Judges a pull: a wet one that ends behind its span, or when nobody is there any more, is left until the film is hard and somebody is
 * there again; one whose coat met a shower before it was safe is missed whatever its hour. When the crew is free again.
 */
function pulled({ script, rule, act, leave, crew }: Pulled, luck: Luck, run: Run): number {
  const coat = script.place.get(rule.coatId)
  const coated =
    rule.coated ?? (coat === undefined ? null : { from: floatAt(run.from, coat), to: floatAt(run.to, coat) })
  if (!coated) return floatAt(run.to, act)
  const drying = coat === undefined ? 1 : floatAt(luck.drying, coat)
  const span = (clock: string, from: number, amount: number) => passed(script, { clock, amount }, from, drying)
  const safe = coat === undefined ? null : nth(script.spared, coat)
  const isRained =
    coat !== undefined &&
    safe !== null &&
    span(safe.clock ?? rule.clock, coated.from, safe.amount) - coated.from > 60 * floatAt(luck.shower, coat)
  if (isRained) run.missed[act] = 1
  const off = Math.min(
    Number.POSITIVE_INFINITY,
    ...rule.stays.map((stay) => {
      const lay = script.place.get(stay.layId)
      const laid = stay.laidAt ?? (lay === undefined ? coated.from : floatAt(run.from, lay))
      return passed(script, stay, laid, 1)
    }),
  )
  if (rule.manner === 'wet') {
    const bead = rule.bead && script.place.get(rule.bead.sealId)
    const wiped = rule.bead
      ? (rule.bead.sealedAt ?? (bead === undefined || bead === null ? coated.from : floatAt(run.from, bead)))
      : null
    const skin = Math.min(
      span(rule.clock, coated.from, rule.openMin),
      wiped === null
        ? Number.POSITIVE_INFINITY
        : span(rule.beadClock, Math.min(wiped, coated.from), sure(rule.bead).skinMin),
    )
    const free = floatAt(run.to, act)
    if (free <= Math.min(skin, off, leave)) return free
    const hard = span(rule.filmClock, coated.to, rule.hardDryMin)
    // A pull that is dry by then is not late: it is the dry one.
    if (floatAt(run.from, act) >= hard) return free
    run.missed[act] = 1
    run.to[act] = nextThere(hard, nth(script.shifts, crew)) + (free - floatAt(run.from, act))
    return floatAt(run.from, act)
  }
  if (floatAt(run.to, act) > off) run.missed[act] = 1
  return floatAt(run.to, act)
}
