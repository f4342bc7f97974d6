import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

test('a tape is added, changed and retired; the recipes follow @long', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/shelf`)
  await page.getByRole('button', { name: 'Add a line' }).click()
  const name = page.getByLabel('New tape 24, Name')
  await name.fill('Curlew Test')
  await name.press('Enter')
  const grip = page.getByLabel(/^Curlew Test 24, Grip/)
  await expect(grip).toHaveValue('3.4')
  await grip.fill('lots')
  await grip.press('Enter')
  await expect(page.getByRole('alert')).toContainText('expected a number from 0.1 to 200')
  await expect(page.getByLabel(/^Curlew Test 24, Grip/)).toHaveValue('3.4')
  await page.getByLabel('Grip in').selectOption('ozf/in')
  await expect(page.getByLabel(/^Curlew Test 24, Grip/)).toHaveValue('12.425')
  await page.getByLabel('Teasel Three 18, Retired').click()
  await expect(page.getByLabel('Teasel Three 18, Name')).toHaveCount(0)
  await page.getByRole('navigation').getByRole('link', { name: 'Recipes' }).first().click()
  await expect(page.getByRole('cell', { name: /Sedge Whisper 24, wiped sealant/ }).first()).toBeVisible()
  await expect(page.getByRole('cell', { name: /Teasel Three/ })).toHaveCount(0)
})

test('a table goes out as CSV and comes back; wrong rows are all named and nothing is taken @long', async ({
  page,
}) => {
  await page.goto(`${server.url}/jobs/tern-quay/shelf`)
  await page.getByRole('button', { name: 'Sealants' }).click()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'CSV out' }).click(),
  ])
  const text = readFileSync(await download.path(), 'utf8')
  const input = page.locator('input[type=file]')
  const give = (content: string) =>
    input.setInputFiles({ name: 's.csv', mimeType: 'text/csv', buffer: Buffer.from(content) })
  await give(
    text
      .replace('Plover White,white', 'Plover White,pink')
      .replace(/plover-clear,Plover Clear,clear,\d+/, 'plover-clear,Plover Clear,clear,soon'),
  )
  await expect(page.getByRole('alert')).toContainText('2 wrong lines; nothing of the file was taken.')
  await expect(page.getByText('row 3, colour: expected one of: clear, white')).toBeVisible()
  await expect(page.getByLabel('Plover Clear , Name')).toHaveValue('Plover Clear')
  await give(text.replace('Plover Clear', 'Plover Clear Two'))
  await expect(page.getByText('3 lines taken from the file')).toBeVisible()
  await expect(page.getByLabel('Plover Clear Two , Name')).toBeVisible()
})

test('a kit is picked on the curve, and the load carries no other tape @long', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/recipes`)
  await page.getByText('Weigh kits').click()
  const curve = page.getByRole('group', { name: 'Kits: kinds carried against cost' })
  await curve.getByRole('button', { name: /^3 kinds/ }).click()
  await page.getByRole('button', { name: 'Carry these 3' }).click()
  await expect(page.getByText('carrying 3 kinds')).toBeVisible()
  await page.getByRole('navigation').getByRole('link', { name: 'Load' }).first().click()
  await expect(page.getByRole('row').filter({ hasText: 'grip' })).toHaveCount(3)
})
