import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'

interface Looked {
  /** Only inside of this; left out, the whole page. */
  readonly inside?: string
  /** Only by these rules; left out, all of them. */
  readonly rules?: readonly string[]
}

/**
 * What axe finds wrong on a page, a line each. Only what is wrong is worked out, in the page itself: frames of other
 * sites, for which axe opens a page of its own, there are none.
 */
export async function accessFaults(page: Page, { inside, rules }: Looked = {}): Promise<string[]> {
  const axe = new AxeBuilder({ page }).setLegacyMode()
  if (inside !== undefined) axe.include(inside)
  // A page looked at before it is drawn has no heading and no landmark yet.
  else await page.locator('h1').first().waitFor()
  axe.options({
    resultTypes: ['violations'],
    ...(rules && { runOnly: { type: 'rule', values: [...rules] } }),
  })
  const { violations } = await axe.analyze()
  return violations.map((each) => `${each.id}: ${each.nodes.map((node) => node.target).join(' ')}`)
}
