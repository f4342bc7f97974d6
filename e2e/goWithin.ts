import type { Page } from '@playwright/test'

/** Goes to another page of the app without loading the app anew, as a link does, and waits until it stands. */
export async function goWithin(page: Page, path: string): Promise<void> {
  await page.evaluate((to) => {
    history.pushState(null, '', to)
    dispatchEvent(new PopStateEvent('popstate'))
  }, path)
  // What stood there before is gone first: the new page's code may have to be fetched.
  await page.waitForTimeout(300)
  await page.getByRole('heading', { level: 1 }).first().waitFor()
  await page.waitForLoadState('networkidle')
}
