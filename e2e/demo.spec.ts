import { expect, test } from '@playwright/test'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

test('the demo opens on its practice clock with a room to pull', async ({ page }) => {
  await page.goto(server.url)
  await expect(page.getByRole('link', { name: '1 to pull now' })).toBeVisible()
  await page.getByRole('link', { name: 'Tern Quay Music School', exact: true }).click()
  const card = page.getByRole('article', { name: 'Now: Practice room 2' })
  await expect(card).toBeVisible()
  await expect(card).toContainText('Coated 6 min later than planned: the window moved to 14:20–14:34.')
  await card.getByRole('button', { name: /^Pulled:/ }).click()
  await expect(card).toBeHidden()
  await expect(page.getByRole('heading', { name: 'Look along the line (14)' })).toBeVisible()
})

test('changing the house way judges every hem anew, and undo brings it back', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/recipes?hem=${encodeURIComponent('practice1/wall:w1|ceiling')}`)
  const card = page.getByLabel('wall A, ceiling line', { exact: true }).first()
  await expect(card).toContainText('wiped almost off')
  await page.getByLabel('House way').selectOption('own-colour-seal')
  await expect(card).toContainText('clear glaze')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(card).toContainText('wiped almost off')
})

test('nothing safe is an answer with what would help', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/recipes?hem=${encodeURIComponent('store/wall:w3|ceiling')}`)
  await expect(page.getByText('Bind or prime wall C and let it cure')).toBeVisible()
  await expect(page.getByText('Instrument store: wall C, ceiling line')).toBeVisible()
})

test('a wrong edit is refused, names its place and changes nothing', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/walk/store`)
  await page.getByRole('button', { name: 'door 1', exact: true }).click()
  await page.getByLabel('From left end').fill('2.6 m')
  await page.getByLabel('From left end').press('Enter')
  await expect(page.getByRole('alert')).toContainText('within wall A')
  await expect(page.getByLabel('From left end')).toHaveValue('0.90 m')
})

test('works under the thumb at phone width', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${server.url}/jobs/tern-quay/pulls`)
  await expect(page.getByRole('heading', { name: 'Next to do' })).toBeVisible()
  const wide = await page.evaluate(() => document.documentElement.scrollWidth)
  expect(wide).toBeLessThanOrEqual(390)
  const tick = page.getByRole('button', { name: /^(Field done|Coated|Sealed): / }).first()
  expect((await tick.boundingBox())!.height).toBeGreaterThanOrEqual(44)
})

test('a tick is set back by minutes and taken for some hems only @long', async ({ page, request }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${server.url}/jobs/tern-quay/pulls`)
  const line = page.getByRole('listitem').filter({ has: page.getByRole('button', { name: /^Coated: Corridor/ }) })
  await line.first().getByText('Earlier, or only some').click()
  await line.first().getByRole('button', { name: '5 min ago' }).click()
  const hem = line.first().getByRole('checkbox').first()
  await hem.uncheck()
  await line
    .first()
    .getByRole('button', { name: /^Coated: \d+ of \d+ hems$/ })
    .click()
  await expect(page.getByText(/^Ticked: Corridor/)).toBeVisible()
  await expect
    .poll(async () => {
      const { log } = JSON.parse(await (await request.get(`${server.url}/api/jobs/tern-quay/file`)).text())
      const last = log.at(-1)
      return [
        last.kind,
        last.at,
        last.subjects.length > 0 && last.subjects.every((id: string) => id.startsWith('corridor/')),
      ]
    })
    .toEqual(['coated', expect.stringMatching(/^2027-05-12T13:1[6-8]:/), true])
  // What was left is still to do.
  await expect(page.getByRole('button', { name: /^Coated: Corridor/ }).first()).toBeVisible()
})

test('no view is wider than a phone @long', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  for (const view of ['walk/kitchen', 'scope', 'recipes', 'load', 'rounds', 'bench', 'shelf', 'site']) {
    await page.goto(`${server.url}/jobs/tern-quay/${view}`)
    await page.getByRole('heading', { level: 1 }).waitFor()
    await page.waitForLoadState('networkidle')
    expect([view, await page.evaluate(() => document.documentElement.scrollWidth)]).toEqual([view, 390])
  }
})

test('on a phone a short page keeps its head small, and the load tells what to take without scrolling aside @long', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${server.url}/jobs/tern-quay/shelf`)
  await page.getByText('Glazes').click()
  const title = (await page.getByRole('heading', { level: 1 }).boundingBox())!
  expect(title.y).toBeLessThan(100)
  await page.goto(`${server.url}/jobs/tern-quay/load`)
  for (const name of ['Total', 'Rolls', 'Cost']) {
    const box = (await page.getByRole('columnheader', { name, exact: true }).boundingBox())!
    expect(box.x + box.width).toBeLessThanOrEqual(390)
  }
})
