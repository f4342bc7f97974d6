import { expect, test, type BrowserContext, type Page } from '@playwright/test'
import type { JobAnswer } from '@crisp-hem/core/wire'
import { TestServer } from './server'

/**
 * A whole shift of two phones without a line, by their own clocks: a tick every quarter of an hour, a cold start every
 * hour, and then the line is back. Part of `npm run drill`; `offline.spec.ts` is its short form.
 */
const server = new TestServer(true)
test.beforeAll(() => server.start())
test.afterAll(() => server.remove())

const SHIFT_H = 8
const QUARTERS = 4

const board = () => `${server.url}/jobs/tern-quay/pulls`
const logOf = async () => ((await (await fetch(`${server.url}/api/jobs/tern-quay`)).json()) as JobAnswer).log

async function opened(context: BrowserContext): Promise<Page> {
  const page = await context.newPage()
  await page.clock.install()
  await page.goto(board())
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await page.evaluate(async () => void (await navigator.serviceWorker.ready))
  return page
}

/** Ticks the first thing there is to tick. Returns whether there was one. */
async function tickOne(page: Page): Promise<boolean> {
  const first = page
    .getByRole('button', { name: /^(Pulled|Laid|Sealed|Coated|Covered|Rolled|Looked at|Uncovered)/ })
    .first()
  // In the evening there may be nothing left to tick.
  const isThere = await first.waitFor({ timeout: 5000 }).then(
    () => true,
    () => false,
  )
  if (!isThere) return false
  await first.click()
  return true
}

test('eight hours of two phones without a line come home whole', async ({ browser }) => {
  const before = (await logOf()).length
  const contexts = [await browser.newContext(), await browser.newContext()]
  let ticked = 0
  const pages = await Promise.all(contexts.map(opened))
  for (const context of contexts) await context.setOffline(true)
  for (let quarter = 0; quarter < SHIFT_H * QUARTERS; quarter++) {
    for (const [i, context] of contexts.entries()) {
      let page = pages[i]!
      if (quarter % QUARTERS === 0) {
        await page.close()
        page = await context.newPage()
        await page.goto(board())
        pages[i] = page
        await page.clock.install()
        await page.clock.fastForward((quarter + 1) * 15 * 60_000)
      } else await page.clock.fastForward(15 * 60_000)
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      if (await tickOne(page)) ticked += 1
    }
  }
  expect(ticked).toBeGreaterThan((SHIFT_H * QUARTERS) / 2)
  for (const context of contexts) await context.setOffline(false)
  await expect.poll(async () => (await logOf()).length, { timeout: 60_000 }).toBe(before + ticked)
  const own = (await logOf()).slice(before)
  const devices = new Map<string, number[]>()
  for (const { origin } of own) devices.set(origin!.device, [...(devices.get(origin!.device) ?? []), origin!.seq])
  expect(devices.size).toBe(2)
  for (const seqs of devices.values()) expect(seqs).toEqual(seqs.map((_, i) => i + 1))
  for (const context of contexts) await context.close()
})
