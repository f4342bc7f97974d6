import { ours } from './ours'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { ternQuay } from '../../demo'
import { planJob, UNSAID, type LogEvent } from '@crisp-hem/core'
import { buildApp } from '../src/app'
import { openDatabase } from '../src/db/open'
import { seedOnce } from '../src/seed'

const MIGRATIONS = 'server/migrations'
let dir: string
beforeEach(() => (dir = mkdtempSync(join(tmpdir(), 'crisp-hem-recovery-'))))
afterEach(() => rmSync(dir, { recursive: true, force: true }))

async function withServer<T>(work: (app: Awaited<ReturnType<typeof buildApp>>) => Promise<T>): Promise<T> {
  const db = openDatabase(join(dir, 'jobs.sqlite'), MIGRATIONS)
  seedOnce(db, [ternQuay()])
  const app = await buildApp({
    isOpen: true,
    db,
    version: 'test',
    webRoot: null,
    practiceClock: null,
    photoFolder: join(dir, 'photos'),
  })
  try {
    return await work(app)
  } finally {
    await app.close()
    db.close()
  }
}

const event = (id: string, subjects: readonly string[]): LogEvent => ({
  ...UNSAID,
  id,
  kind: 'laid',
  at: '2027-05-12T13:00:00Z',
  crewId: 'heron',
  subjects,
})
const read = async (app: Awaited<ReturnType<typeof buildApp>>) =>
  (await ours(app, { method: 'GET', url: '/api/jobs/tern-quay' })).json()

test('what was written is there after a restart, and gives the same plan', async () => {
  const before = await withServer(async (app) => {
    const sent = { events: [event('a1', ['recital/wall:w1|ceiling']), event('a2', ['recital/wall:w2|ceiling'])] }
    await ours(app, { method: 'POST', url: '/api/jobs/tern-quay/log', payload: sent })
    return read(app)
  })
  const after = await withServer(read)
  expect(after).toEqual(before)
  const plan = (answer: typeof after) => planJob({ ...answer.facts, log: answer.log }, 30168886)
  expect(JSON.stringify(plan(after))).toBe(JSON.stringify(plan(before)))
})

test('two devices that send the same lines in any order end at the same log', async () => {
  const lines = Array.from({ length: 12 }, (_, i) => event(`d${i}`, [`recital/wall:w${(i % 6) + 1}|ceiling`]))
  const batches = [lines.slice(0, 8), lines.slice(4), lines.slice(2, 10), lines]
  await withServer(async (app) => {
    const start = (await read(app)).log.length
    const answers = await Promise.all(
      batches.map((events) => ours(app, { method: 'POST', url: '/api/jobs/tern-quay/log', payload: { events } })),
    )
    expect(answers.map((answer) => answer.statusCode)).toEqual([201, 201, 201, 201])
    const log: LogEvent[] = (await read(app)).log.slice(start)
    expect(log.map((each) => each.id).sort()).toEqual(lines.map((line) => line.id).sort())
  })
})

test('of two who save the same revision one is told that it changed meanwhile, and nothing of theirs is mixed in', async () => {
  await withServer(async (app) => {
    const { facts, revision } = await read(app)
    const save = (name: string) =>
      ours(app, { method: 'PUT', url: '/api/jobs/tern-quay', payload: { facts: { ...facts, name }, revision } })
    const answers = await Promise.all([save('Heron’s'), save('Wren’s')])
    expect(answers.map((answer) => answer.statusCode).sort()).toEqual([200, 409])
    const winner = answers[0].statusCode === 200 ? 'Heron’s' : 'Wren’s'
    expect((await read(app)).facts.name).toBe(winner)
  })
})

test('a kit, a cut hem and a scope survive saving and reading', async () => {
  await withServer(async (app) => {
    const { facts, revision } = await read(app)
    const [room, ...rest] = facts.rooms
    const changed = {
      ...facts,
      kit: [{ tapeId: 'marram-low', widthMm: 24 }],
      rooms: [
        {
          ...room,
          splits: [{ id: 'c1', edge: 'wall:w1|ceiling', atMm: 900 }],
          scopes: [{ face: 'skirting', scope: 'kept', note: 'oiled' }],
        },
        ...rest,
      ],
    }
    await ours(app, { method: 'PUT', url: '/api/jobs/tern-quay', payload: { facts: changed, revision } })
    expect((await read(app)).facts).toEqual(changed)
  })
})
