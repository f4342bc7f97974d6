import { sayText } from '../words'
import type { Job, Painter } from '../ground'
import { steadyAir } from '../air/airSeries'
import { ternQuaySurvey } from '../../../demo'
import { planJob } from '../chain/planJob'
import { newRoom } from '../survey/roomTemplate'
import { dryingClock } from '../cure/clocks'
import { longestWet } from './wetTimes'

const turn = (lengthMm: number) => ({ lengthMm, turnDeg: 90 })
const skilled: Painter = { name: 'A', skill: 'practised' }
const new_: Painter = { name: 'B', skill: 'beginner' }

/** An ordinary room, 3.5 × 3.5 m, heavy texture, one coat of satin on the walls at label conditions. */
function ordinary(people: readonly Painter[], air = { tempC: 23, rh: 50 }, pull: 'wet' | 'dry' = 'wet'): Job {
  const base = ternQuaySurvey()
  const room = newRoom('r', 'Room', [turn(3500), turn(3500), turn(3500), turn(3500)])
  const textured = { ...room.ceiling, texture: 'heavy-spray' as const, paintAtHand: true }
  const [walls] = room.steps.slice(2)
  return {
    ...base,
    air: { ...air, windows: 'shut', outside: null },
    house: { ...base.house, sealAlways: true, pull, school: pull === 'dry' ? 'own-colour-seal' : 'wiped-sealant' },
    crews: [{ ...base.crews[0]!, people }],
    rooms: [
      {
        ...room,
        ceiling: textured,
        skirting: { ...room.skirting!, face: { ...room.skirting!.face, texture: 'stipple' } },
        steps: [{ ...walls!, coats: 1 }],
      },
    ],
  }
}
const wallsPerRound = (job: Job) => planJob(job).rounds.map((round) => round.wallIds.length)

// Common practice, no published source.
describe('C7: round size at label conditions', () => {
  test('beginner: one wall', () => expect(wallsPerRound(ordinary([new_]))).toEqual([1, 1, 1, 1]))
  test('practised single painter: two walls', () => expect(wallsPerRound(ordinary([skilled]))).toEqual([2, 2]))
  test('practised pair: the whole room', () => expect(wallsPerRound(ordinary([skilled, skilled]))).toEqual([4]))
})

test('heat and dry air shrink a round, cool air widens it', () => {
  expect(wallsPerRound(ordinary([skilled, skilled], { tempC: 30, rh: 30 })).length).toBeGreaterThan(1)
  expect(wallsPerRound(ordinary([skilled], { tempC: 16, rh: 65 })).length).toBeLessThan(2)
})

test('a dry pull is bound by no wet window', () => {
  expect(wallsPerRound(ordinary([skilled], { tempC: 23, rh: 50 }, 'dry'))).toEqual([4])
})

test('when even one wall is too long the plan says so, and by how much', () => {
  const job = ordinary([new_], { tempC: 34, rh: 15 })
  const problems = planJob(job).problems.filter((problem) => problem.code === 'round.too_long')
  expect(problems.length).toBeGreaterThan(0)
  expect(sayText(problems[0]!)).toMatch(/times as fast/)
})

// By hand: two hems, seal 2 + 2, coat 5 + 5, pull 1 + 1. The first waits 4 + 10 + 1 = 15 from its bead,
// the second (4 − 2) + 10 + 2 = 14; from their last stroke the first waits 5 + 1, the second 0 + 2.
test('longest wet time by hand', () => {
  const hem = { seal: 2, coat: 5, pull: 1, wetSeal: true, wetPull: true }
  expect(longestWet([hem, hem])).toEqual({ bead: 15, paint: 6 })
  expect(longestWet([{ ...hem, wetSeal: false }])).toEqual({ bead: 0, paint: 1 })
})

test('the drying clock behind the rounds runs at label speed in label air', () => {
  expect(dryingClock(steadyAir(23, 50)).rates[0]).toBeCloseTo(1, 12)
})
