import { ternQuaySurvey } from '../../demo'
import { saferPulls } from '../src/answers/try/saferPulls'
import { parseInstant } from '../src/base/units/time'
import { early } from './early'

const demo = early(ternQuaySurvey())
// Fields behind the pull: a wall rolled within its line makes a small round already.
const survey = { ...demo, house: { ...demo.house, fieldOrder: 'after-pull' as const } }
const start = parseInstant(survey.start)

test('the surer every pull is to be, the smaller the rounds and the later the end', () => {
  const of = (most: number) => saferPulls(survey, start, { most, runs: 300, seed: 1 })
  const [loose, tight] = [of(1), of(0.05)]
  expect(loose).toMatchObject({ laterMin: 0, moreRounds: 0, worst: loose.worstNow })
  expect(tight.worstNow).toBe(loose.worstNow)
  if (tight.worstNow > 0.05) {
    expect(tight.margin === null || tight.margin < (loose.margin ?? 0)).toBe(true)
    expect(tight.moreRounds).toBeGreaterThan(0)
  }
  if (tight.margin !== null) expect(tight.worst).toBeLessThanOrEqual(0.05)
})
