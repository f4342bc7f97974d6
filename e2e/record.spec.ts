import { expect, test } from '@playwright/test'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

test('a line looked along moves what the lines say, at once', async ({ page }) => {
  const open = (name: string) => page.getByRole('navigation').getByRole('link', { name, exact: true }).first().click()
  await page.goto(`${server.url}/jobs/tern-quay/results`)
  const panel = page.locator('section', { has: page.getByRole('heading', { name: 'What your lines say' }) })
  await expect(panel.getByText(/1 bleed found/).first()).toBeVisible()
  await page.goto(`${server.url}/jobs/tern-quay/pulls`)
  const list = page.locator('section', { has: page.getByRole('heading', { name: /^Look along the line/ }) })
  await list
    .getByRole('button', { name: /^Found something:/ })
    .first()
    .click()
  for (let i = 0; i < 12; i++) await list.getByRole('button', { name: 'Bleed', exact: true }).click()
  await list.getByRole('button', { name: 'Torn edge', exact: true }).click()
  // How much of the edge: off a photograph with a coin in it. 200 px of fault beside 100 px of a coin of 23 mm.
  await list.getByText('Measure it on a photo').click()
  await list.locator('details input[type=file]').setInputFiles('docs/screenshots/walk.png')
  const photo = list.getByAltText('The photograph, with the places set on it')
  await expect(photo).toBeVisible()
  for (const position of [
    { x: 20, y: 20 },
    { x: 120, y: 20 },
    { x: 20, y: 60 },
    { x: 220, y: 60 },
  ])
    await photo.click({ position, force: true })
  await expect(list.getByText('About 46 mm of the edge.', { exact: false })).toBeVisible()
  await list.getByRole('button', { name: 'Use this length' }).click()
  await expect(list.getByLabel('Over how much of the edge')).toHaveValue('46 mm')
  await list.getByRole('button', { name: /^Save what I saw/ }).click()

  // It stands to be touched up, and is looked along once more after that.
  const mend = page.locator('section', { has: page.getByRole('heading', { name: /^To touch up/ }) })
  const line = mend.getByRole('listitem').filter({ hasText: '12 × Bleed, small, 1 × Torn edge, small' })
  await line.getByLabel('Minutes').fill('9')
  await line.getByRole('button', { name: /^Mended:/ }).click()
  await expect(mend.getByText('12 × Bleed, small')).toHaveCount(0)
  await open('Results')
  await expect(panel.getByText(/13 bleeds found/).first()).toBeVisible()

  // The office takes it into the record, and forgets it again.
  await page.getByRole('button', { name: 'Record', exact: true }).click()
  const record = page.locator('section', { has: page.getByRole('heading', { name: 'Record', exact: true }) })
  await record.getByRole('button', { name: 'Add this job to the record' }).click()
  await expect(record.getByText(/^Your record: .* on one job/)).toBeVisible()
  const saved = page.waitForEvent('download')
  await record.getByRole('button', { name: 'Save the record as a file' }).click()
  const file = await (await saved).path()
  await record.getByRole('button', { name: /^Forget / }).click()
  await expect(record.getByText(/^Your record is empty/)).toBeVisible()

  // What was saved comes back from the file; what is no record is refused and changes nothing.
  await record.locator('input[type=file]').setInputFiles(file)
  await expect(record.getByText(/^Your record: .* on one job/)).toBeVisible()
  await record
    .locator('input[type=file]')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{"format":"other"}') })
  await expect(page.getByText(/format/).first()).toBeVisible()
  await expect(record.getByText(/^Your record: .* on one job/)).toBeVisible()
})

test('a face nobody trusts is tested, and its lines get recipes', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/results`)
  const test1 = page.getByRole('region', { name: 'Instrument store: wall C' })
  await expect(test1.getByText(/^Nothing is safe beside wall C in Instrument store/)).toBeVisible({ timeout: 20_000 })
  await expect(page.getByRole('link', { name: /^Recipes ?3$/ }).first()).toBeVisible()
  await test1.getByLabel('What the cross-cut showed').selectOption('0')
  await expect(test1).toHaveCount(0, { timeout: 20_000 })
  await expect(page.getByRole('link', { name: /^Recipes$/ }).first()).toBeVisible({ timeout: 20_000 })
})

test('a trial is set up, counted piece by piece on a phone, and says what it found', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${server.url}/jobs/tern-quay/results/trials`)
  await page.getByRole('button', { name: 'Set up a trial' }).click()
  const form = page.getByRole('form', { name: 'Set up a trial' })
  await form.getByLabel('Name').fill('Hall door')
  await form.getByRole('button', { name: 'Set up', exact: true }).click()
  const trial = page.locator('section', { has: page.getByRole('heading', { name: 'Hall door' }) }).first()
  await expect(trial.getByText('12 pieces to count.')).toBeVisible()
  // Way A is clean wherever it lies, way B bleeds four times at each piece: the board asks for them one after another.
  for (let left = 12; left > 0; left--) {
    const asks = trial.getByRole('group', { name: /^Bleeds at/ })
    const isA = await asks.getByText(/way A/).isVisible()
    await asks.getByRole('button', { name: isA ? '0, clean' : '4', exact: true }).click()
    await expect(
      trial.getByText(left === 1 ? 'All pieces are counted.' : /^(One piece|\d+ pieces) to count/),
    ).toBeVisible()
    if (left > 2) await expect(trial.getByText(`${left - 1} pieces to count.`)).toBeVisible()
  }
  await expect(trial.getByText(/^A bled least/)).toBeVisible({ timeout: 20_000 })
  await expect(trial.getByText(/^B bleeds more than A, at least/)).toBeVisible()
  const sheet = page.waitForEvent('download')
  await trial.getByRole('button', { name: 'Print the sheet' }).click()
  expect((await sheet).suggestedFilename()).toMatch(/\.pdf$/)
})

test('charts of a house with a record tell the job where something went wrong', async ({ page }) => {
  await page.goto(`${server.url}/jobs/gull-row/results/charts`)
  await expect(page.getByText('Mill Street 4: more bleeds than chance explains.').first()).toBeVisible()
})

// A lead looks a whole room over: counted from the first tap, as a person does it.
test('a room is looked along in few taps: all clean by one, one fault by four', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${server.url}/jobs/tern-quay/pulls`)
  const list = page.locator('section', { has: page.getByRole('heading', { name: /^Look along the line/ }) })
  await expect(list).toBeVisible()
  const began = Date.now()
  let taps = 0
  const tap = async (name: string | RegExp) => {
    taps += 1
    await list
      .getByRole('button', { name, exact: typeof name === 'string' })
      .first()
      .click()
  }
  await tap(/^Found something:/)
  await tap('Bleed')
  await tap('Bleed')
  await tap(/^Save what I saw/)
  while ((await list.count()) > 0 && (await list.getByRole('button', { name: /^Nothing to see on all/ }).count()) > 0)
    await tap(/^Nothing to see on all/)
  await expect(list).toHaveCount(0)
  expect(taps).toBeLessThan(10)
  // Two seconds for each tap, and what the machine took: under a minute and a half.
  expect((Date.now() - began) / 1000 + 2 * taps).toBeLessThan(90)
})
