import {
  moveDesk,
  planWithProblem,
  roomToSlip,
  tellLink,
  whyThen,
  type Job,
  type MoveDesk,
  type Said,
  type Tried,
} from '@crisp-hem/core'
import { answerWith } from '../state/useWorkerAnswer'

/** First what is picked, with its job; then places to try it at. */
export type MoveQuestion =
  | { readonly ask: 'pick'; readonly job: Job; readonly now: number; readonly taskId: string }
  | { readonly ask: 'try'; readonly at: number; readonly crewId: string }

export type MoveAnswer =
  | {
      readonly told: 'picked'
      readonly taskId: string
      readonly taskIds: readonly string[]
      readonly slip: number | null
      readonly why: readonly Said[]
    }
  | (Tried & { readonly told: 'tried'; readonly at: number; readonly crewId: string })

/** Why-links told of one piece of work. */
const LINKS = 4

let desk: MoveDesk | null = null

answerWith((question: MoveQuestion): MoveAnswer => {
  if (question.ask === 'try') {
    if (!desk) throw new Error('nothing is picked')
    return { told: 'tried', at: question.at, crewId: question.crewId, ...desk.try(question.at, question.crewId) }
  }
  const { job, now, taskId } = question
  desk = moveDesk(job, now, taskId)
  const { plan, problem } = planWithProblem(job, now)
  const slip = roomToSlip(problem, plan.placed).get(taskId) ?? null
  const why = whyThen(problem, plan.placed, taskId)
    .slice(0, LINKS)
    .map((link) => tellLink(job, plan.tasks, link, now))
  return { told: 'picked', taskId, taskIds: desk.taskIds, slip, why }
})
