import { planJob, type Plan } from '../src/answers/chain/planJob'
import { jobRecipes } from '../src/masking/recipes/jobRecipes'
import type { Job, Tape } from '../src/base/nouns'
import { ticksOf, told } from './asTold'
import { jobOf, WALLS } from './oneHem'

/** A cheap tape that may stay a day, beside the starter's; paint that takes a coat a shift later, and comes off wet the same day. */
const base = jobOf()
const [usual] = base.shelf.tapes.filter((tape) => tape.edge === 'plain' && tape.stayDays >= 7)
const dayTape: Tape = {
  ...usual!,
  id: 'day-tape',
  name: 'Day Tape',
  stayDays: 1,
  sunStayDays: 0.5,
  rolls: usual!.rolls.map((roll) => ({ ...roll, priceMinor: 1, stockMm: 0 })),
}
const slow = base.shelf.coatings.find((coating) => coating.id === WALLS.coatingId)!
const job: Job = jobOf({
  room: { steps: [WALLS] },
  house: { school: 'press-only', pull: 'wet', restHours: 0 },
  shelf: {
    tapes: [...base.shelf.tapes, dayTape],
    coatings: base.shelf.coatings.map((coating) => (coating.id === slow.id ? { ...coating, recoatMin: 240 } : coating)),
  },
})
const outByStay = (answers: ReturnType<typeof jobRecipes>) =>
  answers.filter((answer) =>
    answer.ruledOut.some(({ tapeId, why }) => tapeId === 'day-tape' && why.code === 'out.stay'),
  )

test('a tape for a day is not ruled out where the plan takes it off the same day', () => {
  // Before there is a plan a gap of four hours counts as a night.
  expect(outByStay(jobRecipes(job)).length).toBeGreaterThan(3)
  const plan = planJob(job)
  expect(outByStay([...plan.recipes])).toEqual([])
  const lays = plan.tasks.filter(({ kind }) => kind === 'lay')
  expect(lays.length).toBeGreaterThan(0)
  expect(plan.misses).toEqual([])
})

test('every card says a stay no shorter than the plan leaves its tape on, or its tape stays that long', () => {
  const plan = planJob(job)
  const at = new Map(plan.placed.map((task) => [task.taskId, task]))
  let looked = 0
  for (const pull of plan.pulls)
    for (const hemId of pull.hemIds) {
      const recipe = plan.recipes.find((answer) => answer.hemId === hemId)!
      const lay = plan.tasks.find(({ kind, subjects }) => kind === 'lay' && subjects.includes(hemId))
      if (!recipe.safe || !recipe.tapeId || !lay) continue
      looked++
      const stays = at.get(pull.taskId)!.to - at.get(lay.id)!.from
      const tape = job.shelf.tapes.find(({ id }) => id === recipe.tapeId)!
      expect([hemId, stays <= Math.max(recipe.stayMin, tape.stayDays * 1440)]).toEqual([hemId, true])
    }
  expect(looked).toBeGreaterThan(3)
})

test('the tape on the wall is the tape on the card, all through a day that goes as told', () => {
  const of = told(job)
  const first = planJob(of.job)
  const tapes = (plan: Plan) =>
    new Map(plan.recipes.map((recipe) => [recipe.hemId, recipe.safe ? recipe.tapeId : null]))
  const chosen = tapes(first)
  for (const { to } of of.inOrder.filter((_, i) => i % 4 === 0)) {
    const log = ticksOf(
      of,
      of.inOrder.filter((task) => task.to <= to),
    )
    expect([to, [...tapes(planJob({ ...of.job, log }, to))]]).toEqual([to, [...chosen]])
  }
})
