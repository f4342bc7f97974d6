import { ternQuaySurvey } from '../../demo'
import { planJob } from '../src/answers/chain/planJob'
import { otherWays } from '../src/answers/try/otherWays'
import { isOnlyWeather, outcomeOf, supposed, type Supposed } from '../src/answers/try/whatIf'
import type { Job } from '../src/base/nouns'
import { formatInstant, parseInstant, toLocal } from '../src/base/units/time'
import { early } from './early'

/** Three whole jobs, each as it stands and as it would be. */
const survey = early(ternQuaySurvey())
const start = parseInstant(survey.start)
const only = (...ids: string[]): Job => ({
  ...survey,
  rooms: survey.rooms.filter((room) => ids.includes(room.id)).map((room) => ({ ...room, neededBy: null })),
})
const inside = only('kitchen', 'practice1')
const fronts = only('south', 'harbour')
const ways = { runs: 200, seed: 1 }
const today = toLocal(start, survey.site.zone).day
const dayOf = (at: number) => toLocal(at, survey.site.zone).day
const of = (job: Job, what: Supposed) => outcomeOf(supposed(job, what), start, ways)
const as = (job: Job) => outcomeOf(job, start, ways)

test('one more painter: the same work ends sooner and keeps its windows', () => {
  const crewId = inside.rooms[0]?.crewId ?? 'wren'
  expect(of(inside, { if: 'painter', crewId }).endsAt).toBeLessThan(as(inside).endsAt)
  // A gun is cleaned the same day, after hours if need be: nothing else goes wrong.
  const wrong = planJob(supposed(inside, { if: 'painter', crewId })).misses
  expect(wrong.filter((each) => !each.activityId.endsWith('gun-down'))).toEqual([])
})

test('a crew that is away a day does nothing that day, and the job ends later', () => {
  const crewId = 'wren'
  const job = supposed(inside, { if: 'away', crewId, day: today })
  const days = planJob(job).placed.flatMap((task) => (task.crewId === crewId ? [dayOf(task.from)] : []))
  expect(days).not.toContain(today)
  expect(outcomeOf(job, start, ways).endsAt).toBeGreaterThan(as(inside).endsAt)
})

test('work that begins at six ends no later; somebody is there at six', () => {
  const job = supposed(inside, { if: 'starts', crewId: 'wren', clock: '06:00' })
  const early = planJob({ ...job, start: formatInstant(start - 120) }).placed
  expect(Math.min(...early.map((task) => toLocal(task.from, job.site.zone).minute))).toBeLessThan(7 * 60)
  expect(outcomeOf(job, start, ways).endsAt).toBeLessThanOrEqual(as(inside).endsAt)
})

test('rain: no coat goes on outside that day, and rain is nobody’s decision', () => {
  const coats = planJob(fronts).placed.filter((task) => /coat\d/.test(task.taskId))
  const day = dayOf(Math.min(...coats.map((coat) => coat.from)))
  const wet = planJob(supposed(fronts, { if: 'rain', day })).placed.filter((task) => /coat\d/.test(task.taskId))
  expect(wet.length).toBeGreaterThan(0)
  expect(wet.map((task) => dayOf(task.from))).not.toContain(day)
  expect(isOnlyWeather({ if: 'rain', day })).toBe(true)
})

test('a fine day: fronts that wait for dew and rain to go are through no later, and what is wet stays a forecast', () => {
  const rainy = supposed(fronts, { if: 'rain', day: today + 1 })
  const fine = supposed(rainy, { if: 'dry', day: today + 1 })
  expect(planJob(fine).endsAt!).toBeLessThanOrEqual(planJob(rainy).endsAt!)
  const hours = fine.air.outside!.hours.filter(
    (_, i) => dayOf(parseInstant(fine.air.outside!.from) + 60 * i) === today + 1,
  )
  expect(hours.some((hour) => hour.rainMm > 0)).toBe(false)
  expect(isOnlyWeather({ if: 'dry', day: today })).toBe(true)
})

test('tape that comes off dry instead of wet: no pull is wet any more', () => {
  const dry = supposed(inside, { if: 'pull', pull: 'dry' })
  expect(planJob(inside).pulls.some((pull) => pull.manner === 'wet')).toBe(true)
  expect(planJob(dry).pulls.some((pull) => pull.manner === 'wet')).toBe(false)
})

test('hours that a wet day spares because tape holds no longer are told as edges left out', () => {
  const coats = planJob(fronts).placed.filter((task) => /coat\d/.test(task.taskId))
  const day = dayOf(Math.min(...coats.map((coat) => coat.from))) + 1
  const [dry, wet] = [as(fronts), of(fronts, { if: 'rain', day })]
  const left = planJob(supposed(fronts, { if: 'rain', day })).recipes.filter((answer) => !answer.safe).length
  expect(wet.unsafe).toBe(left)
  if (wet.workedMin < 0.8 * dry.workedMin) expect(wet.unsafe).toBeGreaterThan(dry.unsafe)
})

test('a room needed an hour before it can be through is an hour late', () => {
  const kitchen = only('kitchen')
  // Other crews would lend a hand.
  const apart = { ...kitchen, house: { ...kitchen.house, lendHands: false } }
  const { endsAt } = as(apart)
  const by = formatInstant(endsAt - 60)
  expect(of(apart, { if: 'needed', roomId: 'kitchen', by }).lateMin).toBeGreaterThan(30)
})

test('wages are people times hours times what an hour costs', () => {
  const outcome = as(only('practice1'))
  const people = new Map(survey.crews.map((crew) => [crew.id, crew.people.length]))
  const minutes = planJob(only('practice1')).placed.flatMap((task) =>
    task.pieces.map((piece) => (piece.to - piece.from) * (people.get(task.crewId) ?? 0)),
  )
  expect(outcome.workedMin).toBe(minutes.reduce((sum, each) => sum + each, 0))
  expect(outcome.wagesMinor).toBe(Math.round((outcome.workedMin * survey.house.wagePerHourMinor) / 60))
})

describe('which crew takes which room, in how large rounds, with whose gun', () => {
  const free: Job = {
    ...only('practice1', 'corridor', 'store'),
    // Rounds as large as they may be, so that their size is worth choosing.
    house: { ...survey.house, fieldOrder: 'after-pull', stayOnMin: 0 },
    crews: survey.crews.filter((crew) => crew.id !== 'plover'),
    // By when all ends, so that who takes which room is worth choosing.
    planning: { ...survey.planning, goals: ['end', 'hand-backs', 'moves', 'soon'] },
  }
  const job: Job = { ...free, rooms: free.rooms.map((room) => ({ ...room, crewId: null })) }
  const search = { seed: 1, isOver: () => false, rounds: 12 }

  test('is changed where all ends a quarter of an hour sooner; no single change of crew wins more', () => {
    const { moves, endsAt, boundAt } = otherWays(job, start, search)
    const better = moves.reduce<Job>(supposed, job)
    expect(moves.length).toBeGreaterThan(0)
    expect(endsAt).toBeLessThanOrEqual(as(job).endsAt - 15)
    expect(boundAt!).toBeLessThanOrEqual(endsAt)
    // Whoever plans the job so changed gets there.
    const planned = outcomeOf(better, start, { ...ways, rounds: 3 })
    expect(planned.endsAt).toBeLessThanOrEqual(endsAt + 15)
    for (const room of job.rooms)
      for (const crew of job.crews)
        expect(of(job, { if: 'crew', roomId: room.id, crewId: crew.id }).endsAt).toBeGreaterThan(endsAt - 15)
  })

  test('is left alone where somebody named the crew, but for the size of rounds', () => {
    const named = { ...job, rooms: job.rooms.map((room) => ({ ...room, crewId: 'wren' })) }
    expect(otherWays(named, start, search).moves.filter((move) => move.if === 'crew')).toEqual([])
  })

  test('a proof holds against every way planned by itself', () => {
    const small = { ...job, rooms: job.rooms.filter((room) => room.id !== 'kitchen') }
    const { boundAt, isProved, count } = otherWays(small, start, { ...search, rounds: 40 })
    expect(count).toBeGreaterThan(3)
    expect(isProved).toBe(true)
    for (const one of small.crews)
      for (const other of small.crews) {
        const shared = small.rooms.map((room, i) => ({ ...room, crewId: (i === 0 ? one : other).id }))
        expect(outcomeOf({ ...small, rooms: shared }, start, { ...ways, rounds: 3 }).endsAt).toBeGreaterThanOrEqual(
          boundAt!,
        )
      }
  })

  test('smaller rounds are smaller, and a gun that is handed over is the other crew’s', () => {
    const rooms = (share: number) => supposed(job, { if: 'rounds', roomId: 'practice1', share })
    const rounds = (each: Job) => planJob(each).rounds.filter((round) => round.roomId === 'practice1').length
    expect(rounds(rooms(0.3))).toBeGreaterThan(rounds(job))
    expect(rooms(1).planning).toEqual(job.planning)
    const crewId = job.crews.at(-1)!.id
    const handed = supposed(fronts, { if: 'gun', roomId: 'south', crewId })
    const tasks = planJob(handed).tasks.filter((task) => task.roomId === 'south')
    const withGun = tasks.filter((task) => task.kind === 'gun-up' || task.kind === 'gun-down' || task.kind === 'coat')
    for (const task of withGun.filter(({ kind }) => kind !== 'coat')) expect(task.crewId).toBe(crewId)
    expect(tasks.filter((task) => task.kind === 'lay').map((task) => task.crewId)).not.toContain(crewId)
  })
})
