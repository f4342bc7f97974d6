import {
  judgeBench,
  starterBench,
  trialNeeds,
  trialVerdict,
  type Job,
  type Plan,
  type Trial,
  type TrialVerdict,
} from '@crisp-hem/core'
import { answerWith } from '../../app/state/useWorkerAnswer'

export interface TrialQuestion {
  readonly trial: Trial
  readonly job: Job
  readonly plan: Pick<Plan, 'hems' | 'recipes'>
}
export interface TrialAnswer {
  readonly trialId: string
  /** Metres of each that tell a way apart from the first; null for the first, and where no length does. */
  readonly needs: readonly (number | null)[]
  readonly verdict: TrialVerdict
  /** When to pull, minutes after the last stroke; null where this paint leaves no time to pull it wet. */
  readonly wet: { readonly from: number; readonly to: number } | null
}

// How many metres are needed is found by made-up trials, which takes a moment: once for a trial, whatever is counted.
const kept = new Map<string, TrialAnswer['needs']>()
function needsOf({ trial, job }: TrialQuestion): TrialAnswer['needs'] {
  const key = JSON.stringify([trial, job.shelf, job.house.own])
  const needs = kept.get(key) ?? trialNeeds(trial, job)
  kept.set(key, needs)
  return needs
}

answerWith((question: TrialQuestion): TrialAnswer => {
  const { trial, job, plan } = question
  const bench = {
    ...starterBench(job.shelf, Math.floor(Date.parse(job.start) / 60_000)),
    coatingId: trial.coatingId,
    tapeId: trial.ways[0]?.tapeId ?? '',
  }
  const wet = judgeBench(bench, job.shelf).spans.find(({ kind, to }) => kind === 'wet' && to !== null)
  return {
    trialId: trial.id,
    needs: needsOf(question),
    verdict: trialVerdict(trial, job, plan),
    wet: wet?.to ? { from: wet.from - bench.coatedAt, to: wet.to - bench.coatedAt } : null,
  }
})
