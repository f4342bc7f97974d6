import type { FastifyInstance } from 'fastify'
import ICAL from 'ical.js'
import { ternQuay } from '../../demo'
import { publishedTasks, planJob, parseInstant, type PublishedPlan } from '@crisp-hem/core'
import type { MessageAnswer } from '@crisp-hem/core/wire'
import { buildApp } from '../src/app'
import { openDatabase, type Database } from '../src/db/open'
import type { Messenger } from '../src/messages/post'
import { ours } from './ours'

type PublishedTask = PublishedPlan['tasks'][number]
const MIGRATIONS = 'server/migrations'
const NOW = '2027-05-12T13:08:00Z'
const { log: _log, published: _published, ...facts } = ternQuay()
const tasks = publishedTasks(planJob({ ...facts, log: [], published: null }).placed)
const later = (task: PublishedTask, minutes: number): PublishedTask => {
  const moved = (iso: string) => new Date(Date.parse(iso) + 60_000 * minutes).toISOString().replace('.000Z', 'Z')
  const pieces = task.pieces.map((piece) => ({ from: moved(piece.from), to: moved(piece.to) }))
  return { ...task, from: moved(task.from), to: moved(task.to), pieces }
}

let db: Database
let app: FastifyInstance
let carried: { crewId: string; text: string; key: string }[]
let isDown: boolean
const messenger: Messenger = {
  send: ({ crewId }, text, key) => {
    if (isDown) return Promise.reject(new Error('no signal'))
    carried.push({ crewId, text, key })
    return Promise.resolve()
  },
}
const build = () =>
  buildApp({ isOpen: true, db, version: 'test', webRoot: null, practiceClock: null, now: () => NOW, messenger })
const get = (url: string) => ours(app, { method: 'GET', url: `/api/jobs/tern-quay${url}` })
const publish = (basedOn: number | null, own: readonly PublishedTask[]) =>
  ours(app, {
    method: 'POST',
    url: '/api/jobs/tern-quay/published',
    payload: { basedOn, by: 'Office', why: '', tasks: own },
  })
const messages = async () => (await get('/messages')).json<MessageAnswer[]>()
/** Sending goes on beside the answer. */
const settled = () => new Promise((resolve) => setTimeout(resolve, 30))

beforeEach(async () => {
  db = openDatabase(':memory:', MIGRATIONS)
  carried = []
  isDown = false
  app = await build()
  await ours(app, { method: 'POST', url: '/api/jobs', payload: facts })
})
afterEach(async () => {
  await app.close()
  db.close()
})

describe('what crews are told', () => {
  test('of a first plan each crew with work, once', async () => {
    expect((await publish(null, tasks)).statusCode).toBe(201)
    await settled()
    const crews = [...new Set(tasks.map((task) => task.crewId))].sort()
    expect(carried.map((each) => each.crewId).sort()).toEqual(crews)
    expect((await messages()).map(({ state }) => state)).toEqual(crews.map(() => 'sent'))
    expect(carried[0]?.text).toMatch(/pieces of work are yours/)
  })

  test('of a change only the crew it touches, with the old hour and the new', async () => {
    await publish(null, tasks)
    await settled()
    carried = []
    const [first, ...rest] = tasks
    await publish(1, [later(first!, 40), ...rest])
    await settled()
    expect(carried.map((each) => each.crewId)).toEqual([first!.crewId])
    expect(carried[0]?.text).toMatch(/moved from .*\d\d:\d\d.* to .*\d\d:\d\d/)
  })

  test('never twice: a plan refused because another was published sends nothing', async () => {
    await publish(null, tasks)
    await settled()
    const count = carried.length
    expect((await publish(null, tasks)).statusCode).toBe(409)
    await settled()
    expect(carried).toHaveLength(count)
    expect(new Set(carried.map((each) => each.key)).size).toBe(count)
  })

  test('what failed goes out at the next occasion, under the same key', async () => {
    isDown = true
    await publish(null, tasks)
    await settled()
    expect((await messages()).every(({ state }) => state === 'failed')).toBe(true)
    isDown = false
    await app.close()
    app = await build()
    await settled()
    expect((await messages()).every(({ state }) => state === 'sent')).toBe(true)
    expect(new Set(carried.map((each) => each.key)).size).toBe(carried.length)
  })

  test('what was on its way when the server ended is not sent again, and says so', async () => {
    await publish(null, tasks)
    await settled()
    db.prepare("UPDATE message SET state = 'sending'").run()
    carried = []
    await app.close()
    app = await build()
    await settled()
    expect(carried).toEqual([])
    expect((await messages()).every(({ state }) => state === 'unsure')).toBe(true)
  })

  test('of a job that is not there nothing', async () => {
    const answer = await ours(app, { method: 'GET', url: '/api/jobs/nowhere/messages' })
    expect(answer.statusCode).toBe(404)
  })
})

describe('a crew’s calendar, read by an independent library', () => {
  const read = async (crewId: string) => {
    const answer = await get(`/crews/${crewId}/calendar.ics`)
    expect(answer.headers['content-type']).toMatch(/text\/calendar/)
    const root = new ICAL.Component(ICAL.parse(answer.body) as unknown[])
    return root.getAllSubcomponents('vevent').map((subcomponent) => new ICAL.Event(subcomponent))
  }

  test('every piece of its work at its instant, whatever the zone', async () => {
    await publish(null, tasks)
    const [{ crewId }] = tasks as [PublishedTask]
    const events = await read(crewId)
    const pieces = tasks.filter((task) => task.crewId === crewId).flatMap((task) => task.pieces)
    expect(events.map((each) => each.startDate.toUnixTime() / 60)).toEqual(pieces.map(({ from }) => parseInstant(from)))
    expect(events.map((each) => each.endDate.toUnixTime() / 60)).toEqual(pieces.map(({ to }) => parseInstant(to)))
    expect(new Set(events.map((each) => each.uid)).size).toBe(events.length)
  })

  test('moved work keeps its UID and raises its SEQUENCE; the rest keeps both', async () => {
    await publish(null, tasks)
    const [first, ...rest] = tasks as [PublishedTask, ...PublishedTask[]]
    const before = await read(first.crewId)
    await publish(1, [later(first, 40), ...rest])
    const after = await read(first.crewId)
    expect(after.map((each) => each.uid)).toEqual(before.map((each) => each.uid))
    expect(before.every((each) => each.sequence === 0)).toBe(true)
    const raised = after.filter((each) => each.sequence === 1)
    expect(raised.map((each) => each.uid)).toEqual([`tern-quay/${first.taskId}`])
    expect(after.filter((each) => each.sequence === 0)).toHaveLength(after.length - 1)
  })

  test('of a crew nobody knows is refused; before a plan it is empty', async () => {
    expect((await get('/crews/nobody/calendar.ics')).statusCode).toBe(404)
    expect(await read('wren')).toEqual([])
  })
})
