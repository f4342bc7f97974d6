import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import type { JobAnswer } from '@crisp-hem/core/wire'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

const load = (part: string) => `${server.url}/jobs/tern-quay/load/${part}`
const job = async (): Promise<JobAnswer> =>
  (await (await fetch(`${server.url}/api/jobs/tern-quay`)).json()) as JobAnswer

test('from a room to an order: a room is sprayed, its film is cut, short, ordered, and comes in @long', async ({
  page,
}) => {
  await page.goto(load('ways'))
  await page.getByLabel('Compare for').selectOption({ label: 'Practice room 1' })
  await expect(page.getByRole('cell', { name: 'mask and spray' })).toBeVisible()
  await page.getByRole('button', { name: 'Spray it: change the tool' }).click()
  await expect(page.getByText(/colours? (is|are) sprayed now/)).toBeVisible()
  await page.getByRole('button', { name: 'Cut plan' }).click()
  const panel = page.getByRole('button', { name: /^Cut: Practice room 1, / }).first()
  await expect(panel).toHaveAttribute('aria-pressed', 'false')
  await panel.click()
  await page.reload()
  await expect(page.getByRole('button', { name: /^Cut: Practice room 1, / }).first()).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  await page.getByRole('button', { name: 'Orders' }).click()
  const order = page.locator('section', { hasText: 'From Mercer & Moss' })
  await expect(order.getByRole('row', { name: /MM-\d+ Marram Low 24 mm/ })).toBeVisible()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    order.getByRole('button', { name: 'Order as CSV' }).click(),
  ])
  expect(readFileSync(await download.path(), 'utf8')).toMatch(/^supplier,article,item.*\nMercer & Moss,MM-/)
  const before = (await job()).log.length
  await order.getByRole('button', { name: 'All of it came in' }).click()
  await expect(page.getByRole('row', { name: /Marram Low 24 mm/ })).toHaveCount(0)
  await expect.poll(async () => (await job()).log.length).toBeGreaterThan(before)
  await page.getByRole('button', { name: 'By day' }).click()
  await expect(page.getByText(/^Marram Low 24 mm: .* runs out/)).toHaveCount(0)
})

test('a count puts the van right, with its reason @long', async ({ page }) => {
  await page.goto(load('van'))
  await page.getByLabel('What', { exact: true }).selectOption({ label: 'Sedge Whisper 24 mm' })
  await page.getByLabel('What happened').selectOption({ label: 'counted: there is' })
  await page.getByLabel('Metres').fill('300')
  await page.getByLabel('Why', { exact: true }).fill('counted in the yard')
  await page.getByLabel('Why', { exact: true }).press('Enter')
  await page.getByRole('button', { name: 'Book it' }).click()
  await expect(page.getByText(/^Sedge Whisper 24 mm: .* runs out/)).toHaveCount(0)
  await expect
    .poll(async () => (await job()).log.at(-1))
    .toMatchObject({
      kind: 'counted',
      subjects: ['stock:tape:sedge-whisper/24'],
      amount: 300_000,
      note: 'counted in the yard',
    })
})

test('a quote is worked out, kept as given, taken, compared, and goes out as PDF and CSV @long', async ({ page }) => {
  await page.goto(load('quote'))
  await page.getByRole('button', { name: 'Work out a quote' }).click()
  await expect(page.getByText(/Edges made by/).first()).toBeVisible()
  await page.getByLabel('Note for the customer').fill('Two weeks’ notice')
  await page.getByLabel('Note for the customer').press('Enter')
  await page.getByRole('button', { name: 'Save as sent to the customer' }).click()
  const given = page.locator('section', { hasText: /^Given/ })
  await expect(given.getByText('Two weeks’ notice')).toBeVisible()
  const price = await given.locator('li p').first().textContent()
  await given
    .getByRole('button', { name: /^The customer takes/ })
    .first()
    .click()
  await expect(given.getByText(/of the work is ticked/)).toBeVisible()
  // Prices change; what was given does not.
  await page.getByLabel('Margin, %').fill('40')
  await page.getByLabel('Margin, %').press('Enter')
  await expect(given.locator('li p').first()).toHaveText(price!)
  for (const kind of ['PDF', 'CSV']) {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      given.getByRole('button', { name: `Quote as ${kind}` }).click(),
    ])
    expect(download.suggestedFilename()).toMatch(new RegExp(`\\.${kind.toLowerCase()}$`))
  }
  expect((await job()).facts.quotes).toHaveLength(1)
})

test('floors are drawn; on a phone all of it fits @long', async ({ page }) => {
  await page.goto(load('floors'))
  await expect(page.getByRole('img', { name: 'Floor of Recital room' })).toBeVisible()
  await page.setViewportSize({ width: 390, height: 844 })
  for (const part of ['job', 'van', 'cut', 'floors', 'orders']) {
    await page.goto(load(part))
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    // What is measured is the page with its plan, not the one that waits for it.
    await expect(page.locator('main .panel').first()).toBeVisible()
    await expect(page.getByText(/^(Working it out|Opening…)/)).toHaveCount(0)
    expect([part, await page.evaluate(() => document.documentElement.scrollWidth)]).toEqual([part, 390])
  }
})
