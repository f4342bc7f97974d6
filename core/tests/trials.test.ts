import { ternQuaySurvey } from '../../demo'
import { planJob } from '../src/answers/chain/planJob'
import { expectedPerM, trialCounts, trialNeeds, trialVerdict } from '../src/answers/record/trialVerdict'
import type { Job, Trial, TrialWay } from '../src/base/nouns'
import { trialOrder } from '../src/nature/learn/trialOrder'
import { early } from './early'

const survey = early(ternQuaySurvey())
const job: Job = { ...survey, rooms: survey.rooms.filter(({ id }) => id === 'practice1' || id === 'kitchen') }
const plan = planJob(job)
const tapes = [...job.shelf.tapes]
  .filter(({ retired, edge }) => !retired && edge !== 'barrier')
  .sort((a, b) => a.rolls[0]!.priceMinor / a.rollLengthMm - b.rolls[0]!.priceMinor / b.rollLengthMm)
const [cheap, dear] = [tapes[0]!, tapes.at(-1)!]
const way = (tapeId: string, more: Partial<TrialWay> = {}): TrialWay => ({
  tapeId,
  seal: 'none',
  pressing: 'tool',
  stroke: 'outward',
  waitH: 24,
  ...more,
})
const texture = 'smooth'
const trial = (ways: readonly TrialWay[], found: readonly number[] | null, rows = 8): Trial => {
  const seed = 4
  const bare = {
    id: 't',
    name: 'Board',
    texture,
    coatingId: job.shelf.coatings[0]!.id,
    ways,
    rows,
    pieceMm: 1000,
    seed,
  } as const
  return {
    ...bare,
    counts: found ? trialOrder(ways.length, rows, seed).flatMap((row) => row.map((i) => found[i]!)) : [],
  }
}

test('counts go to the way that lies there, wherever the order put it', () => {
  const three = trial([way(cheap.id), way(dear.id), way(dear.id, { seal: 'wiped-sealant' })], [5, 2, 0])
  expect(trialCounts(three)).toEqual([
    { events: 40, exposure: 8 },
    { events: 16, exposure: 8 },
    { events: 0, exposure: 8 },
  ])
  const half = { ...three, counts: three.counts.map((n, i) => (i < 3 ? n : null)) }
  expect(trialCounts(half).map(({ exposure }) => exposure)).toEqual([1, 1, 1])
})

test('before it: how many metres it takes; a sealed edge is told from an open one sooner than two that are alike', () => {
  const ways = [way(cheap.id), way(cheap.id, { seal: 'wiped-sealant' }), way(cheap.id)]
  const on = trial(ways, null)
  const [open, sealed] = ways.map((each) => expectedPerM({ ...on, texture: 'heavy-spray' }, each, job))
  expect(open).toBeGreaterThan(sealed!)
  const [none, told, alike] = trialNeeds({ ...on, texture: 'heavy-spray' }, job)
  expect(none).toBeNull()
  expect(told).toBeGreaterThan(0)
  expect(alike).toBeNull()
})

test('nobody looked: nothing is said of which is better', () => {
  const { fewest, cheapest, against, saves } = trialVerdict(trial([way(cheap.id), way(dear.id)], null), job, plan)
  expect([fewest, cheapest, saves]).toEqual([null, null, null])
  expect(against).toEqual([null, null])
})

test('a cheap tape that bleeds: told to be worse, by both methods, with the price up to which tapes failed', () => {
  const { ways, fewest, cheapest, against, failedUpToPerM } = trialVerdict(
    trial([way(cheap.id), way(dear.id)], [6, 1]),
    job,
    plan,
  )
  expect(fewest).toBe(1)
  expect(against[0]!.standing).toBe('worse')
  expect(against[0]!.pValue).toBeLessThan(0.001)
  expect(against[0]!.chanceWorse).toBeGreaterThan(0.999)
  expect(against[0]!.timesLow).toBeGreaterThan(2)
  expect(failedUpToPerM).toBeCloseTo(ways[0]!.tapePerM, 9)
  expect(ways[0]!.mendingPerM).toBeCloseTo(6 * job.house.mendBleedMinor, 9)
  const cost = ways.map(({ tapePerM, workPerM, mendingPerM }) => tapePerM + workPerM + mendingPerM)
  expect(cheapest).toBe(cost[0]! < cost[1]! ? 0 : 1)
})

test('a cheap tape that does as well, over metres enough: what it saves on this job', () => {
  const { saves, jobMetres, ways, against } = trialVerdict(trial([way(cheap.id), way(dear.id)], [4, 4], 40), job, plan)
  expect(jobMetres).toBeGreaterThan(0)
  expect(against.find((each) => each !== null)!.standing).toBe('as-good')
  expect(saves).toEqual({ way: 0, minor: Math.round((ways[1]!.tapePerM - ways[0]!.tapePerM) * jobMetres) })
})

test('few pieces settle nothing, and it says how many metres more', () => {
  const { against, saves } = trialVerdict(trial([way(cheap.id), way(dear.id)], [2, 1], 2), job, plan)
  expect(against[0]!.standing).toBe('open')
  expect(against[0]!.metresMore).toBeGreaterThan(5)
  expect(saves).toBeNull()
})
