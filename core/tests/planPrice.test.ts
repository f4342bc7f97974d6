import fc from 'fast-check'
import { ternQuaySurvey } from '../../demo'
import { cheapestFirst } from '../src/answers/chain/cheapestFirst'
import { planWithProblem } from '../src/answers/chain/planJob'
import { betterPlan } from '../src/answers/try/betterPlan'
import type { Job, PaintStep } from '../src/base/nouns'
import { formatInstant, parseInstant } from '../src/base/units/time'
import { checkPlan } from '../src/planning/check/checkPlan'
import { miss, type MissKind } from '../src/planning/check/miss'
import { placeFirst } from '../src/planning/plan/placeFirst'
import type { PlacedTask } from '../src/planning/plan/placement'
import { crewDaysOf } from '../src/planning/price/crewDays'
import { leastPrice } from '../src/planning/price/leastPrice'
import {
  metresOfPulls,
  priceBeside,
  PRICE_PARTS,
  pricerOf,
  type PlanPrice,
  type PricePart,
} from '../src/planning/price/planPrice'
import { STARTER_HOUSE } from '../src/survey/rooms/houseDefaults'
import { anyRoom } from './anyRoom'
import { CEILING, jobOf, TRIM, WALLS } from './oneHem'
import { runsOf } from './runsOf'

/** What a plan costs, part by part, and that the first plan and the search go by it. Rates are from memory. */
const planned = (job: Job) => planWithProblem({ ...job, log: [], published: null }, parseInstant(job.start))
const pricerFor = (job: Job, { plan, problem }: ReturnType<typeof planned>) =>
  pricerOf({ job, problem, metresOf: metresOfPulls(plan.rounds, plan.hems) })
const part = (price: PlanPrice, name: PricePart) => price.parts.find((each) => each.part === name)!

describe('one room by one crew, by hand', () => {
  const job = jobOf({ room: { steps: [CEILING, TRIM, WALLS] } })
  const made = planned(job)
  const priceOf = pricerFor(job, made)
  const price = priceOf(made.plan.placed, [])
  const crew = job.crews.find(({ id }) => id === made.plan.placed[0]!.crewId)
  const { house } = job

  test('every part is there once, and the sum is theirs', () => {
    expect(price.parts.map((each) => each.part)).toEqual([...PRICE_PARTS])
    expect(price.parts.reduce((sum, { minor }) => sum + minor, 0)).toBe(price.totalMinor)
    expect(made.plan.price).toEqual(price)
  })

  test('work is minutes of the plan times people, at the wage', () => {
    const minutes = made.plan.placed.reduce(
      (sum, { pieces }) => sum + pieces.reduce((all, { from, to }) => all + to - from, 0),
      0,
    )
    const people = crew!.people.length
    expect(part(price, 'work').amount).toBeCloseTo((minutes * people) / 60, 9)
    expect(part(price, 'work').minor).toBe(Math.round((minutes * people * house.wagePerHourMinor) / 60))
  })

  test('a day of a crew ends when its last work does; meals are no waiting', () => {
    for (const day of crewDaysOf(job, made.problem)(made.plan.placed)) {
      const own = made.plan.placed.flatMap(({ pieces }) =>
        pieces.filter(({ from }) => from >= day.from && from < day.to),
      )
      const shifts = made.problem.crews.find(({ id }) => id === day.crewId)!.shifts
      const within = shifts.reduce((sum, [a, b]) => sum + Math.max(0, Math.min(b, day.to) - Math.max(a, day.from)), 0)
      expect(day.workMin).toBe(own.reduce((sum, { from, to }) => sum + to - from, 0))
      expect(day.idleMin).toBe(Math.max(0, within - day.workMin))
    }
  })

  test('a trip costs getting there, and setting up and washing out of everybody', () => {
    const { amount, minor } = part(price, 'visits')
    const ends = (crew!.people.length * (house.rates.setUpEach + house.rates.washOutEach) * house.wagePerHourMinor) / 60
    expect(minor).toBe(Math.round(amount * (house.planRates.visitMinor + ends)))
  })

  test('one thing put off by a day costs a trip, a night, a day and its tape, and nothing else', () => {
    const last = [...made.plan.placed].sort((a, b) => b.to - a.to)[0]!
    const later = made.plan.placed.map((task): PlacedTask =>
      task === last
        ? {
            ...task,
            from: task.from + 1440,
            to: task.to + 1440,
            pieces: task.pieces.map((p) => ({ from: p.from + 1440, to: p.to + 1440 })),
          }
        : task,
    )
    const beside = priceBeside(priceOf(later, []), price)
    expect(beside.map((each) => each.part).filter((each) => each !== 'idle')).toEqual(['visits', 'days', 'nights'])
    expect(beside.find((each) => each.part === 'days')).toEqual({
      part: 'days',
      amount: 1,
      minor: house.planRates.siteDayMinor,
    })
  })
})

test('a room handed back late costs by the hour', () => {
  const job = jobOf({ room: { steps: [TRIM, WALLS], neededBy: '2027-01-01T00:00:00Z' } })
  const due = planned({ ...job, start: '2026-12-31T08:00:00Z' })
  const [goal] = due.problem.goals.flatMap((each) => (each.goal === 'hand-back' ? [each] : []))
  const end = Math.max(...due.plan.placed.map(({ to }) => to))
  expect(part(due.plan.price, 'late').amount).toBe(Math.ceil((end - goal!.by) / 60))
})

test('tape pulled in a wrong hour costs its metres; work that has no place costs nothing', () => {
  const job = jobOf({ room: { steps: [TRIM, WALLS] }, house: { pull: 'wet' } })
  const made = planned(job)
  const priceOf = pricerFor(job, made)
  const [pull] = made.plan.rounds.flatMap(({ pulls }) => pulls.filter(({ manner }) => manner === 'wet'))
  const metres = metresOfPulls(made.plan.rounds, made.plan.hems).get(pull!.taskId)!
  expect(metres).toBeGreaterThan(1)
  const windows = (kind: MissKind) => part(priceOf(made.plan.placed, [miss(kind, pull!.taskId)]), 'windows').amount
  expect([windows('pull-tacky'), windows('no-air')]).toEqual([metres, 0])
})

test('the first plan is never dearer than the one that begins everything as early as it can, and breaks nothing more', () => {
  const base = ternQuaySurvey()
  const cheaper = { count: 0 }
  for (const room of fc.sample(anyRoom, { numRuns: runsOf(200, 8), seed: 31 })) {
    const twin = { ...room, id: 'twin', name: 'Twin' }
    const job = { ...base, rooms: [room, twin] }
    const made = planned(job)
    const priceOf = pricerFor(job, made)
    const greedy = placeFirst(made.problem)
    const [first, early] = [priceOf(made.plan.placed, []), priceOf(greedy.placed, [])]
    expect(first.totalMinor).toBeLessThanOrEqual(early.totalMinor)
    const kinds = new Set(checkPlan(made.problem, greedy).map((each) => `${each.kind} ${each.activityId}`))
    const worse = made.plan.misses.filter(
      (miss) => miss.kind !== 'late-hand-back' && !kinds.has(`${miss.kind} ${miss.activityId}`),
    )
    expect(worse).toEqual([])
    // No plan, however it is made, costs less than the bound, part by part.
    const least = leastPrice({ job, problem: made.problem })
    for (const { part: name, minor } of least.parts)
      for (const price of [first, early]) expect(part(price, name).minor).toBeGreaterThanOrEqual(minor)
    if (first.totalMinor < early.totalMinor) cheaper.count++
  }
  expect(cheaper.count).toBeGreaterThan(runsOf(30, 1))
})

test('the same facts give the same plan', () => {
  const job = ternQuaySurvey()
  const [one, other] = [planned(job), planned(structuredClone(job))]
  expect(one.plan.placed).toEqual(other.plan.placed)
  const priceOf = pricerFor(job, one)
  expect(cheapestFirst(one.problem, one.plan.proposed, priceOf, new Set())).toEqual(
    cheapestFirst(one.problem, one.plan.proposed, priceOf, new Set()),
  )
})

test('looking for a better plan goes on from the first by price, and says what each part wins', () => {
  const job = { ...ternQuaySurvey(), rooms: ternQuaySurvey().rooms.slice(0, 3) }
  const made = planned(job)
  const priceOf = pricerFor(job, made)
  const first = { placed: made.plan.placed, unplaced: [] }
  const better = betterPlan(made.problem, first, { seed: 1, isOver: () => false, rounds: 60, priceOf })
  const { before, after } = better.prices!
  expect(before.totalMinor).toBe(made.plan.price.totalMinor)
  expect(after.totalMinor).toBeLessThanOrEqual(before.totalMinor)
  expect(priceBeside(after, before).reduce((sum, { minor }) => sum + minor, 0)).toBe(
    after.totalMinor - before.totalMinor,
  )
  expect(priceOf(better.placement.placed, []).totalMinor).toBe(after.totalMinor)
})

test('a promise that is kept is not sold for a cheaper plan', () => {
  const job = ternQuaySurvey()
  const own = job.rooms.slice(0, 3)
  const made = planned({ ...job, rooms: own })
  const endOf = (roomId: string) =>
    Math.max(...made.plan.placed.flatMap(({ taskId, to }) => (taskId.startsWith(`${roomId}/`) ? to : [])))
  // Each room due the minute it ends: whatever is cheaper elsewhere, none is late.
  const due = own.map((room) => ({ ...room, neededBy: formatInstant(endOf(room.id)) }))
  const tight = planned({ ...job, rooms: due })
  const priceOf = pricerFor(job, tight)
  const late = (placed: readonly PlacedTask[]) =>
    checkPlan(tight.problem, { placed }).filter(({ kind }) => kind === 'late-hand-back').length
  const first = { placed: tight.plan.placed, unplaced: [] }
  const { placement } = betterPlan(tight.problem, first, { seed: 1, isOver: () => false, rounds: 60, priceOf })
  expect(late(placement.placed)).toBeLessThanOrEqual(late(first.placed))
})

test('the bound in money holds for what a search finds, and is most of a plan in which nobody waits', () => {
  const job = jobOf({ room: { steps: [TRIM] } })
  const made = planned(job)
  const least = leastPrice({ job, problem: made.problem })
  const priceOf = pricerFor(job, made)
  const first = { placed: made.plan.placed, unplaced: [] }
  const { after } = betterPlan(made.problem, first, { seed: 1, isOver: () => false, rounds: 60, priceOf }).prices!
  expect(least.totalMinor).toBeLessThanOrEqual(after.totalMinor)
  // Whole minutes of one, or of two, round otherwise.
  expect(least.parts.find(({ part: name }) => name === 'work')!.minor).toBeGreaterThan(0.9 * part(after, 'work').minor)
  expect(least.totalMinor).toBeGreaterThan(after.totalMinor / 3)
})

/** Priced for trips that cost nothing and for dear ones: fewer, fuller days. */
test('dearer trips make no more of them', () => {
  const trips = (visitMinor: number) => {
    const house = { ...STARTER_HOUSE, planRates: { ...STARTER_HOUSE.planRates, visitMinor } }
    const steps: PaintStep[] = [CEILING, TRIM, WALLS]
    const job = jobOf({ room: { steps }, house })
    return part(planned(job).plan.price, 'visits').amount
  }
  expect(trips(20_000)).toBeLessThanOrEqual(trips(0))
})
