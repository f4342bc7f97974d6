import { existsSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { pino } from 'pino'
import { buildApp } from './app'
import { openDatabase } from './db/open'
import { asHost } from './guard'
import { threadDesk } from './heavy/threads'

/** What the environment says of where to listen, where to keep things, and how much to write down. */
interface Settings {
  readonly root: string
  readonly host: string
  readonly port: number
  readonly dataDir: string
  /** Names people ask this server by, besides the one it listens on. */
  readonly names: readonly string[]
  readonly logLevel: string
  readonly demo: boolean
  readonly practiceClock: string | null
}

const HERE = '127.0.0.1'

function settings(env: NodeJS.ProcessEnv, args: readonly string[]): Settings {
  const root = env.CRISP_HEM_ROOT ?? process.cwd()
  const demo = args.includes('--demo')
  return {
    root,
    host: env.HOST ?? HERE,
    port: Number(env.PORT ?? 4173),
    dataDir: resolve(root, env.DATA_DIR ?? 'data'),
    names: (env.HOST_NAMES ?? '')
      .split(',')
      .map((name) => name.trim())
      .filter(Boolean),
    logLevel: env.LOG_LEVEL ?? (demo ? 'warn' : 'info'),
    demo,
    practiceClock: env.PRACTICE_CLOCK ?? null,
  }
}

/** Opens the database, listens, and stops gracefully on SIGINT and SIGTERM. */
async function main(): Promise<void> {
  const set = settings(process.env, process.argv)
  const demo = set.demo ? await import('./demoJobs') : null
  const file = join(set.dataDir, demo ? 'demo.sqlite' : 'crisp-hem.sqlite')
  const migrations = join(set.root, 'server/migrations')
  const db = openDatabase(file, migrations)
  demo?.seed(db)
  const webRoot = join(set.root, 'web/dist')
  const app = await buildApp({
    db,
    photoFolder: join(set.dataDir, demo ? 'demo-photos' : 'photos'),
    version: process.env.npm_package_version ?? '0.1.0',
    webRoot: existsSync(webRoot) ? webRoot : null,
    practiceClock: set.practiceClock ?? demo?.clock ?? null,
    hosts: [asHost(set.host), ...set.names],
    heavy: threadDesk(join(import.meta.dirname, 'heavyWorker.js'), { file, migrations }),
    // One line of JSON for each request, on standard error; standard output tells people where it is.
    logger: pino({ level: set.logLevel }, pino.destination(2)),
  })
  const address = await app.listen({ host: set.host, port: set.port })
  process.stdout.write(`Crisp Hem is at ${address}\n`)

  let stopping = false
  const stop = async () => {
    if (stopping) return
    stopping = true
    await app.close()
    db.close()
    process.exit(0)
  }
  process.on('SIGINT', () => void stop())
  process.on('SIGTERM', () => void stop())
}

main().catch((error: NodeJS.ErrnoException) => {
  const why =
    error.code === 'EADDRINUSE' ? `port ${process.env.PORT ?? 4173} is taken; set PORT to another` : error.message
  process.stderr.write(`Crisp Hem did not start: ${why}\n`)
  process.exit(1)
})
