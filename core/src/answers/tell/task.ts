import { groupedBy } from '../../base/units/groupedBy'
import { sure } from '../../base/units/sure'
import type { ActivityId, RoundId, SubjectKey } from '../../base/nouns'
import { type Activity, type ActivityKind, type Delay, type MinutePart, type Work } from '../../planning/work'

export interface After {
  readonly taskId: ActivityId
  readonly gap: Delay
}

/** An activity as boards and charts show it: for the crew that does its room, with what it waits for. */
export interface Task {
  readonly id: ActivityId
  readonly kind: ActivityKind
  readonly roomId: string
  readonly stepId: string | null
  readonly roundId: RoundId | null
  readonly crewId: string
  readonly coat: number | null
  readonly subjects: readonly SubjectKey[]
  readonly minutes: number
  /** What its minutes are made of, for one practised painter. */
  readonly work: readonly MinutePart[]
  readonly divisible: boolean
  readonly after: readonly After[]
  readonly release: number | null
  /** Ticks that say it was done even if nobody ticked it. */
  readonly impliedBy: Activity['impliedBy']
}

export function tasksOf(work: Pick<Work, 'activities' | 'lags'>, minutes: ReadonlyMap<ActivityId, number>): Task[] {
  const lags = groupedBy(work.lags, (lag) => lag.to)
  return work.activities.map((act) => {
    const after = (lags.get(act.id) ?? []).map(({ from, min }): After => ({ taskId: from, gap: min }))
    return taskOf(act, sure(minutes.get(act.id)), after)
  })
}

const taskOf = (act: Activity, minutes: number, after: readonly After[]): Task => ({
  id: act.id,
  kind: act.kind,
  roomId: act.roomId,
  stepId: act.stepId,
  roundId: act.roundId,
  crewId: act.needs.crewId,
  coat: act.coat,
  subjects: act.subjects,
  minutes,
  work: act.work,
  divisible: act.divisible,
  after,
  release: act.release,
  impliedBy: act.impliedBy,
})
