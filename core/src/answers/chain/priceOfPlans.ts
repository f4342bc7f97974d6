import { isByPrice, type Job } from '../../base/nouns'
import { metresOfPulls, pricerOf, type PriceOf } from '../../planning/price/planPrice'
import type { Chain } from './planJob'

/** What plans of a job cost; null where its goals are set by hand in another order, so that plans are compared by these. */
export const priceOfPlans = (job: Job, { plan, problem }: Chain): PriceOf | null =>
  isByPrice(job.planning.goals) ? pricerOf({ job, problem, metresOf: metresOfPulls(plan.rounds, plan.hems) }) : null
