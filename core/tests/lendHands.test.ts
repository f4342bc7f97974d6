import fc from 'fast-check'
import { crewsOfRounds, helpGiven } from '../src/answers/tell/helpGiven'
import { planWithProblem } from '../src/answers/chain/planJob'
import { sprayedFronts } from '../src/answers/chain/cheaperIn'
import { betterPlan } from '../src/answers/try/betterPlan'
import type { Crew, Job, Room } from '../src/base/nouns'
import { formatInstant, MIN_PER_DAY, parseInstant } from '../src/base/units/time'
import { checkPlan } from '../src/planning/check/checkPlan'
import { placeFirst } from '../src/planning/plan/placeFirst'
import { modeOf, withCrews } from '../src/planning/problem/withCrews'
import { publishedTasks } from '../src/planning/published/planChanges'
import { priceOfPlans } from '../src/answers/chain/priceOfPlans'
import { newRoom } from '../src/survey/rooms/roomTemplate'
import { byPrice } from './early'
import { jobOf, PLAIN_ROOM } from './oneHem'
import { runsOf } from './runsOf'

/** Somebody who would wait helps where a room is late: what a foreman does by ten in the morning. Common practice, no published source. */
const base = byPrice(jobOf())
const [painter] = base.crews[0]!.people
const alone = (id: string, skill: Crew['people'][number]['skill'] = 'practised'): Crew => ({
  ...base.crews[0]!,
  id,
  name: id,
  people: [{ ...painter!, skill }],
})
const square = (wide: number, deep: number) => [wide, deep, wide, deep].map((lengthMm) => ({ lengthMm, turnDeg: 90 }))
const due = (days: number) => formatInstant(parseInstant(base.start) + days * MIN_PER_DAY + 510)
const CORRIDOR: Room = { ...newRoom('r1', 'Corridor', square(24_000, 3000)), crewId: 'ash', neededBy: due(3) }
const SMALL: Room = { ...PLAIN_ROOM, id: 'r2', name: 'Small', crewId: 'birch' }
const job = (change: Partial<Job> = {}): Job => ({
  ...base,
  crews: [alone('ash'), alone('birch')],
  rooms: [CORRIDOR, SMALL],
  ...change,
})
const lateMin = ({ misses }: ReturnType<typeof planWithProblem>['plan']): number =>
  misses.reduce((sum, miss) => sum + (miss.kind === 'late-hand-back' ? (miss.minutes ?? 0) : 0), 0)
const crewsIn = ({ placed, tasks }: ReturnType<typeof planWithProblem>['plan'], roomId: string) =>
  new Set(
    placed.flatMap(({ taskId, crewId }) => (tasks.find(({ id }) => id === taskId)?.roomId === roomId ? [crewId] : [])),
  )
const keptApart = (of: Job): Job => ({ ...of, house: { ...of.house, lendHands: false } })

describe('a corridor of one painter that would be days late, beside a small room of another', () => {
  const shared = planWithProblem(job())
  const apart = planWithProblem(keptApart(job()))

  test('is shared, in time and cheaper; where the house keeps crews in their rooms it is late', () => {
    expect(lateMin(apart.plan)).toBeGreaterThan(MIN_PER_DAY)
    expect([...crewsIn(apart.plan, 'r1')]).toEqual(['ash'])
    expect([...crewsIn(shared.plan, 'r1')].sort()).toEqual(['ash', 'birch'])
    expect(lateMin(shared.plan)).toBe(0)
    expect(shared.plan.misses).toEqual([])
    expect(shared.plan.price.totalMinor).toBeLessThan(apart.plan.price.totalMinor)
  })

  test('one crew does a wall from its line to its pull, and the crew of the room ends it', () => {
    const { plan } = shared
    const at = new Map(plan.placed.map((task) => [task.taskId, task.crewId]))
    for (const round of plan.rounds.filter(({ wet }) => wet)) {
      const last = plan.tasks.filter(({ roundId, kind, coat }) => roundId === round.id && kind === 'coat' && coat === 2)
      for (const coat of last)
        for (const pull of round.pulls.filter(({ manner }) => manner === 'wet'))
          expect(at.get(pull.taskId)).toBe(at.get(coat.id))
    }
    expect(at.get('r1/look')).toBe('ash')
    expect(at.get('r1/uncover')).toBe('ash')
  })

  test('whoever takes tape off has it on its board, and a round names all who work on it', () => {
    const { plan } = shared
    const at = new Map(plan.placed.map((task) => [task.taskId, task.crewId]))
    expect(plan.pulls.length).toBeGreaterThan(0)
    for (const { taskId, crewId } of plan.pulls) expect(crewId).toBe(at.get(taskId))
    const [help] = helpGiven(plan)
    expect(help).toMatchObject({ roomId: 'r1', crewId: 'birch', ofCrewId: 'ash' })
    expect(help!.minutes).toBeGreaterThan(60)
    const crews = crewsOfRounds(plan)
    for (const round of plan.rounds) {
      const own = plan.tasks.filter(({ roundId }) => roundId === round.id).map(({ id }) => at.get(id)!)
      expect(new Set(crews.get(round.id))).toEqual(new Set(own))
    }
    expect([...crews.values()].flat()).toContain('birch')
  })

  test('people who were told to help are still to help when it is planned anew, until the room is another’s', () => {
    const { plan } = shared
    const published = {
      number: 1,
      at: base.start,
      by: 'Office',
      why: '',
      parameters: [],
      tasks: publishedTasks(plan.placed),
      changes: [],
    } as unknown as NonNullable<Job['published']>
    const told = planWithProblem({ ...job(), published })
    expect(told.plan.standing!.proposal).toEqual([])
    expect(told.plan.proposed.map(({ taskId, crewId }) => [taskId, crewId]).sort()).toEqual(
      plan.placed.map(({ taskId, crewId }) => [taskId, crewId]).sort(),
    )
    const given = planWithProblem({ ...job({ rooms: [{ ...CORRIDOR, crewId: 'birch' }, SMALL] }), published })
    const first = given.problem.activities.filter(({ roomId }) => roomId === 'r1').map(({ modes }) => modes[0]!.crewId)
    expect(new Set(first)).toEqual(new Set(['birch']))
  })
})

test('who may help: nobody with another’s gun, nobody slower with what stays wet, anybody with tape and sheets', () => {
  const sprayed = CORRIDOR.steps.map((step, i) => (i === 2 ? { ...step, tool: 'spray' as const } : step))
  const { problem } = planWithProblem(
    job({ crews: [alone('ash'), alone('birch', 'beginner')], rooms: [{ ...CORRIDOR, steps: sprayed }, SMALL] }),
  )
  const mayHelp = (pattern: RegExp) => {
    const own = problem.activities.filter(({ id, roomId }) => roomId === 'r1' && pattern.test(id))
    expect(own.length).toBeGreaterThan(0)
    return own.map((act) => modeOf(act, { crewId: 'birch' }) !== undefined)
  }
  const [step] = sprayed.slice(-1)
  expect(new Set(mayHelp(new RegExp(`/${step!.id}/.*(coat\\d|gun-up|gun-down)$`)))).toEqual(new Set([false]))
  expect(new Set(mayHelp(/\/(coat|roll)\d$/))).toEqual(new Set([false]))
  expect(new Set(mayHelp(/\/(lay|cover)$/))).toEqual(new Set([true]))
  expect(new Set(mayHelp(/r1\/(look|uncover)$/))).toEqual(new Set([false]))
  // A learner takes longer over the same tape.
  const lay = problem.activities.find(({ id, roomId }) => roomId === 'r1' && id.endsWith('/lay'))!
  expect(modeOf(lay, { crewId: 'birch' })!.minutes).toBeGreaterThan(modeOf(lay, { crewId: 'ash' })!.minutes)
})

describe('what is found while nobody has been told anything', () => {
  const rooms = [CORRIDOR, SMALL, { ...PLAIN_ROOM, id: 'r3', name: 'Other', crewId: 'birch' }]
  const of = job({ rooms: rooms.map((room) => ({ ...room, neededBy: null })) })
  const chain = planWithProblem(of)
  const { plan, problem } = chain
  const priceOf = priceOfPlans(of, chain)!
  const better = betterPlan(
    problem,
    { placed: plan.placed, unplaced: [] },
    { seed: 1, isOver: () => false, priceOf, leftAlone: sprayedFronts(of), mayLend: true, rounds: 300 },
  )
  const draft = publishedTasks(better.placement.placed)

  test('is proposed instead of the first plan, with what it wins', () => {
    expect(better.prices!.after.totalMinor).toBeLessThan(better.prices!.before.totalMinor)
    const looked = planWithProblem({ ...of, draft }).plan
    expect(looked.proposed.map(({ taskId, from }) => [taskId, from]).sort()).toEqual(
      better.placement.placed.map(({ taskId, from }) => [taskId, from]).sort(),
    )
    expect(looked.firstPrice!.totalMinor).toBe(better.prices!.before.totalMinor)
    expect(looked.price.totalMinor).toBe(better.prices!.after.totalMinor)
    expect(looked.misses).toEqual([])
  })

  test('is let go where it fits no more: a crew is away, or there is more to do', () => {
    const away = { ...of, crews: [alone('ash')], draft }
    expect(planWithProblem(away).plan.firstPrice).toBeNull()
    const more = { ...of, rooms: [...of.rooms, { ...SMALL, id: 'r4', name: 'Fourth' }], draft }
    expect(planWithProblem(more).plan.firstPrice).toBeNull()
    expect(planWithProblem(more).plan.placed.length).toBeGreaterThan(draft.length)
  })
})

test('no room of a random job is late that would be in time, and cheaper, in the hands of another crew', () => {
  const room = fc.record({
    wide: fc.integer({ min: 3000, max: 14_000 }),
    deep: fc.integer({ min: 2500, max: 5000 }),
    due: fc.option(fc.integer({ min: 1, max: 4 })),
    crewId: fc.constantFrom('ash', 'birch'),
  })
  let saved = 0
  fc.assert(
    fc.property(fc.array(room, { minLength: 2, maxLength: 3 }), (made) => {
      const of = job({
        rooms: made.map(({ wide, deep, due: days, crewId }, i) => ({
          ...newRoom(`r${i}`, `Room ${i}`, square(wide, deep)),
          crewId,
          neededBy: days === null ? null : due(days),
        })),
      })
      const chain = planWithProblem(of)
      const { plan, problem } = chain
      const apart = planWithProblem(keptApart(of)).plan
      const others = ({ misses }: typeof plan) => misses.filter(({ kind }) => kind !== 'late-hand-back').length
      expect(others(plan)).toBeLessThanOrEqual(others(apart))
      const late = plan.misses.flatMap(({ kind, other }) => (kind === 'late-hand-back' && other ? [other] : []))
      saved += Number(late.length === 0 && lateMin(apart) > 0)
      for (const roomId of late) {
        // By hand: the other crew does all but the end of it.
        const given = new Map(
          problem.activities.flatMap(({ id, others: [other] = [], roomId: at }) =>
            at === roomId && other ? [[id, other.crewId] as const] : [],
          ),
        )
        const lent = withCrews(problem, given)
        const placement = placeFirst(lent)
        const misses = checkPlan(lent, placement)
        const priceOf = priceOfPlans(of, chain)!
        const isSaved =
          misses.length < plan.misses.length && priceOf(placement.placed, misses).totalMinor < plan.price.totalMinor
        expect([roomId, isSaved]).toEqual([roomId, false])
      }
    }),
    { numRuns: runsOf(200, 4), seed: 7 },
  )
  expect(saved).toBeGreaterThan(0)
})
