import { writeSubject, type Job } from '../../base/nouns'
import type { PlacedTask } from '../../planning/plan/placement'
import { countOf } from '../../planning/problem/makeProblem'
import { activityProgress } from '../../planning/progress/activityProgress'
import type { LogState } from '../../planning/progress/hemStates'
import { parseInstant } from '../../base/units/time'
import { areKept, freestTurns, gunTurns, NO_TURNS, sameTurns, type GunTurns, type Work } from '../../planning/work'

/** What is proposed for work with its guns turned in some way. */
interface Proposed {
  readonly setup: { readonly work: Work }
  readonly proposed: readonly PlacedTask[]
}

/** How often a plan is made anew around the turns that its guns take in the plan before. */
const MOST_TURNINGS = 3

/** How many guns there are; of any number where the shelf has none, and nothing waits for one. */
export const gunsOf = (job: Job): number => countOf(job, 'gun') || Number.POSITIVE_INFINITY

/** The turns that guns take in the plan people were told, as far as it has come; null where nobody was told any. */
export function toldTurns(job: Job, { activities, gunRuns }: Work, log: LogState): GunTurns | null {
  const { published } = job
  if (!published || gunRuns.length === 0) return null
  const acts = new Map(activities.map((act) => [act.id, act]))
  const times = published.tasks.map(({ taskId, crewId, from, to }) => {
    const act = acts.get(taskId)
    const ticked = log.done.get(writeSubject({ of: 'work', activityId: taskId })) ?? null
    const doneAt = act ? activityProgress(act, log).doneAt : ticked
    const [told, length] = [parseInstant(from), parseInstant(to) - parseInstant(from)]
    return {
      taskId,
      crewId,
      from: doneAt === null ? told : doneAt - length,
      to: doneAt ?? told + length,
      done: doneAt !== null,
    }
  })
  return gunTurns(gunRuns, times, gunsOf(job))
}

/**
 * Only a plan tells which colours and nights come between the coats of one gun. Another is made that cleans it there, until its
 * guns take the turns it was made for.
 */
export function withTurnsOfGuns<T extends Proposed>(
  job: Job,
  proposedWith: (turns: GunTurns) => T,
  toldBefore: () => GunTurns | null,
): T {
  const begun = toldBefore()
  let made = proposedWith(begun ?? NO_TURNS)
  let known = begun
  for (let i = 0; i < MOST_TURNINGS; i++) {
    const turns = gunTurns(made.setup.work.gunRuns, made.proposed, gunsOf(job))
    if (known ? sameTurns(turns, known) : areKept(turns, made.proposed)) break
    known = turns
    made = proposedWith(turns)
  }
  return made
}

/** A plan in which no gun takes longer than it may: bounds of it hold for every plan. */
export function withFreestGuns<T extends Proposed>(proposedWith: (turns: GunTurns) => T): T {
  const made = proposedWith(NO_TURNS)
  const turns = freestTurns(made.setup.work.gunRuns)
  return turns.idle.length === 0 ? made : proposedWith(turns)
}
