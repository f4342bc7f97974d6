import { parseInstant, planJob, type LogEvent } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { gullRow } from '../../../demo'
import { deskServices, offline, refused, type Answer } from '../testing/services'
import { takenUp } from './drafts'
import { factsEdited, jobClosed, jobOpened } from './jobSlice'
import { happened, logOpened } from './logSlice'
import { workerPlanner, type PlanAnswer, type PlanWorker } from './planner'
import { partsOf } from './planParts'

/** What follows from a change: a plan is asked for, facts are saved, ticks are sent. */
const job = gullRow()
const { log: _log, published: _published, ...facts } = job
const named = (name: string): JobFacts => ({ ...facts, name })
const tick = (id: string): LogEvent => ({
  id,
  kind: 'laid',
  at: '2027-05-12T13:00:00Z',
  crewId: null,
  subjects: ['parlour/wall:w1|ceiling'],
  coat: null,
  bleeds: null,
  expectedAt: null,
  undoes: null,
  note: '',
  origin: null,
})
/** Lets timers run for a while, and what waits on them finish. */
const pass = (ms: number) => jest.advanceTimersByTimeAsync(ms)

function opened() {
  const desk = deskServices()
  desk.store.dispatch(jobOpened({ facts, revision: 7 }))
  desk.store.dispatch(logOpened({ jobId: job.id, events: [], unsent: [] }))
  return desk
}

/** An answer that comes when it is let go. */
function held<T>(): { answer: Promise<T>; letGo: (value: T) => void } {
  let letGo: (value: T) => void = () => {}
  const answer = new Promise<T>((done) => (letGo = done))
  return { answer, letGo }
}

beforeEach(() => jest.useFakeTimers())
afterEach(() => jest.useRealTimers())

describe('plans', () => {
  test('edits close together are asked for once, with the latest facts', async () => {
    const { store, noted } = opened()
    await pass(100)
    noted.asked.length = 0
    for (const name of ['a', 'b', 'c']) store.dispatch(factsEdited(named(name)))
    await pass(100)
    expect(noted.asked.map((each) => each.job.name)).toEqual(['c'])
  })
  test('an answer is shown, a failure is told, and a closed job has no plan', async () => {
    const { store, noted } = opened()
    const plan = planJob(job, parseInstant(job.start))
    noted.tell({ plan, tookMs: 5 })
    expect(store.getState().plan).toMatchObject({ tookMs: 5, failed: null, plan: { jobId: job.id } })
    noted.tell({ failed: 'stuck' })
    expect(store.getState().plan.failed).toBe('stuck')
    store.dispatch(jobClosed())
    await pass(0)
    expect(store.getState().plan.plan).toBeNull()
  })
  test('parts of the latest answer make a plan whole; those of an older question are dropped', () => {
    const worker: PlanWorker = { onmessage: null, postMessage: () => {} }
    const planner = workerPlanner(worker)
    const told: PlanAnswer[] = []
    planner.onAnswer((answer) => told.push(answer))
    planner.ask(job, 0)
    planner.ask(job, 1)
    const plan = planJob(job, parseInstant(job.start))
    const say = (seq: number) => {
      for (const part of partsOf(plan)) worker.onmessage?.({ data: { seq, part, tookMs: 5 } } as MessageEvent)
    }
    say(1)
    expect(told).toEqual([])
    say(2)
    expect(told).toEqual([{ plan, tookMs: 5 }])
  })
})

describe('saving', () => {
  test('waits for a pause, sends the latest facts with their revision, and takes the new one', async () => {
    const { store, noted } = opened()
    store.dispatch(factsEdited(named('first')))
    await pass(300)
    store.dispatch(factsEdited(named('second')))
    await pass(300)
    expect(noted.saves).toEqual([])
    await pass(300)
    expect(noted.saves.map((save) => [save.facts.name, save.revision])).toEqual([['second', 7]])
    expect(store.getState().job).toMatchObject({ save: 'saved', revision: 8 })
  })
  test('an edit during a slow save waits for it and goes on from its revision: nobody meets himself', async () => {
    const { store, noted, answers } = opened()
    const slow = held<Answer<{ revision: number }>>()
    answers.save = () => slow.answer as Promise<{ revision: number }>
    store.dispatch(factsEdited(named('slow')))
    await pass(600)
    store.dispatch(factsEdited(named('during')))
    await pass(5000)
    expect(noted.saves).toHaveLength(1)
    answers.save = (_facts, revision) => ({ revision: revision + 1 })
    slow.letGo({ revision: 8 })
    await pass(10)
    expect(noted.saves.map((save) => [save.facts.name, save.revision])).toEqual([
      ['slow', 7],
      ['during', 8],
    ])
    expect(store.getState().job).toMatchObject({ save: 'saved', revision: 9 })
  })
  test('a save that found nobody is tried again until it is through', async () => {
    const { store, noted, answers } = opened()
    answers.save = offline
    store.dispatch(factsEdited(named('mine')))
    await pass(700)
    expect(store.getState().job).toMatchObject({ save: 'failed', saveError: 'no connection to the office' })
    answers.save = (_facts, revision) => ({ revision: revision + 1 })
    await pass(2500)
    expect(noted.saves).toHaveLength(2)
    expect(store.getState().job).toMatchObject({ save: 'saved', revision: 8 })
  })
  test('content that is refused is not sent again by itself; the next edit is', async () => {
    const { store, noted, answers } = opened()
    answers.save = () => refused('request.invalid')
    store.dispatch(factsEdited(named('bad')))
    await pass(60_000)
    expect(noted.saves).toHaveLength(1)
    answers.save = (_facts, revision) => ({ revision: revision + 1 })
    store.dispatch(factsEdited(named('good')))
    await pass(700)
    expect(store.getState().job).toMatchObject({ save: 'saved', revision: 8 })
  })
  test('a job changed elsewhere is told, and nothing is sent over it', async () => {
    const { store, noted, answers } = opened()
    answers.save = () => refused('job.changed_meanwhile')
    store.dispatch(factsEdited(named('mine')))
    await pass(700)
    expect(store.getState().job.save).toBe('changed elsewhere')
    store.dispatch(factsEdited(named('mine again')))
    await pass(60_000)
    expect(noted.saves).toHaveLength(1)
  })
  test('an edit within half a second of leaving goes out at once, and is kept on the device until it is safe', async () => {
    const { store, noted, answers, draftOf } = opened()
    const slow = held<Answer<{ revision: number }>>()
    answers.save = () => slow.answer as Promise<{ revision: number }>
    store.dispatch(factsEdited(named('last')))
    await pass(100)
    noted.leave()
    await pass(0)
    expect(noted.saves.map((save) => save.facts.name)).toEqual(['last'])
    expect(draftOf(job.id)).toMatchObject({ facts: { name: 'last' }, revision: 7 })
    slow.letGo({ revision: 8 })
    await pass(10)
    expect(draftOf(job.id)).toBeNull()
  })
  test('closing the job saves what waits', async () => {
    const { store, noted } = opened()
    store.dispatch(factsEdited(named('last')))
    store.dispatch(jobClosed())
    await pass(10)
    expect(noted.saves.map((save) => save.facts.name)).toEqual(['last'])
  })
  test('a draft that is taken up is saved', async () => {
    const { store, noted } = opened()
    store.dispatch(jobOpened({ facts: named('draft'), revision: 7, draft: true }))
    await pass(700)
    expect(noted.saves.map((save) => [save.facts.name, save.revision])).toEqual([['draft', 7]])
    expect(store.getState().job.save).toBe('saved')
  })
})

// By hand: the job stood at 7 when the page was left with “last” waiting, “before” on its way.
describe('drafts', () => {
  const draft = { facts: named('last'), revision: 7, onItsWay: named('before') }
  test('nobody has touched the job since: taken up', () => expect(takenUp(draft, facts, 7)).toEqual(named('last')))
  test('our own save came through: taken up', () => expect(takenUp(draft, named('before'), 8)).toEqual(named('last')))
  test('it came through itself: nothing left', () => expect(takenUp(draft, named('last'), 8)).toBeNull())
  test('somebody else changed it: told', () => expect(takenUp(draft, named('theirs'), 8)).toBe('outdated'))
  test('none: nothing', () => expect(takenUp(null, facts, 7)).toBeNull())
})

describe('ticks', () => {
  test('are kept on the device, sent, and forgotten there once taken', async () => {
    const { store, services, noted } = opened()
    store.dispatch(happened([tick('t1')]))
    await pass(10)
    expect(noted.sent.map((batch) => batch.map((event) => event.id))).toEqual([['t1']])
    expect(store.getState().log.unsent).toEqual([])
    expect(services.outbox.read(job.id)).toEqual([])
  })
  test('without a line they wait, and go together with what was ticked since', async () => {
    const { store, services, noted, answers } = opened()
    answers.send = offline
    store.dispatch(happened([tick('t2')]))
    await pass(100)
    expect(services.outbox.read(job.id)).toHaveLength(1)
    store.dispatch(happened([tick('t3')]))
    await pass(100)
    answers.send = () => ({ taken: 2 })
    await pass(6000)
    expect(noted.sent.at(-1)?.map((event) => event.id)).toEqual(['t2', 't3'])
    expect(store.getState().log.unsent).toEqual([])
  })
  test('one that is refused steps aside with its reason; the others arrive, and those that come later too', async () => {
    const { store, services, answers } = opened()
    answers.send = (events) => (events.some((event) => event.id === 'bad') ? refused('request.invalid') : { taken: 1 })
    store.dispatch(happened([tick('a'), tick('bad'), tick('b')]))
    await pass(50)
    expect(store.getState().log).toMatchObject({ unsent: [] })
    expect(store.getState().log.events.map((event) => event.id)).toEqual(['a', 'b'])
    expect(services.outbox.refused(job.id)).toMatchObject([{ event: { id: 'bad' }, reason: 'x: y' }])
    expect(store.getState().notice.current?.text).toContain('x: y')
    store.dispatch(happened([tick('later')]))
    await pass(50)
    expect(store.getState().log.unsent).toEqual([])
  })
  test('a half-written line on the device is no reason to fail', () => {
    const { services } = opened()
    expect(services.outbox.read('never seen')).toEqual([])
  })
})
