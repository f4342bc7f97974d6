import { spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { createHash } from 'node:crypto'
import { createRequire } from 'node:module'
import { dirname, join, resolve } from 'node:path'

/** The folder of the checkout; everything runs from there. */
export const root = resolve(import.meta.dirname, '..')
process.chdir(root)

/** Runs a command with our output; ends the process when it fails. */
export function run(command, args, options = {}) {
  const result = spawnSync(command, args, {
    stdio: options.quiet ? ['ignore', 'ignore', 'inherit'] : ['ignore', 'inherit', 'inherit'],
    cwd: root,
    ...options,
  })
  if (result.status !== 0) {
    process.stderr.write(`${command} ${args.join(' ')} failed\n`)
    process.exit(result.status ?? 1)
  }
}

/** Installs packages when they are missing or the lock file has changed since. */
export function ensureInstalled() {
  const stamp = 'node_modules/.crisp-hem-lock'
  const lockSum = () => createHash('sha256').update(readFileSync('package-lock.json')).digest('hex')
  const fresh = existsSync(stamp) && readFileSync(stamp, 'utf8') === lockSum()
  if (!fresh) {
    process.stderr.write('Installing packages (a few minutes the first time: the database is compiled here)\n')
    run(npm, ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { stdio: ['ignore', 2, 2] })
    mkdirSync(dirname(stamp), { recursive: true })
    writeFileSync(stamp, lockSum())
  }
  ensureDatabase()
}

const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm'

/** Some npm versions hold install scripts back; then the database binding is built here. */
function ensureDatabase() {
  const require = createRequire(join(root, 'server/package.json'))
  try {
    const Sqlite = require('better-sqlite3')
    new Sqlite(':memory:').close()
  } catch {
    run(npm, ['rebuild', 'better-sqlite3', '--foreground-scripts', '--loglevel=error'], { stdio: ['ignore', 2, 2] })
  }
}

/** Builds what is older than its sources. */
export function ensureBuilt(parts = ['server', 'web']) {
  for (const part of parts) {
    const stamp = `${part}/dist/.built`
    const newest = Math.max(...[part, 'core', 'demo', 'package-lock.json'].map(newestTime))
    if (existsSync(stamp) && statSync(stamp).mtimeMs >= newest) continue
    process.stderr.write(`Building ${part}\n`)
    run(process.execPath, ['node_modules/vite/bin/vite.js', 'build', part, '--config', `${part}/vite.config.mjs`], {
      stdio: ['ignore', 2, 2],
    })
    writeFileSync(stamp, '')
  }
}

function newestTime(path) {
  const entry = statSync(path)
  if (!entry.isDirectory()) return entry.mtimeMs
  return readdirSync(path, { withFileTypes: true })
    .filter((each) => !['dist', 'node_modules'].includes(each.name))
    .reduce((most, each) => Math.max(most, newestTime(join(path, each.name))), 0)
}

/** Debian's Chromium, installed by apt when we may; says what to do otherwise. */
export function ensureChromium() {
  if (existsSync('/usr/bin/chromium')) return
  if (process.getuid?.() !== 0) {
    process.stderr.write('Browser tests need Chromium. Install it as root: apt-get install chromium\n')
    process.exit(1)
  }
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  run('apt-get', ['update', '-qq'], { env, quiet: true })
  run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], { env, quiet: true })
}

/** Ends the process when a script is called with a word it does not know: a slip must not become a folder's name. */
export function refuseUnknown(words, known, usage) {
  const unknown = words.filter((word) => !known.includes(word))
  if (unknown.length === 0) return
  process.stderr.write(`unknown: ${unknown.join(' ')}\nuse: ${usage}\n`)
  process.exit(1)
}
