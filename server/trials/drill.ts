import { copyDrill } from './drill/copyDrill'
import { killDrill } from './drill/killDrill'
import { mergeDrill, type Ask } from './drill/mergeDrill'
import { mutateDrill } from './drill/mutateDrill'
import { Office } from './drill/office'
import { phonesDrill } from './drill/phonesDrill'

// `npm run drill [-- --short]`: what happens to a server that is ended hard, spoiled at, crowded and copied. Loopback only.
const isShort = process.argv.includes('--short')
// The short form runs among the tests, beside a browser on the same two cores: its bound of time is five times as wide.
const SIZES = isShort
  ? { kills: 4, requests: 300, phones: 40, ticks: 60, merges: 12, slowestMs: 5000 }
  : { kills: 200, requests: 20_000, phones: 200, ticks: 2000, merges: 500, slowestMs: 1000 }
const SEED = 11

const faults: string[] = []
const say = (line: string) => process.stdout.write(`${line}\n`)
const expectTrue = (isSo: boolean, what: string) => void (isSo || faults.push(what))

async function withOffice<T>(work: (office: Office) => Promise<T>, isUp = true): Promise<T> {
  const office = new Office(process.env.CRISP_HEM_ROOT ?? process.cwd())
  try {
    if (isUp) await office.start()
    return await work(office)
  } finally {
    await office.remove()
  }
}

const asksOf =
  (office: Office): Ask =>
  async (method, path, body) => {
    const answer = await office.ask(method, path, body === undefined ? undefined : JSON.stringify(body))
    if (!answer.ok) throw new Error(`${method} ${path} was answered with ${answer.status}`)
    return answer.json() as unknown
  }

async function main(): Promise<void> {
  const kill = await withOffice((office) => killDrill(office, SIZES.kills, SEED), false)
  say(
    `ended hard ${kill.kills} times: ${kill.acknowledged} writes acknowledged, ${kill.lost.length} lost, ${kill.half.length} half`,
  )
  expectTrue(kill.acknowledged > 0 && kill.lost.length === 0 && kill.half.length === 0, 'writes were lost')

  const spoil = await withOffice((office) => mutateDrill(office, SIZES.requests, SEED))
  say(
    `${spoil.requests} spoiled requests: ${spoil.failed.length} answered 5xx or not at all, slowest ${Math.round(spoil.slowestMs)} ms (${spoil.slowest})`,
  )
  for (const each of spoil.failed.slice(0, 5)) say(`  ${each}`)
  expectTrue(spoil.failed.length === 0, 'a spoiled request was not answered as it should')
  expectTrue(spoil.slowestMs < SIZES.slowestMs, `a spoiled request took over ${SIZES.slowestMs} ms`)

  const crowd = await withOffice((office) => phonesDrill(office, SIZES.phones))
  say(
    `${crowd.phones} phones at once: p99 ${Math.round(crowd.p99Ms)} ms, seen by all after ${Math.round(crowd.seenMs)} ms`,
  )
  expectTrue(crowd.p99Ms < 250 || isShort, 'phones waited too long')
  expectTrue(crowd.seenMs < 2000, 'a tick was seen too late')

  const copy = await withOffice((office) => copyDrill(office, SIZES.ticks))
  say(`copied under load: ${copy.before} ticks before it, ${copy.missing} missing, ${copy.restored} restored`)
  expectTrue(copy.missing === 0, 'a copy lacks what was acknowledged before it')

  const merge = await withOffice((office) => mergeDrill(asksOf(office), SIZES.merges))
  say(`${merge.runs} shifts of two devices without a line, merged in two orders: ${merge.apart.length} came apart`)
  for (const seed of merge.apart.slice(0, 5)) say(`  seed ${seed}`)
  expectTrue(merge.apart.length === 0, 'two devices came to two states')

  say(faults.length === 0 ? 'all is well' : `not well: ${faults.join('; ')}`)
  process.exit(faults.length === 0 ? 0 : 1)
}

main().catch((error: Error) => {
  process.stderr.write(`the drill broke off: ${error.message}\n`)
  process.exit(1)
})
