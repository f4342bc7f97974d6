import { expect, test } from '@playwright/test'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.afterAll(() => server.remove())

const HEM = encodeURIComponent('practice1/wall:w1|ceiling')

test('a hem opens on the Bench, is turned, and its settings go back with a reason', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/recipes?hem=${HEM}`)
  await page.getByRole('link', { name: 'Open on the Bench' }).click()
  await expect(page.getByRole('heading', { name: 'Bench', level: 1 })).toBeVisible()
  await expect(page.getByLabel('Texture')).toHaveValue('heavy spray')
  await page.getByLabel('Seal', { exact: true }).selectOption('own colour')
  await page.getByLabel('Why').fill('no sealant in this house')
  await page.getByRole('button', { name: 'Use on this hem' }).click()
  await expect(page.getByText('Chosen by hand: no sealant in this house.')).toBeVisible()
})

test('a way that is not safe is challenged, and not used', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/bench?hem=${HEM}`)
  await page.getByLabel('Seal', { exact: true }).selectOption('none')
  await page.getByRole('button', { name: 'Use on this hem' }).click()
  await expect(page.getByText(/The way chosen by hand .* is not safe now/)).toBeVisible()
})

test('the same edge number shows the same edge; another texture bleeds', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/bench`)
  const reveal = page.getByRole('img', { name: /^300 mm of edge/ }).first()
  const before = await reveal.getAttribute('aria-label')
  await page.getByLabel('Texture').selectOption('glassy')
  await expect(reveal).toHaveAttribute('aria-label', /300 mm of edge: 0 bleeds/)
  await page.getByLabel('Texture').selectOption('stipple')
  await expect(reveal).toHaveAttribute('aria-label', before!)
})

test('dragging a slider never holds the page for 50 ms', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/bench`)
  const slider = page.getByLabel('Age at laying')
  await slider.waitFor()
  await expect(page.getByRole('img', { name: /^300 mm of edge/ })).toHaveCount(2)
  await page.waitForTimeout(800)
  await page.evaluate(() => {
    const seen: number[] = []
    Object.assign(window, { seen })
    new PerformanceObserver((list) => seen.push(...list.getEntries().map((entry) => entry.duration))).observe({
      entryTypes: ['longtask'],
    })
  })
  const box = (await slider.boundingBox())!
  await page.mouse.move(box.x + 10, box.y + box.height / 2)
  await page.mouse.down()
  for (let step = 0; step < 60; step++) {
    await page.mouse.move(box.x + 10 + (step * (box.width - 20)) / 60, box.y + box.height / 2)
    await page.waitForTimeout(16)
  }
  const { longest, age } = await page.evaluate(() => ({
    longest: Math.max(0, ...(window as unknown as { seen: number[] }).seen),
    age: (document.querySelector('input[type=range]') as HTMLInputElement).value,
  }))
  await page.mouse.up()
  expect(Number(age)).toBeGreaterThan(30)
  // Chromium reports tasks from 50 ms on, so none may be seen.
  expect(longest).toBe(0)
})
