import { type HemId, type JobFacts, type OwnRecord } from '../../base/nouns'
import { rankerOf } from '../../masking/recipes/jobRecipes'
import type { Recipe, RecipeAnswer } from '../../masking/recipes/recipe'

/** A hem whose recipe is another because of the record. Null where nothing is safe. */
export interface RecordChange {
  readonly hemId: HemId
  readonly before: ChosenBy | null
  readonly after: ChosenBy | null
}
export type ChosenBy = Pick<Recipe, 'school' | 'tapeId' | 'seal' | 'pressing'>

/** What a record does to the recipes of a job: hems that get another, and what those that are safe by both are expected to cost by either, minor units. */
export interface RecordDoes {
  readonly changes: readonly RecordChange[]
  readonly before: { readonly mendingMinor: number; readonly totalMinor: number }
  readonly after: { readonly mendingMinor: number; readonly totalMinor: number }
}

/** What going by one record instead of another changes in a job. Each side's cost is what it itself expects. */
export function recordChanges(job: JobFacts, before: OwnRecord, after: OwnRecord): RecordDoes {
  const { rank } = rankerOf({ ...job, log: [], published: null })
  const by = (own: OwnRecord) => rank({ ...job.house, own })
  const [was, is] = [by(before), by(after)]
  const old = new Map(was.map((answer) => [answer.hemId, answer]))
  const changes = is.flatMap((answer): RecordChange[] => {
    const earlier = old.get(answer.hemId)
    const [a, b] = [earlier ? chosenBy(earlier) : null, chosenBy(answer)]
    return JSON.stringify(a) === JSON.stringify(b) ? [] : [{ hemId: answer.hemId, before: a, after: b }]
  })
  // What has no safe way by one of them has no price to compare.
  const safe = (list: readonly RecipeAnswer[]) => new Set(list.flatMap(({ safe: ok, hemId }) => (ok ? [hemId] : [])))
  const [a, b] = [safe(was), safe(is)]
  const both = (list: readonly RecipeAnswer[]) => list.filter(({ hemId }) => a.has(hemId) && b.has(hemId))
  return { changes, before: costOf(both(was)), after: costOf(both(is)) }
}

const chosenBy = (answer: RecipeAnswer): ChosenBy | null =>
  answer.safe ? { school: answer.school, tapeId: answer.tapeId, seal: answer.seal, pressing: answer.pressing } : null

const costOf = (answers: readonly RecipeAnswer[]) =>
  answers.reduce(
    (sum, answer) =>
      answer.safe
        ? {
            mendingMinor: sum.mendingMinor + answer.cost.mending,
            totalMinor: sum.totalMinor + answer.cost.total,
          }
        : sum,
    { mendingMinor: 0, totalMinor: 0 },
  )
