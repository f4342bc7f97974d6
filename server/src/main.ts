import { chmodSync, existsSync, readdirSync, readFileSync, statfsSync } from 'node:fs'
import { join } from 'node:path'
import { pino } from 'pino'
import { buildApp } from './app'
import { openDatabase } from './db/open'
import { peopleTable } from './db/people'
import { newCode } from './people/signInCode'
import { asHost } from './guard'
import { heavyInThreads } from './heavy/threads'
import { copyOfDay } from './keeping/copies'
import { holdFolder } from './keeping/lock'
import { settings, type Settings } from './keeping/settings'
import { checkSound } from './keeping/soundness'

/** Less free than this is told, bytes. */
const LITTLE_SPACE = 200 * 1024 * 1024
const HOUR_MS = 3_600_000

/** Opens the database, listens, and stops gracefully on SIGINT and SIGTERM. */
async function main(): Promise<void> {
  const set = settings(process.env, process.argv)
  const demo = set.demo ? await import('./demoJobs') : null
  const held = holdFolder(set.dataDir)
  process.on('exit', held.letGo)
  checkSound(set.database, newestMigration(set.migrations))
  const db = openDatabase(set.database, set.migrations)
  for (const end of ['', '-wal', '-shm']) if (existsSync(set.database + end)) chmodSync(set.database + end, 0o600)
  demo?.seed(db)
  const logger = pino({ level: set.logLevel }, pino.destination(2))
  const firstCode = !set.isOpen && peopleTable(db).isFirst() ? newCode() : null
  const webRoot = join(set.root, 'web/dist')
  const copying = dailyCopies(set, (error) => logger.error({ err: error }, 'no copy of the day'))
  const app = await buildApp({
    db,
    photoFolder: set.photos,
    version: process.env.npm_package_version ?? '0.1.0',
    webRoot: existsSync(webRoot) ? webRoot : null,
    practiceClock: set.practiceClock ?? demo?.clock ?? null,
    hosts: [set.host, ...set.names].map(asHost),
    heavy: heavyInThreads(join(import.meta.dirname, 'heavyWorker.js'), {
      file: set.database,
      migrations: set.migrations,
    }),
    isOpen: set.isOpen,
    firstCode,
    trustProxy: set.trustProxy,
    https: set.https,
    certificate: set.https?.cert ?? ownCertificate(set),
    troubles: () => [...(hasSpace(set.dataDir) ? [] : ['disk']), ...copying.troubles()],
    // One line of JSON for each request, on standard error; standard output tells people where it is.
    logger,
  })
  const address = await app.listen({ host: set.host, port: set.port })
  process.stdout.write(`Crisp Hem is at ${address}\n`)
  if (set.isOpen) process.stdout.write('Nobody has to sign in: it can be reached from this machine only.\n')
  if (firstCode) process.stdout.write(`First sign-in code, for the office: ${firstCode}\n`)

  let stopping = false
  const stop = async () => {
    if (stopping) return
    stopping = true
    copying.stop()
    await app.close()
    db.close()
    held.letGo()
    process.exit(0)
  }
  process.on('SIGINT', () => void stop())
  process.on('SIGTERM', () => void stop())
}

/** What `npm run cert` made, for phones that still ask by plain http. */
const ownCertificate = ({ dataDir }: Settings): string | null => {
  const path = join(dataDir, 'office.crt')
  return existsSync(path) ? readFileSync(path, 'utf8') : null
}

const newestMigration = (folder: string): number =>
  Math.max(
    0,
    ...readdirSync(folder)
      .filter((name) => name.endsWith('.sql'))
      .map((name) => Number.parseInt(name, 10)),
  )

const hasSpace = (folder: string): boolean => {
  const { bavail, bsize } = statfsSync(folder)
  return bavail * bsize > LITTLE_SPACE
}

/** A copy of everything each day, not of the demo. */
function dailyCopies(set: Settings, onError: (error: unknown) => void): { troubles: () => string[]; stop: () => void } {
  let isFailing = false
  const copy = () => {
    if (set.demo) return
    copyOfDay({ database: set.database, photos: set.photos }, set.copies, new Date()).then(
      () => (isFailing = false),
      (error: unknown) => {
        isFailing = true
        onError(error)
      },
    )
  }
  const timer = setInterval(copy, HOUR_MS)
  // Not while people wait for it to start.
  const first = setTimeout(copy, 5000)
  return {
    troubles: () => (isFailing ? ['copy'] : []),
    stop() {
      clearInterval(timer)
      clearTimeout(first)
    },
  }
}

main().catch((error: NodeJS.ErrnoException) => {
  const why =
    error.code === 'EADDRINUSE' ? `port ${process.env.PORT ?? 4173} is taken; set PORT to another` : error.message
  process.stderr.write(`Crisp Hem did not start: ${why}\n`)
  process.exit(1)
})
