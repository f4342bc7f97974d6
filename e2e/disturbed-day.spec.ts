import { expect, test, type Page } from '@playwright/test'
import { coatMask } from './coatMask'
import { TestServer } from './server'

/** A whole disturbed day on two devices: the office edits while a board is open, a coat is late, a painter is ill, the day is closed. */
const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

const at = (page: string) => `${server.url}/jobs/tern-quay/${page}`

/** What went wrong on a page, as its browser tells. */
function faultsOf(page: Page): string[] {
  const faults: string[] = []
  page.on('pageerror', (error) => faults.push(error.message))
  return faults
}

test('two devices go through a disturbed day with no error and no false sentence @long', async ({
  browser,
  page: desk,
}) => {
  const phoneWindow = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })
  const phone = await phoneWindow.newPage()
  const faults = [faultsOf(desk), faultsOf(phone)]

  // Both show one practice clock, and the phone says that it is practice.
  await phone.goto(at('pulls'))
  await expect(phone.getByText('practice', { exact: true })).toBeVisible()
  await expect(phone.getByRole('heading', { name: 'Practice room 2' }).first()).toBeVisible()

  // The plan is published; the office adds a two-tone line and a step while the board is open, and takes them back.
  await desk.goto(at('walk/practice2'))
  await desk.getByLabel('Add', { exact: true }).selectOption('band')
  await desk.getByRole('button', { name: 'Add it to the wall' }).click()
  await desk.getByRole('button', { name: 'Add a step' }).click()
  await expect(desk.getByText(/^New step for:/)).toBeVisible()
  await expect(desk.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible()
  await expect(phone.getByRole('heading', { name: 'Practice room 2' }).first()).toBeVisible()
  await phone.waitForTimeout(1500)
  await expect(phone.getByText('Unexpected Application Error')).toHaveCount(0)
  await expect(phone.getByRole('heading', { name: 'Pulls' })).toBeVisible()
  for (let i = 0; i < 2; i++) await desk.keyboard.press('Control+z')
  await expect(desk.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible()

  // A pull is ticked against the record: asked once, and kept as it is said.
  await coatMask(server)
  const mask = phone.getByRole('article').filter({ hasText: 'Liquid mask: leave it alone' }).first()
  await mask.getByRole('button', { name: /^Pull/ }).first().click()
  const question = phone.getByRole('dialog', { name: 'Is that right?' })
  await expect(question.getByText('The liquid mask is not ready')).toBeVisible()
  await question.getByRole('button', { name: 'Go back' }).click()
  await expect(mask).toBeVisible()

  // The coat was late and nobody pulled: an hour later it stands as a problem, and late work is late, on both.
  await desk.goto(at('rounds'))
  await desk.getByRole('button', { name: /Wed 12 May/ }).click()
  const clock = desk.getByRole('dialog', { name: 'Which time is it?' })
  await clock.getByLabel('practice clock').fill('2027-05-12T15:30')
  await clock.getByRole('button', { name: 'Set practice clock' }).click()
  await expect(desk.getByText(/the wet window closed .* and the tape is still on/).first()).toBeVisible()
  await phone.reload()
  await expect(phone.getByRole('heading', { name: /^Late \(\d+\)$/ })).toBeVisible()
  await expect(phone.getByText(/not ticked\. New time:/).first()).toBeVisible()
  await expect(phone.getByRole('heading', { name: 'Next to do' })).toBeVisible()

  // Somebody is ill: a fact with a date, from which the plan is made anew.
  await desk.goto(at('site'))
  await desk.getByRole('button', { name: 'Maro Tint is away' }).click()
  const away = desk.getByRole('dialog', { name: 'Maro Tint is away' })
  await away.getByLabel('Why').fill('ill')
  await away.getByLabel('Why').press('Enter')
  await desk.goto(at('rounds'))
  await expect(desk.getByText(/Maro Tint is away until .* \(ill\)\./).first()).toBeVisible()

  // The phone closes the day: first it shows what is open, then it asks.
  await phone.getByRole('button', { name: 'Close the day' }).scrollIntoViewIfNeeded()
  const why = phone.getByLabel('Why it stays covered')
  if (await why.isVisible()) {
    await why.fill('spraying goes on tomorrow')
    await why.press('Enter')
  }
  await phone.getByRole('button', { name: 'Close the day' }).click()
  const close = phone.getByRole('dialog', { name: 'Close the day' })
  await expect(close.getByText(/(has|have) to come off before you go/)).toBeVisible()
  await expect(close.getByText(/still on the wall, pull planned|its wet window closed/).first()).toBeVisible()
  await close.getByRole('button', { name: 'Close the day all the same' }).click()
  await expect(phone.getByText(/^Day closed by/)).toBeVisible()

  expect(faults).toEqual([[], []])
  await phoneWindow.close()
})

test('keys go into the first field of a new job, which begins by the clock that is shown @long', async ({ page }) => {
  await page.goto(`${server.url}/`)
  await page.getByRole('button', { name: 'New job' }).click()
  await expect(page.getByLabel('What is it called?')).toBeFocused()
  await page.keyboard.type('Fern Lane 3')
  await page.keyboard.press('Tab')
  await page.keyboard.type('Fern Lane')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/jobs\/fern-lane-3-[0-9a-f]+\/walk/)
  // A room by its template: the eye, and the keys, are at its facts.
  await page.getByRole('button', { name: 'New room' }).first().click()
  await page.getByRole('button', { name: 'rectangle' }).click()
  await page.getByRole('button', { name: 'Make the room' }).click()
  await expect(page.locator('#inspector')).toBeFocused()
  await page.getByRole('link', { name: 'Site & house' }).click()
  // The page's code is fetched now for the first time: on a shared machine that can take longer than a look at it.
  await page.waitForURL(/\/site$/, { timeout: 90_000 })
  await expect(page.getByLabel('Work may begin')).toHaveValue(/^2027-05-12T/)
})

test('on a phone undo, Site, Shelf and Bench are a tap away @long', async ({ browser }) => {
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })
  const page = await phone.newPage()
  await page.goto(at('walk'))
  for (const name of ['Bench', 'Shelf', 'Site & house']) {
    await page.getByRole('button', { name: 'More' }).click()
    await expect(page.getByRole('dialog').getByRole('button', { name: 'Undo' })).toBeVisible()
    await page.getByRole('dialog').getByRole('link', { name }).click()
    await expect(page.getByRole('heading', { level: 1, name: name === 'Site & house' ? /Site/ : name })).toBeVisible()
  }
  await phone.close()
})

test('a page that cannot be fetched says so in our words, with what waits, and the frame stays @long', async ({
  browser,
}) => {
  const plain = await browser.newContext({ serviceWorkers: 'block' })
  const page = await plain.newPage()
  await page.route(/assets\/BenchPage-[^/]*\.js/, (route) => route.abort())
  await page.goto(at('walk'))
  await page.getByRole('link', { name: 'Bench' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'This screen is not on the device yet.' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Copy the details' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'Recipes' })).toBeVisible()
  await plain.close()
})

test('a gateway’s page is no line: the tick waits and goes out once the office answers again @long', async ({
  page,
}) => {
  await page.goto(at('pulls'))
  const answers = [
    { status: 502, contentType: 'text/html', body: '<h1>Bad gateway</h1>' },
    { status: 200, contentType: 'text/html', body: '<h1>Welcome to the hotel</h1>' },
    { status: 403, contentType: 'text/html', body: '<h1>Forbidden</h1>' },
  ]
  let n = 0
  await page.route('**/api/jobs/tern-quay/log', (route) => {
    const answer = answers[n++]
    return answer ? route.fulfill(answer) : route.fallback()
  })
  await page
    .getByRole('button', { name: /^(Covered|Marked|Laid|Sealed|Coated|Ready)/ })
    .first()
    .click()
  await expect(page.getByText(/waits for a line/).first()).toBeVisible()
  await expect(page.getByText(/Unexpected token/)).toHaveCount(0)
  await expect(async () => expect(n).toBeGreaterThan(3)).toPass({ timeout: 60_000 })
  await expect(page.getByText(/waits for a line/)).toHaveCount(0)
})
