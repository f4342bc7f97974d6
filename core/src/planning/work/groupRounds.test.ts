import { sayText } from '../../edge/words'
import type { FieldOrder, Job, Painter } from '../../base/nouns'
import { steadyAir } from '../../nature/air/airSeries'
import { ternQuaySurvey } from '../../../../demo'
import { planJob } from '../../answers/chain/planJob'
import { newRoom } from '../../survey/rooms/roomTemplate'
import { dryingClock } from '../../nature/cure/clocks'
import { longestWet } from './wetTimes'
import { early } from '../../../tests/early'

const turn = (lengthMm: number) => ({ lengthMm, turnDeg: 90 })
const skilled: Painter = { name: 'A', skill: 'practised' }
const new_: Painter = { name: 'B', skill: 'beginner' }

/** An ordinary room, 3.5 × 3.5 m, heavy texture, one coat on the walls at label conditions: matt, which shows no band. */
function ordinary(
  people: readonly Painter[],
  air = { tempC: 23, rh: 50 },
  pull: 'wet' | 'dry' = 'wet',
  coatingId = 'quay-matt',
): Job {
  const base = early(ternQuaySurvey())
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
        steps: [{ ...walls!, coats: 1, coatingId }],
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

// By hand: a wall of 3.5 m has 7 m of line, cut by one hand in 3.5 min and rolled in about 24; two of them in satin would have
// the second reached some 30 min after its line was begun, and satin is open for 22. Matt shows no band, and stays at two.
test('C30: satin is rolled wall by wall, so that the roller meets every line while it is open', () => {
  const satin = (people: readonly Painter[]) => ordinary(people, { tempC: 23, rh: 50 }, 'wet', 'quay-satin')
  expect(wallsPerRound(satin([skilled]))).toEqual([1, 1, 1, 1])
  expect(planJob(satin([skilled])).misses.map(({ kind }) => kind)).not.toContain('band-set')
})

// Common practice, no published source: C7 gives a practised pair a whole room, and C30 says how they keep its lines open.
test('a pair keeps the band open: one cuts and strips, another rolls right behind, in rounds of more than a wall', () => {
  const satin = ordinary([skilled, new_], { tempC: 23, rh: 50 }, 'wet', 'quay-satin')
  const pair = planJob(satin)
  expect(Math.max(...pair.rounds.map(({ wallIds }) => wallIds.length))).toBeGreaterThan(1)
  expect(pair.misses.map(({ kind }) => kind)).not.toContain('band-set')
  expect(pair.rounds.some(({ why }) => why.code === 'round.pair')).toBe(true)
  // Each line is open as long as one hand takes to cut it and strip it, and no longer.
  for (const { pairNeeds } of pair.rounds)
    for (const need of Object.values(pairNeeds ?? {})) expect(need).toBeLessThan(22)
})

test('heat and dry air shrink a round, cool air widens it', () => {
  expect(wallsPerRound(ordinary([skilled, skilled], { tempC: 30, rh: 30 })).length).toBeGreaterThan(1)
  expect(wallsPerRound(ordinary([skilled], { tempC: 16, rh: 65 })).length).toBeLessThan(2)
})

test('a dry pull is bound by no wet window', () => {
  expect(wallsPerRound(ordinary([skilled], { tempC: 23, rh: 50 }, 'dry'))).toEqual([4])
})

// By hand: a wall of 3.5 m has 7 m of line; by a beginner 7 × (0.25 + 0.5 + 0.25) × 1.9 = 13.3 min. At 31 °C and 20 % it skins
// in less, so floor line and ceiling line are a part each; the field is rolled once, when both are pulled.
test('a wall too long for its window is divided where one line ends and the next begins', () => {
  const plan = planJob(ordinary([new_], { tempC: 31, rh: 20 }))
  expect(plan.rounds.map((round) => round.id).slice(0, 2)).toEqual(['r/s3/w1~1', 'r/s3/w1~2'])
  expect(plan.rounds.every((round) => round.hemIds.length === 1)).toBe(true)
  const times = new Map(plan.placed.map((task) => [task.taskId, task]))
  const field = times.get('r/s3/w1/roll1')!
  for (const part of [1, 2]) expect(times.get(`r/s3/w1~${part}/pull`)!.to).toBeLessThanOrEqual(field.from)
  expect(plan.tasks.filter((task) => task.kind === 'roll')).toHaveLength(4)
  expect(plan.problems).toEqual([])
})

test('a line too long on its own says where to divide it, not to hurry', () => {
  const [first, ...rest] = ordinary([new_], { tempC: 31, rh: 20 }).rooms
  const long = { ...first!, walls: first!.walls.map((wall, i) => (i % 2 ? wall : { ...wall, lengthMm: 14000 })) }
  const job = { ...ordinary([new_], { tempC: 31, rh: 20 }), rooms: [long, ...rest] }
  const problems = planJob(job).problems.filter((problem) => problem.code === 'round.too_long')
  expect(problems.length).toBeGreaterThan(0)
  expect(sayText(problems[0]!)).toMatch(/Divide its longest line into \d, at a corner, an opening or a mark/)
})

test('the house orders the field: after the pull, within the round, or before the edge', () => {
  const kinds = (fieldOrder: FieldOrder) => {
    const job = ordinary([skilled, skilled])
    const plan = planJob({ ...job, house: { ...job.house, fieldOrder } })
    const starts = new Map(plan.placed.map((task) => [task.taskId, task.from]))
    const first = plan.rounds[0]!.id
    return plan.tasks
      .filter((task) => task.roundId === first)
      .sort((a, b) => starts.get(a.id)! - starts.get(b.id)!)
      .map((task) => task.kind)
  }
  // Each wall's field is a piece of its own.
  const fields = ['roll', 'roll', 'roll', 'roll']
  expect(kinds('after-pull')).toEqual(['lay', 'seal', 'coat', 'pull', ...fields])
  expect(kinds('within')).toEqual(['lay', 'seal', 'coat', 'pull'])
  expect(kinds('edge-last')).toEqual(['lay', ...fields, 'seal', 'coat', 'pull'])
  // Rolled within, the same pair does a wall or two at a time.
  const within = ordinary([skilled, skilled])
  expect(wallsPerRound({ ...within, house: { ...within.house, fieldOrder: 'within' } }).length).toBeGreaterThan(1)
})

// By hand: two hems, seal 2 + 2, coat 5 + 5, pull 1 + 1: 16 min from the first bead to the last tape, 12 from the first stroke.
test('longest wet time by hand', () => {
  const hem = { seal: 2, coat: 5, pull: 1, wetSeal: true, wetPull: true }
  expect(longestWet([hem, hem])).toEqual({ bead: 16, paint: 12 })
  expect(longestWet([{ ...hem, wetSeal: false }])).toEqual({ bead: 0, paint: 6 })
})

test('the drying clock behind the rounds runs at label speed in label air', () => {
  expect(dryingClock(steadyAir(23, 50)).rates[0]).toBeCloseTo(1, 12)
})
