import {
  chancesOf,
  moveTrial,
  planWithProblem,
  roomToSlip,
  tellLink,
  whyThen,
  type Job,
  type MoveTrial,
  type Reach,
  type Said,
  type Tried,
  type ActivityId,
} from '@crisp-hem/core'
import { answerWith } from '../../app/state/useWorkerAnswer'

/** First what is picked, with its job; then places to try it at. */
export type MoveQuestion =
  | {
      readonly ask: 'pick'
      readonly job: Job
      readonly now: number
      readonly taskId: ActivityId
      readonly reach: Reach
    }
  | { readonly ask: 'try'; readonly at: number; readonly crewId: string }

export type MoveAnswer =
  | {
      readonly told: 'picked'
      readonly taskId: ActivityId
      readonly reach: Reach
      readonly taskIds: readonly string[]
      readonly slip: number | null
      readonly why: readonly Said[]
      /** How often a pull misses its span, and its room its hand-back, of so many runs; null for other work and where nothing is due. */
      readonly chance: { readonly runs: number; readonly missed: number | null; readonly late: number | null }
    }
  | (Tried & { readonly told: 'tried'; readonly at: number; readonly crewId: string })

/** Why-links told of one piece of work. */
const LINKS = 4
/** Times the days ahead are gone through. */
const RUNS = 1000

let trial: MoveTrial | null = null

answerWith((question: MoveQuestion): MoveAnswer => {
  if (question.ask === 'try') {
    if (!trial) throw new Error('nothing is picked')
    return { told: 'tried', at: question.at, crewId: question.crewId, ...trial.try(question.at, question.crewId) }
  }
  const { job, now, taskId, reach } = question
  trial = moveTrial({ job, now, taskId, reach })
  const { plan, problem } = planWithProblem(job, now)
  const slip = roomToSlip(problem, plan.placed).get(taskId) ?? null
  const why = whyThen(problem, plan.placed, taskId)
    .slice(0, LINKS)
    .map((link) => tellLink(job, link, now))
  const { pulls, rooms } = chancesOf(problem, plan, { runs: RUNS, seed: 1 })
  const roomId = problem.activities.find((act) => act.id === taskId)?.roomId
  const chance = {
    runs: RUNS,
    missed: pulls.find((pull) => pull.activityId === taskId)?.missShare ?? null,
    late: rooms.find((room) => room.roomId === roomId)?.lateShare ?? null,
  }
  return { told: 'picked', taskId, reach, taskIds: trial.taskIds, slip, why, chance }
})
