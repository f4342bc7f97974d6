import { door } from '../../demo/parts'
import { planWithProblem } from '../src/answers/chain/planJob'
import type { Job, Room } from '../src/base/nouns'
import { parseInstant } from '../src/base/units/time'
import { sayText } from '../src/edge/words'
import { jobRecipes } from '../src/masking/recipes/jobRecipes'
import { instantOfGain } from '../src/nature/cure/rateClock'
import { jobClocks } from '../src/nature/cure/areaClocks'
import { coatingOf } from '../src/survey/shelf/find'
import { USUAL_FACES } from '../src/survey/rooms/roomTemplate'
import { jobOf, PLAIN_ROOM, TRIM, trimCoatedAt, WALLS } from './oneHem'

/** Rooms one after another: the last is masked days after a first guess has it, and its young casing bears tape by then. */
function street(rooms: number): Job {
  const base = jobOf()
  const start = parseInstant(base.start)
  const room = (i: number): Room => {
    const opening = door('o1', 'w1', 400)
    const last = trimCoatedAt(start - 60)
    return {
      ...PLAIN_ROOM,
      id: `r${i}`,
      name: `Room ${i}`,
      steps: [WALLS],
      openings: [i === rooms ? { ...opening, casing: { ...USUAL_FACES.trim, last } } : opening],
    }
  }
  const crews = [{ ...base.crews[0]!, people: base.crews[0]!.people.slice(0, 1) }]
  return {
    ...base,
    crews,
    house: { ...base.house, restHours: 0, maxLift: 0.004 },
    rooms: Array.from({ length: rooms }, (_, i) => room(i + 1)),
  }
}
const LAST = 'r5/wall:w1|casing:o1'
const job = street(5)
const { plan } = planWithProblem(job, parseInstant(job.start))
const answer = (recipes: ReturnType<typeof jobRecipes>) => recipes.find(({ hemId }) => hemId === LAST)!

test('by the first guess nothing is safe on it; at the hour at which it is laid something is, and that is what it gets', () => {
  expect(answer(jobRecipes(job)).safe).toBe(false)
  const recipe = answer([...plan.recipes])
  expect(recipe.safe).toBe(true)
  expect(recipe.safe && recipe.reasons.map(sayText).join(' ')).toMatch(/Judged for when the plan lays it/)
})

test('and its tape does not go on before its casing has cured so far', () => {
  const recipe = answer([...plan.recipes])
  if (!recipe.safe) throw new Error('nothing safe')
  const task = plan.tasks.find(({ kind, subjects }) => kind === 'lay' && subjects.includes(LAST))!
  const at = plan.placed.find(({ taskId }) => taskId === task.id)!
  const { filmFormingC } = coatingOf(job.shelf, TRIM.coatingId)
  const cured = instantOfGain(
    jobClocks(job)('r5').cureAt(filmFormingC),
    parseInstant(job.start) - 60,
    recipe.safeAgeRefMin,
  )!
  expect(at.from).toBeGreaterThanOrEqual(Math.floor(cured))
  expect(plan.misses).toEqual([])
})

test('alone in the house it is laid at once, and nothing is safe', () => {
  const alone = { ...job, rooms: job.rooms.slice(-1) }
  const recipe = planWithProblem(alone, parseInstant(job.start)).plan.recipes.find(({ hemId }) => hemId === LAST)!
  expect(recipe.safe).toBe(false)
})
