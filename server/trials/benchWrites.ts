import { join } from 'node:path'
import Sqlite from 'better-sqlite3'
import fastify from 'fastify'
import { formatInstant, parseInstant, UNSAID, type LogEvent } from '@crisp-hem/core'
import { TERN_QUAY_NOW, ternQuay } from '../../demo'
import { buildApp } from '../src/app'
import { openDatabase } from '../src/db/open'
import { seedOnce } from '../src/seed'

/** Requests before the clock starts. */
const WARMING = 50

const event = (i: number): LogEvent => ({
  ...UNSAID,
  id: `bench-${i}`,
  kind: 'laid',
  at: formatInstant(parseInstant(TERN_QUAY_NOW) + i),
  crewId: 'heron',
  subjects: ['practice2/wall:w1|ceiling'],
})

/** Requests that change something have to come from our own pages. */
const OWN_ORIGIN = { host: 'localhost', origin: 'http://localhost' }

/** Events per second, one request each, over `inject`, durable on disk. */
export async function serverWrites(dir: string, writes: number): Promise<number> {
  const db = openDatabase(join(dir, 'app.sqlite'), 'server/migrations')
  seedOnce(db, [ternQuay()])
  const app = await buildApp({ db, version: 'bench', webRoot: null, practiceClock: null, isOpen: true })
  const rate = await perSecond(writes, (i) =>
    app.inject({
      method: 'POST',
      url: '/api/jobs/tern-quay/log',
      headers: OWN_ORIGIN,
      payload: { events: [event(i)] },
    }),
  )
  await app.close()
  db.close()
  return rate
}

/** The same with nothing around it: bare Fastify, one prepared insert, same durability. */
export async function bareWrites(dir: string, writes: number): Promise<number> {
  const db = new Sqlite(join(dir, 'bare.sqlite'))
  db.pragma('journal_mode = WAL')
  db.pragma('synchronous = FULL')
  db.exec('CREATE TABLE line (id TEXT PRIMARY KEY, body TEXT NOT NULL) STRICT')
  const insert = db.prepare('INSERT INTO line (id, body) VALUES (?, ?)')
  const app = fastify()
  app.post('/', async (request) => {
    const body = request.body as { events: LogEvent[] }
    insert.run(body.events[0]!.id, JSON.stringify(body.events[0]))
    return { taken: 1 }
  })
  const rate = await perSecond(writes, (i) => app.inject({ method: 'POST', url: '/', payload: { events: [event(i)] } }))
  await app.close()
  db.close()
  return rate
}

async function perSecond(writes: number, write: (i: number) => Promise<{ statusCode: number }>): Promise<number> {
  for (let i = 0; i < WARMING; i++) await write(-1 - i)
  const from = performance.now()
  for (let i = 0; i < writes; i++) {
    const { statusCode } = await write(i)
    if (statusCode >= 300) throw new Error(`write ${i} was answered ${statusCode}`)
  }
  return (1000 * writes) / (performance.now() - from)
}
