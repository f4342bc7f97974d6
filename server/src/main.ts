import { existsSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { gullRow, TERN_QUAY_NOW, ternQuay } from '../../demo'
import { buildApp } from './app'
import { openDatabase } from './db/open'
import { seedOnce } from './seed'

/** Reads the environment, opens the database, listens, and stops gracefully on SIGINT and SIGTERM. */
async function main(): Promise<void> {
  const root = process.env.CRISP_HEM_ROOT ?? process.cwd()
  const port = Number(process.env.PORT ?? 4173)
  const dataDir = resolve(root, process.env.DATA_DIR ?? 'data')
  const demo = process.argv.includes('--demo')
  const db = openDatabase(join(dataDir, demo ? 'demo.sqlite' : 'crisp-hem.sqlite'), join(root, 'server/migrations'))
  if (demo) seedOnce(db, [ternQuay(), gullRow()])
  const webRoot = join(root, 'web/dist')
  const app = await buildApp({
    db,
    photoFolder: join(dataDir, demo ? 'demo-photos' : 'photos'),
    version: process.env.npm_package_version ?? '0.1.0',
    webRoot: existsSync(webRoot) ? webRoot : null,
    practiceClock: process.env.PRACTICE_CLOCK ?? (demo ? TERN_QUAY_NOW : null),
  })
  const address = await app.listen({ host: '127.0.0.1', port })
  process.stdout.write(`Crisp Hem is at ${address}\n`)

  let stopping = false
  const stop = async () => {
    if (stopping) return
    stopping = true
    await app.close()
    db.close()
    process.exit(0)
  }
  process.on('SIGINT', stop)
  process.on('SIGTERM', stop)
}

main().catch((error: NodeJS.ErrnoException) => {
  const why =
    error.code === 'EADDRINUSE' ? `port ${process.env.PORT ?? 4173} is taken; set PORT to another` : error.message
  process.stderr.write(`Crisp Hem did not start: ${why}\n`)
  process.exit(1)
})
