import { expect, test } from '@playwright/test'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

const WALK = '/jobs/tern-quay/walk/kitchen'
const hem = (key: string) => `[data-hem="kitchen/${key}"]`

test('a hem is cut, laid whole again, joined with its neighbour and left out with a reason @long', async ({ page }) => {
  await page.goto(server.url + WALK)
  const pick = async (key: string, more: 'Shift'[] = []) =>
    page.locator(hem(key)).dispatchEvent('click', { bubbles: true, shiftKey: more.length > 0 })
  await pick('wall:w3|skirting#o2..')
  await page.getByLabel('Cut at').fill('1 m')
  await page.getByLabel('Cut at').press('Enter')
  await expect(page.locator(hem('wall:w3|skirting#o2..~..c1'))).toHaveCount(1)
  await pick('wall:w3|skirting#o2..~c1..')
  await page.getByRole('button', { name: 'Lay whole again' }).click()
  await expect(page.locator(hem('wall:w3|skirting#o2..'))).toHaveCount(1)

  await pick('wall:w3|ceiling')
  await pick('wall:w4|ceiling', ['Shift'])
  await expect(page.getByText('2 hems chosen')).toBeVisible()
  await page.getByRole('button', { name: 'Lay as one hem' }).click()
  await expect(page.locator(hem('join:j1'))).toHaveCount(1)
  await expect(page.locator(hem('wall:w4|ceiling'))).toHaveCount(0)

  await pick('wall:w4|fitting:f1')
  await page.getByLabel('Why').fill('plate is swapped')
  await page.getByLabel('Why').press('Enter')
  await page.getByRole('button', { name: 'Leave out' }).click()
  await expect(page.locator(hem('wall:w4|fitting:f1'))).toHaveCount(0)
  await page.getByText(/^No hem here/).click()
  await expect(page.getByText('(plate is swapped)')).toBeVisible()
  await page.getByRole('button', { name: 'Put this hem back' }).click()
  await expect(page.locator(hem('wall:w4|fitting:f1'))).toHaveCount(1)
})

test('an old edge that wanders is straightened, and the scope page says so @long', async ({ page }) => {
  await page.goto(server.url + WALK)
  await page.locator(hem('wall:w3|casing:o2')).dispatchEvent('click')
  await page.getByLabel('Old edge wanders by').fill('6 mm')
  await page.getByLabel('Old edge wanders by').press('Enter')
  await expect(page.getByRole('combobox', { name: 'Line' })).toContainText('straighten')
  await page.getByRole('link', { name: 'Scope' }).click()
  await expect(page.getByText('wall C, round door 2: 6 mm')).toBeVisible()
  await expect(page.getByText('boiler flue: masked (must breathe')).toBeVisible()
})

test('hours of weather come from the service and from a file; a wrong file names its row @long', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/site`)
  await page.getByRole('button', { name: 'Ask the weather service' }).click()
  await expect(page.getByText('240 hours of air taken')).toBeVisible()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save hours' }).click(),
  ])
  expect(download.suggestedFilename()).toBe('tern-quay-air.csv')
  const rows = [
    'time,temp_c,rh_pct,wind_ms,cloud,rain_mm',
    '2027-05-12T06:00:00Z,11,97,1,0.2,0',
    '2027-05-12T07:00:00Z,12,x,1,0.2,0',
  ]
  const input = page.locator('input[type=file]')
  const give = (text: string) => input.setInputFiles({ name: 'a.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
  await give(rows.join('\n'))
  await expect(page.getByText(/row 3, rh_pct: expected a number from 1 to 100/)).toBeVisible()
  await give(rows.join('\n').replace(',x,', ',96,'))
  await expect(page.getByText('2 hours of air taken')).toBeVisible()
  await page.getByRole('button', { name: 'Use the readings only' }).click()
  await expect(page.getByText('The readings hold throughout')).toBeVisible()
})
