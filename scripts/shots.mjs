import { spawn } from 'node:child_process'
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { ensureBuilt, ensureChromium, ensureInstalled, refuseUnknown } from './ensure.mjs'

// `node scripts/shots.mjs [NAME …] [--to FOLDER]`: one picture per main view, from the demo data on its practice clock.
const AT = '2027-05-12T13:08:00Z'
const HEM = encodeURIComponent('practice2/wall:w3|ceiling')
const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }
const TABLET = { width: 1024, height: 768 }
const VIEWS = {
  jobs: { path: '/', size: DESK },
  walk: {
    path: '/jobs/tern-quay/walk/practice2',
    size: DESK,
    act: (page) => page.locator('[data-hem="practice2/wall:w3|ceiling"]').click({ force: true }),
  },
  'walk-tablet': {
    path: '/jobs/tern-quay/walk/kitchen',
    size: TABLET,
    act: (page) => page.locator('[data-sheet] [aria-label="wall C"]').click({ position: { x: 90, y: 40 } }),
  },

  scope: { path: '/jobs/tern-quay/scope', size: DESK },
  recipes: { path: `/jobs/tern-quay/recipes?hem=${HEM}`, size: DESK },
  kit: {
    path: `/jobs/tern-quay/recipes?hem=${encodeURIComponent('corridor/skirting|floor:z1#w1:o3..')}`,
    size: DESK,
    act: (page) => page.getByText('Weigh kits').click(),
  },
  load: { path: '/jobs/tern-quay/load', size: DESK },
  van: { path: '/jobs/tern-quay/load/van', size: DESK },
  cut: { path: '/jobs/tern-quay/load/cut', size: DESK },
  floors: { path: '/jobs/tern-quay/load/floors', size: DESK },
  ways: {
    path: '/jobs/tern-quay/load/ways',
    size: DESK,
    act: async (page) => {
      await page.getByRole('cell', { name: 'mask and spray' }).waitFor()
      await page
        .getByText(/costs less\.$/)
        .first()
        .waitFor()
    },
  },
  quote: {
    path: '/jobs/tern-quay/load/quote',
    size: DESK,
    act: async (page) => {
      await page.getByRole('button', { name: 'Work out a quote' }).click()
      await page.getByRole('heading', { name: 'Best' }).waitFor()
    },
  },
  orders: { path: '/jobs/tern-quay/load/orders', size: DESK },
  rounds: { path: '/jobs/tern-quay/rounds', size: DESK },
  better: {
    path: '/jobs/tern-quay/rounds',
    size: DESK,
    act: async (page) => {
      await page.getByRole('button', { name: 'Look for a better plan' }).click()
      const panel = page.locator('section', { hasText: 'Could it be better?' })
      await panel.getByRole('button', { name: 'Look again' }).waitFor()
      await panel.scrollIntoViewIfNeeded()
    },
  },
  'rounds-move': {
    path: '/jobs/tern-quay/rounds',
    size: DESK,
    act: async (page) => {
      const bar = page.getByRole('button', { name: /^Kitchen: lay, 14:10/ })
      await bar.focus()
      for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowRight')
      await page.getByText('Say why, and it goes there anyway.').waitFor()
      await page
        .getByText('Pull ribbon', { exact: false })
        .first()
        .scrollIntoViewIfNeeded()
        .catch(() => undefined)
    },
  },
  'rounds-rooms-cabin': {
    path: '/jobs/tern-quay/rounds',
    size: DESK,
    theme: 'cabin',
    act: async (page) => {
      await page.getByRole('button', { name: 'Rooms', exact: true }).click()
      await page.getByRole('button', { name: 'Three days' }).click()
      await page.getByRole('group', { name: /^Rounds:/ }).evaluate((chart) => chart.scrollIntoView())
      await page.evaluate(() => scrollBy(0, -60))
    },
  },
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
  'pulls-phone-cabin': { path: '/jobs/tern-quay/pulls', size: PHONE, theme: 'cabin' },
  'walk-cabin': { path: '/jobs/tern-quay/walk/recital', size: DESK, theme: 'cabin' },
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
    await page.goto(`http://127.0.0.1:${port}${view.path}${view.path.includes('?') ? '&' : '?'}at=${AT}`)
    // A line on which news come never rests: what is waited for is on the screen.
    await page.getByRole('heading', { level: 1 }).waitFor()
    await page.waitForTimeout(500)
    await page
      .getByText(/^(Working it out|Opening)/)
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
