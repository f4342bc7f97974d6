import { listed, type Fact, type Hem, type Recipe, type RecipeAnswer, type Said } from '@crisp-hem/core'
import { sayText } from '../app/words'

/** Hems of a room that are done in the same way, under one sign. */
export interface RecipeGroup {
  readonly letter: string
  readonly recipe: Recipe
  readonly steps: readonly string[]
  readonly cautions: readonly string[]
  readonly hems: readonly Hem[]
  readonly lengthMm: number
}

/**
 * Steps that more than one group takes, numbered in the order they come: the sheet says each of them once.
 *
 * @returns text of a step → its number, from 1
 */
export function sharedSteps(groups: readonly RecipeGroup[]): ReadonlyMap<string, number> {
  const seen = new Map<string, number>()
  for (const group of groups) for (const step of new Set(group.steps)) seen.set(step, (seen.get(step) ?? 0) + 1)
  const shared = [...seen].filter(([, count]) => count > 1).map(([text]) => text)
  return new Map(inWorkOrder(shared, groups).map((text, i) => [text, i + 1]))
}

/** Steps so that none stands before one that comes before it in some group; where groups differ, as they were first seen. */
function inWorkOrder(texts: readonly string[], groups: readonly RecipeGroup[]): string[] {
  const before = new Map(texts.map((text) => [text, new Set<string>()]))
  for (const { steps } of groups) {
    const own = steps.filter((step) => before.has(step))
    own.forEach((step, i) => own.slice(0, i).forEach((earlier) => before.get(step)?.add(earlier)))
  }
  const left = [...texts]
  const order: string[] = []
  while (left.length > 0) {
    const free = left.findIndex((text) => left.every((other) => other === text || !before.get(text)?.has(other)))
    order.push(...left.splice(Math.max(0, free), 1))
  }
  return order
}

/** What a group's own list says: its own steps in full, runs of shared ones by their numbers. */
export function ownSteps(
  group: RecipeGroup,
  shared: ReadonlyMap<string, number>,
  refer: (numbers: readonly number[]) => string,
): string[] {
  const lines: string[] = []
  let run: number[] = []
  const close = () => {
    if (run.length > 0) lines.push(refer(run))
    run = []
  }
  for (const step of group.steps) {
    const number = shared.get(step)
    if (number !== undefined) run.push(number)
    else {
      close()
      lines.push(step)
    }
  }
  close()
  return lines
}

/** How a long run is handled parts no letters: beside it a short one needs no such word. */
const isTelling = (step: Said): boolean => !step.code.startsWith('step.run_')

const faceless = (step: Said): Said => ({ ...step, facts: { ...step.facts, face: '' } })

/** The faces of some hems as their steps name them, each once. */
function facesOf(hems: readonly Hem[], recipes: ReadonlyMap<string, RecipeAnswer>): Fact[] {
  const faces = hems.flatMap((hem) => {
    const answer = recipes.get(hem.id)
    const face = answer?.safe ? answer.steps.find((step) => step.facts.face !== undefined)?.facts.face : undefined
    return face === undefined ? [] : [face]
  })
  return [...new Map(faces.map((face) => [JSON.stringify(face), face])).values()]
}

const withFaces = (step: Said, faces: readonly Fact[]): Said =>
  step.facts.face === undefined || faces.length < 2 ? step : { ...step, facts: { ...step.facts, face: listed(faces) } }

/** `R1`, `R2` …: letters are the walls’. */
export const signOf = (index: number): string => `R${index + 1}`

/** Groups hems whose steps read alike, in the order of the survey; hems with nothing safe are given apart. */
export function recipeGroups(
  hems: readonly Hem[],
  recipes: ReadonlyMap<string, RecipeAnswer>,
): { groups: RecipeGroup[]; unsafe: Hem[] } {
  const found = new Map<string, { recipe: Recipe; hems: Hem[] }>()
  const unsafe: Hem[] = []
  for (const hem of hems) {
    const answer = recipes.get(hem.id)
    if (!answer?.safe) {
      unsafe.push(hem)
      continue
    }
    // The face a step speaks of is named with all faces of its letter.
    const key = answer.steps.filter(isTelling).map(faceless).map(sayText).join('\n')
    const group = found.get(key)
    if (!group) found.set(key, { recipe: answer, hems: [hem] })
    else {
      group.hems.push(hem)
      if (answer.steps.length > group.recipe.steps.length) group.recipe = answer
    }
  }
  const groups = [...found.values()].map(({ recipe, hems: own }, i): RecipeGroup => ({
    letter: signOf(i),
    recipe,
    steps: recipe.steps.map((step) => sayText(withFaces(step, facesOf(own, recipes)))),
    cautions: recipe.cautions.map(sayText),
    hems: own,
    lengthMm: own.reduce((sum, hem) => sum + hem.lengthMm, 0),
  }))
  return { groups, unsafe }
}
