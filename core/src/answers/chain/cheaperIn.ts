import type { Job } from '../../base/nouns'
import { intAt, nth } from '../../base/units/sure'
import type { Translation } from '../../planning/plan/problemModel'
import type { PlanPrice, PriceOf } from '../../planning/price/planPrice'
import type { ScheduleProblem } from '../../planning/problem/problem'
import type { SerialScheme } from '../../solve/engine/firstSchedule'
import { endOf, type Schedule } from '../../solve/engine/model'
import { cheaperSchedule } from './cheaperSchedule'

interface CheaperInSetup {
  readonly problem: ScheduleProblem
  readonly task: Translation
  readonly scheme: SerialScheme
  readonly from: Schedule
  readonly priceOf: PriceOf
  /** Rooms that are done as the plan at hand has them: a house that is masked as a whole before its gun is filled. */
  readonly leftAlone: ReadonlySet<string>
  readonly random: () => number
  readonly isOver: () => boolean
  readonly rounds: number
}

/** A cheaper schedule of a plan's model than the one at hand, which itself is the answer where none is found. */
export const cheaperIn = ({
  problem,
  task,
  scheme,
  from,
  priceOf,
  leftAlone,
  random,
  isOver,
  rounds,
}: CheaperInSetup): Schedule => {
  const dueOf = duesOf(problem, task.origin)
  const kept = [...dueOf].filter(([roomId, due]) => endOfRoom(task, roomId, from) <= due)
  return cheaperSchedule({
    scheme,
    tasksOfRoom: new Map([...task.tasksOfRoom].filter(([roomId]) => !leftAlone.has(roomId))),
    endsAt: endOfPlan(task),
    mornings: morningsOf(problem, task),
    dueOf,
    crewOf: task.items.map(({ crewId }) => crewId),
    from,
    priceOf(schedule) {
      const price = inModel(priceOf(task.placementOf(schedule).placed, []), task.origin)
      return { ...price, isKept: kept.every(([roomId, due]) => endOfRoom(task, roomId, schedule) <= due) }
    },
    random,
    isOver,
    rounds,
  })
}

const endOfRoom = ({ model, tasksOfRoom }: Translation, roomId: string, schedule: Schedule): number =>
  Math.max(0, ...(tasksOfRoom.get(roomId) ?? []).map((i) => endOf(nth(model.tasks, i), intAt(schedule, i))))

/** When rooms are due, in minutes of a model. */
const duesOf = ({ goals }: ScheduleProblem, origin: number): Map<string, number> =>
  new Map(goals.flatMap((goal) => (goal.goal === 'hand-back' ? [[goal.roomId, goal.by - origin] as const] : [])))

/** A price with its days in minutes of a model. */
const inModel = (price: PlanPrice, origin: number): PlanPrice => ({
  ...price,
  days: price.days.map((day) => ({ ...day, from: day.from - origin, to: day.to - origin })),
})

const endOfPlan = ({ model, hint }: Translation): number =>
  Math.max(0, ...model.tasks.map((task, i) => endOf(task, intAt(hint, i))))

/** When days of each crew begin, in minutes of the model, also behind the end of the plan at hand: what waits may be cheaper then. */
function morningsOf({ crews }: ScheduleProblem, task: Translation): Map<string, number[]> {
  const [{ origin }, last] = [task, endOfPlan(task)]
  return new Map(
    crews.map(({ id, shifts }) => [
      id,
      shifts
        .flatMap(([from], i) => (from - (shifts[i - 1]?.[1] ?? -Infinity) > LEAST_NIGHT_MIN ? [from - origin] : []))
        .filter((at) => at > 0 && at <= last + BEHIND_MIN),
    ]),
  )
}
/** A weekend and a day: what waits may come after both. From memory. */
const BEHIND_MIN = 4 * 1440
/** A break longer than this is a night. */
const LEAST_NIGHT_MIN = 240

/** Fronts that are sprayed: they are masked all round before the gun is filled, and unmasked the same day. Common practice (C15, C16). */
export const sprayedFronts = ({ rooms }: Pick<Job, 'rooms'>): ReadonlySet<string> =>
  new Set(
    rooms.flatMap(({ id, kind, steps }) =>
      kind === 'elevation' && steps.some(({ tool }) => tool === 'spray') ? [id] : [],
    ),
  )
