import { parseInstant, planJob, type LogEvent } from '@crisp-hem/core'
import { gullRow } from '../../../demo'
import type { Answered } from './useWorkerAnswer'
import { partsOf } from './planParts'

/**
 * What follows from a change: a plan is asked for, facts are saved, ticks are sent again until they arrive. The worker
 * and the network are stand-ins that note what they are asked.
 */
interface Call {
  readonly method: string
  readonly path: string
  readonly body: unknown
}
const calls: Call[] = []
let answer: (call: Call) => { status: number; body: unknown } = () => ({ status: 200, body: {} })
const asked: { seq: number; job: { name: string }; now: number }[] = []
let worker: { onmessage: ((event: { data: unknown }) => void) | null } | null = null

class NotingWorker {
  onmessage: ((event: { data: unknown }) => void) | null = null
  constructor() {
    // eslint-disable-next-line @typescript-eslint/no-this-alias -- the test has to speak as the worker
    worker = this
  }
  postMessage(message: (typeof asked)[number]): void {
    asked.push(message)
  }
}

const kept = new Map<string, string>()
Object.assign(globalThis, {
  Worker: NotingWorker,
  localStorage: {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  },
  fetch: async (path: string, { method, body }: { method: string; body?: string }) => {
    const call = { method, path, body: body === undefined ? null : JSON.parse(body) }
    calls.push(call)
    const { status, body: said } = answer(call)
    if (status === 0) throw new Error('no line')
    return { ok: status < 300, status, json: async () => said }
  },
})

const job = gullRow()
const { log: _log, ...facts } = job
const tick = (id: string): LogEvent => ({
  id,
  kind: 'laid',
  at: '2027-05-12T13:00:00Z',
  crewId: null,
  subjects: ['h'],
  coat: null,
  bleeds: null,
  expectedAt: null,
  undoes: null,
  note: '',
})

async function opened() {
  const { store } = await import('../store')
  const { jobOpened, factsEdited } = await import('./jobSlice')
  const { logOpened, happened } = await import('./logSlice')
  store.dispatch(jobOpened({ facts, revision: 7 }))
  store.dispatch(logOpened({ jobId: job.id, events: [], unsent: [] }))
  calls.length = 0
  asked.length = 0
  return { store, factsEdited, happened }
}
/** Lets timers run for a while, and what waits on them finish. */
const pass = (ms: number) => jest.advanceTimersByTimeAsync(ms)

beforeEach(() => jest.useFakeTimers())
afterEach(() => {
  answer = () => ({ status: 200, body: {} })
  jest.useRealTimers()
})

describe('plans', () => {
  test('edits close together are asked for once, with the latest facts', async () => {
    const { store, factsEdited } = await opened()
    await pass(100)
    asked.length = 0
    for (const name of ['a', 'b', 'c']) store.dispatch(factsEdited({ ...facts, name }))
    await pass(100)
    expect(asked.map((each) => each.job.name)).toEqual(['c'])
  })
  test('parts of the latest plan make it whole; those of an older one are dropped', async () => {
    const { store, factsEdited } = await opened()
    await pass(100)
    store.dispatch(factsEdited({ ...facts, name: 'late' }))
    await pass(100)
    const seq = asked.at(-1)!.seq
    const plan = planJob(job, parseInstant(job.start))
    const say = (data: object) => worker!.onmessage!({ data })
    const { planCleared } = await import('./planSlice')
    store.dispatch(planCleared())
    for (const part of partsOf(plan)) say({ seq: seq - 1, part, tookMs: 5 })
    expect(store.getState().plan.plan).toBeNull()
    for (const part of partsOf(plan)) say({ seq, part, tookMs: 5 })
    expect(store.getState().plan).toMatchObject({ tookMs: 5, failed: null })
    expect(store.getState().plan.plan).toEqual(plan)
    say({ seq, failed: 'stuck' } satisfies Answered<never>)
    expect(store.getState().plan.failed).toBe('stuck')
  })
})

describe('saving', () => {
  test('waits for a pause, sends the facts with their revision, and takes the new one', async () => {
    answer = () => ({ status: 200, body: { revision: 8 } })
    const { store, factsEdited } = await opened()
    store.dispatch(factsEdited({ ...facts, name: 'first' }))
    await pass(300)
    store.dispatch(factsEdited({ ...facts, name: 'second' }))
    await pass(300)
    expect(calls).toEqual([])
    await pass(300)
    expect(calls).toHaveLength(1)
    expect(calls[0]).toMatchObject({ method: 'PUT', path: `/api/jobs/${job.id}`, body: { revision: 7 } })
    expect((calls[0]!.body as { facts: { name: string } }).facts.name).toBe('second')
    expect(store.getState().job).toMatchObject({ save: 'saved', revision: 8 })
  })
  test('a job changed elsewhere is told apart from a line that is down', async () => {
    const { store, factsEdited } = await opened()
    answer = () => ({ status: 409, body: { code: 'job.changed_meanwhile', message: 'changed', place: null } })
    store.dispatch(factsEdited({ ...facts, name: 'mine' }))
    await pass(700)
    expect(store.getState().job.save).toBe('changed elsewhere')
    answer = () => ({ status: 0, body: null })
    store.dispatch(factsEdited({ ...facts, name: 'mine again' }))
    await pass(700)
    expect(store.getState().job).toMatchObject({ save: 'failed', saveError: 'no connection to the office' })
  })
})

describe('ticks', () => {
  test('are kept on the device, sent, and forgotten there once taken', async () => {
    answer = () => ({ status: 200, body: { taken: 1 } })
    const { store, happened } = await opened()
    store.dispatch(happened([tick('t1')]))
    await pass(10)
    expect(calls.map((call) => call.path)).toEqual([`/api/jobs/${job.id}/log`])
    expect(store.getState().log.unsent).toEqual([])
    expect(kept.get(`crisp-hem:unsent:${job.id}`)).toBeUndefined()
  })
  test('without a line they wait, and go together with what was ticked since', async () => {
    answer = () => ({ status: 0, body: null })
    const { store, happened } = await opened()
    store.dispatch(happened([tick('t2')]))
    await pass(100)
    expect(JSON.parse(kept.get(`crisp-hem:unsent:${job.id}`)!)).toHaveLength(1)
    store.dispatch(happened([tick('t3')]))
    await pass(100)
    answer = () => ({ status: 200, body: { taken: 2 } })
    await pass(6000)
    const last = calls.at(-1)!.body as { events: LogEvent[] }
    expect(last.events.map((event) => event.id)).toEqual(['t2', 't3'])
    expect(store.getState().log.unsent).toEqual([])
  })
  test('a half-written line on the device is no reason to fail', async () => {
    const { unsentStore } = await import('./unsentStore')
    kept.set('crisp-hem:unsent:x', '[{"id":')
    expect(unsentStore.read('x')).toEqual([])
    expect(unsentStore.read('never seen')).toEqual([])
  })
})
