import { spawnSync } from 'node:child_process'
import { ensureBuilt, ensureChromium, ensureInstalled, refuseUnknown, root } from './ensure.mjs'

// `npm run drill [-- --short]`: a server ended hard, spoiled at, crowded, copied and merged into; then two phones in Chromium, off
// line for a shift; then the laws over all their made-up cases.
const LONG = [
  'sprayRules',
  'wallRules',
  'exhaustive',
  'chooseKit',
  'anyVersion',
  'anneal',
  'bleedSize',
  'cutting',
  'devices',
]
const args = process.argv.slice(2)
refuseUnknown(args, ['--short'], 'npm run drill [-- --short]')
const isShort = args.includes('--short')
ensureInstalled()
ensureBuilt(isShort ? ['server'] : ['server', 'web'])
if (!isShort) ensureChromium()
const ran = (...command) =>
  spawnSync(process.execPath, command, {
    stdio: ['ignore', 'inherit', 'inherit'],
    cwd: root,
    env: { ...process.env, DRILL: '1', LONG: '1' },
  }).status === 0
const isServerWell = ran('scripts/tool.mjs', 'drill', ...args)
const arePhonesWell =
  isShort ||
  ran('node_modules/@playwright/test/cli.js', 'test', '--config', 'e2e/playwright.config.ts', '--project=drill')
// The checks over made-up cases that the tests go through in part only.
const areLawsWell = isShort || ran('node_modules/jest/bin/jest.js', '--silent', ...LONG)
process.exit(isServerWell && arePhonesWell && areLawsWell ? 0 : 1)
