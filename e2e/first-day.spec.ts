import { expect, test } from '@playwright/test'
import { TestServer } from './server'

const server = new TestServer(false)
test.beforeAll(() => server.start())
test.afterAll(() => server.remove())

// A Wednesday at 08:00 in Lisbon, and twelve minutes later.
const MORNING = '2027-05-12T07:00:00Z'
const TWELVE_ON = '2027-05-12T07:12:00Z'

test('from nothing to a pulled and inspected round, over a restart', async ({ page }) => {
  await server.clockAt(MORNING)
  await page.goto(server.url)

  // A job.
  await page.getByRole('button', { name: 'New job' }).click()
  await page.getByLabel('What is it called?').fill('Plover Lane 3')
  await page.getByLabel('Where is it?').fill('Plover Lane')
  await page.getByLabel('Time zone').selectOption('Europe/Lisbon')
  await page.getByRole('button', { name: 'Start the job' }).click()

  // A room, typed wall by wall: two walls and close.
  await page.getByRole('button', { name: 'New room' }).click()
  await page.getByRole('dialog').getByLabel('Name').fill('Front room')
  await page.getByLabel('Wall A').fill('four metres')
  await page.getByLabel('Wall A').press('Enter')
  await expect(page.getByRole('alert')).toContainText('was not understood')
  await page.getByLabel('Wall A').fill('4.1')
  await page.getByLabel('Wall A').press('Enter')
  await page.getByLabel('Wall B').fill('3200 mm')
  await page.getByLabel('Wall B').press('Enter')
  await page.getByRole('button', { name: 'Close the room' }).click()
  await page.getByRole('button', { name: 'Make the room' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Front room' })).toBeVisible()

  // A door, and one coating step only, of one coat: walls.
  await page.getByRole('button', { name: 'Add it to the wall' }).click()
  await expect(page.getByRole('heading', { name: 'door 1' })).toBeVisible()
  await page.getByRole('button', { name: 'Remove: Ceiling' }).click()
  await page.getByRole('button', { name: 'Remove: Trim' }).click()
  await page.getByRole('button', { name: /^Walls/ }).click()
  await page.getByLabel('Coats').fill('1')
  await page.getByLabel('Coats').press('Enter')
  await expect(page.getByText('10 hems, 33.4 m')).toBeVisible()

  // Arrow keys go from hem to hem.
  await page.getByRole('button', { name: /^wall A, ceiling line/ }).focus()
  await page.keyboard.press('Enter')
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('heading', { name: 'Hem: wall A, top of skirting, left of door 1' })).toBeVisible()

  // Recipes with reasons, load, rounds.
  await page.getByRole('link', { name: 'See its recipe' }).click()
  await expect(page.getByRole('heading', { name: 'Why' })).toBeVisible()
  await expect(page.getByText(/lift risk/)).toBeVisible()
  await page.getByRole('navigation').getByRole('link', { name: 'Load' }).first().click()
  await expect(page.getByRole('heading', { name: 'Masking in all' })).toBeVisible()
  await page.getByRole('navigation').getByRole('link', { name: 'Rounds' }).first().click()
  await expect(page.getByRole('cell', { name: 'Front room' }).first()).toBeVisible()

  // Cover, lay, coat, pull and inspect.
  await page.getByRole('navigation').getByRole('link', { name: 'Pulls' }).first().click()
  await page.getByRole('button', { name: /^Covered: Front room/ }).click()
  const rounds = await page.getByRole('button', { name: /^Laid: Front room/ }).count()
  expect(rounds).toBeGreaterThan(0)
  await page
    .getByRole('button', { name: /^Laid: Front room/ })
    .first()
    .click()
  const sealing = page.getByRole('button', { name: /^Sealed: Front room/ })
  if (await sealing.count()) await sealing.first().click()
  await page
    .getByRole('button', { name: /^Coated: Front room/ })
    .first()
    .click()
  await server.clockAt(TWELVE_ON)
  await page.reload()
  const card = page.getByRole('article', { name: /^(Now|Overdue): Front room/ })
  await expect(card).toBeVisible()
  await card.getByRole('button', { name: /^Pulled:/ }).click()
  await expect(page.getByRole('heading', { name: /^Look along the line/ })).toBeVisible()
  const found = page.getByRole('button', { name: /^Found something:/ })
  const bleeds = async (n: number) => {
    await found.first().click()
    for (let i = 0; i < n; i++) await page.getByRole('button', { name: 'Bleed', exact: true }).click()
    await page.getByRole('button', { name: /^Save what I saw/ }).click()
  }
  await expect(found.first()).toBeVisible()
  const before = await found.count()
  await bleeds(2)
  await expect(found).toHaveCount(before - 1)

  // Undo the inspection, do it again.
  await page.getByRole('button', { name: 'Undo' }).last().click()
  await expect(found).toHaveCount(before)
  await bleeds(3)
  await expect(found).toHaveCount(before - 1)
  await expect
    .poll(() => page.evaluate(() => Object.keys(localStorage).filter((key) => key.includes('unsent')).length))
    .toBe(0)

  // Everything is still there after the server has been stopped and started.
  await server.restart()
  await page.reload()
  await expect(found).toHaveCount(before - 1)
  await expect(page.getByRole('heading', { level: 1, name: 'Pulls' })).toBeVisible()
  await page.getByRole('link', { name: 'All jobs' }).click()
  await expect(page.getByRole('link', { name: 'Plover Lane 3' })).toBeVisible()
})

test('the server stops gracefully when asked to', async () => {
  expect(await server.stop()).toBe(0)
  await server.start()
})
