import { HOUSE_WAYS, type HouseWay, type Job } from '../../base/nouns'
import { gullRow, ternQuaySurvey } from '../../../../demo'
import { jobOf } from '../../../tests/oneHem'
import { planJob } from '../../answers/chain/planJob'
import { compareSchools } from './compareSchools'
import { jobRecipes } from './jobRecipes'
import { early } from '../../../tests/early'

const withSchool = (job: Job, school: HouseWay): Job => ({ ...job, house: { ...job.house, school } })

test('each way costs what the plan says once the house works so', () => {
  const job = early(gullRow())
  for (const outcome of compareSchools(job)) {
    if (outcome.school === 'freehand') continue
    const { load, hems } = planJob(withSchool(job, outcome.school))
    expect(outcome.hems).toBe(hems.length)
    // A stay that the plan makes shorter leaves a little less to mend.
    expect(Math.abs(outcome.mendingMinor - load.mendingMinor)).toBeLessThanOrEqual(0.02 * load.mendingMinor)
    expect(outcome.totalMinor).toBe(outcome.workMinor + outcome.mendingMinor)
    const safe = jobRecipes(withSchool(job, outcome.school)).filter((recipe) => recipe.safe)
    expect(outcome.unsafe).toBe(hems.length - safe.length)
    const isOwn = (school: string) => outcome.school === 'least-cost' || school === outcome.school
    expect(outcome.own).toBe(safe.filter((each) => each.safe && isOwn(each.school)).length)
  }
})

test('every way is there once; fewest without an answer first, then the cheapest', () => {
  const outcomes = compareSchools(early(ternQuaySurvey()))
  expect(outcomes.map((outcome) => outcome.school).sort()).toEqual([...HOUSE_WAYS].sort())
  outcomes.slice(1).forEach((outcome, i) => {
    const before = outcomes[i]!
    expect(before.unsafe).toBeLessThanOrEqual(outcome.unsafe)
    if (before.unsafe === outcome.unsafe) expect(before.totalMinor).toBeLessThanOrEqual(outcome.totalMinor)
  })
})

test('nobody here cuts by hand: the comparison asks what it would be like if somebody did', () => {
  const of = (provenHand: boolean) =>
    compareSchools(jobOf({ house: { provenHand } })).find((school) => school.school === 'freehand')!
  expect(of(false)).toEqual(of(true))
  expect(of(false).own).toBeGreaterThan(0)
  // The other ways are judged without that hand.
  const pressed = compareSchools(jobOf({ house: { provenHand: false } })).find(
    (school) => school.school === 'press-only',
  )!
  expect(pressed.kinds).toBeGreaterThan(0)
})

// Common practice, no published source: own colour and glaze cost a pass more than pressing, and bleed less on texture.
test('sealing costs work and spares mending', () => {
  const outcomes = new Map(
    compareSchools(jobOf({ house: { sealAlways: true, maxBleedMm: 1000 } })).map((school) => [school.school, school]),
  )
  const [pressed, glazed] = [outcomes.get('press-only')!, outcomes.get('clear-glaze')!]
  expect(glazed.workMinor).toBeGreaterThan(pressed.workMinor)
  expect(glazed.mendingMinor).toBeLessThan(pressed.mendingMinor)
  expect(glazed.faults).toBeLessThan(pressed.faults)
})

test('a job without rooms comes to nothing in every way', () => {
  for (const school of compareSchools({ ...gullRow(), rooms: [] }))
    expect(school).toMatchObject({ hems: 0, own: 0, unsafe: 0, kinds: 0, faults: 0, totalMinor: 0 })
})
