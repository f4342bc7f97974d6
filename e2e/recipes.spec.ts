import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { coatMask } from './coatMask'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

const recipes = (hem: string) => `${server.url}/jobs/tern-quay/recipes?hem=${encodeURIComponent(hem)}`

test('another safe way is taken with a reason, and left to the house again @long', async ({ page }) => {
  await page.goto(recipes('practice1/wall:w1|ceiling'))
  const card = page.getByRole('complementary', { name: 'wall A, ceiling line' })
  await expect(card.getByRole('heading', { name: 'What would change it' })).toBeVisible()
  await card.getByLabel('Why this one?').fill('the tube is empty')
  await card
    .getByRole('listitem')
    .filter({ hasText: 'clear glaze' })
    .getByRole('button', { name: 'Take it' })
    .first()
    .click()
  await expect(card.getByText('Chosen by hand: the tube is empty.')).toBeVisible()
  await expect(card.getByText(/Quick thin pass of Plover Clear Glaze/)).toBeVisible()
  await card.getByRole('button', { name: 'Leave it to the house rules' }).click()
  await expect(card.getByText('House way: wiped sealant.')).toBeVisible()
})

test('layers are drawn in the order they go on, and the cost is told part by part @long', async ({ page }) => {
  await page.goto(recipes('corridor/skirting|floor:z1#w1:o3..'))
  const layers = page.getByRole('list', { name: 'Layers in the order they go on' })
  await expect(layers.getByRole('listitem').first()).toContainText('half tucked under')
  await page.getByText(/^What it costs/).click()
  await expect(page.getByRole('cell', { name: 'Laying', exact: true })).toBeVisible()
})

test('a pair of many-paned doors gets a liquid mask, and waits for the blade on the board @long', async ({ page }) => {
  await page.goto(recipes('corridor/leaf:o6|glass:o6'))
  await expect(page.getByText(/60 panes: a liquid mask saves/)).toBeVisible()
  await coatMask(server)
  await page.getByRole('navigation').getByRole('link', { name: 'Pulls' }).first().click()
  await expect(page.getByText('Liquid mask: leave it alone until it may be cut.')).toBeVisible()
})

test('the sheet of a room is saved as PDF', async ({ page }) => {
  await page.goto(recipes('kitchen/wall:w1|ceiling'))
  const [download] = await Promise.all([
    page.waitForEvent('download', { timeout: 60_000 }),
    page.getByRole('button', { name: 'Room sheet (PDF): Kitchen' }).click(),
  ])
  expect(download.suggestedFilename()).toMatch(/^Tern Quay Music School, Kitchen, .*May\.pdf$/)
  const file = readFileSync(await download.path())
  expect(file.subarray(0, 5).toString()).toBe('%PDF-')
  expect(file.length).toBeGreaterThan(20_000)
  expect(file.toString('latin1').match(/\/Type \/Page\b/g)!.length).toBeGreaterThan(0)
})

test('house rules are kept for new jobs, and a job that differs can take them @long', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/site`)
  const kept = page.getByRole('region', { name: 'For new jobs' })
  await expect(kept).toContainText('Nothing is kept for new jobs yet')
  await page.getByLabel('Barrier edge on texture').selectOption('yes')
  await kept.getByRole('button', { name: 'Keep these and this shelf' }).click()
  await expect(kept).toContainText('These are the rules new jobs begin with.')
  await page.getByLabel('Press with').selectOption('thumb')
  await expect(kept).toContainText('One rule differs')
  await kept.getByRole('button', { name: 'Take the kept rules' }).click()
  await expect(page.getByLabel('Press with')).toHaveValue('tool')
  await page.goto(server.url)
  await page.getByRole('button', { name: 'New job' }).click()
  await page.getByLabel('What is it called?').fill('Kept rules')
  await page.getByLabel('Where is it?').fill('Ouse Lane')
  await page.getByRole('button', { name: 'Start the job' }).click()
  await page.getByRole('navigation').getByRole('link', { name: 'Site & house' }).first().click()
  await expect(page.getByLabel('Barrier edge on texture')).toHaveValue('yes')
})

test('work rates stand on the Shelf: typed, refused with their place, out and in as CSV @long', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/shelf`)
  await page.getByRole('button', { name: 'Rates' }).click()
  const lay = page.getByLabel('Lay tape , Minutes')
  await lay.fill('1.3')
  await lay.press('Enter')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'CSV out' }).click(),
  ])
  const text = readFileSync(await download.path(), 'utf8')
  expect(text).toContain('layPerM,1.3,m')
  const give = (content: string) =>
    page
      .locator('input[type=file]')
      .setInputFiles({ name: 'r.csv', mimeType: 'text/csv', buffer: Buffer.from(content) })
  await give(text.replace('peelPerM,0.45,m', 'peelPerM,0.45,m2'))
  await expect(page.getByRole('alert')).toContainText('per: expected m for peelPerM')
  await give(text.replace('layPerM,1.3', 'layPerM,1.1'))
  await expect(page.getByLabel('Lay tape , Minutes')).toHaveValue('1.1')
})

test('a liquid mask is retired, and panes are taped @long', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/shelf`)
  await page.getByRole('button', { name: 'Liquid masks' }).click()
  await page.getByLabel('Heath Aerosol , Retired').click()
  await page.getByLabel('Heath Brush-on , Retired').click()
  await page.getByRole('navigation').getByRole('link', { name: 'Recipes' }).first().click()
  await page.getByLabel('Find a hem').fill('glass of wing doors')
  await page.getByRole('button', { name: 'wall B, glass of wing doors' }).click()
  await expect(page.getByText(/Pane by pane: 60 panes/)).toBeVisible()
})

test('every house way is judged on this job, and the one taken stands out @long', async ({ page }) => {
  await page.goto(recipes('practice1/wall:w1|ceiling'))
  await page.getByText('Every way on this job').click()
  const ways = page.getByRole('table').filter({ hasText: 'Work and mending' })
  await expect(ways.getByRole('row')).toHaveCount(10)
  const row = (name: string) => ways.getByRole('row').filter({ has: page.getByRole('cell', { name, exact: true }) })
  await expect(row('wiped sealant')).toHaveCSS('font-weight', '700')
  await expect(row('barrier edge')).toContainText('of 174')
  await page.getByLabel('House way').selectOption('barrier-edge')
  await expect(row('barrier edge')).toHaveCSS('font-weight', '700')
  await expect(row('wiped sealant')).not.toHaveCSS('font-weight', '700')
})
