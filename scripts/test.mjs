import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { ensureBuilt, ensureChromium, ensureInstalled, refuseUnknown } from './ensure.mjs'

// All checks in one go: lint, format, types, Jest, Playwright. Closes with `N passed, N failed`.
refuseUnknown(process.argv.slice(2), [], 'npm test; npm run unit or npm run e2e take names of tests')
ensureInstalled()
ensureChromium()
ensureBuilt()
rmSync('.tmp/results', { recursive: true, force: true })
mkdirSync('.tmp/results', { recursive: true })

const started = (args, stdio) =>
  spawn(process.execPath, args, { stdio, env: { ...process.env, FORCE_COLOR: '0', SHORT: '1' } })
const ended = (child) => new Promise((done) => child.once('close', (code) => done(code === 0)))
const node = (...args) => ended(started(args, 'inherit'))
const failedSteps = []
const step = (name, ok) => {
  process.stdout.write(`${name}: ${ok ? 'ok' : 'FAILED'}\n`)
  if (!ok) failedSteps.push(name)
}

/** Runs a check without showing it until it is done, so that two can run beside each other. */
async function quietly(name, ...args) {
  const child = started(args, ['ignore', 'pipe', 'pipe'])
  let said = ''
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (said += chunk))
  const ok = await ended(child)
  process.stdout.write(said)
  step(name, ok)
}

// Two cores: what reads the text on one, what reads the types on the other.
await Promise.all([
  quietly('lint', 'node_modules/eslint/bin/eslint.js', '.', '--max-warnings', '0').then(() =>
    quietly('format', 'node_modules/prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.'),
  ),
  quietly('types', 'scripts/types.mjs'),
])

// Hot code is compiled with what it saw from its first call, and short-lived objects have room: a sixth less time in all.
const jestOk = await node(
  '--no-lazy-feedback-allocation',
  '--max-semi-space-size=64',
  'node_modules/jest/bin/jest.js',
  '--ci',
  '--json',
  '--outputFile=.tmp/results/jest.json',
  '--silent',
)
const playwrightOk = await node('node_modules/@playwright/test/cli.js', 'test', '--config', 'e2e/playwright.config.ts')

const read = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null)
const jest = read('.tmp/results/jest.json')
const browser = read('.tmp/results/playwright.json')
step('jest', jestOk)
step('playwright', playwrightOk)

// A suite that could not even start counts as one failure, and so does each failed step before the tests.
const early = failedSteps.filter((name) => name !== 'jest' && name !== 'playwright').length
const passed = (jest?.numPassedTests ?? 0) + (browser?.stats.expected ?? 0)
let failed =
  (jest?.numFailedTests ?? 0) +
  (jest?.numRuntimeErrorTestSuites ?? 0) +
  (browser?.stats.unexpected ?? 0) +
  (browser?.stats.flaky ?? 0) +
  early
if (failed === 0 && (!jestOk || !playwrightOk)) failed = 1
process.stdout.write(`${passed} passed, ${failed} failed\n`)
process.exit(failed === 0 ? 0 : 1)
