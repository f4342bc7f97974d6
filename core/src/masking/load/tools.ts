import type { HandToolKind, Said, Shelf } from '../../base/nouns'
import type { Recipe } from '../recipes/recipe'

/** A kind of tool the recipes call for, and which of the van's does it. */
export interface ToolLine {
  readonly kind: HandToolKind
  /** Null when none is on the van: it has to be got. */
  readonly toolId: string | null
  readonly name: string
  /** Hems that need it. */
  readonly hems: number
}

/** What calls for a tool, by the code of the step or of how it is done. */
const CALLS: Partial<Record<Said['code'], HandToolKind>> = {
  'step.seal_own': 'seal-brush',
  'step.seal_glaze': 'seal-brush',
  'step.seal_glaze_through': 'seal-brush',
  'step.lay_carpet': 'scraper',
  'step.lay_pieces': 'scraper',
  'step.lay_joint': 'scraper',
  'step.lay_foot': 'scraper',
  'step.clean': 'dust-brush',
  'step.clean_joint': 'dust-brush',
  'step.seal_wiped': 'sealant-gun',
  'craft.brush': 'line-brush',
  'craft.gap': 'sealant-gun',
  'step.lay_plate': 'blade',
  'step.liquid_cut': 'blade',
  'step.paper_over': 'dispenser',
  'step.film_hung': 'dispenser',
  'step.film_across': 'dispenser',
  'step.mark': 'pencil',
  'step.set_out': 'laser',
  'step.set_out_by_hand': 'spirit-level',
  'step.ladder': 'step-ladder',
  'step.tower': 'tower',
}

/** Tools to take for a job, read off the steps of its recipes. */
export function toolLines(shelf: Shelf, recipes: Iterable<Recipe>): ToolLine[] {
  const hems = new Map<HandToolKind, number>()
  for (const recipe of recipes) {
    const kinds = new Set<HandToolKind>()
    for (const { code } of [...recipe.steps, ...recipe.craft]) {
      const kind = CALLS[code]
      if (kind) kinds.add(kind)
    }
    if (recipe.pressing === 'tool') kinds.add('press-tool')
    if (recipe.score) kinds.add('blade')
    if (recipe.way === 'mask-and-spray') kinds.add('gun')
    for (const kind of kinds) hems.set(kind, (hems.get(kind) ?? 0) + 1)
  }
  return [...hems].map(([kind, count]) => {
    const tool = shelf.tools.find((each) => each.kind === kind && !each.retired && each.count > 0)
    return { kind, toolId: tool?.id ?? null, name: tool?.name ?? kind, hems: count }
  })
}
