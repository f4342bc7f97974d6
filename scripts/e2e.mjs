import { ensureBuilt, ensureChromium, ensureInstalled, run } from './ensure.mjs'

ensureInstalled()
ensureChromium()
ensureBuilt()
run(process.execPath, [
  'node_modules/@playwright/test/cli.js',
  'test',
  '--config',
  'e2e/playwright.config.ts',
  ...process.argv.slice(2),
])
