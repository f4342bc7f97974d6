import { isBetter, judged } from '../src/answers/chain/judge'
import { planWithProblem } from '../src/answers/chain/planJob'
import { priceOfPlans } from '../src/answers/chain/priceOfPlans'
import { placementOf } from '../src/planning/plan/placement'
import { translate } from '../src/planning/plan/problemModel'
import { tidied } from '../src/planning/plan/tidied'
import { layOut, serialSchemeOf } from '../src/solve/engine/firstSchedule'
import { FIVE_JOBS, type WholeJob } from './fiveJobs'

/** Whole jobs beside what a foreman would write down for them, at the same prices. What they come to is in docs/rounds.md. */
function plansOf({ job, byHand }: WholeJob) {
  const chain = planWithProblem(job)
  const { plan, problem } = chain
  const priceOf = priceOfPlans(job, chain)!
  const first = placementOf(problem.activities, plan.placed)
  const task = translate(problem, first)
  // In the order that was written down, each as early as it then can be.
  const place = task.model.tasks.map(({ id }) => byHand.findIndex((pattern) => pattern.test(id)))
  const order = place.map((at, i) => (at < 0 ? byHand.length : at) * task.model.tasks.length + i)
  const schedule = layOut(serialSchemeOf(task.model), (i) => -order[i]!)!
  const hand = judged(problem, tidied(problem, task.placementOf(schedule)), priceOf)
  return { hand, first: judged(problem, first, priceOf) }
}

test.each(FIVE_JOBS.map((whole) => [whole.name, whole] as const))(
  '%s: the first plan is no dearer than one by hand, and breaks no rule more',
  (_, whole) => {
    const { hand, first } = plansOf(whole)
    expect(hand.placement.unplaced).toEqual([])
    expect(isBetter(hand, first, [])).toBe(false)
    expect(first.price!.totalMinor).toBeLessThanOrEqual(hand.price!.totalMinor)
    // A plan by hand is one that a foreman might follow, not a scarecrow.
    expect(hand.price!.totalMinor).toBeLessThan(1.5 * first.price!.totalMinor)
  },
)
