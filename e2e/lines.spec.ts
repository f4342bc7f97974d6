import { expect, test } from '@playwright/test'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

const lines = (more: string) => `${server.url}/jobs/tern-quay/lines?room=practice2${more}`

test('twelve readings are typed in under a minute, drawn at once, put to the hem, and read again', async ({ page }) => {
  await page.goto(lines(`&for=edge&edge=${encodeURIComponent('wall:w1|skirting')}`))
  const field = page.getByRole('textbox', { name: /Place and offset/ })
  await expect(field).toBeFocused()
  const offs = [3, 4, 4, 5, 6, 5, 4, 4, 3, 3, 2, 1]
  const text = offs.map((off, i) => `${i * 370} ${off}`).join('\n')
  // A key a sign and one for each new line: a painter's thumb does two a second.
  expect(text.length).toBeLessThan(110)
  await field.pressSequentially(text)
  await expect(page.getByRole('img', { name: /^12 readings of the edge/ })).toBeVisible()
  await expect(page.getByText(/^Snap the line \d+ mm off at the left end/)).toBeVisible()
  // "Saved" stands there before the tap too, so the answer of the office is waited for.
  const kept = page.waitForResponse((answer) => answer.url().endsWith('/edits'))
  await page.getByRole('button', { name: /^Use on this hem/ }).click()
  expect((await kept).status()).toBeLessThan(300)
  await page.reload()
  await expect(field).toHaveValue(/^0 3\n370 4\n/)
  await field.fill('0 3\nabc')
  await expect(page.getByRole('alert').filter({ hasText: 'line 2' })).toBeVisible()
})

test('a line round the room says whether it meets, stripes say where the tape lies; nothing is wider than a phone', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(lines('&for=round'))
  await page.getByRole('textbox', { name: /heights, one a line/ }).fill('1400\n1402\n1405\n1406\n1452')
  await expect(page.getByText(/one reading is wrong/)).toBeVisible()
  await page.getByRole('textbox', { name: /heights, one a line/ }).fill('1400\n1402\n1405\n1406\n1408')
  await expect(page.getByText(/little enough to spread/)).toBeVisible()
  await page.getByRole('button', { name: 'Pattern', exact: true }).click()
  await expect(page.getByText('left of the line').first()).toBeVisible()
  await page.getByRole('button', { name: 'A crooked edge' }).click()
  await page.getByRole('textbox', { name: /Place and offset/ }).fill('0 3\n1000 9\n2000 2')
  await page.getByRole('heading', { name: 'Marks to set' }).waitFor()
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390)
})

test('level stripes are put on the walls and have edges there', async ({ page }) => {
  await page.goto(lines('&for=stripes'))
  await page.getByLabel('Pattern', { exact: true }).selectOption('level')
  await expect(page.getByText('above the line').first()).toBeVisible()
  await page.getByRole('button', { name: 'Put this on the walls' }).click()
  await page.getByRole('link', { name: 'Open the Walk' }).click()
  await expect(page.getByText(/^38 hems/)).toBeVisible()
})

test('a disc is set by its pin, checks by their corners, and both go on the walls and into a file', async ({
  page,
}) => {
  await page.goto(lines('&for=stripes'))
  await page.getByLabel('Pattern', { exact: true }).selectOption('disc')
  await expect(page.getByText(/pin .* string/)).toBeVisible()
  await page.getByLabel('Pattern', { exact: true }).selectOption('checks')
  await expect(page.getByText('all round', { exact: true })).toBeVisible()
  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as table (CSV)' }).click()
  expect((await saved).suggestedFilename()).toMatch(/marks\.csv$/)
  await page.getByRole('button', { name: 'Put this on the walls' }).click()
  await expect(page.getByText(/They are on the walls/)).toBeVisible()
})

test('an edge is read off a photograph: three measured places, places along it, readings in the field', async ({
  page,
}) => {
  await page.goto(lines(`&for=edge&edge=${encodeURIComponent('wall:w1|skirting')}`))
  await page.getByText('Read it from a photograph').click()
  // A picture of 600 by 300: two millimetres of wall to a pixel, its reference 250 down, an edge that bends over it.
  const png = await page.evaluate(async () => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 600, height: 300 })
    const pen = canvas.getContext('2d')!
    pen.fillStyle = '#d8d2c4'
    pen.fillRect(0, 0, 600, 300)
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'))
    return [...new Uint8Array(await blob!.arrayBuffer())]
  })
  await page
    .getByLabel('Take or choose a photograph')
    .setInputFiles({ name: 'edge.png', mimeType: 'image/png', buffer: Buffer.from(png) })
  const picture = page.getByRole('img', { name: /^The photograph/ })
  const box = (await picture.boundingBox())!
  const set = (x: number, y: number) =>
    picture.click({ position: { x: (x * box.width) / 600, y: (y * box.height) / 300 }, force: true })
  for (const [x, y] of [
    [50, 250],
    [550, 250],
    [50, 50],
  ] as const)
    await set(x, y)
  const type = async (name: string, text: string) => {
    await page.getByLabel(name, { exact: true }).fill(text)
    await page.getByLabel(name, { exact: true }).press('Enter')
  }
  await type('Place 2: along', '1000 mm')
  await type('Place 3: off the reference', '400 mm')
  await expect(page.getByText(/Three measured places/)).toBeVisible()
  await page.getByRole('button', { name: 'places on the edge' }).click()
  for (const [x, y] of [
    [50, 240],
    [300, 230],
    [550, 245],
  ] as const)
    await set(x, y)
  await page.getByRole('button', { name: 'Put 3 readings into the field' }).click()
  const field = page.getByRole('textbox', { name: /Place and offset/ })
  const read = (await field.inputValue()).split('\n').map((line) => line.split(' ').map(Number))
  // A click lands on a whole pixel of the screen: some four millimetres here.
  const meant = [
    [0, 20],
    [500, 40],
    [1000, 10],
  ]
  expect(read).toHaveLength(3)
  read.forEach((pair, i) => pair.forEach((mm, k) => expect(Math.abs(mm - meant[i]![k]!)).toBeLessThan(8)))
  await expect(page.getByRole('heading', { name: 'Marks to set' })).toBeVisible()
})
