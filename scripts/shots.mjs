import { spawn } from 'node:child_process'
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { ensureBuilt, ensureChromium, ensureInstalled, refuseUnknown } from './ensure.mjs'

// `node scripts/shots.mjs [NAME …] [--to FOLDER]`: one picture per main view, from the demo data on its practice clock.
const AT = '2027-05-12T13:22:00Z'
const HEM = encodeURIComponent('practice2/wall:w3|ceiling')
const EDGE = encodeURIComponent('wall:w1|skirting')
/** An edge of two and a half metres that humps in the middle, as somebody would type it. */
const crooked = async (page) => {
  await page
    .getByRole('textbox', { name: /Place and offset/ })
    .fill('0 3\n300 4\n600 6\n900 5\n1200 8\n1500 6\n1800 5\n2100 3\n2400 2')
  await page.getByRole('heading', { name: 'The line' }).scrollIntoViewIfNeeded()
}
const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }
const VIEWS = {
  jobs: { path: '/', size: DESK },
  walk: {
    path: '/jobs/tern-quay/walk/practice2',
    size: DESK,
    act: (page) => page.locator('[data-hem="practice2/wall:w3|ceiling"]').click({ force: true }),
  },

  lines: { path: `/jobs/tern-quay/lines?for=edge&room=practice2&edge=${EDGE}`, size: DESK, act: crooked },
  'lines-phone': { path: `/jobs/tern-quay/lines?for=edge&room=practice2&edge=${EDGE}`, size: PHONE, act: crooked },
  scope: { path: '/jobs/tern-quay/scope', size: DESK },
  recipes: { path: `/jobs/tern-quay/recipes?hem=${HEM}`, size: DESK },
  van: { path: '/jobs/tern-quay/load/van', size: DESK },
  quote: {
    path: '/jobs/tern-quay/load/quote',
    size: DESK,
    act: async (page) => {
      await page.getByRole('button', { name: 'Work out a quote' }).click()
      await page.getByRole('heading', { name: 'Best' }).waitFor()
    },
  },
  rounds: { path: '/jobs/tern-quay/rounds', size: DESK },
  'rounds-phone': {
    path: '/jobs/tern-quay/rounds',
    size: PHONE,
    act: async (page) => {
      await page.getByRole('group', { name: 'Drawn by' }).evaluate((views) => views.scrollIntoView())
      await page.evaluate(() => scrollBy(0, -60))
    },
  },
  pulls: { path: '/jobs/tern-quay/pulls', size: DESK },
  shelf: { path: '/jobs/tern-quay/shelf', size: DESK },
  site: { path: '/jobs/tern-quay/site', size: DESK },
  bench: { path: `/jobs/tern-quay/bench?hem=${HEM}`, size: DESK },
  'pulls-phone': { path: '/jobs/tern-quay/pulls', size: PHONE, theme: 'outdoor' },
  'inspect-phone': {
    path: '/jobs/tern-quay/pulls',
    size: PHONE,
    act: async (page) => {
      const found = page.getByRole('button', { name: /^Found something:/ }).first()
      await found.click()
      await found.evaluate((button) => button.scrollIntoView({ block: 'start' }))
      await page.evaluate(() => scrollBy(0, -220))
    },
  },
  results: { path: '/jobs/gull-row/results/trials', size: { width: 1280, height: 1100 } },
  practice: {
    path: '/jobs/tern-quay/practice',
    size: DESK,
    act: async (page) => {
      await page.getByRole('button', { name: 'Open Rough ground' }).click()
      await page.getByRole('button', { name: 'Pull and look' }).click()
      await page.getByText(/of 100 You need|of 100 Passed/).waitFor()
    },
  },
}

const USAGE = 'node scripts/shots.mjs [NAME …] [--to FOLDER]'
const words = process.argv.slice(2)
const to = words.indexOf('--to')
const [, folder = 'docs/screenshots'] = to < 0 ? [] : words.splice(to, 2)
const names = words
refuseUnknown(names, Object.keys(VIEWS), USAGE)
refuseUnknown(
  [folder].filter((path) => path.startsWith('-')),
  [],
  USAGE,
)
ensureInstalled()
ensureChromium()
ensureBuilt()
mkdirSync(folder, { recursive: true })
const data = mkdtempSync(join(tmpdir(), 'crisp-hem-shots-'))
const port = 4390
const server = spawn(process.execPath, ['scripts/start.mjs', '--demo'], {
  env: { ...process.env, PORT: String(port), DATA_DIR: data },
  stdio: ['ignore', 'pipe', 'inherit'],
})
await new Promise((resolve) => server.stdout.once('data', resolve))
const browser = await chromium.launch({
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
})
try {
  for (const [name, view] of Object.entries(VIEWS)) {
    if (names.length > 0 && !names.includes(name)) continue
    const page = await browser.newPage({ viewport: view.size, timezoneId: 'Europe/Lisbon' })
    page.on('pageerror', (error) => process.stderr.write(`${name}: ${error.message}\n`))
    page.on('console', (message) => message.type() === 'error' && process.stderr.write(`${name}: ${message.text()}\n`))
    await page.addInitScript((theme) => localStorage.setItem('crisp-hem:theme', theme), view.theme ?? 'day')
    await page.goto(`http://127.0.0.1:${port}${view.path}${view.path.includes('?') ? '&' : '?'}at=${view.at ?? AT}`)
    // A line on which news come never rests: what is waited for is on the screen.
    await page.getByRole('heading', { level: 1 }).waitFor()
    await page.waitForTimeout(500)
    await page
      .getByText(/^(Working it out|Opening…)/)
      .first()
      .waitFor({ state: 'hidden' })
    await page.evaluate(() => document.fonts.ready)
    if (view.act) await view.act(page)
    await page.waitForTimeout(500)
    await page.screenshot({ path: join(folder, `${name}.png`), fullPage: Boolean(view.full) })
    await page.close()
  }
} finally {
  await browser.close()
  server.kill('SIGTERM')
  rmSync(data, { recursive: true, force: true })
}
