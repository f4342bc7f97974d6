import type { Job } from '../../base/nouns'
import { ternQuaySurvey } from '../../../../demo'
import { endsMm } from '../../survey/hems/ends'
import { planJob } from '../../answers/chain/planJob'
import { sayText } from '../../edge/words'
import { jobRecipes } from './jobRecipes'
import type { Recipe } from './recipe'
import { early } from '../../../tests/early'

const demo = early(ternQuaySurvey())
/** The demo with practised hands only: all crews want the same widths. */
const base: Job = {
  ...demo,
  crews: demo.crews.map((crew) => ({
    ...crew,
    people: crew.people.map((one) => ({ ...one, skill: 'practised' as const })),
  })),
}
/** The demo with so many metres of one tape in one width on the van. */
const withStock = (tapeId: string, widthMm: number, metres: number, job: Job = base): Job => ({
  ...job,
  shelf: {
    ...job.shelf,
    tapes: job.shelf.tapes.map((tape) => ({
      ...tape,
      rolls: tape.rolls.map((roll) =>
        tape.id === tapeId && roll.widthMm === widthMm ? { ...roll, stockMm: metres * 1000 } : roll,
      ),
    })),
  },
})
const safe = (job: Job): Recipe[] => jobRecipes(job).flatMap((answer) => (answer.safe ? [answer] : []))
const usedUp = (job: Job): Recipe[] => safe(job).filter((recipe) => recipe.reasons[0]!.code === 'why.leftover')
const plan = planJob(base)
const hemOf = (id: string) => plan.hems.find((hem) => hem.id === id)!

test('a leftover kind that nothing would take goes where it is safe in the same way, no farther than it reaches', () => {
  expect(safe(base).some((recipe) => recipe.tapeId === 'sedge-mid')).toBe(false)
  for (const metres of [3, 12, 60]) {
    const job = withStock('sedge-mid', 36, metres)
    const recipes = usedUp(job)
    expect(recipes.length).toBeGreaterThan(0)
    const taken = recipes.reduce((sum, recipe) => sum + hemOf(recipe.hemId).lengthMm + endsMm(hemOf(recipe.hemId)), 0)
    expect(taken).toBeLessThanOrEqual(metres * 1000)
    const before = new Map(safe(base).map((recipe) => [recipe.hemId, recipe]))
    for (const recipe of recipes) {
      expect(recipe).toMatchObject({ tapeId: 'sedge-mid', school: before.get(recipe.hemId)!.school })
      expect(recipe.risks.lift.mean).toBeLessThanOrEqual(base.house.maxLift)
      expect(sayText(recipe.reasons[0]!)).toMatch(/lie on the van and are used up here/)
    }
  }
})

test('more on the van never uses less of it, and nothing on the van changes nothing', () => {
  const counts = [0, 5, 20, 80, 400].map((metres) => usedUp(withStock('sedge-mid', 36, metres)).length)
  expect(counts[0]).toBe(0)
  expect([...counts].sort((a, b) => a - b)).toEqual(counts)
})

test('however much strong tape there is, it goes on no finish it would lift', () => {
  const recipes = usedUp(withStock('bulrush-floor', 36, 500))
  for (const recipe of recipes) expect(recipe.risks.lift.mean).toBeLessThanOrEqual(base.house.maxLift)
  expect(recipes.some((recipe) => recipe.setting === 'ceiling-line')).toBe(false)
})

test('a hem chosen by hand keeps its tape', () => {
  const [room] = base.rooms
  const choice = {
    edge: 'wall:w1|ceiling',
    school: 'wiped-sealant' as const,
    tapeId: 'teasel-three',
    liquidId: null,
    pressing: null,
    pull: null,
    reason: 'mine',
  }
  const chosen = { ...base, rooms: [{ ...room!, choices: [choice] }, ...base.rooms.slice(1)] }
  const recipe = safe(withStock('sedge-mid', 36, 500, chosen)).find(
    (each) => each.hemId === 'practice2/wall:w1|ceiling',
  )!
  expect(recipe.tapeId).toBe('teasel-three')
})
