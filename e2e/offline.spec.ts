import { expect, test, type Browser, type BrowserContext, type Page } from '@playwright/test'
import { parseInstant, planJob, tagCodes } from '@crisp-hem/core'
import type { JobAnswer } from '@crisp-hem/core/wire'
import { slowness } from '../core/tests/pace'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

const board = () => `${server.url}/jobs/tern-quay/pulls`
const job = async (): Promise<JobAnswer> =>
  (await (await fetch(`${server.url}/api/jobs/tern-quay`)).json()) as JobAnswer

/** Opens the board and waits until this device has all it needs to do without a line. */
async function keptBoard(context: BrowserContext): Promise<Page> {
  const page = await context.newPage()
  await page.goto(board())
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await page.evaluate(async () => void (await navigator.serviceWorker.ready))
  return page
}

/** A device that has all it needs, without a line, and how long the log was when it was cut off. */
async function cutOff(browser: Browser): Promise<{ context: BrowserContext; page: Page; before: number }> {
  const context = await browser.newContext()
  const page = await keptBoard(context)
  const before = (await job()).log.length
  await context.setOffline(true)
  return { context, page, before }
}

const tickFirst = async (page: Page) => {
  const first = page
    .getByRole('button', { name: /^(Pulled|Laid|Sealed|Coated|Covered|Rolled|Looked at|Uncovered)/ })
    .first()
  await first.click()
  // Earlier tests leave ticks behind; one that does not fit them is asked once.
  await page
    .getByRole('button', { name: 'It is so: tick it' })
    .click({ timeout: 1000 })
    .catch(() => undefined)
}

test('a shift without a line: reload, cold start and every view work, ticks wait, and go out by themselves', async ({
  browser,
}) => {
  const { context, page, before } = await cutOff(browser)
  // The office is out of reach altogether: a browser’s own offline does not hold for everything in it.
  await server.stop()
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(page.getByText('No line').first()).toBeVisible()
  await tickFirst(page)
  await expect(page.getByText(/1 thing waits for a line/).first()).toBeVisible()
  // A cold start: the page is closed, and another one opened.
  await page.close()
  const cold = await context.newPage()
  await cold.goto(board())
  await expect(cold.getByText(/1 thing waits for a line/).first()).toBeVisible()
  for (const view of ['walk', 'scope', 'recipes', 'load', 'rounds', 'bench', 'shelf', 'site']) {
    await cold.goto(`${server.url}/jobs/tern-quay/${view}`)
    await expect(cold.getByRole('heading', { level: 1 })).toBeVisible()
  }
  await cold.goto(`${server.url}/`)
  await expect(cold.getByRole('link', { name: /Tern Quay/ }).first()).toBeVisible()
  await server.start()
  await context.setOffline(false)
  await expect.poll(async () => (await job()).log.length).toBe(before + 1)
  const last = (await job()).log.at(-1)
  expect(last?.origin).toMatchObject({ seq: 1, saidAt: null })
  await context.close()
})

test('a second phone sees a tick within two seconds', async ({ browser }) => {
  const [one, other] = [await browser.newContext(), await browser.newContext()]
  const [first, second] = [await keptBoard(one), await keptBoard(other)]
  const lines = (page: Page) => page.getByRole('listitem').count()
  const shown = await lines(second)
  // A list that is cut off stays as long as it is; what is uncovered leaves its own.
  await first.getByRole('button', { name: 'Uncovered' }).first().click()
  await expect.poll(() => lines(second), { timeout: 2000 * slowness(), intervals: [50] }).not.toBe(shown)
  await one.close()
  await other.close()
})

test('an answer that is lost on the way is no tick twice, and a restart of the office loses nothing', async ({
  browser,
}) => {
  const context = await browser.newContext()
  const page = await keptBoard(context)
  const before = (await job()).log.length
  let lost = 0
  await page.route('**/api/jobs/tern-quay/log', async (route) => {
    if (lost++ > 0) return route.continue()
    await route.fetch()
    await route.abort()
  })
  await tickFirst(page)
  await expect.poll(async () => (await job()).log.length).toBe(before + 1)
  await server.restart()
  await expect.poll(() => lost).toBeGreaterThan(1)
  await expect(page.getByText(/waits? for a line/)).toHaveCount(0)
  expect((await job()).log.length).toBe(before + 1)
  await context.close()
})

test('four signs of a tag open its round; the day is closed only for a reason while something must breathe @long', async ({
  page,
}) => {
  await page.goto(board())
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Print tags' }).click()
  expect((await download).suggestedFilename()).toMatch(/Tags\.pdf$/)
  const { facts } = await job()
  const plan = planJob({ ...facts, log: (await job()).log, published: null }, parseInstant('2027-05-12T13:22:00Z'))
  const round = plan.rounds[0]!.id
  const code = tagCodes(
    'tern-quay',
    plan.rounds.map(({ id }) => id),
  ).get(round)!
  await page.getByLabel('Its four signs').fill(code.toLowerCase())
  await expect(page.getByRole('heading', { level: 1, name: `Tag ${code}` })).toBeVisible()
  await expect(page.getByText(/^(Tape on since|No tape on it yet|All its tape is off)/)).toBeVisible()
  await page.goto(board())
  await expect(page.getByRole('button', { name: 'Close the day' })).toBeDisabled()
  await page.getByLabel('Why it stays covered').fill('dust from the floor sander, alarm company told')
  await page.getByLabel('Why it stays covered').press('Enter')
  await page.getByRole('button', { name: 'Close the day' }).click()
  const asked = page.getByRole('dialog', { name: 'Close the day' })
  await asked.getByRole('button', { name: 'Close the day all the same' }).click()
  await expect(page.getByText(/stayed covered: dust from the floor sander/)).toBeVisible()
})

test('a picture of a defect, taken without a line, goes out with its tick and is seen elsewhere @long', async ({
  browser,
}) => {
  const { context, page, before } = await cutOff(browser)
  const dot = await page.screenshot({ clip: { x: 0, y: 0, width: 40, height: 30 } })
  const camera = page.locator('input[type=file][capture]').first()
  await camera.setInputFiles({ name: 'bleed.png', mimeType: 'image/png', buffer: dot })
  await expect(page.getByRole('img', { name: /^Picture, / }).first()).toBeVisible()
  await context.setOffline(false)
  await expect.poll(async () => (await job()).log.length).toBe(before + 1)
  const last = (await job()).log.at(-1)!
  expect(last.kind).toBe('pictured')
  await expect
    .poll(async () => (await fetch(`${server.url}/api/jobs/tern-quay/photos/${last.id}`)).headers.get('content-type'))
    .toMatch(/^image\//)
  await page.goto(`${server.url}/jobs/tern-quay/history`)
  await expect(page.getByText(/ticked a picture/).first()).toBeVisible()
  await context.close()
})

test('two offices in one job: what one changes the other has; one field twice is told, with the way back @long', async ({
  browser,
}) => {
  const [one, other] = [await browser.newContext(), await browser.newContext()]
  const open = async (context: BrowserContext) => {
    const page = await context.newPage()
    await page.goto(`${server.url}/jobs/tern-quay/site`)
    return page
  }
  const [first, second] = [await open(one), await open(other)]
  const place = (page: Page) => page.getByLabel('Where is it?').first()
  const write = async (page: Page, text: string) => {
    await place(page).fill(text)
    await place(page).press('Enter')
  }
  await write(first, 'North Quay')
  await expect(place(second)).toHaveValue('North Quay')
  await write(second, 'South Quay')
  await expect(place(first)).toHaveValue('South Quay')
  await expect(first.getByText(/you had North Quay; somebody put South Quay there later/)).toBeVisible()
  await first.getByRole('button', { name: 'Put mine back' }).click()
  await expect(place(second)).toHaveValue('North Quay')
  await expect.poll(async () => (await job()).facts.site.place).toBe('North Quay')
  await one.close()
  await other.close()
})
