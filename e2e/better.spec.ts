import { expect, test } from '@playwright/test'
import { accessFaults } from './axe'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

test('a better plan is looked for beside the page, says what is proved, and can be published as it is', async ({
  page,
}) => {
  // One room, nothing published: the first plan ends later than it must.
  await page.goto(`${server.url}/jobs/tern-quay/rounds`)
  const panel = page.locator('section', { hasText: 'Could it be cheaper?' })
  await panel.getByRole('button', { name: 'Look for a better plan' }).click()
  await expect(panel.getByText(/Proved: with these rounds|could still be won/)).toBeVisible()
  await expect(panel.getByRole('button', { name: 'Look again' })).toBeVisible()
  const publish = panel.getByRole('button', { name: /^Publish as plan/ })
  if (await publish.isVisible()) {
    await panel.getByLabel('Published by').fill('Office')
    const asked = panel.getByLabel(/I have called the crew/)
    if ((await asked.count()) > 0) await asked.check()
    await publish.click()
    await expect(page.getByText(/^Plan 2/)).toBeVisible()
  } else await expect(panel.getByText('There is nothing to tell anybody.')).toBeVisible()
  await expect(page.getByText('Why it ends then')).toBeVisible()
})

test('the days ahead are tried: rooms, pulls and what to guard, on a desk and on a phone @long', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/rounds`)
  await page.getByRole('button', { name: 'Try the days ahead' }).click()
  const panel = page.locator('section', { hasText: 'What may come of it' })
  await expect(panel.getByText('What to guard: the end hangs on it')).toBeVisible()
  await expect(panel.getByRole('row')).not.toHaveCount(1)
  await expect(panel.getByText(/of 5,?000 runs/)).toBeVisible()
  expect(await accessFaults(page, { inside: 'main' })).toEqual([])
  await page.setViewportSize({ width: 390, height: 844 })
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390)
})

test('a room that is due too soon: why, proved, and what single change would help @long', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/walk/kitchen`)
  await page.getByLabel('Needed back by').fill('2027-05-12T15:00')
  await page.getByLabel('Needed back by').press('Enter')
  await page.goto(`${server.url}/jobs/tern-quay/rounds`)
  const panel = page.locator('section', { hasText: 'Rooms that will be late' })
  await panel.getByRole('button', { name: 'Why, and what would help' }).first().click()
  await expect(panel.getByText(/it cannot be in time|It is not proved/).first()).toBeVisible()
})
