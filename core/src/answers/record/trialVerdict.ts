import {
  readSubject,
  type HouseRules,
  type Job,
  type LogEvent,
  type Shelf,
  type Trial,
  type TrialWay,
} from '../../base/nouns'
import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { nth, sure } from '../../base/units/sure'
import { sumOf } from '../../base/units/sumOf'
import { plainWayCost } from '../../masking/recipes/plainWay'
import { ownFactors } from '../../nature/learn/ownFactors'
import { poissonLimits, rateRatio, type Counted } from '../../nature/learn/rates'
import { chanceLower, ERROR_CHANCE, metresToTell } from '../../nature/learn/tellApart'
import { trialOrder } from '../../nature/learn/trialOrder'
import { bleedsPerMetre } from '../../nature/risk/bleed'
import { coatingOf, tapeOf } from '../../survey/shelf/find'
import { standingEvents } from '../../planning/progress/hemStates'
import type { Plan } from '../chain/planJob'
import { tapedLines } from './tapedLines'

/** What one way of a trial came to. Money in minor units. */
export interface TrialSum extends Counted {
  /** Faults a metre, and the exact span that holds the rate with a chance of 0.95; null before anybody looked. */
  readonly rate: { readonly mean: number; readonly low: number; readonly high: number } | null
  /** Faults a metre that the models, and the house's own walls, expect. */
  readonly expectedPerM: number
  readonly tapePerM: number
  readonly workPerM: number
  /** Mending the faults that were counted; those that are expected where nobody looked. */
  readonly mendingPerM: number
  /** What this job's lines on such a texture would cost with this way alone. */
  readonly jobMinor: number
}

/** How a way stands to the one with fewest faults. */
export interface TrialAgainst {
  /** Chance of so great a difference where there is none: exact conditional test. */
  readonly pValue: number
  /** Chance that the way with fewest faults really has fewer than this one: Bayesian comparison. */
  readonly chanceWorse: number
  /** Times as many faults, at least and at most, with a chance of 0.95; null: without limit. */
  readonly timesLow: number
  readonly timesHigh: number | null
  /** Worse: told apart. As good: not more than half as many faults again. Open: so many metres more of each are needed, null where no length would do. */
  readonly standing: 'worse' | 'as-good' | 'open'
  readonly metresMore: number | null
}

export interface TrialVerdict {
  readonly ways: readonly TrialSum[]
  /** Way with fewest faults a metre, and with least cost; null before anybody looked. */
  readonly fewest: number | null
  readonly cheapest: number | null
  /** Way by way; null for the one with fewest faults. */
  readonly against: readonly (TrialAgainst | null)[]
  /** Tape a metre, minor units, up to which every tape tried is told to be worse; null where none is, or dear ones are too. */
  readonly failedUpToPerM: number | null
  /** A cheaper tape that did as well as the dearest, and what it saves on this job's lines; null where none did. */
  readonly saves: { readonly way: number; readonly minor: number } | null
  /** This job's lines on such a texture, m. */
  readonly jobMetres: number
}

/** Not more than so many times the faults counts as good as. From memory. */
const AS_GOOD_TIMES = 1.5

/** Faults counted at each piece of a trial, row by row and from left to right as they lie there; null where nobody has looked. */
export function piecesFound({ id, ways, rows }: Trial, log: readonly LogEvent[]): (number | null)[] {
  const found = Array.from({ length: ways.length * rows }, (): number | null => null)
  for (const { kind, subjects, bleeds } of standingEvents(log)) {
    if (kind !== 'tried') continue
    for (const key of subjects) {
      const ref = readSubject(key)
      if (ref?.of === 'trial' && ref.trialId === id && ref.piece < found.length) found[ref.piece] = bleeds
    }
  }
  return found
}

/** Counts of a trial by way. */
export function trialCounts(trial: Trial, log: readonly LogEvent[]): Counted[] {
  const { ways, rows, seed, pieceMm } = trial
  const counts = piecesFound(trial, log)
  const sums = ways.map(() => ({ events: 0, exposure: 0 }))
  trialOrder(ways.length, rows, seed).forEach((row, i) =>
    row.forEach((way, place) => {
      const count = counts[i * ways.length + place] ?? null
      if (count === null) return
      const sum = nth(sums, way)
      sum.events += count
      sum.exposure += pieceMm / 1000
    }),
  )
  return sums
}

/** Faults a metre to be expected of a way before it is tried. */
export function expectedPerM(
  { texture, coatingId }: Trial,
  { tapeId, seal, pressing, stroke }: TrialWay,
  { shelf, house }: { readonly shelf: Shelf; readonly house: Pick<HouseRules, 'own'> },
  parameters: Parameters = DEFAULT_PARAMETERS,
): number {
  const { edge, backing, gripN25, thickUm } = tapeOf(shelf, tapeId)
  const coating = coatingOf(shelf, coatingId)
  const setup = { texture, dusty: false, edge, backing, gripN25, thickUm, pressing, seal, stroke, coating }
  const own = ownFactors(house.own, null)('bleeds', { tapeId, texture, laidBy: 'practised' })
  return bleedsPerMetre(setup, parameters).mean * (own?.mean ?? 1)
}

/** How many metres of each way tell it apart from the first, where they differ as is expected; null where they would not. */
export const trialNeeds = (
  trial: Trial,
  job: { readonly shelf: Shelf; readonly house: Pick<HouseRules, 'own'> },
): (number | null)[] => {
  const [first, ...others] = trial.ways.map((way) => expectedPerM(trial, way, job))
  return [null, ...others.map((each) => metresToTell([first ?? 0, each]))]
}

/** What a trial says: way by way, what is told apart, and what it comes to in this job. */
export function trialVerdict(trial: Trial, job: Job, plan: Pick<Plan, 'hems' | 'recipes'>): TrialVerdict {
  const counted = trialCounts(trial, job.log)
  const jobMetres = linesOn(trial, job, plan)
  const ways = trial.ways.map((way, i) => sumUp(trial, way, nth(counted, i), { job, jobMetres }))
  const looked = ways.flatMap(({ rate }, i) => (rate ? [{ i, rate }] : []))
  const fewest = looked.reduce<(typeof looked)[number] | null>(
    (a, b) => (a && a.rate.mean <= b.rate.mean ? a : b),
    null,
  )
  const against = ways.map((way, i) =>
    fewest === null || i === fewest.i || !way.rate ? null : standsTo(nth(ways, fewest.i), way),
  )
  const cost = ({ tapePerM, workPerM, mendingPerM }: TrialSum) => tapePerM + workPerM + mendingPerM
  const cheapest = looked.reduce<number | null>(
    (best, { i }) => (best !== null && cost(nth(ways, best)) <= cost(nth(ways, i)) ? best : i),
    null,
  )
  return {
    ways,
    fewest: fewest?.i ?? null,
    cheapest,
    against,
    failedUpToPerM: failedUpTo(ways, against),
    saves: savedBy(ways, against, jobMetres),
    jobMetres,
  }
}

interface InJob {
  readonly job: Job
  readonly jobMetres: number
}

function sumUp(trial: Trial, way: TrialWay, counted: Counted, { job, jobMetres }: InJob): TrialSum {
  const { house, shelf } = job
  const expected = expectedPerM(trial, way, job)
  const { events, exposure } = counted
  const limits = poissonLimits(events)
  const rate =
    exposure > 0 ? { mean: events / exposure, low: limits.low / exposure, high: limits.high / exposure } : null
  const { tape: tapePerM, work: workPerM } = plainWayCost({ ...way, tape: tapeOf(shelf, way.tapeId) }, house)
  const mendingPerM = (rate?.mean ?? expected) * house.mendBleedMinor
  const jobMinor = Math.round((tapePerM + workPerM + mendingPerM) * jobMetres)
  return { events, exposure, rate, expectedPerM: expected, tapePerM, workPerM, mendingPerM, jobMinor }
}

function standsTo(best: TrialSum, way: TrialSum): TrialAgainst {
  const ratio = rateRatio(way, best)
  const [pValue, timesLow, timesHigh] = ratio ? [ratio.pValue, ratio.low, ratio.high] : [1, 0, null]
  const chanceWorse = chanceLower(best, way)
  const standing =
    pValue < ERROR_CHANCE && timesLow > 1
      ? 'worse'
      : timesHigh !== null && timesHigh <= AS_GOOD_TIMES
        ? 'as-good'
        : 'open'
  const [a, b] = [best.rate?.mean ?? 0, way.rate?.mean ?? 0]
  const needs = standing === 'open' ? metresToTell([a, b]) : null
  return {
    pValue,
    chanceWorse,
    timesLow,
    timesHigh,
    standing,
    metresMore: needs === null ? null : Math.max(1, Math.ceil(needs - Math.min(best.exposure, way.exposure))),
  }
}

/** The dearest tape that failed, where every cheaper one that was tried failed too and some dearer one did not. */
function failedUpTo(ways: readonly TrialSum[], against: readonly (TrialAgainst | null)[]): number | null {
  const byPrice = ways.map((way, i) => ({ way, i })).sort((a, b) => a.way.tapePerM - b.way.tapePerM)
  const held = byPrice.findIndex(({ i }) => against[i]?.standing !== 'worse')
  return held > 0 ? nth(byPrice, held - 1).way.tapePerM : null
}

function savedBy(
  ways: readonly TrialSum[],
  against: readonly (TrialAgainst | null)[],
  jobMetres: number,
): TrialVerdict['saves'] {
  const asGood = ways.flatMap((way, i) =>
    way.rate && (against[i] === null || against[i]?.standing === 'as-good') ? [{ way, i }] : [],
  )
  if (asGood.length < 2) return null
  const byPrice = [...asGood].sort((a, b) => a.way.tapePerM - b.way.tapePerM)
  const [least, most] = [sure(byPrice[0]), sure(byPrice.at(-1))]
  const minor = Math.round((most.way.tapePerM - least.way.tapePerM) * jobMetres)
  return minor > 0 ? { way: least.i, minor } : null
}

/** Metres of a job's taped lines whose keep side has the trial's texture. */
const linesOn = ({ texture }: Trial, job: Job, plan: Pick<Plan, 'hems' | 'recipes'>): number =>
  sumOf(tapedLines(job, plan), (line) => (line.texture === texture ? line.metres : 0))
