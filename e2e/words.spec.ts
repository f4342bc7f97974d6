import { expect, test, type Page } from '@playwright/test'
import { pseudo } from '@crisp-hem/core/words'
import { ternQuay, gullRow } from '../demo'
// eslint-disable-next-line no-restricted-imports -- the catalogue whose words are looked for
import { ENGLISH_SCREENS } from '../web/src/app/words/language'
// eslint-disable-next-line no-restricted-imports -- one way of looking for stray words, in Jest and here
import { strayWords, writtenNames } from '../web/src/testing/strayWords'
import { goWithin } from './goWithin'
import { TestServer } from './server'

/**
 * The whole app in a language nobody speaks: every message stands between brackets, so letters outside of them are no
 * catalogue's. Dialogs, notices and forms that open only when something is done are opened here.
 */
const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

const names = writtenNames([ternQuay(), gullRow()])
// What the browser itself shows, and what is typed here.
for (const name of ['Crisp Hem', 'A', 'B', 'en', 'GB', 'Z9']) names.add(name)

test.beforeEach(({ page }) =>
  page.addInitScript((language) => Object.assign(globalThis, { crispHemLanguage: language }), pseudo(ENGLISH_SCREENS)),
)

const strayOn = async (page: Page): Promise<string[]> =>
  strayWords((await page.locator('body').innerHTML()).replaceAll('&nbsp;', ' '), names)

const job = (path: string) => `${server.url}/jobs/tern-quay/${path}`
const PAGES = [
  'walk/recital',
  'walk/harbour',
  'scope',
  'recipes',
  'load',
  'rounds',
  'pulls',
  'bench',
  'shelf',
  'site',
  'history',
  'load/van',
  'load/cut',
  'load/floors',
  'load/ways',
  'load/quote',
  'load/orders',
].map((page) => `/jobs/tern-quay/${page}`)

test('no page says anything that is not in the catalogue @long', async ({ page }) => {
  test.setTimeout(300_000)
  await page.goto(server.url)
  for (const path of ['/', '/sign-in', '/people', '/trust', ...PAGES]) {
    await goWithin(page, path)
    // Panels that are folded away, all of them.
    for (const fold of await page.locator('details:not([open]) > summary').all())
      await fold.click({ timeout: 2000 }).catch(() => {})
    await page.waitForTimeout(500)
    expect.soft({ path, stray: await strayOn(page) }).toEqual({ path, stray: [] })
  }
})

test('what opens for things on a wall says nothing else either @long', async ({ page }) => {
  await page.goto(job('walk/recital'))
  for (const hem of (await page.locator('[data-hem]').all()).slice(0, 2)) {
    await hem.click({ force: true })
    expect(await strayOn(page)).toEqual([])
  }
  await page.locator('[data-sheet] [role="button"]').first().click({ force: true })
  expect(await strayOn(page)).toEqual([])
})

/** The words of a screen in the tongue nobody speaks. */
const strange = (english: string): string => pseudo({ messages: { it: english } }).messages.it ?? english

test('refused entries and files are told in words of the catalogue @long', async ({ page }) => {
  await page.goto(job('site'))
  const name = page.getByLabel(strange('What is it called?'))
  await name.fill('')
  await name.press('Enter')
  await expect(page.getByText(strange('expected text'))).toBeVisible()
  expect(await strayOn(page)).toEqual([])
  for (const text of ['140', 'wet']) {
    const humidity = page.getByLabel(strange('Humidity, %'))
    await humidity.fill(text)
    await humidity.press('Enter')
    // What was typed stands in the sentence that refuses it.
    expect(await strayOn(page)).toEqual([])
  }
  await page.goto(job('shelf'))
  const head = 'id,name,kind,width_mm,air_ms,reach_mm,on_van,retired,mark'
  await page
    .locator('input[type=file]')
    .first()
    .setInputFiles({
      name: 'tools.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(`${head}\na,A,hammer,1,0,0,one,no,label`),
    })
  await expect(page.getByRole('alert')).toBeVisible()
  expect(await strayOn(page)).toEqual([])
  await page.goto(server.url)
  await page.locator('input[type=file]').setInputFiles({
    name: 'job.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"crisp-hem/job","version":4}'),
  })
  await expect(page.getByText(strange('expected an id of letters, digits, - and _'))).toBeVisible()
  expect(await strayOn(page)).toEqual([])
})
