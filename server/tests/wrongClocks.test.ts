import type { FastifyInstance } from 'fastify'
import { changesBetween, nextClock, UNSAID, type Edit, type LogEvent } from '@crisp-hem/core'
import type { EditAnswer, HealthAnswer, JobAnswer, TickAnswer } from '@crisp-hem/core/wire'
import { ternQuaySurvey } from '../../demo'
import type { Database } from '../src/db/open'
import { practiceClock } from '../src/keeping/practiceClock'
import { closeServer, openServer, ours } from './ours'

/** Devices whose clocks are wrong, and requests that say absurd times. */
const NOW = '2027-05-12T13:08:00Z'
const NOW_MS = Date.parse(NOW)
const YEAR_MS = 365 * 86_400_000
const { log: _log, published: _published, ...facts } = ternQuaySurvey()
const JOB = `/api/jobs/${facts.id}`

let db: Database
let app: FastifyInstance
beforeEach(async () => {
  ;({ db, app } = await openServer({ now: () => NOW }))
  await ours(app, { method: 'POST', url: '/api/jobs', payload: facts })
})
afterEach(async () => {
  await closeServer({ db, app })
})

const read = async () => (await ours(app, { method: 'GET', url: JOB })).json<JobAnswer>()
const named = (id: string, name: string, ms: number, device: string): Edit => ({
  id,
  clock: nextClock(null, ms, device),
  changes: changesBetween(facts, { ...facts, name }),
})
const send = async (device: string, edit: Edit) =>
  (await ours(app, { method: 'POST', url: `${JOB}/edits`, payload: { device, edits: [edit] } })).json<EditAnswer>()
const tick = (id: string, at: string, clock = nextClock(null, NOW_MS, 'd')): LogEvent => ({
  ...UNSAID,
  id,
  kind: 'laid',
  at,
  subjects: ['parlour/wall:w1|ceiling'],
  origin: { device: 'd', seq: 1, by: null, clock, saidAt: null },
})
const say = (event: LogEvent, sentAt?: string) =>
  ours(app, {
    method: 'POST',
    url: `${JOB}/log`,
    payload: { events: [event] },
    headers: sentAt === undefined ? {} : { 'x-sent-at': sentAt },
  })

test('a device a year ahead does not win every edit for ever', async () => {
  await send('bad', named('e1', 'from the future', NOW_MS + YEAR_MS, 'bad'))
  expect((await read()).facts.name).toBe('from the future')
  const answer = await send('good', named('e2', 'put right', NOW_MS + 1000, 'good'))
  expect(answer.missed).toEqual([])
  expect((await read()).facts.name).toBe('put right')
})

test('what was stored before clocks were bounded rules no longer once the server has started', async () => {
  db.prepare('INSERT INTO field_clock (job_id, field, clock, by) VALUES (?, ?, ?, NULL)').run(
    facts.id,
    '["name"]',
    'zzzzzzzzz-zzzz-bad',
  )
  expect((await send('good', named('e1', 'lost', NOW_MS, 'good'))).missed).toHaveLength(1)
  await app.close()
  const { buildApp } = await import('../src/app')
  app = await buildApp({ isOpen: true, db, version: 'test', webRoot: null, practiceClock: null, now: () => NOW })
  expect((await send('good', named('e2', 'stands', NOW_MS + 1000, 'good'))).missed).toEqual([])
})

test('a poisoned reading is not passed on, and others’ next ticks are taken', async () => {
  expect((await say(tick('t1', NOW, 'zzzzzzzzz-zzzz-bad'))).statusCode).toBe(201)
  const [kept] = (await read()).log
  const heard = nextClock(kept?.origin?.clock ?? null, NOW_MS, 'other')
  expect((await say(tick('t2', NOW, heard))).statusCode).toBe(201)
})

test.each([
  ['-271821-04-20T00:00:00Z', 201],
  ['0001-01-01T00:00:00Z', 201],
  ['+275760-09-13T00:00:00Z', 201],
  ['soon', 201],
])('x-sent-at %s stores no tick in the time to come', async (sentAt, status) => {
  const answer = await say(tick('t1', '2027-05-12T13:00:00Z'), sentAt)
  expect(answer.statusCode).toBe(status)
  const [kept] = (await read()).log
  expect(kept?.at).toBe('2027-05-12T13:00:00Z')
})

test('a phone that lost its time and shows 1970 is put right, never past now', async () => {
  const answer = await say(tick('t1', '1970-01-01T00:10:00Z'), '1970-01-01T00:20:00Z')
  expect(answer.json<TickAnswer>().skewMs).toBeGreaterThan(50 * YEAR_MS)
  expect((await read()).log[0]?.at).toBe('2027-05-12T12:58:00Z')
  // Its clock says 1970, its tick says today: the tick stays where it is.
  await say(tick('t2', '2027-05-12T13:05:00Z'), '1970-01-01T00:20:00Z')
  expect((await read()).log[1]?.at).toBe('2027-05-12T13:08:00Z')
})

test('a query word given twice is refused, wherever it stands', async () => {
  for (const url of [
    `${JOB}/news?log=1&log=2`,
    `${JOB}/log?since=1&since=2`,
    '/api/weather?place=x&lat=1&lat=2&lon=3&from=2027-05-12T13:00:00Z&hours=3',
  ]) {
    const { statusCode, json } = await ours(app, { method: 'GET', url })
    expect([url, statusCode, json<{ code: string }>().code]).toEqual([url, 400, 'request.unreadable'])
  }
})

describe('the practice clock', () => {
  const health = async () => (await ours(app, { method: 'GET', url: '/api/health' })).json<HealthAnswer>()
  const set = (at: unknown) => ours(app, { method: 'PUT', url: '/api/practice-clock', payload: { at } })
  test('is one for all devices, and runs on from where it was set', async () => {
    let realMs = NOW_MS
    const clock = practiceClock('2027-06-01T08:00:00Z', () => realMs)
    realMs += 90_000
    expect(clock.read()).toBe('2027-06-01T08:01:30.000Z')
    clock.set(null)
    expect(clock.read()).toBeNull()
    expect((await health()).practiceClock).toBeNull()
    expect((await set('2027-06-02T08:00:00Z')).statusCode).toBe(204)
    expect((await health()).practiceClock).toBe('2027-06-02T08:00:00.000Z')
    expect((await set('soon')).statusCode).toBe(400)
  })
  test('is not to be had where people sign in', async () => {
    await closeServer({ db, app })
    ;({ db, app } = await openServer({ now: () => NOW, isOpen: false }))
    expect((await set(NOW)).statusCode).toBe(401)
  })
})
