import { defineConfig } from '@playwright/test'

/** Drives the built app in Debian's Chromium; each test file starts a server of its own on a database of its own. */
export default defineConfig({
  testDir: '.',
  outputDir: '../.tmp/playwright',
  // A machine that is shared is at times a fifth as fast. What passes waits for none of this.
  timeout: Number(process.env.E2E_MS ?? 120_000),
  expect: { timeout: 30_000 },
  workers: 2,
  retries: 0,
  // `npm test` leaves out what Jest tests of the same views cover too; `npm run e2e` goes through all of it.
  ...(process.env.SHORT ? { grepInvert: /@long/ } : {}),
  reporter: [['line'], ['json', { outputFile: '../.tmp/results/playwright.json' }]],
  // Times are taken alone, when no other browser runs on the machine's two cores.
  projects: [
    { name: 'journeys', testIgnore: /speed|drill/ },
    // Part of `npm run drill`, not of the tests.
    ...(process.env.DRILL ? [{ name: 'drill', testMatch: /\.drill\.ts/, timeout: 600_000 }] : []),
    { name: 'speed', testMatch: /speed/, dependencies: ['journeys'] },
  ],
  use: {
    viewport: { width: 1280, height: 800 },
    timezoneId: 'Europe/Lisbon',
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
})
