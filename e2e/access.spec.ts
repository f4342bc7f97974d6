import { expect, test } from '@playwright/test'
import { accessFaults } from './axe'
import { goWithin } from './goWithin'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

const VIEWS = [
  '/',
  '/jobs/tern-quay/walk/recital',
  '/jobs/tern-quay/recipes',
  '/jobs/tern-quay/load',
  '/jobs/tern-quay/rounds',
  '/jobs/tern-quay/pulls',
  '/jobs/tern-quay/walk/harbour',
  '/jobs/tern-quay/scope',
  '/jobs/tern-quay/site',
  '/jobs/tern-quay/bench',
  '/jobs/tern-quay/results/lines',
  '/jobs/gull-row/results/trials',
  '/jobs/gull-row/results/charts',
  '/jobs/gull-row/results/record',
  '/jobs/tern-quay/practice',
  '/jobs/tern-quay/shelf',
]

/** Views whose colours are looked at in the cabin's theme too: together they show every kind of panel. */
const IN_CABIN = ['/', '/jobs/tern-quay/walk/recital', '/jobs/tern-quay/rounds', '/jobs/tern-quay/pulls']

test('axe finds nothing on any view, in daylight and in the cabin', async ({ page }) => {
  test.setTimeout(300_000)
  await page.goto(server.url)
  for (const view of VIEWS) {
    await goWithin(page, view)
    for (const theme of IN_CABIN.includes(view) ? ['day', 'cabin'] : ['day']) {
      await page.evaluate((name) => document.documentElement.setAttribute('data-theme', name), theme)
      // The theme changes colours and nothing else, so the second look is for contrast only.
      const faults = await accessFaults(page, theme === 'day' ? {} : { rules: ['color-contrast'] })
      expect.soft({ view, theme, faults }).toEqual({ view, theme, faults: [] })
    }
  }
})

test('axe finds nothing in the dialogs @long', async ({ page }) => {
  await page.goto(server.url)
  await page.getByRole('button', { name: 'New job' }).click()
  await page.getByLabel('Where is it?').waitFor()
  expect(await accessFaults(page)).toEqual([])
  await page.goto(`${server.url}/jobs/tern-quay/walk`)
  await page.getByRole('button', { name: 'New room' }).click()
  await page.getByRole('textbox', { name: 'Wall A' }).waitFor()
  expect(await accessFaults(page)).toEqual([])
})
