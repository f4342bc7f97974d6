import { articleKey, readSubject, type ArticleKey, type Job } from '../ground'
import { sealantOf } from '../catalogue/find'
import type { Hem } from '../hems/deriveHems'
import { standingEvents } from '../progress/hemStates'
import type { Recipe } from '../recipes/recipe'
import { tapedMm, wastePctIn } from '../load/tapedMm'

/** How much of a thing is on the van: mm, ml or pieces. What nobody ever counted is not in it. */
export type Stock = ReadonlyMap<ArticleKey, number>

/**
 * Stock as the log has it: what the shelf says, goods received and returned, counts that put it right, and tape and sealant
 * that were laid since. What was laid before a count is in the count.
 */
export function stockOf(job: Job, hems: ReadonlyMap<string, Hem>, recipes: ReadonlyMap<string, Recipe>): Stock {
  const stock = new Map<ArticleKey, number>()
  const add = (key: ArticleKey, amount: number) => stock.set(key, (stock.get(key) ?? 0) + amount)
  for (const tape of job.shelf.tapes)
    for (const roll of tape.rolls) add(articleKey('tape', tape.id, roll.widthMm), roll.stockMm)
  for (const cover of job.shelf.covers) if (cover.reusable) add(articleKey('cover', cover.id), cover.owned)
  for (const { coverId, lengthMm } of job.shelf.remnants) add(articleKey('cover', coverId), lengthMm)
  for (const { kind, subjects, amount } of standingEvents(job.log)) {
    for (const subject of subjects) {
      const ref = readSubject(subject)
      if (ref?.of === 'stock' && amount !== null) {
        if (kind === 'counted') stock.set(ref.article, amount)
        else if (kind === 'received') add(ref.article, amount)
        else if (kind === 'returned') add(ref.article, -amount)
      } else if (kind === 'laid' || kind === 'sealed') {
        const used = usedBy(job, kind, hems.get(subject), recipes.get(subject))
        // Of what nobody counts nothing is taken.
        // What was laid was there, whatever was written down: stock never owes.
        if (used && stock.has(used.key)) stock.set(used.key, Math.max(0, (stock.get(used.key) ?? 0) - used.amount))
      }
    }
  }
  return new Map([...stock].map(([key, amount]) => [key, Math.max(0, Math.round(amount))]))
}

function usedBy(job: Job, kind: 'laid' | 'sealed', hem: Hem | undefined, recipe: Recipe | undefined) {
  if (!hem || !recipe) return null
  if (kind === 'laid') {
    const amount = tapedMm(job.house, hem, recipe) * (1 + wastePctIn(job, hem.roomId) / 100)
    return recipe.tapeId ? { key: articleKey('tape', recipe.tapeId, recipe.widthMm), amount } : null
  }
  if (!recipe.sealantId) return null
  const tubes = hem.lengthMm / 1000 / sealantOf(job.shelf, recipe.sealantId).metresPerTube
  return { key: articleKey('sealant', recipe.sealantId), amount: tubes }
}
