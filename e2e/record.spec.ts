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
  await list
    .getByRole('button', { name: /^Found something:/ })
    .first()
    .click()
  for (let i = 0; i < 12; i++) await list.getByRole('button', { name: 'Bleed', exact: true }).click()
  await list.getByRole('button', { name: 'Torn edge', exact: true }).click()
  await list.getByRole('button', { name: /^Save what I saw/ }).click()
  await expect(panel.getByText(/13 bleeds found/).first()).toBeVisible()

  // It stands to be touched up, and is looked along once more after that.
  const mend = page.locator('section', { has: page.getByRole('heading', { name: /^To touch up/ }) })
  const line = mend.getByRole('listitem').filter({ hasText: '12 × Bleed, small, 1 × Torn edge, small' })
  await line.getByLabel('Minutes').fill('9')
  await line.getByRole('button', { name: /^Mended:/ }).click()
  await expect(mend.getByText('12 × Bleed, small')).toHaveCount(0)
  await expect(panel.getByText(/13 bleeds found/).first()).toBeVisible()

  // The office takes it into the record, and forgets it again.
  await panel.getByRole('button', { name: 'Add this job to the record' }).click()
  await expect(panel.getByText(/^Your record: .* on one job/)).toBeVisible()
  await panel.getByRole('button', { name: /^Forget / }).click()
  await expect(panel.getByText(/^Your record is empty/)).toBeVisible()
})

// A lead looks a whole room over: counted from the first tap, as a person does it.
test('a room is looked along in few taps: all clean by one, one fault by four', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${server.url}/jobs/tern-quay/pulls`)
  const list = page.locator('section', { has: page.getByRole('heading', { name: /^Look along the line/ }) })
  await expect(list).toBeVisible()
  const began = Date.now()
  let taps = 0
  const tap = async (name: string | RegExp) => {
    taps += 1
    await list
      .getByRole('button', { name, exact: typeof name === 'string' })
      .first()
      .click()
  }
  await tap(/^Found something:/)
  await tap('Bleed')
  await tap('Bleed')
  await tap(/^Save what I saw/)
  while ((await list.count()) > 0 && (await list.getByRole('button', { name: /^Nothing to see on all/ }).count()) > 0)
    await tap(/^Nothing to see on all/)
  await expect(list).toHaveCount(0)
  expect(taps).toBeLessThan(10)
  // Two seconds for each tap, and what the machine took: under a minute and a half.
  expect((Date.now() - began) / 1000 + 2 * taps).toBeLessThan(90)
})
