import { expect, test, type Page } from '@playwright/test'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

/** Thickness on the screen of every drawn target, px: its stroke does not scale with the drawing. */
const thickness = (page: Page, of: string) =>
  page.locator(of).evaluateAll((all) =>
    all.map((each) => {
      const style = getComputedStyle(each)
      return style.vectorEffect === 'non-scaling-stroke' ? Number.parseFloat(style.strokeWidth) : 0
    }),
  )

async function openWalk(page: Page): Promise<void> {
  await page.goto(`${server.url}/jobs/tern-quay/walk/kitchen`)
  await page.locator('[data-hem]').first().waitFor({ state: 'attached' })
}

test('every hem and corner is a target 12 px thick to a pointer', async ({ page }) => {
  await openWalk(page)
  for (const of of ['.hit-line', '.hit-point']) {
    const all = await thickness(page, of)
    expect(all.length).toBeGreaterThan(3)
    expect(Math.min(...all)).toBeGreaterThanOrEqual(12)
  }
})

test.describe('a finger', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } })
  test('has 44 px, and the shortest hem is still found', async ({ page }) => {
    await openWalk(page)
    expect(Math.min(...(await thickness(page, '.hit-line')))).toBeGreaterThanOrEqual(44)
    const last = page.locator('[data-hem]').last()
    const box = (await last.locator('.hit-line').boundingBox())!
    await page.touchscreen.tap(box.x + box.width / 2, box.y + box.height / 2)
    await expect(page.locator('[data-hem][aria-pressed="true"]')).toHaveCount(1)
  })
})

test('a first job is walked through in four steps, which can be left @long', async ({ page }) => {
  await page.goto(server.url)
  await page.getByRole('button', { name: 'New job' }).click()
  await page.getByLabel('What is it called?').fill('First')
  await page.getByLabel('Where is it?').fill('Here')
  await page.getByRole('button', { name: 'Start the job' }).click()
  const steps = page.getByRole('navigation', { name: 'A first job in four steps' })
  await expect(steps.getByRole('listitem')).toHaveCount(4)
  await expect(steps.locator('[aria-current="step"]')).toContainText('Make a room')
  await page.getByRole('button', { name: 'New room' }).click()
  await page.getByLabel('Wall A').fill('4.2')
  await page.getByLabel('Wall A').press('Enter')
  await page.keyboard.type('3.5')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Make the room' }).click()
  await expect(steps.locator('[aria-current="step"]')).toContainText('Read a recipe')
  await steps.getByRole('link', { name: /Read a recipe/ }).click()
  await expect(steps.locator('[aria-current="step"]')).toContainText('See the day')
  await page.getByText('How it is done well').first().click()
  await expect(page.getByText('Touch the tape down in spots')).toBeVisible()
  await steps.getByRole('button', { name: 'Leave these steps' }).click()
  await expect(steps).toHaveCount(0)
  await page.reload()
  await expect(page.getByRole('heading', { name: /Recipes/ }).first()).toBeVisible()
  await expect(steps).toHaveCount(0)
})
