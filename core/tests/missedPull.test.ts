import { ternQuay, TERN_QUAY_NOW } from '../../demo'
import { missedPull } from '../src/answers/tell/missedPull'
import { planJob } from '../src/answers/chain/planJob'
import { DEFAULT_PARAMETERS } from '../src/base/parameters/parameters'
import { parseInstant } from '../src/base/units/time'

/** Tape that missed its wet window: what each way out is likely to tear. Chances are from memory; the sums are checked by hand. */
const job = ternQuay()
const now = parseInstant(TERN_QUAY_NOW)
const plan = planJob(job, now)
const pull = plan.pulls.find(({ roomId, coated, manner }) => roomId === 'practice2' && coated && manner === 'wet')!
const hems = new Map(plan.hems.map((hem) => [hem.id, hem]))
const recipes = new Map(plan.recipes.map((recipe) => [recipe.hemId as string, recipe]))
const costsAt = (at: number) => missedPull({ job, hems, recipes, pull, now: at })

test('nothing is asked while the window is open, nor of tape that comes off dry', () => {
  expect(costsAt(now)).toBeNull()
  const dry = plan.pulls.find(({ manner }) => manner === 'dry')!
  expect(missedPull({ job, hems, recipes, pull: dry, now: now + 60 })).toBeNull()
})

test('by hand: metres × chance that a metre tears, at the house’s price of mending; cutting first tears least, tacky most', () => {
  const costs = costsAt(now + 60)!
  expect(costs.map(({ way }) => way)).toEqual(['scored', 'unscored', 'tacky'])
  const metres = pull.hemIds.reduce((sum, id) => sum + hems.get(id)!.lengthMm, 0) / 1000
  const tacky = costs.find(({ way }) => way === 'tacky')!
  expect(tacky.tornM).toBeCloseTo(metres * DEFAULT_PARAMETERS.tear.tacky.value, 6)
  const { mendTearMinor, wagePerHourMinor } = job.house
  expect(tacky.mendMin).toBe(Math.round((tacky.tornM * mendTearMinor * 60) / wagePerHourMinor))
  const [scored, unscored] = costs
  expect(scored!.tornM / unscored!.tornM).toBeCloseTo(DEFAULT_PARAMETERS.tear.scoredShare.value, 1)
})
