import { ApiError } from '../office/api'
import { parseInstant, planJob, type LogEvent } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { gullRow } from '../../../../demo'
import { deskServices, offline, refused } from '../../testing/services'
import { memoryStore } from '../device/memoryStore'
import { withMemory } from '../device/withMemory'
import type { Services } from './services'
import { whoTold } from './outSlice'
import { factsEdited, jobClosed, jobOpened, undone } from './jobSlice'
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
  look: null,
  mending: null,
  expectedAt: null,
  amount: null,
  undoes: null,
  note: '',
  origin: null,
})
/** Lets timers run for a while, and what waits on them finish. */
const pass = (ms: number) => jest.advanceTimersByTimeAsync(ms)

function opened(own: Partial<Services> = {}) {
  const desk = deskServices(own)
  desk.office.facts = facts
  desk.store.dispatch(jobOpened({ facts, revision: 1 }))
  desk.store.dispatch(logOpened({ jobId: job.id, events: [], unsent: [] }))
  desk.store.news.open(job.id, { log: 0, edit: 0 }, 'one')
  return desk
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

/** Somebody else sets a field of the job at the office. */
const setBy = (desk: ReturnType<typeof opened>, by: string, path: readonly string[], value: unknown) =>
  desk.office.take(
    'other',
    [{ id: `o${desk.office.edits.length}`, clock: '', changes: [{ path, act: 'set', value, before: null }] }],
    by,
  )
/** The open line brings what is new. */
const bring = (desk: ReturnType<typeof opened>) =>
  desk.noted.lines.at(-1)?.onmessage?.({
    data: JSON.stringify(desk.office.news({ log: 0, edit: 0 })),
  } as MessageEvent<string>)
const values = (desk: ReturnType<typeof opened>) =>
  desk.noted.edits.map((edits) => edits.flatMap(({ changes }) => changes.map(({ value }) => value)))

describe('edits', () => {
  test('go out after a pause, field by field, and the job is saved once the office has them', async () => {
    const desk = opened()
    desk.store.dispatch(factsEdited(named('first')))
    await pass(100)
    desk.store.dispatch(factsEdited(named('second')))
    expect(desk.noted.edits).toEqual([])
    await pass(1000)
    expect(values(desk)).toEqual([['first', 'second']])
    expect(desk.store.getState().job).toMatchObject({ save: 'saved', pending: [], facts: { name: 'second' } })
    expect(desk.office.facts?.name).toBe('second')
    expect(await desk.services.device.items()).toEqual([])
  })
  test('without a line wait on the device, and go by themselves when it is back', async () => {
    const desk = opened()
    desk.answers.edit = offline
    desk.store.dispatch(factsEdited(named('mine')))
    await pass(700)
    expect(desk.store.getState()).toMatchObject({ job: { save: 'failed' }, out: { isReached: false, waiting: 1 } })
    desk.answers.edit = (edits) => desk.office.take('own', edits)
    await pass(2500)
    expect(desk.store.getState()).toMatchObject({ job: { save: 'saved' }, out: { isReached: true, waiting: 0 } })
  })
  test('whose answer was lost on the way are sent again, and stand once', async () => {
    const desk = opened()
    desk.answers.edit = (edits) => {
      desk.office.take('own', edits)
      return offline()
    }
    desk.store.dispatch(factsEdited(named('mine')))
    await pass(700)
    desk.answers.edit = (edits) => desk.office.take('own', edits)
    await pass(3000)
    expect(desk.office.edits).toHaveLength(1)
    expect(desk.store.getState().job).toMatchObject({ save: 'saved', facts: { name: 'mine' } })
  })
  test('that are refused step aside with their reason, the fields are as before, and the next edit goes', async () => {
    const desk = opened()
    desk.answers.edit = (edits) => ({
      ...desk.office.take('own', []),
      refused: edits.map(({ id }) => ({ editId: id, message: 'x: y', place: 'x' })),
    })
    desk.store.dispatch(factsEdited(named('bad')))
    await pass(1000)
    expect(desk.store.getState()).toMatchObject({
      job: { save: 'saved', facts: { name: facts.name } },
      out: { waiting: 0, aside: [{ kind: 'edit', reason: 'x: y' }] },
    })
    desk.answers.edit = (edits) => desk.office.take('own', edits)
    desk.store.dispatch(factsEdited(named('good')))
    await pass(1000)
    expect(desk.office.facts?.name).toBe('good')
    // Mended elsewhere, it may be sent again; or dropped.
    const [item] = await desk.services.device.items()
    await desk.services.device.setAside(item!.n, null)
    await pass(1000)
    expect(desk.store.getState().out.aside).toEqual([])
  })
  test('of others come in beside what is edited here, and undo takes back only what was done here', async () => {
    const desk = opened()
    const [room] = facts.rooms
    desk.store.dispatch(factsEdited(named('mine')))
    setBy(desk, 'Ada', ['rooms', room!.id, 'heightMm'], 2345)
    bring(desk)
    await pass(1000)
    expect(desk.store.getState().job.facts).toMatchObject({ name: 'mine' })
    expect(desk.store.getState().job.facts?.rooms[0]?.heightMm).toBe(2345)
    desk.store.dispatch(undone())
    await pass(1000)
    expect(desk.store.getState().job.facts).toMatchObject({ name: facts.name })
    expect(desk.office.facts?.rooms[0]?.heightMm).toBe(2345)
  })
  test('of others are planned with, and so are their ticks', async () => {
    const desk = opened()
    await pass(200)
    desk.noted.asked.length = 0
    setBy(desk, 'Ada', ['name'], 'hers')
    desk.office.log.push(tick('theirs'))
    bring(desk)
    await pass(200)
    expect(desk.noted.asked.map(({ job: asked }) => [asked.name, asked.log.length])).toEqual([['hers', 1]])
  })
  test('of the same field by somebody else, later: told with what was meant here', async () => {
    const desk = opened()
    desk.store.dispatch(factsEdited(named('mine')))
    await pass(1000)
    setBy(desk, 'Ada', ['name'], 'hers')
    bring(desk)
    await pass(10)
    expect(desk.store.getState().job.facts?.name).toBe('hers')
    expect(desk.store.getState().missed.list).toMatchObject([
      { now: 'hers', by: 'Ada', why: 'later', change: { value: 'mine' } },
    ])
  })
  test('made within half a second of leaving are on the device already, and go out', async () => {
    const desk = opened()
    desk.store.dispatch(factsEdited(named('last')))
    await pass(0)
    expect(await desk.services.device.items()).toHaveLength(1)
    desk.noted.leave()
    await pass(10)
    expect(desk.office.facts?.name).toBe('last')
  })
  test('of a job that is closed meanwhile go out all the same', async () => {
    const desk = opened()
    desk.store.dispatch(factsEdited(named('last')))
    await pass(0)
    desk.store.news.close()
    desk.store.dispatch(jobClosed())
    await pass(1000)
    expect(desk.office.facts?.name).toBe('last')
  })
  test('kept from before are on top of the job when it is opened', async () => {
    const desk = opened()
    const edit = { id: 'e1', clock: '', changes: [{ path: ['name'], act: 'set', value: 'kept', before: '' }] } as const
    desk.store.dispatch(jobOpened({ facts, revision: 1, pending: [edit] }))
    expect(desk.store.getState().job).toMatchObject({
      save: 'waiting',
      facts: { name: 'kept' },
      base: { name: facts.name },
    })
  })
})

describe('ticks', () => {
  test('are kept on the device, sent, and forgotten there once taken', async () => {
    const desk = opened()
    desk.store.dispatch(happened([tick('t1')]))
    await pass(10)
    expect(await desk.services.device.items()).toHaveLength(1)
    await pass(1000)
    expect(desk.noted.sent.map((batch) => batch.map((event) => event.id))).toEqual([['t1']])
    expect(await desk.services.device.items()).toEqual([])
  })
  test('without a line they wait, and go together with what was ticked since', async () => {
    const desk = opened()
    desk.answers.send = offline
    desk.store.dispatch(happened([tick('t2')]))
    await pass(1000)
    desk.store.dispatch(happened([tick('t3')]))
    await pass(100)
    desk.answers.send = () => null
    desk.noted.back()
    await pass(10)
    expect(desk.noted.sent.at(-1)?.map((event) => event.id)).toEqual(['t2', 't3'])
    expect(desk.store.getState().out.waiting).toBe(0)
  })
  test('one that is refused steps aside with its reason; the others arrive, and those that come later too', async () => {
    const desk = opened()
    desk.answers.send = (events) => (events.some((event) => event.id === 'bad') ? refused('request.invalid') : null)
    desk.store.dispatch(happened([tick('a'), tick('bad'), tick('b')]))
    await pass(1000)
    expect(desk.store.getState().log.events.map((event) => event.id)).toEqual(['a', 'b'])
    expect(desk.store.getState().out.aside).toMatchObject([{ kind: 'tick', reason: 'x: y' }])
    expect(desk.store.getState().notice.current?.text).toContain('x: y')
    desk.store.dispatch(happened([tick('later')]))
    await pass(1000)
    expect(desk.store.getState().out.waiting).toBe(0)
  })
  test('of a second phone come by the line, once', async () => {
    const desk = opened()
    desk.office.log.push(tick('theirs'))
    bring(desk)
    bring(desk)
    expect(desk.store.getState().log.events.map((event) => event.id)).toEqual(['theirs'])
  })
  test('the line rests while nobody looks, and goes on behind what is known', async () => {
    const desk = opened()
    desk.noted.seen(false)
    desk.office.log.push(tick('meanwhile'))
    desk.noted.seen(true)
    expect(desk.noted.lines).toHaveLength(2)
    bring(desk)
    expect(desk.store.getState().log.events.map((event) => event.id)).toEqual(['meanwhile'])
  })
  test('wait where nobody is signed in, and it is told', async () => {
    const desk = opened()
    desk.answers.send = () => new ApiError({ code: 'sign_in.needed', message: '', facts: {}, place: null }, 401)
    desk.store.dispatch(happened([tick('t1')]))
    await pass(1000)
    expect(desk.store.getState().out).toMatchObject({ mustSignIn: true, waiting: 1, aside: [] })
  })
})

describe('what is said on a device', () => {
  const tickOf = (id: string) => happened([tick(id)])
  test('goes out under no other name: it waits for whoever said it', async () => {
    const desk = opened()
    const sign = (name: string) =>
      desk.store.dispatch(whoTold({ who: { id: name, name, role: 'painter' }, isOpen: false, isFirst: false }))
    sign('Pip')
    const { send } = desk.answers
    desk.answers.send = offline
    desk.store.dispatch(tickOf('pips'))
    await pass(700)
    desk.answers.send = send
    sign('Ana')
    desk.store.dispatch(tickOf('anas'))
    await pass(40_000)
    expect(desk.office.log.map(({ id }) => id)).toEqual(['anas'])
    expect(desk.store.getState().out.waitingOf).toEqual([{ id: 'Pip', name: 'Pip', n: 1 }])
    sign('Pip')
    await desk.store.sender.send()
    expect(desk.office.log.map(({ id }) => id)).toEqual(['anas', 'pips'])
  })
  test('on a full device is not done before the office has it, and goes out from memory at once', async () => {
    const full = { ...memoryStore(), put: async () => Promise.reject(new Error('full')) }
    const desk = opened({ device: withMemory(full) })
    const { send } = desk.answers
    desk.answers.send = offline
    desk.store.dispatch(tickOf('loose'))
    await pass(700)
    expect(desk.store.getState().log.events).toEqual([])
    expect(desk.store.getState().out.waiting).toBe(1)
    desk.answers.send = send
    await pass(5000)
    expect(desk.office.log.map(({ id }) => id)).toEqual(['loose'])
    expect(desk.store.getState().log.events.map(({ id }) => id)).toEqual(['loose'])
  })
  test('an office of another epoch has the job fetched anew, whatever its marks say', async () => {
    const desk = opened()
    const anew: string[] = []
    desk.store.onAnew((id) => anew.push(id))
    desk.office.epoch = 'two'
    bring(desk)
    await pass(10)
    expect(anew).toEqual([job.id])
  })
})
