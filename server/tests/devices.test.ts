import { runsOf } from '../../core/tests/runsOf'
import type { FastifyInstance } from 'fastify'
import { changesBetween, nextClock, UNSAID, type Edit, type LogEvent } from '@crisp-hem/core'
import type { EditAnswer, JobAnswer, JobFacts, JobNews, TickAnswer } from '@crisp-hem/core/wire'
import { seededNumbers } from '../../core/src/base/units/seeded'
import { ternQuaySurvey } from '../../demo'
import type { Database } from '../src/db/open'
import { mergeDrill, type Ask } from '../trials/drill/mergeDrill'
import { merged, offlineShift } from '../trials/drill/shifts'
import { closeServer, openServer, ours } from './ours'

/** Devices that change one job at once, with and without a line. */
const NOW = '2027-05-12T13:08:00Z'
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

const get = async <T>(url: string) => (await ours(app, { method: 'GET', url: `${JOB}${url}` })).json<T>()
const send = async (device: string, edits: readonly Edit[]) =>
  (await ours(app, { method: 'POST', url: `${JOB}/edits`, payload: { device, edits } })).json<EditAnswer>()
const roomSet = (base: JobFacts, at: number, change: Partial<JobFacts['rooms'][number]>): JobFacts => ({
  ...base,
  rooms: base.rooms.map((room, i) => (i === at ? { ...room, ...change } : room)),
})
let made = 0
const edit = (base: JobFacts, next: JobFacts, ms: number, device: string): Edit => ({
  id: `e${made++}`,
  clock: nextClock(null, ms, device),
  changes: changesBetween(base, next),
})

describe('edits', () => {
  test('of two offices in different rooms never meet', async () => {
    const [mine, theirs] = [roomSet(facts, 0, { heightMm: 2455 }), roomSet(facts, 1, { heightMm: 2555 })]
    await send('a', [edit(facts, mine, 10, 'a')])
    expect(await send('b', [edit(facts, theirs, 5, 'b')])).toMatchObject({ missed: [], refused: [] })
    const { facts: now } = await get<JobAnswer>('')
    expect(now.rooms.slice(0, 2).map((room) => room.heightMm)).toEqual([2455, 2555])
  })

  test('of one field: the later stands, whichever arrives first, and the earlier is told with what stands', async () => {
    await send('a', [edit(facts, roomSet(facts, 0, { heightMm: 2455 }), 20, 'a')])
    const answer = await send('b', [edit(facts, roomSet(facts, 0, { heightMm: 2500 }), 10, 'b')])
    expect(answer.missed).toMatchObject([{ why: 'later', now: 2455, change: { value: 2500 } }])
    await send('b', [edit(facts, roomSet(facts, 0, { heightMm: 2610 }), 30, 'b')])
    expect((await get<JobAnswer>('')).facts.rooms[0]?.heightMm).toBe(2610)
  })

  test('sent twice change nothing the second time: an answer was lost on the way', async () => {
    const own = edit(facts, roomSet(facts, 0, { heightMm: 2455 }), 10, 'a')
    const first = await send('a', [own])
    expect(await send('a', [own])).toEqual(first)
  })

  test('in a room that is gone are told, not dropped in silence', async () => {
    await send('a', [edit(facts, { ...facts, rooms: facts.rooms.slice(1) }, 10, 'a')])
    const answer = await send('b', [edit(facts, roomSet(facts, 0, { heightMm: 2500 }), 20, 'b')])
    expect(answer.missed).toMatchObject([{ why: 'gone' }])
  })

  test('that would break the job are refused by their place, and those beside them go through', async () => {
    const bad = edit(facts, roomSet(facts, 0, { heightMm: -5 }), 10, 'a')
    const good = edit(facts, roomSet(facts, 1, { heightMm: 2555 }), 11, 'a')
    const answer = await send('a', [bad, good])
    expect(answer.refused).toMatchObject([{ editId: bad.id, place: expect.stringContaining('heightMm') }])
    expect((await get<JobAnswer>('')).facts.rooms.slice(0, 2).map((room) => room.heightMm)).toEqual([
      facts.rooms[0]?.heightMm,
      2555,
    ])
  })

  test('of what makes a job this job are refused', async () => {
    const answer = await send('a', [edit(facts, { ...facts, id: 'other' }, 10, 'a')])
    expect(answer.refused).toHaveLength(1)
  })

  test('and whole saves of other programs are heard of alike', async () => {
    const marks = (await get<JobAnswer>('')).marks
    await ours(app, { method: 'PUT', url: JOB, payload: { facts: roomSet(facts, 0, { heightMm: 2455 }), revision: 1 } })
    const news = await get<JobNews>(`/news?log=${marks.log}&edit=${marks.edit}`)
    expect(news.edits.flatMap(({ changes }) => changes.map(({ value }) => value))).toEqual([2455])
  })
})

describe('ticks', () => {
  const tick = (id: string, at: string, device = 'phone', seq = 1): LogEvent => ({
    ...UNSAID,
    id,
    kind: 'laid',
    at,
    subjects: ['parlour/wall:w1|ceiling'],
    origin: { device, seq, by: null, clock: nextClock(null, Date.parse(at), device), saidAt: null },
  })
  const post = async (events: readonly LogEvent[], sentAt: string) =>
    (
      await ours(app, { method: 'POST', url: `${JOB}/log`, payload: { events }, headers: { 'x-sent-at': sentAt } })
    ).json<TickAnswer>()

  test('of a clock that is seven minutes slow are put right, and both times are kept', async () => {
    const answer = await post([tick('t1', '2027-05-12T12:30:00Z')], '2027-05-12T13:01:00Z')
    expect(answer.skewMs).toBe(7 * 60_000)
    const { events } = await get<{ events: LogEvent[] }>('/log')
    expect(events[0]).toMatchObject({ at: '2027-05-12T12:37:00Z', origin: { saidAt: '2027-05-12T12:30:00Z' } })
    // Sent again with another skew it is the same tick still.
    expect((await post([tick('t1', '2027-05-12T12:30:00Z')], '2027-05-12T12:58:00Z')).taken).toBe(0)
  })

  test('of a clock that is right stay as they are', async () => {
    expect((await post([tick('t1', '2027-05-12T12:30:00Z')], '2027-05-12T13:07:40Z')).skewMs).toBe(0)
    expect((await get<{ events: LogEvent[] }>('/log')).events[0]).toMatchObject({
      at: '2027-05-12T12:30:00Z',
      origin: { saidAt: null },
    })
  })

  test('of an app of before looks and mending are taken as that app meant them, and are the same when a newer one sends them again', async () => {
    const whole = tick('t1', '2027-05-12T12:30:00Z')
    const { look: _look, mending: _mending, ...older } = whole
    expect((await post([older as LogEvent], '2027-05-12T13:07:40Z')).taken).toBe(1)
    expect((await get<{ events: LogEvent[] }>('/log')).events[0]).toMatchObject({ look: null, mending: null })
    expect((await post([whole], '2027-05-12T13:07:40Z')).taken).toBe(0)
  })

  test('behind a mark are news once', async () => {
    const { marks } = await post([tick('t1', NOW)], NOW)
    await post([tick('t2', NOW, 'phone', 2)], NOW)
    const news = await get<JobNews>(`/news?log=${marks.log}&edit=${marks.edit}`)
    expect(news.log.map(({ id }) => id)).toEqual(['t2'])
    expect((await get<JobNews>(`/news?log=${news.marks.log}&edit=${news.marks.edit}`)).log).toEqual([])
  })
})

test('the live line tells a second device of a tick and of an edit, and goes on where it was cut', async () => {
  await app.listen({ port: 0, host: '127.0.0.1' })
  const { port } = app.server.address() as { port: number }
  const line = await fetch(`http://127.0.0.1:${port}${JOB}/live?log=0&edit=0`, { headers: { host: 'localhost' } })
  const reader = line.body!.pipeThrough(new TextDecoderStream()).getReader()
  let text = ''
  const heard = async (what: string) => {
    while (!text.includes(what)) text += (await reader.read()).value ?? ''
  }
  await heard('data: ')
  await ours(app, {
    method: 'POST',
    url: `${JOB}/log`,
    payload: { events: [{ ...UNSAID, id: 'seen', kind: 'laid', at: NOW, subjects: ['parlour/wall:w1|ceiling'] }] },
  })
  await heard('"id":"seen"')
  await send('a', [edit(facts, roomSet(facts, 0, { heightMm: 2455 }), 20, 'a')])
  await heard('2455')
  expect([...text.matchAll(/^id: (.+)$/gm)].map((found) => found[1])).toEqual(['0.0.0', '1.0.0', '1.1.0'])
  await reader.cancel()
})

test('two devices off line for a shift come to one state whatever arrives first: runs with seeds', async () => {
  const ask: Ask = async (method, url, payload) => {
    const answer = await ours(app, { method, url, payload: payload as object | undefined })
    expect(answer.statusCode).toBeLessThan(300)
    return answer.json()
  }
  expect(await mergeDrill(ask, runsOf(40, 20))).toEqual({ runs: runsOf(40, 20), apart: [] })
}, 60_000)

test('a shift without a line holds edits and ticks, each device’s in the order of its clock', () => {
  const said = offlineShift({ facts, device: 'one', seed: 3, random: seededNumbers(3), many: 40 })
  const clocks = said.map((each) => ('tick' in each ? each.tick.origin!.clock : each.edit.clock))
  expect([...clocks].sort()).toEqual(clocks)
  expect(said.some((each) => 'tick' in each) && said.some((each) => 'edit' in each)).toBe(true)
  const both = merged([1, 2, 3], [10, 20], seededNumbers(5))
  expect([both.filter((n) => n < 10), both.filter((n) => n >= 10)]).toEqual([
    [1, 2, 3],
    [10, 20],
  ])
})
