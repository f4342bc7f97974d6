import type { PlacedTask } from '../plan/placement'
import type { ScheduleProblem } from '../problem/problem'
import { areKept, freestTurns, gunTurns, NO_TURNS, type GunTurns, type Work } from '../work'

/** What is proposed for work with its guns turned in some way. */
interface Proposed {
  readonly setup: { readonly work: Work }
  readonly problem: ScheduleProblem
  readonly proposed: readonly PlacedTask[]
}

/** How often a plan is made anew around the turns that its guns take in the plan before. */
const MOST_TURNINGS = 3

/**
 * Only a plan tells which colours and nights come between the coats of one gun. Another is made that cleans it there, until its
 * guns take the turns it was made for.
 */
export function withTurnsOfGuns<T extends Proposed>(proposedWith: (turns: GunTurns) => T): T {
  let made = proposedWith(NO_TURNS)
  let known = ''
  for (let i = 0; i < MOST_TURNINGS; i++) {
    const guns = made.problem.resources.find(({ id }) => id === 'gun')?.capacity ?? Number.POSITIVE_INFINITY
    const turns = gunTurns(made.setup.work.gunRuns, made.proposed, guns)
    const told = JSON.stringify(turns)
    if (told === known || (i === 0 && areKept(turns, made.proposed))) break
    known = told
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
