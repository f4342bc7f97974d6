import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Sqlite from 'better-sqlite3'
import fastify from 'fastify'
import {
  chooseKit,
  formatInstant,
  jobRecipes,
  judgeBench,
  parseInstant,
  planJob,
  SCHOOLS,
  SEALS,
  seededNumbers,
  STARTER_SHELF,
  starterBench,
  TEXTURES,
  type Job,
  UNSAID,
  type LogEvent,
} from '@crisp-hem/core'
import { manyHems, TERN_QUAY_NOW, ternQuay } from '../../../demo'
import { buildApp } from '../app'
import { openDatabase } from '../db/open'
import { seedOnce } from '../seed'
import { engineRows } from './benchEngine'

/** `npm run bench`: how long plans take, and what the log costs beside a bare insert on the same machine. */
interface Row {
  readonly what: string
  readonly value: string
  readonly target: string
}

const median = (times: readonly number[]): number => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]!

function planTime(job: Job, now?: number): { ms: number; hems: number } {
  const times: number[] = []
  let hems = 0
  for (let run = 0; run < 12; run++) {
    const from = performance.now()
    hems = planJob(job, now).hems.length
    times.push(performance.now() - from)
  }
  // The first runs warm the compiler up; a server or worker stays warm.
  return { ms: median(times.slice(3)), hems }
}

/**
 * Every hem of a job ranked anew after one house rule changed: each run has another way as the house's own. Thumb and
 * tool are both weighed, which is the most there is to judge.
 */
function rankTime(job: Job): { ms: number; hems: number } {
  const times: number[] = []
  let hems = 0
  for (let run = 0; run < 12; run++) {
    const changed = {
      ...job,
      house: { ...job.house, press: 'either' as const, school: SCHOOLS[run % SCHOOLS.length]! },
    }
    const from = performance.now()
    hems = jobRecipes(changed).length
    times.push(performance.now() - from)
  }
  return { ms: median(times.slice(3)), hems }
}

/** Bench setups judged per second on one core, over a spread of edges. */
function evaluationsPerSecond(): number {
  const start = starterBench(STARTER_SHELF, parseInstant(TERN_QUAY_NOW))
  const setups = TEXTURES.flatMap((texture) =>
    STARTER_SHELF.tapes.flatMap((tape) => SEALS.map((seal) => ({ ...start, texture, tapeId: tape.id, seal }))),
  )
  for (const setup of setups) judgeBench(setup, STARTER_SHELF)
  const from = performance.now()
  for (let pass = 0; pass < 20; pass++) for (const setup of setups) judgeBench(setup, STARTER_SHELF)
  return (20 * setups.length) / ((performance.now() - from) / 1000)
}

/** A kit of made-up hems, none like another: the hardest case the search meets. */
function kitTime(clients: number, kinds: number): number {
  const random = seededNumbers(7)
  const quality = Array.from({ length: kinds }, () => random())
  const serve = Array.from({ length: clients }, () => {
    const weight = 5 + 60 * random()
    return quality.map((q, j) =>
      j > 0 && random() < 0.33 ? Number.POSITIVE_INFINITY : weight * (1 + q + 0.8 * random()),
    )
  })
  const carry = quality.map(() => 20 + 200 * random())
  const from = performance.now()
  chooseKit({ carry, serve })
  return performance.now() - from
}

const WRITES = 600

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
async function serverWrites(dir: string): Promise<number> {
  const db = openDatabase(join(dir, 'app.sqlite'), 'server/migrations')
  seedOnce(db, [ternQuay()])
  const app = await buildApp({ db, version: 'bench', webRoot: null, practiceClock: null })
  const rate = await perSecond((i) =>
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
async function bareWrites(dir: string): Promise<number> {
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
  const rate = await perSecond((i) => app.inject({ method: 'POST', url: '/', payload: { events: [event(i)] } }))
  await app.close()
  db.close()
  return rate
}

async function perSecond(write: (i: number) => Promise<{ statusCode: number }>): Promise<number> {
  for (let i = 0; i < 50; i++) await write(-1 - i)
  const from = performance.now()
  for (let i = 0; i < WRITES; i++) {
    const { statusCode } = await write(i)
    if (statusCode >= 300) throw new Error(`write ${i} was answered ${statusCode}`)
  }
  return (1000 * WRITES) / (performance.now() - from)
}

async function main(): Promise<void> {
  const dir = mkdtempSync(join(tmpdir(), 'crisp-hem-bench-'))
  try {
    const demo = planTime(ternQuay(), parseInstant(TERN_QUAY_NOW))
    const many = planTime(manyHems(500, 35))
    const ranked = rankTime(manyHems(1000, 35))
    const [served, bare] = [await serverWrites(dir), await bareWrites(dir)]
    const rows: Row[] = [
      { what: `whole plan, demo job (${demo.hems} hems)`, value: `${demo.ms.toFixed(1)} ms`, target: '' },
      {
        what: `whole plan, made-up job (${many.hems} hems)`,
        value: `${many.ms.toFixed(1)} ms`,
        target: 'under 300 ms',
      },
      {
        what: `every hem ranked anew after a house rule changed (${ranked.hems} hems)`,
        value: `${ranked.ms.toFixed(1)} ms`,
        target: 'under 500 ms',
      },
      {
        what: 'hem evaluations on one core (all risks and the window)',
        value: `${evaluationsPerSecond().toFixed(0)} /s`,
        target: '2,000 /s',
      },
      {
        what: 'kit of 1,000 hems and 40 kinds, proved',
        value: `${kitTime(1000, 40).toFixed(0)} ms`,
        target: 'under 2 s',
      },
      { what: 'log events written, server', value: `${served.toFixed(0)} /s`, target: '' },
      { what: 'bare Fastify + better-sqlite3 insert', value: `${bare.toFixed(0)} /s`, target: '' },
      { what: 'server against bare', value: `${((100 * served) / bare).toFixed(0)} %`, target: '' },
      ...(await engineRows()),
    ]
    console.log('| what | measured | target |\n| --- | --- | --- |')
    for (const row of rows) console.log(`| ${row.what} | ${row.value} | ${row.target} |`)
  } finally {
    rmSync(dir, { recursive: true, force: true })
  }
}

await main()
