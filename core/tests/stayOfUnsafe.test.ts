import { planJob } from '../src/answers/chain/planJob'
import { jobRecipes } from '../src/masking/recipes/jobRecipes'
import type { Tape } from '../src/base/nouns'
import { parseInstant } from '../src/base/units/time'
import { jobOf, PLAIN_ROOM, trimCoatedAt, WALLS } from './oneHem'

/** A strong tape for any time, and a gentle one for half a day, beside a skirting coated last night. */
const base = jobOf()
const usual = base.shelf.tapes.find((tape) => tape.edge === 'plain' && tape.stayDays >= 7)!
const strong: Tape = { ...usual, id: 'strong', name: 'Strong' }
const gentle: Tape = { ...usual, id: 'gentle', name: 'Gentle', gripN25: 1.2, stayDays: 0.6, sunStayDays: 0.3 }
const young = trimCoatedAt(parseInstant(base.start) - 10 * 60)
const skirting = PLAIN_ROOM.skirting!
const job = jobOf({
  room: { steps: [WALLS], skirting: { ...skirting, face: { ...skirting.face, last: young } } },
  house: { school: 'press-only', pull: 'wet', restHours: 0 },
  shelf: {
    tapes: [strong, gentle],
    coatings: base.shelf.coatings.map((coating) =>
      coating.id === WALLS.coatingId ? { ...coating, recoatMin: 200 } : coating,
    ),
  },
})
const along = (recipes: ReturnType<typeof jobRecipes>) => recipes.filter(({ hemId }) => hemId.endsWith('|skirting'))

test('where nothing was safe for the stay that was guessed, an edge is judged again for the stay the plan gives its colour', () => {
  const guessed = along(jobRecipes(job))
  expect(guessed.length).toBe(4)
  expect(guessed.map(({ safe }) => safe)).toEqual([false, false, false, false])
  const plan = planJob(job)
  const planned = along([...plan.recipes])
  expect(planned.map((recipe) => recipe.safe && recipe.tapeId)).toEqual(['gentle', 'gentle', 'gentle', 'gentle'])
  const at = new Map(plan.placed.map((task) => [task.taskId, task]))
  const laid = plan.tasks.filter(({ kind }) => kind === 'lay').map(({ id }) => at.get(id)!.from)
  for (const pull of plan.pulls) expect(at.get(pull.taskId)!.to - Math.min(...laid)).toBeLessThanOrEqual(0.6 * 1440)
  expect(plan.misses).toEqual([])
})
