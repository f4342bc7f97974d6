import { W, factText, wordText } from '../../app/words'
import { liquidOf, tapeOf, type Hem, type RecipeAnswer } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'

export interface HemRow {
  readonly hem: Hem
  readonly recipe: RecipeAnswer | null
  readonly room: string
  /** Tape, width and seal in words. */
  readonly words: string
}

export type Grouping = 'room' | 'recipe'

export interface RowGroup {
  readonly name: string
  readonly rows: readonly HemRow[]
  readonly lengthMm: number
}

/** Hems with their recipes in the order of the survey. */
export function hemRows(
  facts: JobFacts,
  hems: ReadonlyMap<string, Hem>,
  recipes: ReadonlyMap<string, RecipeAnswer>,
): HemRow[] {
  const rooms = new Map(facts.rooms.map((room) => [room.id, room.name]))
  return [...hems.values()].flatMap((hem) => {
    const room = rooms.get(hem.roomId)
    if (room === undefined) return []
    const recipe = recipes.get(hem.id) ?? null
    return [{ hem, recipe, room, words: recipeWords(facts, recipe) }]
  })
}

function recipeWords(facts: JobFacts, recipe: RecipeAnswer | null): string {
  if (!recipe) return ''
  if (!recipe.safe) return W.recipes.none
  if (recipe.liquidId) return liquidOf(facts.shelf, recipe.liquidId).name
  if (!recipe.tapeId) return W.recipes.byHand
  const seal = recipe.seal === 'none' ? W.recipes.noSeal : wordText('seal', recipe.seal)
  return `${tapeOf(facts.shelf, recipe.tapeId).name} ${recipe.widthMm}, ${seal}`
}

export const SORTS = ['length', 'bleeds', 'lift', 'cost'] as const
export type SortKey = (typeof SORTS)[number]
/** Largest first by one column; null keeps the order of the survey. */
export type Sort = SortKey | null

const measure: Record<SortKey, (row: HemRow) => number> = {
  length: (row) => row.hem.lengthMm,
  bleeds: (row) => (row.recipe?.safe ? row.recipe.risks.bleedMm.mean : -1),
  lift: (row) => (row.recipe?.safe ? row.recipe.risks.lift.mean : -1),
  cost: (row) => (row.recipe?.safe ? row.recipe.cost.total : -1),
}

/** Rows of every group, largest first; rows alike keep their order. */
export const sortGroups = (groups: readonly RowGroup[], by: Sort): readonly RowGroup[] =>
  by === null
    ? groups
    : groups.map((group) => ({ ...group, rows: [...group.rows].sort((a, b) => measure[by](b) - measure[by](a)) }))

/** Rows that match what is looked for, by room or by recipe; groups with something unsafe come first. */
export function groupRows(rows: readonly HemRow[], by: Grouping, find: string): RowGroup[] {
  const words = find.trim().toLowerCase()
  const groups = new Map<string, HemRow[]>()
  for (const row of rows) {
    if (words && !`${row.room} ${factText(row.hem.place)} ${row.words}`.toLowerCase().includes(words)) continue
    const name = by === 'room' ? row.room : row.words
    const group = groups.get(name)
    if (group) group.push(row)
    else groups.set(name, [row])
  }
  const isUnsafe = (group: readonly HemRow[]) => group.some((row) => row.recipe && !row.recipe.safe)
  return [...groups]
    .map(([name, own]) => ({ name, rows: own, lengthMm: own.reduce((sum, row) => sum + row.hem.lengthMm, 0) }))
    .sort((a, b) =>
      by === 'room' ? 0 : Number(isUnsafe(b.rows)) - Number(isUnsafe(a.rows)) || b.lengthMm - a.lengthMm,
    )
}

/** One line of the table: a group's head or a hem. */
type TableLine = { readonly key: string; readonly group: RowGroup } | { readonly key: string; readonly row: HemRow }

/** Groups and their hems as one run of lines. */
export const tableLines = (groups: readonly RowGroup[]): TableLine[] =>
  groups.flatMap((group) => [
    { key: `group ${group.name}`, group },
    ...group.rows.map((row): TableLine => ({ key: row.hem.id, row })),
  ])
