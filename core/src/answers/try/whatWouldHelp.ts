import type { Crew, Job, Room } from '../../base/nouns'
import { parseClock, parseInstant } from '../../base/units/time'
import { planJob } from '../chain/planJob'

/** One change to a job, by what it takes: the first cost nothing, the last most. */
export type Change =
  | { readonly change: 'other-crew'; readonly crewId: string }
  | { readonly change: 'pull'; readonly pull: 'wet' | 'dry' }
  | { readonly change: 'earlier'; readonly crewId: string; readonly minutes: number }
  | { readonly change: 'saturday'; readonly crewId: string }
  | { readonly change: 'one-more'; readonly crewId: string }

export interface Help {
  readonly change: Change
  /** When the room would be through then, minutes since the epoch. */
  readonly endsAt: number
  readonly isInTime: boolean
  /** Minutes sooner than without it. */
  readonly wonMin: number
}

/**
 * What single changes would do for a room that is late: each is planned anew and asked when the room is through. Those that make
 * it in time come first, the cheaper before the dearer; those that win nothing are left out.
 */
export function whatWouldHelp(job: Job, roomId: string, now: number): Help[] {
  const room = job.rooms.find((each) => each.id === roomId)
  if (!room?.neededBy) return []
  const due = parseInstant(room.neededBy)
  const before = throughAt(job, room, now)
  if (before === null) return []
  const changes = changesFor(job, room, crewOf(job, room, now))
  return changes
    .flatMap((change): Help[] => {
      const endsAt = throughAt(changed(job, room, change), room, now)
      if (endsAt === null || endsAt >= before) return []
      return [{ change, endsAt, isInTime: endsAt <= due, wonMin: before - endsAt }]
    })
    .sort((a, b) => Number(b.isInTime) - Number(a.isInTime))
}

/** When a room is through by a plan made anew; null where something in it has no place. */
function throughAt(job: Job, room: Room, now: number): number | null {
  const { proposed, tasks } = planJob({ ...job, published: null }, now)
  const own = new Set(tasks.filter((task) => task.roomId === room.id).map((task) => task.id))
  const ends = proposed.filter((task) => own.has(task.taskId)).map((task) => task.to)
  return ends.length === own.size && ends.length > 0 ? Math.max(...ends) : null
}

/** The crew that does most of a room. */
function crewOf(job: Job, room: Room, now: number): string | null {
  if (room.crewId !== null) return room.crewId
  const { tasks } = planJob(job, now)
  return tasks.find((task) => task.roomId === room.id)?.crewId ?? job.crews[0]?.id ?? null
}

const EARLIER_MIN = 60
const SATURDAY = 5

function changesFor({ crews, house }: Job, room: Room, crewId: string | null): Change[] {
  const own = crews.find((crew) => crew.id === crewId)
  if (!own) return []
  return [
    ...crews.flatMap((crew): Change[] =>
      crew.id === own.id || crew.people.length === 0 ? [] : [{ change: 'other-crew', crewId: crew.id }],
    ),
    ...(['wet', 'dry'] as const).flatMap((pull): Change[] => (house.pull === pull ? [] : [{ change: 'pull', pull }])),
    { change: 'earlier', crewId: own.id, minutes: EARLIER_MIN },
    ...(own.shifts.some((shift) => shift.days.includes(SATURDAY))
      ? []
      : [{ change: 'saturday', crewId: own.id } as const]),
    { change: 'one-more', crewId: own.id },
  ]
}

function changed(job: Job, room: Room, change: Change): Job {
  const withCrew = (id: string, of: (crew: Crew) => Crew): Job => ({
    ...job,
    crews: job.crews.map((crew) => (crew.id === id ? of(crew) : crew)),
  })
  switch (change.change) {
    case 'other-crew':
      return {
        ...job,
        rooms: job.rooms.map((each) => (each.id === room.id ? { ...each, crewId: change.crewId } : each)),
      }
    case 'pull':
      return { ...job, house: { ...job.house, pull: change.pull } }
    case 'earlier':
      return withCrew(change.crewId, (crew) => ({
        ...crew,
        shifts: crew.shifts.map((shift) => ({ ...shift, from: sooner(shift.from, change.minutes) })),
      }))
    case 'saturday':
      return withCrew(change.crewId, (crew) => ({
        ...crew,
        shifts: crew.shifts.map((shift, i) => (i === 0 ? { ...shift, days: [...shift.days, SATURDAY] } : shift)),
      }))
    case 'one-more':
      return withCrew(change.crewId, (crew) => ({
        ...crew,
        people: [...crew.people, { name: '+1', skill: 'practised' as const }],
      }))
  }
}

/** A time of day so much sooner, never before midnight. */
function sooner(clock: string, minutes: number): string {
  const at = Math.max(0, parseClock(clock) - minutes)
  return `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`
}
