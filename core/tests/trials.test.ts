import { ternQuaySurvey } from '../../demo'
import { planJob } from '../src/answers/chain/planJob'
import { expectedPerM, piecesFound, trialCounts, trialNeeds, trialVerdict } from '../src/answers/record/trialVerdict'
import { UNSAID, writeSubject, type Job, type LogEvent, type Trial, type TrialWay } from '../src/base/nouns'
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
const trial = (ways: readonly TrialWay[], rows = 8): Trial => ({
  id: 't',
  name: 'Board',
  texture,
  coatingId: job.shelf.coatings[0]!.id,
  ways,
  rows,
  pieceMm: 1000,
  seed: 4,
})
/** Every piece of a trial looked at: so many faults at each piece of each way. */
const found = ({ id, ways, rows, seed }: Trial, ofWay: readonly number[]): LogEvent[] =>
  trialOrder(ways.length, rows, seed)
    .flat()
    .map((i, piece) => ({
      ...UNSAID,
      id: `found-${piece}`,
      kind: 'tried',
      at: '2026-03-02T10:00:00Z',
      subjects: [writeSubject({ of: 'trial', trialId: id, piece })],
      bleeds: ofWay[i]!,
    }))
const verdict = (of: Trial, ofWay: readonly number[] | null) =>
  trialVerdict(of, { ...job, log: ofWay ? found(of, ofWay) : [] }, plan)

test('counts go to the way that lies there, wherever the order put it', () => {
  const three = trial([way(cheap.id), way(dear.id), way(dear.id, { seal: 'wiped-sealant' })])
  const log = found(three, [5, 2, 0])
  expect(trialCounts(three, log)).toEqual([
    { events: 40, exposure: 8 },
    { events: 16, exposure: 8 },
    { events: 0, exposure: 8 },
  ])
  expect(trialCounts(three, log.slice(0, 3)).map(({ exposure }) => exposure)).toEqual([1, 1, 1])
  expect(trialCounts({ ...three, id: 'other' }, log).every(({ exposure }) => exposure === 0)).toBe(true)
  // What was counted wrongly is taken back, or counted once more.
  const back: LogEvent = { ...UNSAID, id: 'back', kind: 'undone', at: log[0]!.at, subjects: [], undoes: log[0]!.id }
  const anew: LogEvent = { ...log[1]!, id: 'anew', at: '2026-03-02T11:00:00Z', bleeds: 9 }
  expect(piecesFound(three, [...log, back, anew]).slice(0, 2)).toEqual([null, 9])
})

test('before it: how many metres it takes; a sealed edge is told from an open one sooner than two that are alike', () => {
  const ways = [way(cheap.id), way(cheap.id, { seal: 'wiped-sealant' }), way(cheap.id)]
  const on = trial(ways)
  const [open, sealed] = ways.map((each) => expectedPerM({ ...on, texture: 'heavy-spray' }, each, job))
  expect(open).toBeGreaterThan(sealed!)
  const [none, told, alike] = trialNeeds({ ...on, texture: 'heavy-spray' }, job)
  expect(none).toBeNull()
  expect(told).toBeGreaterThan(0)
  expect(alike).toBeNull()
})

test('nobody looked: nothing is said of which is better', () => {
  const { fewest, cheapest, against, saves } = verdict(trial([way(cheap.id), way(dear.id)]), null)
  expect([fewest, cheapest, saves]).toEqual([null, null, null])
  expect(against).toEqual([null, null])
})

test('a cheap tape that bleeds: told to be worse, by both methods, with the price up to which tapes failed', () => {
  const { ways, fewest, cheapest, against, failedUpToPerM } = verdict(trial([way(cheap.id), way(dear.id)]), [6, 1])
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
  const { saves, jobMetres, ways, against } = verdict(trial([way(cheap.id), way(dear.id)], 40), [4, 4])
  expect(jobMetres).toBeGreaterThan(0)
  expect(against.find((each) => each !== null)!.standing).toBe('as-good')
  expect(saves).toEqual({ way: 0, minor: Math.round((ways[1]!.tapePerM - ways[0]!.tapePerM) * jobMetres) })
})

test('few pieces settle nothing, and it says how many metres more', () => {
  const { against, saves } = verdict(trial([way(cheap.id), way(dear.id)], 2), [2, 1])
  expect(against[0]!.standing).toBe('open')
  expect(against[0]!.metresMore).toBeGreaterThan(5)
  expect(saves).toBeNull()
})
