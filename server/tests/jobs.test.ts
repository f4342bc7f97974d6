import { closeServer, openServer, ours } from './ours'
import { mkdtempSync, mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { FastifyInstance } from 'fastify'
import { gullRow, ternQuay } from '../../demo'
import { writeJobFile } from '@crisp-hem/core/wire'
import { UNSAID, type LogEvent } from '@crisp-hem/core'
import { migrate, openDatabase, type Database } from '../src/db/open'
import { seedOnce } from '../src/seed'

const MIGRATIONS = 'server/migrations'
let db: Database
let app: FastifyInstance
let photoFolder: string
beforeEach(async () => {
  photoFolder = mkdtempSync(join(tmpdir(), 'crisp-hem-photos-'))
  ;({ db, app } = await openServer({ photoFolder, now: () => '2027-05-12T12:00:00Z' }))
})
afterEach(async () => {
  await closeServer({ db, app })
  rmSync(photoFolder, { recursive: true, force: true })
})

const { log: demoLog, published: _demoPlan, ...demoFacts } = ternQuay()
const post = (url: string, payload?: unknown) =>
  ours(app, {
    method: 'POST',
    url: `/api${url}`,
    ...(payload === undefined ? {} : { payload: payload as object }),
  })
const get = (url: string) => ours(app, { method: 'GET', url: `/api${url}` })
const importFile = (text: string, query = '') =>
  ours(app, {
    method: 'POST',
    url: `/api/jobs/import${query}`,
    payload: text,
    headers: { 'content-type': 'application/json' },
  })
const event = (id: string, more: Partial<LogEvent> = {}): LogEvent => ({
  ...UNSAID,
  id,
  kind: 'laid',
  at: '2027-05-12T07:00:00Z',
  subjects: ['r/wall:w1|ceiling'],
  ...more,
})

test('health answers', async () => {
  expect((await get('/health')).json()).toMatchObject({ ok: true, version: 'test', practiceClock: null, troubles: [] })
})

describe('job files', () => {
  test('export, import and export again give the same bytes', async () => {
    await importFile(writeJobFile(ternQuay()))
    const first = (await get('/jobs/tern-quay/file')).body
    expect(first).toBe(writeJobFile(ternQuay()))
    await ours(app, { method: 'DELETE', url: '/api/jobs/tern-quay' })
    expect((await importFile(first)).statusCode).toBe(201)
    expect((await get('/jobs/tern-quay/file')).body).toBe(first)
  })
  test('a wrong file is refused with its place and changes nothing', async () => {
    await importFile(writeJobFile(gullRow()))
    const spoiled = writeJobFile(ternQuay()).replace('"heightMm": 3100', '"heightMm": "tall"')
    const answer = await importFile(spoiled)
    expect(answer.statusCode).toBe(400)
    expect(answer.json()).toMatchObject({ code: 'jobfile.invalid', place: 'rooms[2].heightMm' })
    expect((await get('/jobs')).json()).toHaveLength(1)
  })
  test('a job that is here already comes in as a copy with its own id', async () => {
    const file = writeJobFile(ternQuay())
    await importFile(file)
    expect((await importFile(file)).json()).toMatchObject({ code: 'job.exists' })
    expect((await importFile(file, '?as=again')).statusCode).toBe(201)
    expect((await get('/jobs/again')).json().log).toHaveLength(demoLog.length)
  })
})

describe('facts', () => {
  test('are saved once per revision; a stale save is refused and changes nothing', async () => {
    await post('/jobs', demoFacts)
    const put = (revision: number, name: string) =>
      ours(app, { method: 'PUT', url: '/api/jobs/tern-quay', payload: { revision, facts: { ...demoFacts, name } } })
    expect((await put(1, 'First')).json()).toEqual({ revision: 2 })
    const stale = await put(1, 'Second')
    expect([stale.statusCode, stale.json().code]).toEqual([409, 'job.changed_meanwhile'])
    expect((await get('/jobs/tern-quay')).json()).toMatchObject({ revision: 2, facts: { name: 'First' } })
  })
  test('rooms that are gone are gone, and order is kept', async () => {
    await post('/jobs', demoFacts)
    const rooms = [demoFacts.rooms[3], demoFacts.rooms[0]]
    await ours(app, {
      method: 'PUT',
      url: '/api/jobs/tern-quay',
      payload: { revision: 1, facts: { ...demoFacts, rooms } },
    })
    expect((await get('/jobs/tern-quay')).json().facts.rooms).toEqual(rooms)
  })
  test('what would break a job is refused with its place', async () => {
    const answer = await post('/jobs', { ...demoFacts, air: { ...demoFacts.air, rh: 140 } })
    expect(answer.json()).toMatchObject({ code: 'request.invalid', place: 'air.rh' })
    expect((await post('/jobs', [])).statusCode).toBe(400)
  })
  test('a copy has the survey and no log; a deleted job can be brought back', async () => {
    await importFile(writeJobFile(ternQuay()))
    await post('/jobs/tern-quay/copy', { id: 'copy-1', name: 'Copy' })
    expect((await get('/jobs/copy-1')).json()).toMatchObject({ facts: { name: 'Copy' }, log: [] })
    await ours(app, { method: 'DELETE', url: '/api/jobs/tern-quay' })
    expect((await get('/jobs/tern-quay')).statusCode).toBe(404)
    await post('/jobs/tern-quay/restore')
    expect((await get('/jobs/tern-quay')).json().log).toHaveLength(demoLog.length)
  })
})

describe('the log', () => {
  beforeEach(() => post('/jobs', demoFacts))
  test('takes an event once, however often it is sent', async () => {
    expect((await post('/jobs/tern-quay/log', { events: [event('a'), event('b')] })).json()).toMatchObject({ taken: 2 })
    expect((await post('/jobs/tern-quay/log', { events: [event('b'), event('c')] })).json()).toMatchObject({ taken: 1 })
    expect((await get('/jobs/tern-quay/log')).json().events.map((each: LogEvent) => [each.id, each.kind])).toEqual([
      ['a', 'laid'],
      ['b', 'laid'],
      ['c', 'laid'],
    ])
  })
  test('refuses aloud another event under an id that is taken, and nothing of that batch is kept', async () => {
    await post('/jobs/tern-quay/log', { events: [event('b')] })
    const answer = await post('/jobs/tern-quay/log', { events: [event('c'), event('b', { kind: 'pulled' })] })
    expect([answer.statusCode, answer.json().code]).toEqual([409, 'log.id_taken'])
    expect((await get('/jobs/tern-quay/log')).json().events).toHaveLength(1)
  })
  test('refuses a batch with one wrong event as a whole', async () => {
    const answer = await post('/jobs/tern-quay/log', { events: [event('a'), event('b', { at: 'noon' })] })
    expect(answer.json()).toMatchObject({ place: 'events[1].at' })
    expect((await get('/jobs/tern-quay/log')).json().events).toEqual([])
  })
  test('is never changed, not even by hand', async () => {
    await post('/jobs/tern-quay/log', { events: [event('a')] })
    expect(() => db.prepare("UPDATE log_event SET kind = 'pulled'").run()).toThrow(/never changed/)
  })
  test('an unknown job is told apart from an unknown address', async () => {
    expect((await post('/jobs/nobody/log', { events: [event('a')] })).json().code).toBe('job.not_found')
    expect((await get('/nothing')).json().code).toBe('route.not_found')
  })
})

describe('the database file', () => {
  const dir = mkdtempSync(join(tmpdir(), 'crisp-hem-test-'))
  afterAll(() => rmSync(dir, { recursive: true, force: true }))

  test('keeps everything over a restart, and the demo is loaded once only', () => {
    const file = join(dir, 'a.sqlite')
    const first = openDatabase(file, MIGRATIONS)
    seedOnce(first, [ternQuay()])
    first.prepare("UPDATE job SET name = 'Changed'").run()
    first.close()
    const again = openDatabase(file, MIGRATIONS)
    seedOnce(again, [ternQuay()])
    expect(again.prepare('SELECT name FROM job').all()).toEqual([{ name: 'Changed' }])
    expect(again.pragma('journal_mode', { simple: true })).toBe('wal')
    expect(again.pragma('synchronous', { simple: true })).toBe(2)
    again.close()
  })

  test('a migration that fails leaves the last good version', () => {
    const steps = join(dir, 'steps')
    mkdirSync(steps)
    writeFileSync(join(steps, '0001_good.sql'), 'CREATE TABLE a (x) ;')
    writeFileSync(join(steps, '0002_bad.sql'), 'CREATE TABLE b (x); NONSENSE;')
    const file = join(dir, 'b.sqlite')
    expect(() => openDatabase(file, steps)).toThrow(/NONSENSE/)
    writeFileSync(join(steps, '0002_bad.sql'), 'CREATE TABLE b (x);')
    const db2 = openDatabase(file, steps)
    migrate(db2, steps)
    expect(db2.pragma('user_version', { simple: true })).toBe(2)
    db2.close()
  })
})

describe('pictures', () => {
  const PNG = Buffer.concat([Buffer.from('89504e470d0a1a0a', 'hex'), Buffer.alloc(40, 7)])
  const put = (id: string, payload: Buffer, type = 'image/png', job = 'tern-quay') =>
    ours(app, {
      method: 'PUT',
      url: `/api/jobs/${job}/photos/${encodeURIComponent(id)}`,
      headers: { 'content-type': type },
      payload,
    })
  beforeEach(() => post('/jobs', demoFacts))

  test('are kept as they came, and come back with their own kind', async () => {
    expect((await put('ph-1', PNG)).statusCode).toBe(201)
    const back = await get('/jobs/tern-quay/photos/ph-1')
    expect(back.headers['content-type']).toBe('image/png')
    expect(back.rawPayload.equals(PNG)).toBe(true)
  })
  test.each([
    ['ph-1', Buffer.from('<svg onload=alert(1)>'), 'image/png', 415, 'photo.not_a_picture'],
    ['../up', PNG, 'image/png', 400, 'photo.bad_id'],
    ['ph-1', Buffer.concat([PNG, Buffer.alloc(9 * 1024 * 1024)]), 'image/png', 413, 'request.too_large'],
  ])('%s that is wrong is refused and leaves nothing', async (id, data, type, status, code) => {
    const answer = await put(id, data, type)
    expect([answer.statusCode, answer.json().code]).toEqual([status, code])
    expect((await get('/jobs/tern-quay/photos/ph-1')).statusCode).toBe(404)
  })
  test('want a job that is here', async () => {
    expect((await put('ph-1', PNG, 'image/png', 'nowhere')).json().code).toBe('job.not_found')
  })
})

describe('weather', () => {
  const ask = (query: string) => get(`/weather?${query}`)
  test('the service answers with hours for a place', async () => {
    const answer = await ask('place=Tern+Quay&lat=41.2&lon=-8.7&from=2027-05-10T00:00:00Z&hours=48')
    expect(answer.json().hours).toHaveLength(48)
    expect(answer.json().hours).toEqual(demoFacts.air.outside!.hours.slice(0, 48))
  })
  test.each([
    ['place=x&lat=99&lon=0&from=2027-05-10T00:00:00Z&hours=4', 'lat'],
    ['place=x&lat=1&lon=0&from=soon&hours=4', 'from'],
    ['place=x&lat=1&lon=0&from=2027-05-10T00:00:00Z&hours=9999', 'hours'],
    ['', 'place'],
  ])('a wrong question names its place: %s', async (query, place) => {
    const answer = await ask(query)
    expect([answer.statusCode, answer.json().place]).toEqual([400, place])
  })
})

describe('a better plan', () => {
  test('is looked for as the job is stored, and changes nothing', async () => {
    // Trim and walls: few enough that the end is proved.
    const job = gullRow()
    const rooms = job.rooms.map((room) => ({ ...room, steps: room.steps.slice(1) }))
    await importFile(writeJobFile({ ...job, rooms }))
    const before = (await get(`/jobs/${gullRow().id}/file`)).body
    const answer = await post(`/jobs/${gullRow().id}/better`, { at: gullRow().start, limitMs: 20_000, seed: 1 })
    expect(answer.statusCode).toBe(200)
    const { isProved, won, endsAt, boundAt, tasks } = answer.json()
    expect({ isProved, endMin: won.endMin > 0, same: endsAt === boundAt }).toEqual({
      isProved: true,
      endMin: true,
      same: true,
    })
    expect(tasks.length).toBeGreaterThan(20)
    expect((await get(`/jobs/${gullRow().id}/file`)).body).toBe(before)
  })
  test('a wrong question, or a job that is not there, is refused', async () => {
    await importFile(writeJobFile(gullRow()))
    const wrong = await post(`/jobs/${gullRow().id}/better`, { at: null, limitMs: 5, seed: 1 })
    expect([wrong.statusCode, wrong.json().error?.code ?? wrong.json().code]).toEqual([400, expect.any(String)])
    expect((await post('/jobs/nobody/better', { at: null, limitMs: 500, seed: 1 })).statusCode).toBe(404)
  })
})
