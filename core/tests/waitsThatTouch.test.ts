import { ternQuaySurvey } from '../../demo'
import { tellFloor } from '../src/answers/tell/tellFloor'
import { coverNeeds } from '../src/masking/covers/coverNeeds'
import { floorPlan } from '../src/masking/covers/floorPlan'
import { planWithProblem } from '../src/answers/chain/planJob'
import type { PaintStep, Room } from '../src/base/nouns'
import { parseInstant } from '../src/base/units/time'
import { STARTER_SHELF } from '../src/survey/shelf/starterShelf'
import { CEILING, jobOf, PLAIN_ROOM, TRIM, WALLS } from './oneHem'
import { early } from './early'

/** What waits for what: only for what it touches, or what drips on it. Common practice, no published source. */
const lagsOf = (room: Partial<Room>) => {
  const job = jobOf({ room })
  const { plan, problem } = planWithProblem(job, parseInstant(job.start))
  const kindOf = new Map(plan.tasks.map((task) => [task.id, task]))
  return {
    plan,
    lags: problem.lags.map((lag) => ({ ...lag, before: kindOf.get(lag.from), after: kindOf.get(lag.to) })),
  }
}

test('a look waits for each colour’s own time to be dry to touch, not for the slowest in the room', () => {
  const slow = STARTER_SHELF.coatings.find(({ base }) => base === 'solvent')!
  const trim: PaintStep = { ...TRIM, coatingId: slow.id }
  const { lags } = lagsOf({ steps: [trim, WALLS] })
  const wallPaint = STARTER_SHELF.coatings.find(({ id }) => id === WALLS.coatingId)!
  const looks = lags.filter(({ after, min }) => after?.kind === 'look' && min.amount > 0)
  const of = (stepId: string) => looks.filter(({ before }) => before?.stepId === stepId).map(({ min }) => min.amount)
  expect(new Set(of(TRIM.id))).toEqual(new Set([slow.touchDryMin]))
  expect(new Set(of(WALLS.id))).toEqual(new Set([wallPaint.touchDryMin]))
})

test('tape on a wall waits for the trim it lies on, not for the last trim of the room', () => {
  const { plan, lags } = lagsOf({ steps: [TRIM, WALLS] })
  const walls = (roundId: string | null) => plan.rounds.find(({ id }) => id === roundId)!.wallIds
  const found = lags.filter(({ before, after }) => before?.stepId === TRIM.id && after?.stepId === WALLS.id)
  expect(found.length).toBeGreaterThan(3)
  for (const { before, after } of found)
    expect(walls(before!.roundId).some((id) => walls(after!.roundId).includes(id))).toBe(true)
})

test('skirtings do not wait for the ceiling; walls do, for all of it', () => {
  const { lags } = lagsOf({ steps: [CEILING, TRIM, WALLS] })
  const between = (a: string, b: string) =>
    lags.filter(({ before, after }) => before?.stepId === a && after?.stepId === b)
  expect(between(CEILING.id, TRIM.id)).toEqual([])
  expect(between(CEILING.id, WALLS.id).length).toBeGreaterThan(0)
})

test('a floor that was washed holds up what lies on it, and no wall', () => {
  const floor = { ...PLAIN_ROOM.floor, prep: ['wash' as const] }
  const { lags } = lagsOf({ floor, steps: [TRIM, WALLS] })
  const drying = lags.filter(({ before, min }) => before?.kind === 'prep' && min.amount > 0)
  expect(drying.length).toBeGreaterThan(0)
  for (const { after } of drying) expect(after?.stepId).toBe(TRIM.id)
  expect(lags.some(({ before, after }) => before?.kind === 'prep' && after?.stepId === WALLS.id)).toBe(true)
})

test('nothing in one room waits for another, behind its shut door: rooms share crews and guns, not waits', () => {
  const survey = early(ternQuaySurvey())
  const { plan, problem } = planWithProblem(survey, parseInstant(survey.start))
  const task = new Map(plan.tasks.map((each) => [each.id, each]))
  const between = problem.lags.filter(({ from, to }) => task.get(from)?.roomId !== task.get(to)?.roomId)
  const isGun = (id: string) => task.get(id)?.kind.startsWith('gun-') ?? false
  // Only a gun that goes from one to the other filled.
  expect(between.filter(({ from, to }) => !isGun(from) && !isGun(to)).map(({ from, to }) => `${from} → ${to}`)).toEqual(
    [],
  )
  expect(new Set(plan.tasks.map(({ roomId }) => roomId)).size).toBeGreaterThan(3)
})

describe('what lies on a floor beside its cloths', () => {
  const of = (room: Partial<Room>) => {
    const job = jobOf({ room })
    const own = job.rooms[0]!
    const told = tellFloor(job, own).map(({ code }) => code)
    const runners = coverNeeds(own, job.shelf, job.site.units, job.rooms).filter(
      ({ why }) => why.code === 'cover.ladder',
    )
    return { told, runners: runners.map(({ pieces }) => pieces) }
  }
  const oak = { ...PLAIN_ROOM.floor, material: 'wood' as const }
  test('a runner goes along under the ladder on a hard floor, and is in the load', () => {
    expect(of({ floor: oak, steps: [WALLS] })).toEqual({ told: ['floor.ladder'], runners: [1] })
  })
  test('on carpet, or where nobody reaches above himself, none does', () => {
    const carpet = { ...PLAIN_ROOM.floor, material: 'carpet' as const }
    expect(of({ floor: carpet, steps: [WALLS] })).toEqual({ told: [], runners: [] })
    expect(of({ floor: oak, steps: [TRIM] })).toEqual({ told: [], runners: [] })
    expect(of({ floor: oak, heightMm: 2300, steps: [WALLS] })).toEqual({ told: [], runners: [] })
  })
  test('a hall no wider than a runner gets runners end to end', () => {
    const job = jobOf({ room: { steps: [WALLS] } })
    const runner = job.shelf.covers
      .filter(({ kind }) => kind === 'cloth')
      .sort((a, b) => a.widthMm * a.lengthMm - b.widthMm * b.lengthMm)[0]!
    const [a, b] = [5000, runner.widthMm]
    const walls = PLAIN_ROOM.walls.map((wall, i) => ({ ...wall, lengthMm: i % 2 === 0 ? a : b }))
    const plan = floorPlan({ ...PLAIN_ROOM, walls, openings: [], steps: [WALLS] }, job.shelf, false)!
    expect(new Set(plan.field.map(({ coverId }) => coverId))).toEqual(new Set([runner.id]))
    expect(plan.field).toHaveLength(Math.ceil((a - 150) / (runner.lengthMm - 150)))
  })
})
