import { expect, test } from '@playwright/test'
import { accessFaults } from './axe'
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
  '/jobs/tern-quay/shelf',
]

for (const view of VIEWS) {
  test(`axe finds nothing on ${view}, in daylight and in the cabin`, async ({ page }) => {
    await page.goto(server.url + view)
    await page.getByRole('heading', { level: 1 }).waitFor()
    await page.waitForLoadState('networkidle')
    for (const theme of ['day', 'cabin']) {
      await page.evaluate((name) => document.documentElement.setAttribute('data-theme', name), theme)
      // The theme changes colours and nothing else, so the second look is for contrast only.
      const faults = await accessFaults(page, theme === 'day' ? {} : { rules: ['color-contrast'] })
      expect({ theme, faults }).toEqual({ theme, faults: [] })
    }
  })
}

test('axe finds nothing in the dialogs', async ({ page }) => {
  await page.goto(server.url)
  await page.getByRole('button', { name: 'New job' }).click()
  await page.getByLabel('Where is it?').waitFor()
  expect(await accessFaults(page)).toEqual([])
  await page.goto(`${server.url}/jobs/tern-quay/walk`)
  await page.getByRole('button', { name: 'New room' }).click()
  await page.getByRole('textbox', { name: 'Wall A' }).waitFor()
  expect(await accessFaults(page)).toEqual([])
})
