import type { FastifyInstance } from 'fastify'
import { nextClock, UNSAID, type LogEvent } from '@crisp-hem/core'
import { OFFICE_HEADER, SAID_BY_HEADER, type JobAnswer, type Who } from '@crisp-hem/core/wire'
import { ternQuay } from '../../demo'
import { beginEpoch } from '../src/db/epoch'
import type { Database } from '../src/db/open'
import { peopleTable } from '../src/db/people'
import { closeServer, openServer, ours } from './ours'

/** Who has an account, what an account's end ends, and what a painter's device is given. */
const NOW = '2027-05-12T13:08:00Z'
const job = ternQuay()
let db: Database
let app: FastifyInstance
beforeEach(async () => {
  ;({ db, app } = await openServer({ now: () => NOW, isOpen: false, firstCode: 'AAAA-BBBB-CCCC' }))
})
afterEach(async () => {
  await closeServer({ db, app })
})

const post = (url: string, payload: object, headers: Record<string, string> = {}) =>
  ours(app, { method: 'POST', url: `/api${url}`, payload, headers })
const cookieOf = (answer: Awaited<ReturnType<typeof post>>) => `hem=${answer.cookies[0]?.value ?? ''}`

async function office() {
  const answer = await post('/sign-in/first', {
    code: 'AAAA-BBBB-CCCC',
    name: 'Ada',
    password: 'a few words do well',
    device: 'desk',
  })
  expect(answer.statusCode).toBe(201)
  return { who: answer.json<Who>(), cookie: cookieOf(answer) }
}

async function painter(cookie: string) {
  const { id } = (await post('/people', { name: 'Pip', role: 'painter', password: null }, { cookie })).json<Who>()
  const { code } = (await post(`/people/${id}/code`, {}, { cookie })).json<{ code: string }>()
  const answer = await post('/sign-in/code', { code, device: 'phone' })
  return { who: answer.json<Who>(), cookie: cookieOf(answer) }
}

test('20 kB of brackets at the door is refused before anything is made of it', async () => {
  for (const url of ['/sign-in', '/sign-in/code', '/sign-in/first']) {
    const small = await post(url, JSON.parse(`${'['.repeat(200)}${']'.repeat(200)}`) as object)
    expect([url, small.statusCode]).toEqual([url, 413])
    const answer = await ours(app, {
      method: 'POST',
      url: `/api${url}`,
      payload: '['.repeat(20_000),
      headers: { 'content-type': 'application/json' },
    })
    expect([url, answer.statusCode]).toEqual([url, 413])
  }
})

test('three hundred guesses at once: ten are worked out, the others wait', async () => {
  await office()
  const guesses = Array.from({ length: 60 }, (_, i) =>
    post('/sign-in', { name: 'Ada', password: `guess number ${i} of many`, device: 'x' }),
  )
  const codes = (await Promise.all(guesses)).map(({ statusCode }) => statusCode)
  expect(codes.filter((code) => code === 401)).toHaveLength(10)
  expect(codes.filter((code) => code === 429)).toHaveLength(50)
})

test('the stream of a closed account ends, and that of a signed-out phone', async () => {
  const desk = await office()
  await post('/jobs/import', job, { cookie: desk.cookie })
  for (const how of ['close', 'sign out'] as const) {
    const pip = await painter(desk.cookie)
    const address = await app.listen({ port: 0, host: '127.0.0.1' }).catch(() => '')
    const base = address || `http://127.0.0.1:${(app.server.address() as { port: number }).port}`
    const stream = await fetch(`${base}/api/jobs/${job.id}/live`, { headers: { cookie: pip.cookie } })
    const reader = stream.body!.getReader()
    expect((await reader.read()).done).toBe(false)
    const devices = peopleTable(db)
      .all()
      .find(({ id }) => id === pip.who.id)?.devices
    const url = how === 'close' ? `/people/${pip.who.id}` : `/devices/${devices?.[0]?.id ?? ''}`
    const ended = await ours(app, { method: 'DELETE', url: `/api${url}`, headers: { cookie: desk.cookie } })
    expect([how, ended.statusCode]).toEqual([how, 204])
    for (let read = await reader.read(); !read.done; read = await reader.read());
    if (how === 'sign out')
      await ours(app, { method: 'DELETE', url: `/api/people/${pip.who.id}`, headers: { cookie: desk.cookie } })
  }
})

test('what one person said is not taken under another’s name', async () => {
  const desk = await office()
  await post('/jobs/import', job, { cookie: desk.cookie })
  const pip = await painter(desk.cookie)
  const event: LogEvent = {
    ...UNSAID,
    id: 't1',
    kind: 'laid',
    at: NOW,
    subjects: ['kitchen/wall:w1|ceiling'],
    origin: { device: 'd', seq: 1, by: null, clock: nextClock(null, Date.parse(NOW), 'd'), saidAt: null },
  }
  const say = (saidBy: string) =>
    post(`/jobs/${job.id}/log`, { events: [event] }, { cookie: pip.cookie, [SAID_BY_HEADER]: saidBy })
  expect((await say(desk.who.id)).statusCode).toBe(401)
  expect((await say(pip.who.id)).statusCode).toBe(201)
})

test('a painter’s device gets no wage, no overhead, no margin, and nothing they can be worked out from', async () => {
  const desk = await office()
  await post('/jobs/import', job, { cookie: desk.cookie })
  const pip = await painter(desk.cookie)
  const { facts } = (
    await ours(app, { method: 'GET', url: `/api/jobs/${job.id}`, headers: { cookie: pip.cookie } })
  ).json<JobAnswer>()
  const { overheadPct, marginPct, taxPct } = facts.house.selling
  expect([overheadPct, marginPct, taxPct]).toEqual([0, 0, 0])
  const prices: number[] = []
  const gather = (data: unknown): void => {
    if (typeof data !== 'object' || data === null) return
    for (const [name, value] of Object.entries(data))
      if (/Minor(PerL)?$/.test(name) && typeof value === 'number' && value > 0) prices.push(value)
      else gather(value)
  }
  gather(facts)
  expect(prices.length).toBeGreaterThan(30)
  // The wage is the one by which all prices come out whole: if many wages do as well, none is found.
  const off = (wage: number) => {
    const each = prices.map((price) => Math.abs((price * wage) / 100_000 - Math.round((price * wage) / 100_000)))
    return each.reduce((sum, one) => sum + one, 0) / each.length
  }
  const wage = job.house.wagePerHourMinor
  const guesses = Array.from({ length: 400 }, (_, i) => Math.round(wage * (0.6 + i / 500)))
  const better = guesses.filter((guess) => off(guess) <= off(wage)).length
  expect(better).toBeGreaterThan(10)
})

test('every answer of the office says that it is one, refusals too', async () => {
  for (const url of ['/api/health', '/api/me', '/api/jobs', '/api/nowhere']) {
    const { headers } = await ours(app, { method: 'GET', url })
    expect([url, headers[OFFICE_HEADER]]).toEqual([url, '1'])
  }
})

test('a copy put back begins another epoch, in which devices hand in what it lacks under its own names', async () => {
  const desk = await office()
  await post('/jobs/import', job, { cookie: desk.cookie })
  const read = async () =>
    (await ours(app, { method: 'GET', url: `/api/jobs/${job.id}`, headers: { cookie: desk.cookie } })).json<JobAnswer>()
  const before = await read()
  beginEpoch(db)
  expect((await read()).epoch).not.toBe(before.epoch)
  const lost: LogEvent = {
    ...UNSAID,
    id: 'lost',
    kind: 'laid',
    at: '2027-05-12T09:00:00Z',
    subjects: ['kitchen/wall:w1|ceiling'],
    origin: { device: 'd', seq: 1, by: 'Pip', clock: nextClock(null, Date.parse(NOW) - 9000, 'd'), saidAt: null },
  }
  for (let twice = 0; twice < 2; twice++)
    expect((await post(`/jobs/${job.id}/log?again=1`, { events: [lost] }, { cookie: desk.cookie })).statusCode).toBe(
      201,
    )
  const kept = (await read()).log.filter(({ id }) => id === 'lost')
  expect(kept).toEqual([lost])
})
