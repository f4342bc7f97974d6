import { expect, test } from '@playwright/test'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

const HEM = encodeURIComponent('practice1/wall:w1|ceiling')

test('a hem opens on the Bench, is turned, and its settings go back with a reason @long', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/recipes?hem=${HEM}`)
  await page.getByRole('link', { name: 'Open on the Bench' }).click()
  await expect(page.getByRole('heading', { name: 'Bench', level: 1 })).toBeVisible()
  await expect(page.getByLabel('Texture')).toHaveValue('heavy-spray')
  await page.getByLabel('Seal', { exact: true }).selectOption('clear-glaze')
  await page.getByLabel('Why').fill('no sealant in this house')
  await page.getByRole('button', { name: 'Use on this hem' }).click()
  await expect(page.getByText('Chosen by hand: no sealant in this house.')).toBeVisible()
})

test('a way that is not safe is challenged, and not used @long', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/bench?hem=${HEM}`)
  await page.getByLabel('Seal', { exact: true }).selectOption('none')
  await page.getByRole('button', { name: 'Use on this hem' }).click()
  await expect(page.getByText(/The way chosen by hand .* is not safe now/)).toBeVisible()
})

test('the same edge number shows the same edge; another texture bleeds @long', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/bench`)
  const reveal = page.getByRole('img', { name: /^300 mm of edge/ }).first()
  const before = await reveal.getAttribute('aria-label')
  await page.getByLabel('Texture').selectOption('glassy')
  await expect(reveal).toHaveAttribute('aria-label', /300 mm of edge: 0 bleeds/)
  await page.getByLabel('Texture').selectOption('stipple')
  await expect(reveal).toHaveAttribute('aria-label', before!)
})
