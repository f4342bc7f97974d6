import {
  seededNumbers,
  seedOf,
  shuffled,
  type Plan,
  type Recipe,
  type RuledOut,
  type Said,
  type Shelf,
} from '@crisp-hem/core'

/** One tape of a question, and why it is ruled out there; null for the right one. */
export interface QuestionOption {
  readonly tapeId: string
  readonly whyNot: Said | null
}
/** A line of this job: which tape would you lay? */
export interface DayQuestion {
  readonly hemId: Recipe['hemId']
  readonly options: readonly QuestionOption[]
  readonly why: Said | null
}

/** Tapes that are asked about beside the right one. */
const OTHERS = 3

/**
 * A question out of a house's own rules and shelf: a line of the job whose tape is chosen, beside tapes that a hard rule forbids there. Another
 * one every day, the same all day; null where no line of the job makes one.
 */
export function questionOf(plan: Pick<Plan, 'recipes'>, shelf: Pick<Shelf, 'tapes'>, day: string): DayQuestion | null {
  const random = seededNumbers(seedOf(day))
  const asks = plan.recipes.flatMap((recipe): DayQuestion[] => {
    if (!recipe.safe || recipe.tapeId === null) return []
    const wrong = forbidden(recipe, shelf)
    if (wrong.length < 2) return []
    const options = shuffled(
      [{ tapeId: recipe.tapeId, whyNot: null }, ...shuffled(wrong, random).slice(0, OTHERS)],
      random,
    )
    return [{ hemId: recipe.hemId, options, why: recipe.reasons[0] ?? null }]
  })
  return asks[Math.floor(random() * asks.length)] ?? null
}

/** Tapes no way of which is safe on a line: not the chosen one, nor one of those that would do as well. */
function forbidden(recipe: Recipe, { tapes }: Pick<Shelf, 'tapes'>): QuestionOption[] {
  const safe = new Set([recipe.tapeId, ...recipe.others.map(({ tapeId }) => tapeId)])
  const out = new Map<string, RuledOut>()
  for (const each of recipe.ruledOut) if (each.tapeId && !out.has(each.tapeId)) out.set(each.tapeId, each)
  return tapes.flatMap(({ id, retired }): QuestionOption[] => {
    const ruled = out.get(id)
    return retired || safe.has(id) || !ruled || !OF_TAPE.includes(ruled.why.code)
      ? []
      : [{ tapeId: id, whyNot: ruled.why }]
  })
}

/** Rules that speak of the tape itself, whatever else is done. */
const OF_TAPE: readonly string[] = [
  'out.never_safe',
  'out.lift',
  'out.lead_lift',
  'out.stay',
  'out.wet',
  'out.cant_carry',
]
