import { SCHOOLS } from '../../base/nouns'
import { manyHems, ternQuaySurvey } from '../../../../demo'
import { planJob } from '../../answers/chain/planJob'
import { jobRecipes } from './jobRecipes'
import { paced, workedMs } from '../../../tests/pace'
import { early } from '../../../tests/early'

test('the ranking alone gives what the whole plan gives, where no stay by the plan makes a difference', () => {
  const survey = early(ternQuaySurvey())
  // Tapes that all stay for weeks: how long a plan leaves them on rules out none.
  const tapes = survey.shelf.tapes.map((tape) => ({ ...tape, stayDays: 60, sunStayDays: 60 }))
  const job = { ...survey, shelf: { ...survey.shelf, tapes } }
  expect(JSON.stringify(jobRecipes(job)) === JSON.stringify(planJob(job).recipes)).toBe(true)
})

test('whatever the house way, no recipe breaks a limit, and each says why it was taken', () => {
  const survey = early(ternQuaySurvey())
  // A kitchen, a room on heavy texture, a hall, and a front.
  const some = ['kitchen', 'practice2', 'recital', 'harbour']
  const base = { ...survey, rooms: survey.rooms.filter(({ id }) => some.includes(id)) }
  for (const school of SCHOOLS)
    for (const provenHand of [false, true]) {
      const house = { ...base.house, school, provenHand, stackSeals: provenHand }
      for (const answer of jobRecipes({ ...base, house })) {
        if (!answer.safe) continue
        expect(answer.risks.bleedMm.mean).toBeLessThanOrEqual(house.maxBleedMm)
        expect(answer.risks.lift.mean).toBeLessThanOrEqual(house.maxLift)
        expect(answer.reasons.length).toBeGreaterThan(1)
        expect(answer.school === 'freehand').toBe(answer.pull === 'none')
        const { material, labour, mending, total } = answer.cost
        expect(material + labour + mending).toBe(total)
      }
    }
})

test('a thousand hems are ranked anew within bounds wide enough for a slow machine', () => {
  const job = manyHems(1000, 35)
  jobRecipes(job)
  const from = workedMs()
  const answers = jobRecipes({ ...job, house: { ...job.house, school: 'clear-glaze' } })
  expect(answers.length).toBeGreaterThanOrEqual(1000)
  // `npm run bench` measures this on the built code; here it runs unbuilt and watched.
  expect(workedMs() - from).toBeLessThan(paced(4000))
})
