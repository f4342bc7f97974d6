import { sure } from '../../base/units/sure'
import type { RateClock } from '../../nature/cure/rateClock'
import { blocksOf } from '../plan/blocks'
import type { PlacedTask, Placement } from '../plan/placement'
import { clocksOfTables } from '../plan/tableClocks'
import type { AirRule, ClockDelay, PullRule, Resource, ScheduleProblem } from '../problem/problem'
import { isInStretch, stayOnOf } from '../problem/stayOn'
import { modeOf, peopleAt } from '../problem/withCrews'
import { carryWays, crewWays } from '../problem/places'
import { groupedBy } from '../../base/units/groupedBy'
import { workSpread } from './spreads'

/** What a crew does next, as it was told: activities without a break between them, and what they wait for. */
export interface Scene {
  readonly crew: number
  /** How many of the crew are at it. */
  readonly hands: number
  /** Of all activities of the script, which are its own, in order. */
  readonly acts: readonly number[]
  readonly minutes: number
  readonly divisible: boolean
  readonly release: number
  readonly waits: readonly SceneWait[]
  /** Minutes on the way from what its crew does before it. */
  readonly wayMin: number
  readonly room: number
  /** Indices of what there are only so many of. */
  readonly uses: readonly number[]
  readonly airs: readonly AirRule[]
  /** It was told outside the shift: people stay for it, whatever the hour. */
  readonly anyHour: boolean
}

interface SceneWait {
  /** The activity waited for, or −1 where it was done at `at`. */
  readonly act: number
  readonly at: number
  readonly delay: ClockDelay
}

interface ScriptAct {
  readonly id: string
  readonly minutes: number
  readonly spread: number
  readonly room: number
  readonly scene: number
  readonly pull: PullRule | null
}

/** A plan as a script: who does what after what, looked up once for thousands of runs. */
export interface Script {
  readonly scenes: readonly Scene[]
  readonly acts: readonly ScriptAct[]
  readonly rooms: readonly string[]
  readonly due: readonly (number | null)[]
  readonly crews: readonly string[]
  /** How many of each crew there are who may each work by themselves. */
  readonly people: readonly number[]
  readonly shifts: readonly (readonly (readonly [from: number, to: number])[])[]
  /** How long each crew stays past the end of each of its stretches, min. */
  readonly stayOn: readonly (readonly number[])[]
  readonly capacities: readonly number[]
  /** Of each resource the minutes from room to room, row after row; null where it is at hand at once. */
  readonly carries: readonly (Float64Array | null)[]
  readonly clocks: ReadonlyMap<string, RateClock>
  readonly place: ReadonlyMap<string, number>
  /** How far ahead of now an activity was told, min: the farther, the less its weather is known. */
  readonly aheadOf: (id: string) => number
  /** For each activity, how long its coat has to be spared rain, on the clock of its film; null inside, or where nothing is coated. */
  readonly spared: readonly (ClockDelay | null)[]
  readonly from: number
}

/** Whether some of what is done in one go was told outside its crew's shifts and beyond what it stays on. */
function isOutside({ crews }: ScheduleProblem, told: readonly PlacedTask[]): boolean {
  const crew = crews.find(({ id }) => id === told[0]?.crewId)
  if (!crew) return true
  const pieces = told.flatMap((task) => task.pieces)
  const spans = told.length > 1 ? [{ from: sure(pieces[0]).from, to: sure(pieces.at(-1)).to }] : pieces
  return spans.some(({ from, to }) => !isInStretch(crew, from, to))
}

/** @param plan  what people were told; what has no place in it is left out */
export function scriptOf(problem: ScheduleProblem, plan: Pick<Placement, 'placed'>): Script {
  const placed = new Map(plan.placed.map((task) => [task.taskId, task]))
  const blocks = blocksOf(problem)
    .filter(({ activities }) => activities.every((act) => placed.has(act.id)))
    .sort((a, b) => startOf(a.activities[0]?.id) - startOf(b.activities[0]?.id))
  function startOf(id: string | undefined): number {
    return placed.get(id ?? '')?.from ?? 0
  }
  const crews = problem.crews.map((crew) => crew.id)
  const rooms = [...new Set(problem.activities.map((act) => act.roomId))]
  const rules = new Map(problem.pulls.map((rule) => [rule.activityId, rule]))
  const resources = problem.resources.map((resource) => resource.id)
  const acts = blocks.flatMap(({ activities }, scene) =>
    activities.map((act): ScriptAct => {
      return {
        id: act.id,
        minutes: modeOf({ modes: act.modes }, sure(placed.get(act.id)))?.minutes ?? 0,
        spread: workSpread(act.id),
        room: rooms.indexOf(act.roomId),
        scene,
        pull: rules.get(act.id) ?? null,
      }
    }),
  )
  const place = new Map(acts.map((act, i) => [act.id, i]))
  const lags = groupedBy(problem.lags, (lag) => lag.to)
  const airs = new Map(problem.airs.map((rule) => [rule.id, rule]))
  const way = crewWays(problem)
  // Where each crew is before what it does next: what is done counts too.
  const last = new Map<string, { readonly roomId: string; readonly to: number | null }>(
    [...problem.done].sort((a, b) => a.to - b.to).map(({ crewId, roomId, to }) => [crewId, { roomId, to }] as const),
  )
  const scenes = blocks.map(({ activities, uses }): Scene => {
    const roomId = activities[0].roomId
    const crewId = placed.get(activities[0].id)?.crewId ?? ''
    const before = last.get(crewId)
    const wayMin = before && way ? way(before.roomId, roomId) : 0
    // From what is done it may be on its way already.
    const reached = before?.to ? before.to + wayMin : 0
    last.set(crewId, { roomId, to: null })
    const own = activities.map((act) => sure(place.get(act.id)))
    const ids = new Set<string>(activities.map((act) => act.id))
    return {
      crew: crews.indexOf(crewId),
      hands: peopleAt(
        placed.get(activities[0].id) ?? {},
        problem.crews.find(({ id }) => id === crewId),
      ),
      wayMin: before?.to ? 0 : wayMin,
      room: rooms.indexOf(roomId),
      acts: own,
      minutes: own.reduce((sum, i) => sum + (acts[i]?.minutes ?? 0), 0),
      divisible: activities.length === 1 && activities[0]?.divisible === true,
      release: Math.max(problem.from, reached, ...activities.map((act) => act.release ?? 0)),
      waits: activities.flatMap((act) =>
        (lags.get(act.id) ?? []).flatMap(({ from, min }): SceneWait[] => {
          if (ids.has(from)) return []
          const before = placed.get(from)
          if (before?.done) return [{ act: -1, at: before.to, delay: min }]
          const waited = place.get(from)
          return waited === undefined ? [] : [{ act: waited, at: 0, delay: min }]
        }),
      ),
      uses: uses.map((id) => resources.indexOf(id)),
      airs: activities.flatMap((act) => airs.get(act.air ?? '') ?? []),
      anyHour: isOutside(
        problem,
        activities.map((act) => sure(placed.get(act.id))),
      ),
    }
  })
  const dues = new Map(
    problem.goals.flatMap((goal) => (goal.goal === 'hand-back' ? [[goal.roomId, goal.by] as const] : [])),
  )
  return {
    scenes,
    acts,
    rooms,
    due: rooms.map((room) => dues.get(room) ?? null),
    crews,
    people: problem.crews.map(({ people = 1 }) => people),
    shifts: problem.crews.map((crew) => crew.shifts),
    stayOn: problem.crews.map(stayOnOf),
    capacities: problem.resources.map((resource) => resource.capacity),
    carries: problem.resources.map((resource) => carriesOf(problem, resource, rooms)),
    clocks: clocksOfTables(problem.clocks),
    place,
    aheadOf: (id) => startOf(id) - problem.from,
    spared: acts.map(({ id }) => {
      const rule = airs.get(problem.activities.find((act) => act.id === id)?.air ?? '')
      return rule && rule.isOutdoors && rule.safeMin > 0 ? { clock: rule.clock, amount: rule.safeMin } : null
    }),
    from: problem.from,
  }
}

function carriesOf(problem: ScheduleProblem, resource: Resource, rooms: readonly string[]): Float64Array | null {
  const way = carryWays(problem, resource)
  return way && Float64Array.from(rooms.flatMap((from) => rooms.map((to) => way(from, to))))
}
