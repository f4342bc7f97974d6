import type { LessonLevel, Plan } from '@crisp-hem/core'

/** What somebody of a level can be given on a job: metres, and minutes of a practised hand it frees. */
export interface Given {
  readonly metres: number
  readonly minutes: number
}

/**
 * Lines of a job by what they ask of a hand. Straight tape first; then every taped line; then the coat along them as well; then all lines. Minutes
 * are those a practised hand takes for the same.
 */
export function givenAt(level: LessonLevel, { hems, recipes }: Pick<Plan, 'hems' | 'recipes'>): Given {
  const found = new Map(hems.map((hem) => [hem.id, hem]))
  let [metres, minutes] = [0, 0]
  for (const recipe of recipes) {
    const hem = found.get(recipe.hemId)
    if (!recipe.safe || !hem) continue
    const run = hem.lengthMm / 1000
    const isTaped = recipe.tapeId !== null
    const isStraight = recipe.curvePieces === 0 && hem.corners === 0 && hem.laps === 0
    const fits = level === 'hand-cut' || (isTaped && (level !== 'straight' || isStraight))
    if (!fits) continue
    metres += run
    if (isTaped) minutes += recipe.layMinPerM * run
  }
  return { metres, minutes }
}
