import { type HemId, type Job, type LaidBy, type Texture } from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import { sumOf } from '../../base/units/sumOf'
import type { Recipe } from '../../masking/recipes/recipe'
import { ownFactors, UNSEEN, type Belief } from '../../nature/learn/ownFactors'
import { narrowedBy, worthOfKnowing } from '../../nature/learn/worth'
import type { LogState } from '../../planning/progress/hemStates'
import type { Plan } from '../chain/planJob'
import { learnedFrom, takenIn } from './learnedFrom'
import { tapedLines, type TapedLine } from './tapedLines'

/** A tape on a texture, laid by such hands, of which lines are still ahead. */
export interface WorthKnowing {
  readonly tapeId: string
  readonly texture: Texture
  readonly laidBy: LaidBy
  /** Metres still to be laid so, and metres looked along so far. */
  readonly aheadM: number
  readonly seenM: number
  /** What it would save on these to know how it bleeds here, at most, minor units. */
  readonly worthMinor: number
}

/** A line whose tape is off and that nobody has looked along. */
export interface WorthLooking {
  readonly hemId: HemId
  /** Bleeds to expect along it. */
  readonly expected: number
  /** How much looking along it teaches, for comparing. */
  readonly teaches: number
}

interface Line extends TapedLine {
  readonly isLaid: boolean
  readonly isPulled: boolean
  readonly isLooked: boolean
}

/** What is worth measuring next, dearest first: where knowing could change what is laid on lines still ahead, and what that would save. */
export function worthKnowing(job: Job, plan: Pick<Plan, 'hems' | 'recipes'>, log: LogState): WorthKnowing[] {
  const known = takenIn(job.house.own, learnedFrom(job, plan))
  const cells = [...cellsOf(job, plan, log).values()].flatMap((lines): WorthKnowing[] => {
    const [first] = lines
    if (!first) return []
    const ahead = lines.filter(({ isLaid }) => !isLaid)
    const { tapeId, texture, laidBy } = first
    const found = ownFactors(known, null)('bleeds', first)
    const belief = found?.belief ?? UNSEEN
    const worth = sumOf(ahead, ({ recipe, metres }) => worthOf(recipe, metres, belief))
    const aheadM = sumOf(ahead, ({ metres }) => metres)
    return [{ tapeId, texture, laidBy, aheadM, seenM: found?.ofTape ?? 0, worthMinor: Math.round(worth) }]
  })
  return cells.filter(({ worthMinor }) => worthMinor > 0).sort((a, b) => b.worthMinor - a.worthMinor)
}

/** What it is worth on one line; the cheapest other way is taken for certain. */
function worthOf(recipe: Recipe, metres: number, belief: Belief): number {
  const others = recipe.others.filter(({ tapeId, seal }) => tapeId !== recipe.tapeId || seal !== recipe.seal)
  if (others.length === 0) return 0
  const bleeding = recipe.costParts.bleeds * metres
  const mending = bleeding / (recipe.own?.bleeds ?? 1)
  const other = Math.min(...others.map(({ costMinor }) => costMinor))
  return worthOfKnowing(belief, { fixed: recipe.cost.total - bleeding, mending, other })
}

/** Lines worth looking along, what teaches most first: most is still to be laid like them, and least is known of it. */
export function worthLooking(job: Job, plan: Pick<Plan, 'hems' | 'recipes'>, log: LogState): WorthLooking[] {
  const known = takenIn(job.house.own, learnedFrom(job, plan))
  const found = [...cellsOf(job, plan, log).values()].flatMap((lines) => {
    const ahead = sumOf(lines, ({ isLaid, recipe, metres }) => (isLaid ? 0 : recipe.costParts.bleeds * metres))
    return lines.flatMap((line): WorthLooking[] => {
      if (!line.isPulled || line.isLooked) return []
      const expected = line.recipe.risks.bleeds.mean * line.metres
      const belief = ownFactors(known, null)('bleeds', line)?.belief ?? UNSEEN
      // What is ahead weighs by its money; a line by itself still tells of its tape.
      const teaches = narrowedBy(belief, expected / (line.recipe.own?.bleeds ?? 1)) * (1 + ahead)
      return [{ hemId: line.recipe.hemId, expected, teaches }]
    })
  })
  return found.sort((a, b) => b.teaches - a.teaches)
}

/** Taped lines by what a record counts them under. */
function cellsOf(job: Job, plan: Pick<Plan, 'hems' | 'recipes'>, { hems: states }: LogState) {
  const lines = tapedLines(job, plan).map((line): Line => {
    const state = states.get(line.recipe.hemId)
    return {
      ...line,
      isLaid: (state?.laidAt ?? null) !== null,
      isPulled: (state?.pulledAt ?? null) !== null,
      isLooked: (state?.inspectedAt ?? null) !== null,
    }
  })
  return groupedBy(lines, ({ tapeId, texture, laidBy }) => [tapeId, texture, laidBy].join('|'))
}
