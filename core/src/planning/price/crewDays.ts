import type { Crew, Job } from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import { nth } from '../../base/units/sure'
import { workDayOf } from '../../nature/calendar/workDay'
import type { PlacedTask } from '../plan/placement'
import { crewWays } from '../problem/places'
import { carriesOf } from './carries'
import { peopleAt } from '../problem/withCrews'
import type { ScheduleProblem } from '../problem/problem'

/** One day of a crew at its work, as far as it is still to come: from its first minute to its last. */
export interface CrewDay {
  readonly crewId: string
  /** Counted as {@link workDayOf} counts days. */
  readonly day: number
  readonly from: number
  readonly to: number
  readonly people: number
  /** Minutes worked; where only some of the crew are at something, their part of them. */
  readonly workMin: number
  /** Minutes on the way from address to address, and of carrying a tower and putting it up. */
  readonly wayMin: number
  /** Minutes of its shifts between its first and its last in which it has nothing to do, or its part of them; its meals are none. */
  readonly idleMin: number
  /** How often it goes from one room to another. */
  readonly moves: number
  /** It has done nothing earlier on the same day: coming here is still to be paid for. */
  readonly isVisit: boolean
}

/** Tells every crew's days of any plan of one problem, in order of crews and days; what all of them share is looked up once. */
export function crewDaysOf(
  { crews, site }: Pick<Job, 'crews' | 'site'>,
  problem: Pick<ScheduleProblem, 'activities' | 'crews' | 'places' | 'done' | 'resources'>,
): (placed: readonly PlacedTask[]) => CrewDay[] {
  const dayOf = workDayOf({ crews, site })
  const roomOf = new Map<string, string>(problem.activities.map((act) => [act.id, act.roomId]))
  const ways = crewWays(problem)
  const begun = new Set(problem.done.map((activity) => `${activity.crewId} ${dayOf(activity.from)}`))
  const crewOf = new Map(problem.crews.map((crew) => [crew.id, crew]))
  const carriesIn = carriesOf(problem)
  return (placed) => {
    const byCrew = new Map<string, PieceOfDay[]>(crews.map(({ id }) => [id, []]))
    const carried = new Map<string, number>()
    for (const { crewId, at, minutes } of carriesIn(placed)) {
      const key = `${crewId} ${dayOf(at)}`
      carried.set(key, (carried.get(key) ?? 0) + minutes)
    }
    for (const { taskId, crewId, hands, pieces, done } of placed) {
      const share = peopleAt({ hands }, crewOf.get(crewId)) / (crewOf.get(crewId)?.people ?? 1)
      if (done) continue
      // What goes over a night is at work on both days.
      for (const { from, to } of pieces)
        byCrew.get(crewId)?.push({ from, to, share, roomId: roomOf.get(taskId) ?? '', day: dayOf(from) })
    }
    return crews.flatMap((crew) => {
      const days = byCrew.get(crew.id) ?? []
      const { shifts = [], people = 1 } = crewOf.get(crew.id) ?? {}
      return [
        ...groupedBy(
          days.sort((a, b) => a.from - b.from),
          ({ day }) => day,
        ).values(),
      ].map((pieces) => dayOfCrew(crew, pieces, { shifts, ways, begun, carried, parties: people }))
    })
  }
}

interface PieceOfDay {
  readonly from: number
  readonly to: number
  /** Which part of the crew is at it, 0 … 1. */
  readonly share: number
  readonly roomId: string
  readonly day: number
}

interface DayGround {
  readonly shifts: ScheduleProblem['crews'][number]['shifts']
  readonly ways: ReturnType<typeof crewWays>
  readonly begun: ReadonlySet<string>
  /** Minutes of carrying by crew and day. */
  readonly carried: ReadonlyMap<string, number>
  /** In how many the crew may split. */
  readonly parties: number
}

/** @param inOrder  what a crew does on one day, in order */
function dayOfCrew(
  crew: Crew,
  inOrder: readonly PieceOfDay[],
  { shifts, ways, begun, carried, parties }: DayGround,
): CrewDay {
  const { from, day } = nth(inOrder, 0)
  let [to, workMin, wayMin, moves] = [from, 0, 0, 0]
  const rooms = Array.from({ length: parties }, () => nth(inOrder, 0).roomId)
  for (const piece of inOrder) {
    to = Math.max(to, piece.to)
    workMin += (piece.to - piece.from) * piece.share
    if (rooms.every((room) => room === piece.roomId)) continue
    // Whoever is there already does it, where that are enough.
    const count = Math.round(piece.share * parties)
    const others = rooms.flatMap((room, i) => (room === piece.roomId ? [] : [i]))
    const coming = others.slice(0, Math.max(0, count - (parties - others.length)))
    if (coming.length === 0) continue
    moves++
    wayMin += ways?.(nth(rooms, nth(coming, 0)), piece.roomId) ?? 0
    for (const i of coming) rooms[i] = piece.roomId
  }
  wayMin += carried.get(`${crew.id} ${day}`) ?? 0
  let thereMin = 0
  for (const [a, b] of shifts) if (a < to && b > from) thereMin += Math.min(b, to) - Math.max(a, from)
  return {
    crewId: crew.id,
    day,
    from,
    to,
    people: Math.max(1, crew.people.length),
    workMin,
    wayMin,
    idleMin: Math.max(0, thereMin - workMin - wayMin),
    moves,
    isVisit: !begun.has(`${crew.id} ${day}`),
  }
}
