import { articleKey, isOfKind, known, readSubject, word, type ArticleKey, type Job } from '../../base/nouns'
import { sealantOf } from '../../survey/shelf/find'
import type { Hem } from '../../survey/hems/deriveHems'
import { standingEvents } from '../../planning/progress/hemStates'
import type { Recipe } from '../../masking/recipes/recipe'
import { tapedMm, wastePctIn } from '../../masking/load/tapedMm'
import { parseInstant } from '../../base/units/time'

/** Some of a thing that came in at one time, minutes since the epoch; null for what was there before anybody booked anything. */
export interface Lot {
  readonly at: number | null
  readonly amount: number
}

/** What is on the van of each thing, the oldest first. */
export type Lots = ReadonlyMap<ArticleKey, readonly Lot[]>

/**
 * Tape and sealant age in the box, days: adhesive creeps and dries from the edges. Older ones are tried before they are trusted.
 */
export const KEEPS_DAYS = known(365, 'd', 'from-memory', word('source', 'a-year-from-the-shop-kept-cool-and-dry'))

/**
 * Stock as the log has it, by when it came: what the shelf says, goods received and returned, counts that put it right, and tape
 * and sealant that were laid since. Old goes first: what is used is taken off the oldest, what goes back off the newest, and a
 * count that finds less took it off the oldest too. What was laid before a count is in the count.
 */
export function lotsOf(job: Job, hems: ReadonlyMap<string, Hem>, recipes: ReadonlyMap<string, Recipe>): Lots {
  const lots = new Map<ArticleKey, readonly Lot[]>()
  const add = (key: ArticleKey, amount: number, at: number | null = null) =>
    lots.set(key, [...(lots.get(key) ?? []), { at, amount }])
  const take = (key: ArticleKey, amount: number, isNewest = false) => {
    const own = lots.get(key) ?? []
    lots.set(key, isNewest ? [...without([...own].reverse(), amount)].reverse() : without(own, amount))
  }
  for (const tape of job.shelf.tapes)
    for (const roll of tape.rolls) add(articleKey('tape', tape.id, roll.widthMm), roll.stockMm)
  for (const cover of job.shelf.covers) if (cover.reusable) add(articleKey('cover', cover.id), cover.owned)
  for (const { coverId, lengthMm } of job.shelf.remnants) add(articleKey('cover', coverId), lengthMm)
  for (const { kind, subjects, amount, at } of standingEvents(job.log)) {
    for (const subject of subjects) {
      const ref = readSubject(subject)
      if (ref?.of === 'stock' && amount !== null) {
        const there = sumOf(lots.get(ref.article))
        if (kind === 'received') add(ref.article, amount, parseInstant(at))
        else if (kind === 'returned') take(ref.article, amount, true)
        else if (kind === 'counted' && amount >= there)
          // Nobody knows when the rest came: it is taken for old.
          lots.set(ref.article, [{ at: null, amount: amount - there }, ...(lots.get(ref.article) ?? [])])
        else if (kind === 'counted') take(ref.article, there - amount)
      } else if (kind === 'laid' || kind === 'sealed') {
        const used = usedBy(job, kind, hems.get(subject), recipes.get(subject))
        // Of what nobody counts nothing is taken.
        if (used && lots.has(used.key)) take(used.key, used.amount)
      }
    }
  }
  return new Map([...lots].map(([key, own]) => [key, own.filter((lot) => lot.amount >= 0.5)]))
}

/** Lots less an amount, from the first on. What was laid was there, whatever was written down: stock never owes. */
function without(lots: readonly Lot[], amount: number): Lot[] {
  let left = amount
  return lots.map((lot) => {
    const taken = Math.min(left, lot.amount)
    left -= taken
    return { ...lot, amount: lot.amount - taken }
  })
}

const sumOf = (lots: readonly Lot[] | undefined): number => (lots ?? []).reduce((sum, { amount }) => sum + amount, 0)

/** How much of a thing is on the van: mm, ml or pieces. What nobody ever counted is not in it. */
export type Stock = ReadonlyMap<ArticleKey, number>

export const stockOf = (lots: Lots): Stock =>
  new Map([...lots].map(([key, own]) => [key, Math.max(0, Math.round(sumOf(own)))]))

/** The lot to take first, and whether it is so old that it is tried before it is trusted; null where all came at one time. */
export function takenFirst(key: ArticleKey, lots: Lots, now: number): (Lot & { readonly isOld: boolean }) | null {
  const own = lots.get(key) ?? []
  const first = own.find(({ at }) => at !== null)
  const ages = isOfKind(key, 'tape') || isOfKind(key, 'sealant')
  const since = first?.at ?? null
  const isOld = ages && since !== null && now - since > KEEPS_DAYS.value * 24 * 60
  // Of one lot, or of what has no date, there is nothing to choose.
  return first && (isOld || own.length > 1) ? { ...(own[0] ?? first), isOld } : null
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
