import {
  countOf,
  LEARNED_FAULTS,
  type FaultKind,
  type Job,
  type LearnedFault,
  type OwnCount,
  type OwnRecord,
} from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import { formatInstant } from '../../base/units/time'
import { foldLog, type HemState } from '../../planning/progress/hemStates'
import type { Plan } from '../chain/planJob'
import { expectedOf } from './expectedOf'
import { tapedLines } from './tapedLines'

/** Which faults of a look tell of which risk. Where somebody only counted bleeds nothing is known of the others. */
const TELLS: Readonly<Record<Exclude<LearnedFault, 'bleeds'>, readonly FaultKind[]>> = {
  lift: ['lifted'],
  tear: ['torn', 'strings'],
  residue: ['residue', 'dye'],
}

/**
 * What the lines of a job showed when they were first looked along, beside what the models expected of them: sums by tape, texture of the keep
 * side and who laid it, for the house's record. What the record already moved is put back, so that nothing is learned from itself.
 *
 * @param plan  of the job as it is: its recipes are what was laid
 */
export function learnedFrom(job: Job, plan: Pick<Plan, 'hems' | 'recipes'>): OwnCount[] {
  const { hems: states } = foldLog(job.log)
  const each = tapedLines(job, plan).flatMap(({ recipe, metres, tapeId, texture, laidBy }): OwnCount[] => {
    const state = states.get(recipe.hemId)
    if (!state || state.foundBleeds === null) return []
    const at = formatInstant(state.inspectedAt ?? 0)
    const common = { jobId: job.id, job: job.name, at, tapeId, texture, laidBy, metres }
    return LEARNED_FAULTS.flatMap((fault): OwnCount[] => {
      const counted = countedOf(state, fault)
      return counted === null ? [] : [{ ...common, fault, counted, expected: expectedOf(recipe, fault) * metres }]
    })
  })
  const alike = groupedBy(each, ({ fault, tapeId, texture, laidBy }) => [fault, tapeId, texture, laidBy].join('|'))
  return [...alike.values()].map((group) => group.reduce(together))
}

function countedOf({ found, foundBleeds }: HemState, fault: LearnedFault): number | null {
  if (fault === 'bleeds') return foundBleeds
  return found ? countOf(found.finds, TELLS[fault]) : null
}

const together = (a: OwnCount, b: OwnCount): OwnCount => ({
  ...a,
  at: a.at > b.at ? a.at : b.at,
  metres: a.metres + b.metres,
  counted: a.counted + b.counted,
  expected: a.expected + b.expected,
})

/** A record with what a job showed taken in, in place of what it had of that job; as it was where it is frozen. */
export const takenIn = (record: OwnRecord, counts: readonly OwnCount[]): OwnRecord =>
  record.use === 'frozen'
    ? record
    : {
        ...record,
        counts: [...record.counts.filter(({ jobId }) => counts.every((each) => each.jobId !== jobId)), ...counts],
      }

/** Two records as one: of a job that both hold what the second has, and its choices. */
export const mergedRecords = (first: OwnRecord, second: OwnRecord): OwnRecord => {
  const held = new Set(second.counts.map(({ jobId }) => jobId))
  return { ...second, counts: [...first.counts.filter(({ jobId }) => !held.has(jobId)), ...second.counts] }
}

/** A record without what one job showed. */
export const forgotten = (record: OwnRecord, jobId: string): OwnRecord => ({
  ...record,
  counts: record.counts.filter((each) => each.jobId !== jobId),
})

/** Whether a job shows what the record does not hold of it yet. */
export function showsMore(record: OwnRecord, counts: readonly OwnCount[]): boolean {
  const held = new Set(record.counts.map((each) => JSON.stringify(sumsOf(each))))
  return counts.some((each) => !held.has(JSON.stringify(sumsOf(each))))
}

const sumsOf = ({ jobId, fault, tapeId, texture, laidBy, metres, counted }: OwnCount) => [
  jobId,
  fault,
  tapeId,
  texture,
  laidBy,
  Math.round(metres * 1000),
  counted,
]
