import { STARTER_SHELF } from '../src/survey/shelf/starterShelf'
import { planJob } from '../src/answers/chain/planJob'
import type { HouseRules, Job, Opening, PaintStep, Room, Shelf, Soundness } from '../src/base/nouns'
import type { Recipe, RecipeAnswer } from '../src/masking/recipes/recipe'
import { partsOf } from '../src/survey/exchange/openingsCsv'
import { newRoom, OUTLINE_TEMPLATES } from '../src/survey/rooms/roomTemplate'
import { formatInstant } from '../src/base/units/time'
import { sayText } from '../src/edge/words'
import { ternQuaySurvey } from '../../demo'
import { early } from './early'

/** Small jobs of one made-up room in steady air, planned as early as they can be, for tests that ask what one hem gets. */
const base = early(ternQuaySurvey())
export const PLAIN_ROOM = newRoom('r', 'Room', OUTLINE_TEMPLATES.rectangle)
export const [CEILING, TRIM, WALLS] = PLAIN_ROOM.steps as [PaintStep, PaintStep, PaintStep]

/** Two coats of the trim's paint by brush, put on at an instant (minutes since the epoch), in air nobody measured. */
export const trimCoatedAt = (at: number) =>
  ({ at: formatInstant(at), tool: 'brush', coatingId: TRIM.coatingId, coats: 2, tempC: null, rh: null }) as const

/** A door in the first wall of that room, cased where a casing is given. */
export const doorOf = (change: Partial<Opening> = {}): Opening => ({
  id: 'o1',
  name: 'door',
  kind: 'door',
  wallId: 'w1',
  atMm: 800,
  sillMm: 0,
  widthMm: 826,
  heightMm: 2040,
  casingMm: 0,
  casing: null,
  ...partsOf('door'),
  ...change,
})

export interface OneRoom {
  readonly room?: Partial<Room>
  readonly house?: Partial<HouseRules>
  readonly shelf?: Partial<Shelf>
}

/** A house that rolls within its line, so quick that a wall's edge stays wet for it. */
export const WITHIN: Partial<HouseRules> = {
  fieldOrder: 'within',
  rates: { ...base.house.rates, rollPerM2: 0.3 },
}

export const jobOf = ({ room = {}, house = {}, shelf = {} }: OneRoom = {}): Job => ({
  ...base,
  air: { tempC: 21, rh: 50, windows: 'shut', outside: null },
  house: { ...base.house, ...house },
  shelf: { ...STARTER_SHELF, ...shelf },
  rooms: [{ ...PLAIN_ROOM, ...room }],
})

export function answerOf(setup: OneRoom, key: string): RecipeAnswer {
  const answer = planJob(jobOf(setup)).recipes.find((recipe) => recipe.hemId === `r/${key}`)
  if (!answer) throw new Error(`no hem ${key}`)
  return answer
}

export function recipeOf(setup: OneRoom, key: string): Recipe {
  const answer = answerOf(setup, key)
  if (!answer.safe) throw new Error(answer.reasons.map(sayText).join(' '))
  return answer
}

export const stepCodes = (recipe: Recipe): string[] => recipe.steps.map((step) => step.code)
export const layerKinds = (recipe: Recipe): string[] => recipe.layers.map((layer) => layer.kind)
export const tapeOfRecipe = (recipe: Recipe) => STARTER_SHELF.tapes.find((tape) => tape.id === recipe.tapeId)!
export const spoken = (recipe: Recipe): string => recipe.steps.map(sayText).join(' ')

/** Plastered walls as somebody left them, to be given so many coats; nothing ticked, nobody told. */
export const plasterOf = (soundness: Soundness, coats: number): Job => ({
  ...jobOf({
    room: {
      steps: [{ ...WALLS, coats }],
      walls: PLAIN_ROOM.walls.map((wall) => ({
        ...wall,
        face: { ...wall.face, material: 'plaster', soundness, last: null },
      })),
    },
  }),
  published: null,
  log: [],
})
