import { spawn } from 'node:child_process'
import { mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
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
/** How long the page looks for a better plan by itself, and a little, ms. */
const LOOKED_ON_MS = 16_000
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
  cut: { path: '/jobs/tern-quay/load/cut', size: DESK },
  quote: {
    path: '/jobs/tern-quay/load/quote',
    size: DESK,
    act: async (page) => {
      await page.getByRole('button', { name: 'Work out a quote' }).click()
      await page.getByRole('heading', { name: 'Best' }).waitFor()
    },
  },
  rounds: { path: '/jobs/tern-quay/rounds', size: DESK },
  // The demo as surveyed, before anybody was told a plan: what was found while the page looked on, in whose hands each room is, and its price: the recital room
  // is wanted before its crew could be through.
  'rounds-shared': {
    path: '/jobs/tern-quay-before/rounds',
    size: { width: 1280, height: 1100 },
    theme: 'cabin',
    at: '2027-05-10T16:00:00Z',
    act: async (page) => {
      await page.waitForTimeout(LOOKED_ON_MS)
      await page.getByRole('button', { name: 'Rooms', exact: true }).click()
      await page.getByRole('button', { name: 'Day', exact: true }).click()
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
  // An hour later the tape of practice room 2 is still on, and its edge has skinned.
  'day-wrong': { path: '/jobs/tern-quay/pulls', size: DESK, at: '2027-05-12T14:25:00Z', theme: 'cabin' },
}

/** The demo as surveyed, its recital room wanted early: others lend a hand there. */
function beforeAnyPlan() {
  const job = JSON.parse(readFileSync('demo/tern-quay.hem.json', 'utf8'))
  for (const room of job.rooms) if (room.id === 'recital') room.neededBy = '2027-05-17T10:00:00Z'
  return JSON.stringify(job)
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
  await fetch(`http://127.0.0.1:${port}/api/jobs/import?as=tern-quay-before`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: `http://127.0.0.1:${port}` },
    body: beforeAnyPlan(),
  })
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
