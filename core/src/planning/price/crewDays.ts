import type { Crew, Job } from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import { nth } from '../../base/units/sure'
import { workDayOf } from '../../nature/calendar/workDay'
import type { PlacedTask } from '../plan/placement'
import { crewWays } from '../problem/places'
import type { ScheduleProblem } from '../problem/problem'

/** One day of a crew at its work, as far as it is still to come: from its first minute to its last. */
export interface CrewDay {
  readonly crewId: string
  /** Counted as {@link workDayOf} counts days. */
  readonly day: number
  readonly from: number
  readonly to: number
  readonly people: number
  readonly workMin: number
  readonly wayMin: number
  /** Minutes of its shifts between its first and its last in which it has nothing to do; its meals are none. */
  readonly idleMin: number
  /** How often it goes from one room to another. */
  readonly moves: number
  /** It has done nothing earlier on the same day: coming here is still to be paid for. */
  readonly isVisit: boolean
}

/** Tells every crew's days of any plan of one problem, in order of crews and days; what all of them share is looked up once. */
export function crewDaysOf(
  { crews, site }: Pick<Job, 'crews' | 'site'>,
  problem: Pick<ScheduleProblem, 'activities' | 'crews' | 'places' | 'done'>,
): (placed: readonly PlacedTask[]) => CrewDay[] {
  const dayOf = workDayOf({ crews, site })
  const roomOf = new Map<string, string>(problem.activities.map((act) => [act.id, act.roomId]))
  const ways = crewWays(problem)
  const begun = new Set(problem.done.map((activity) => `${activity.crewId} ${dayOf(activity.from)}`))
  const shiftsOf = new Map(problem.crews.map(({ id, shifts }) => [id, shifts]))
  return (placed) => {
    const byCrew = new Map<string, PieceOfDay[]>(crews.map(({ id }) => [id, []]))
    for (const { taskId, crewId, pieces, done } of placed) {
      if (done) continue
      // What goes over a night is at work on both days.
      for (const { from, to } of pieces)
        byCrew.get(crewId)?.push({ from, to, roomId: roomOf.get(taskId) ?? '', day: dayOf(from) })
    }
    return crews.flatMap((crew) => {
      const days = byCrew.get(crew.id) ?? []
      const shifts = shiftsOf.get(crew.id) ?? []
      return [
        ...groupedBy(
          days.sort((a, b) => a.from - b.from),
          ({ day }) => day,
        ).values(),
      ].map((pieces) => dayOfCrew(crew, pieces, { shifts, ways, begun }))
    })
  }
}

interface PieceOfDay {
  readonly from: number
  readonly to: number
  readonly roomId: string
  readonly day: number
}

interface DayGround {
  readonly shifts: ScheduleProblem['crews'][number]['shifts']
  readonly ways: ReturnType<typeof crewWays>
  readonly begun: ReadonlySet<string>
}

/** @param inOrder  what a crew does on one day, in order */
function dayOfCrew(crew: Crew, inOrder: readonly PieceOfDay[], { shifts, ways, begun }: DayGround): CrewDay {
  const { from, day } = nth(inOrder, 0)
  let [to, workMin, wayMin, moves, room] = [from, 0, 0, 0, nth(inOrder, 0).roomId]
  for (const piece of inOrder) {
    to = Math.max(to, piece.to)
    workMin += piece.to - piece.from
    if (piece.roomId === room) continue
    moves++
    wayMin += ways?.(room, piece.roomId) ?? 0
    room = piece.roomId
  }
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
