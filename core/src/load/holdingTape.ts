import { type Job, type Shelf, type Tape, type TapeRoll } from '../ground'
import { coverOf } from '../catalogue/find'
import type { CoverNeed } from '../covers/coverNeed'
import type { Hem } from '../hems/deriveHems'
import type { Parameters } from '../parameters/parameters'
import type { Recipe } from '../recipes/recipe'
import { rollCostPerM } from '../recipes/expectedCost'

/** A kind of tape in one width. */
export interface HoldingKind {
  readonly tape: Tape
  readonly roll: TapeRoll
}

/**
 * Tape that holds covers rather than an edge, mm: the run of tape that masking paper goes on with, and the tacks of hung
 * film along its line and along its outer edge. Films come with a taped edge of their own.
 */
export function holdingMm(
  job: Job,
  hems: readonly Hem[],
  recipes: ReadonlyMap<string, Recipe>,
  needs: readonly CoverNeed[],
  { work }: Pick<Parameters, 'work'>,
): number {
  const tack = work.tackTapeMm.value
  const beside = hems.reduce((sum, hem) => {
    const recipe = recipes.get(hem.id)
    const spacing = recipe?.cover?.tackMm ?? null
    return sum + (spacing === null ? 0 : Math.ceil(hem.lengthMm / spacing) * tack)
  }, 0)
  const rest = needs.reduce((sum, need) => {
    if (need.hold === 'hung') return sum + Math.ceil(need.runMm / work.outerTackMm.value) * tack
    return sum + (coverOf(job.shelf, need.coverId).kind === 'paper' ? need.runMm : 0)
  }, 0)
  return beside + rest
}

/** What holds covers: a plain tape that is taken for edges anyway, else the cheapest plain one on the shelf. */
export function holdingKind(job: Job, taken: readonly HoldingKind[]): HoldingKind | null {
  const cheapest = (kinds: readonly HoldingKind[]) =>
    [...kinds].sort((a, b) => rollCostPerM(a.tape, a.roll, job.house) - rollCostPerM(b.tape, b.roll, job.house))[0]
  const plain = (kinds: readonly HoldingKind[]) => kinds.filter(({ tape }) => tape.edge === 'plain' && !tape.retired)
  return cheapest(plain(taken)) ?? cheapest(plain(kindsOf(job.shelf))) ?? null
}

const kindsOf = (shelf: Shelf): HoldingKind[] =>
  shelf.tapes.flatMap((tape) => tape.rolls.map((roll): HoldingKind => ({ tape, roll })))
