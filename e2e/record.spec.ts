import { expect, test } from '@playwright/test'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

test('a line looked along moves what the lines say, at once', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/pulls`)
  const panel = page.locator('section', { has: page.getByRole('heading', { name: 'What your lines say' }) })
  await expect(panel.getByText(/1 bleed found/).first()).toBeVisible()
  const list = page.locator('section', { has: page.getByRole('heading', { name: /^Look along the line/ }) })
  await list.getByLabel('Bleeds').first().fill('40')
  await list.getByRole('button', { name: 'Inspect' }).first().click()
  await expect(panel.getByText(/41 bleeds found/).first()).toBeVisible()
  await expect(panel.getByText('More bleeds than expected.').first()).toBeVisible()
})
