import type { FastifyInstance } from 'fastify'
import { gullRow } from '../../demo'
import { writeJobFile } from '@crisp-hem/core/wire'
import type { Database } from '../src/db/open'
import { closeServer, openServer, ours } from './ours'
import { paced, workedMs } from '../../core/tests/pace'

let db: Database
let app: FastifyInstance
beforeEach(async () => {
  ;({ db, app } = await openServer({ hosts: ['office.example'] }))
})
afterEach(async () => {
  await closeServer({ db, app })
})

const file = writeJobFile(gullRow())
const JSON_TYPE = { 'content-type': 'application/json' }
const importFile = (headers: Record<string, string>) =>
  app.inject({ method: 'POST', url: '/api/jobs/import', payload: file, headers: { host: 'localhost:80', ...headers } })
const countJobs = async () => (await ours(app, { url: '/api/jobs' })).json().length as number

describe('who is let in', () => {
  test('a host name this server was not told of is turned away, for reading too', async () => {
    for (const host of ['evil.example', 'localhost.evil.example', '127.0.0.1.evil.example:4173']) {
      const answer = await app.inject({ url: '/api/jobs', headers: { host } })
      expect([host, answer.statusCode, answer.json().code]).toEqual([host, 421, 'host.unknown'])
    }
    for (const host of [
      'localhost',
      'localhost:4173',
      '127.0.0.1:80',
      '[::1]:9',
      'office.example:4173',
      'OFFICE.example',
    ])
      expect([host, (await app.inject({ url: '/api/jobs', headers: { host } })).statusCode]).toEqual([host, 200])
  })
  test('a page elsewhere can neither post a job file as plain text nor as JSON', async () => {
    const foreign = { origin: 'https://evil.example' }
    expect((await importFile({ ...JSON_TYPE, ...foreign })).json().code).toBe('origin.foreign')
    expect((await importFile({ 'content-type': 'text/plain', ...foreign })).json().code).toBe('origin.foreign')
    expect((await importFile({ ...JSON_TYPE, origin: 'null' })).json().code).toBe('origin.foreign')
    expect((await importFile(JSON_TYPE)).json().code).toBe('origin.foreign')
    expect(await countJobs()).toBe(0)
  })
  test('nor delete, restore or tick', async () => {
    expect(
      (await ours(app, { method: 'POST', url: '/api/jobs/import', payload: file, headers: JSON_TYPE })).statusCode,
    ).toBe(201)
    for (const [method, url] of [
      ['DELETE', '/api/jobs/gull-row'],
      ['POST', '/api/jobs/gull-row/restore'],
      ['POST', '/api/jobs/gull-row/log'],
      ['POST', '/api/jobs/gull-row/published'],
    ] as const) {
      const answer = await app.inject({ method, url, headers: { host: 'localhost', origin: 'http://evil.example' } })
      expect([url, answer.statusCode]).toEqual([url, 403])
    }
    expect(await countJobs()).toBe(1)
  })
  test('our own pages carry JSON or a picture, nothing a form can send', async () => {
    for (const type of ['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data; boundary=x'])
      expect((await importFile({ 'content-type': type, origin: 'http://localhost:80' })).json().code).toBe(
        'request.wrong_type',
      )
    expect((await importFile({ ...JSON_TYPE, origin: 'http://localhost:80' })).statusCode).toBe(201)
  })
})

test('no script but our own runs, nobody frames us, and no address is passed on', async () => {
  const { headers } = await ours(app, { url: '/api/jobs' })
  const policy = String(headers['content-security-policy'])
  expect(policy).toContain("default-src 'none'")
  expect(policy).toContain("script-src 'self';")
  expect(policy).toContain("frame-ancestors 'none'")
  expect(policy).not.toMatch(/script-src[^;]*unsafe/)
  expect(headers).toMatchObject({
    'x-content-type-options': 'nosniff',
    'x-frame-options': 'DENY',
    'referrer-policy': 'no-referrer',
  })
})

describe('small posts that would stop a server', () => {
  const post = (payload: string) => ours(app, { method: 'POST', url: '/api/jobs/import', payload, headers: JSON_TYPE })
  const quickly = async (payload: string) => {
    const started = workedMs()
    const answer = await post(payload)
    return { code: answer.json().code as string, ms: workedMs() - started }
  }
  const { rooms, ...rest } = JSON.parse(file) as { rooms: object[] }
  test('brackets in brackets are counted before anything is made of them', async () => {
    expect((await quickly('['.repeat(100_000) + ']'.repeat(100_000))).code).toBe('request.too_deep')
    expect((await quickly(`{"a":"${'['.repeat(100)}"}`)).code).toBe('jobfile.invalid')
  })
  test('so are parts', async () => {
    expect((await quickly(`[${'0,'.repeat(4_100_000)}0]`)).code).toBe('request.too_many_parts')
  })
  test('a thousand wrong rooms are refused by the first, in no time', async () => {
    const bad = JSON.stringify({ ...rest, rooms: Array.from({ length: 20_000 }, () => ({ x: 1 })) })
    const { code, ms } = await quickly(bad)
    expect(code).toBe('jobfile.invalid')
    expect(ms).toBeLessThan(paced(1000))
  })
  test('so is one room of ten thousand unknown fields', async () => {
    const many = Object.fromEntries(Array.from({ length: 10_000 }, (_, i) => [`f${i}`, i]))
    const { code, ms } = await quickly(JSON.stringify({ ...rest, rooms: [{ ...rooms[0], ...many }] }))
    expect(code).toBe('jobfile.invalid')
    expect(ms).toBeLessThan(paced(1000))
  })
})

test('ids of one or two points are refused wherever they come in', async () => {
  for (const id of ['.', '..', 'a/b', 'a:b', 'a|b', 'a#b', 'a+b'])
    expect(
      (
        await ours(app, {
          method: 'POST',
          url: `/api/jobs/import?as=${encodeURIComponent(id)}`,
          payload: file,
          headers: JSON_TYPE,
        })
      ).json().code,
    ).toBe('request.invalid')
})

describe('plans that people work by', () => {
  const publish = (body: object) => ours(app, { method: 'POST', url: '/api/jobs/gull-row/published', payload: body })
  const task = (from: string) => ({
    taskId: 'parlour/cover',
    crewId: 'c',
    hands: null,
    from: `2027-05-17T${from}:00Z`,
    to: `2027-05-17T18:00:00Z`,
    pieces: [{ from: `2027-05-17T${from}:00Z`, to: '2027-05-17T18:00:00Z' }],
  })
  beforeEach(() => ours(app, { method: 'POST', url: '/api/jobs/import', payload: file, headers: JSON_TYPE }))

  test('get numbers, keep what changed, and come with the job to every device', async () => {
    const first = (await publish({ basedOn: null, by: 'Ida', why: '', tasks: [task('12:00')] })).json()
    expect(first).toMatchObject({ number: 1, by: 'Ida', changes: [{ kind: 'added', taskId: 'parlour/cover' }] })
    const second = (await publish({ basedOn: 1, by: 'Ida', why: 'late', tasks: [task('13:00')] })).json()
    expect(second).toMatchObject({
      number: 2,
      changes: [{ kind: 'moved', before: '2027-05-17T12:00:00Z', after: '2027-05-17T13:00:00Z' }],
    })
    expect((await ours(app, { url: '/api/jobs/gull-row' })).json().published).toEqual(second)
    expect((await ours(app, { url: '/api/jobs/gull-row/published' })).json()).toEqual([second, first])
  })
  test('of two who publish from the same plan the second is told', async () => {
    await publish({ basedOn: null, by: 'Ida', why: '', tasks: [] })
    const answer = await publish({ basedOn: null, by: 'Odd', why: '', tasks: [] })
    expect([answer.statusCode, answer.json().code]).toEqual([409, 'published.meanwhile'])
  })
  test('a plan with a wrong place is refused by it, and nothing changes', async () => {
    const answer = await publish({ basedOn: null, by: '', why: '', tasks: [{ ...task('12:00'), taskId: 'attic' }] })
    expect(answer.json()).toMatchObject({ code: 'request.invalid', place: 'tasks[0].taskId' })
    expect((await ours(app, { url: '/api/jobs/gull-row' })).json().published).toBeNull()
  })
  test('travels in the job file', async () => {
    await publish({ basedOn: null, by: 'Ida', why: '', tasks: [task('12:00')] })
    const text = (await ours(app, { url: '/api/jobs/gull-row/file' })).body
    await ours(app, { method: 'POST', url: '/api/jobs/import?as=again', payload: text, headers: JSON_TYPE })
    expect((await ours(app, { url: '/api/jobs/again' })).json().published).toMatchObject({ number: 1, by: 'Ida' })
  })
})
