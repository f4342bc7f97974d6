import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import {
  chooseKit,
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
} from '@crisp-hem/core'
import { manyHems, TERN_QUAY_NOW, ternQuay } from '../../demo'
import { engineRows } from './benchEngine'
import { bareWrites, serverWrites } from './benchWrites'

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

/** Events written, one request each. */
const WRITES = 600

async function main(): Promise<void> {
  const dir = mkdtempSync(join(tmpdir(), 'crisp-hem-bench-'))
  try {
    const demo = planTime(ternQuay(), parseInstant(TERN_QUAY_NOW))
    const many = planTime(manyHems(500, 35))
    const ranked = rankTime(manyHems(1000, 35))
    const [served, bare] = [await serverWrites(dir, WRITES), await bareWrites(dir, WRITES)]
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
