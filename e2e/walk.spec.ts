import { expect, test, type Page } from '@playwright/test'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

/** Tabs until something with this name has the focus, as a person without a mouse does. */
async function tabTo(page: Page, name: RegExp, most = 120): Promise<void> {
  for (let i = 0; i < most; i++) {
    await page.keyboard.press('Tab')
    const here = await page.evaluate(() => {
      const on = document.activeElement as HTMLElement
      const labels = (on as HTMLInputElement).labels
      return on.getAttribute('aria-label') ?? labels?.[0]?.textContent ?? on.textContent ?? ''
    })
    if (name.test(here.trim())) return
  }
  throw new Error(`nothing called ${name} can be reached by Tab`)
}

const hemCount = async (page: Page) => page.locator('[data-hem]').count()

test('by keyboard only: an L with an alcove, a two-tone line and four openings, all undone and redone', async ({
  page,
}) => {
  await page.goto(`${server.url}/jobs/tern-quay/walk/store`)
  await page.getByRole('heading', { name: 'Instrument store' }).waitFor()
  await tabTo(page, /^New room$/)
  await page.keyboard.press('Enter')
  const wall = page.getByRole('textbox', { name: /^Wall [A-Z]$/ })
  await wall.waitFor()
  // An L of 5.4 × 4.6 m with an alcove of 0.9 × 0.5 m in its left side.
  const legs: [string, 'right' | 'left'][] = [
    ['5.4', 'right'],
    ['4.6', 'right'],
    ['2.4', 'right'],
    ['1.6', 'left'],
    ['3', 'right'],
    ['1', 'left'],
    ['500 mm', 'right'],
    ['0.9', 'right'],
    ['50 cm', 'left'],
  ]
  for (const [length, turn] of legs) {
    await expect(wall).toBeFocused()
    await page.keyboard.type(length)
    if (turn === 'left') {
      await page.keyboard.press('Tab')
      await page.keyboard.type('l')
      await page.keyboard.press('Shift+Tab')
    }
    await page.keyboard.press('Enter')
  }
  await tabTo(page, /^Close the room$/)
  await page.keyboard.press('Enter')
  await expect(page.getByText('closed', { exact: true })).toBeVisible()
  await tabTo(page, /^Make the room$/)
  await page.keyboard.press('Enter')
  await page.waitForURL(/walk\/r-/)
  const sheet = page.getByRole('group', { name: /, unrolled$/ })
  await expect(sheet).toBeVisible()
  const bare = await hemCount(page)

  // One door, three windows and a two-tone line, each on a wall chosen by key.
  const added: [string, string][] = [
    ['d', 'A'],
    ['w', 'B'],
    ['w', 'C'],
    ['w', 'E'],
    ['t', 'A'],
  ]
  for (const [letter, wallName] of added) {
    await tabTo(page, /^To wall$/)
    await page.keyboard.type(wallName)
    await page.keyboard.press('Tab')
    await page.keyboard.type(letter)
    await tabTo(page, /^Add it to the wall$/, 3)
    await page.keyboard.press('Enter')
  }
  await expect(page.getByRole('button', { name: 'lower colour', exact: true })).toHaveCount(10)
  await expect(page.getByRole('button', { name: /^window \d$/ })).toHaveCount(3)
  // Its own coating step makes the line a hem.
  await tabTo(page, /^Add a step$/)
  await page.keyboard.press('Enter')
  // The line is picked, so the step is for it.
  await expect(page.getByText(/^New step for: lower colour/)).toBeVisible()
  await expect(page.locator('[data-hem*="band:b1|wall:w1#over"]')).toHaveCount(2)
  const full = await hemCount(page)
  expect(full).toBeGreaterThan(bare + 10)

  const undo = page.getByRole('button', { name: 'Undo', exact: true }).first()
  const home = page.url()
  let back = 0
  while (await undo.isEnabled()) {
    await page.keyboard.press('Control+z')
    back += 1
    expect(back).toBeLessThan(30)
  }
  await expect(page.getByRole('heading', { level: 1, name: 'Practice room 2' })).toBeVisible()
  for (let i = 0; i < back; i++) await page.keyboard.press('Control+Shift+z')
  await expect(page).toHaveURL(home)
  await expect(page.locator('[data-hem]')).toHaveCount(full)
})

test.describe('on a tablet', () => {
  test.use({ viewport: { width: 1024, height: 768 }, hasTouch: true })
  test('a gabled front of lapped boards with five windows, by touch @long', async ({ page }) => {
    await page.goto(`${server.url}/jobs/tern-quay/walk`)
    await page.getByRole('button', { name: 'New room' }).tap()
    await page.getByRole('button', { name: 'Elevation' }).tap()
    const form = page.getByRole('dialog')
    await form.getByLabel('Name').fill('Yard front')
    await form.getByLabel('Width').fill('9.6 m')
    await form.getByLabel('Height at the eaves').fill('3.2')
    await form.getByLabel('Height at the ridge').fill('6 m')
    await page.getByRole('button', { name: 'Make the elevation' }).tap()
    await expect(page.getByRole('heading', { name: 'Yard front' })).toBeVisible()
    for (let n = 1; n <= 5; n++) {
      await page.getByLabel('Add', { exact: true }).selectOption('window')
      await page.getByRole('button', { name: 'Add it to the wall' }).tap()
      const at = page.getByLabel('From left end')
      await at.fill(`${0.4 + (n - 1) * 1.85} m`)
      await at.press('Enter')
    }
    await expect(page.getByRole('button', { name: /^window \d$/ })).toHaveCount(5)
    // 1340 mm of casing over boards of 150 mm: nine strips a side.
    const casing = page.locator('[data-hem*="wall:w1|casing:o1"] > path').last()
    await casing.scrollIntoViewIfNeeded()
    // The path’s own box: the quads of a part of a drawing take in all its neighbours’ hatching.
    const hem = await casing.evaluate((path) => path.getBoundingClientRect().toJSON() as DOMRect)
    await page.touchscreen.tap(hem.x + hem.width / 2, hem.y - 3)
    await expect(page.getByText('9 short strips a side')).toBeVisible()
    const wide = await page.evaluate(() => document.documentElement.scrollWidth)
    expect(wide).toBeLessThanOrEqual(1024)
  })
})

const DXF = [
  '0\nSECTION\n2\nENTITIES',
  '0\nLWPOLYLINE\n8\nLoft\n90\n4\n70\n1\n10\n0\n20\n0\n10\n4.2\n20\n0\n10\n4.2\n20\n3.1\n10\n0\n20\n3.1',
  '0\nCIRCLE\n8\nx\n10\n1\n20\n1\n40\n0.4',
  '0\nENDSEC\n0\nEOF\n',
].join('\n')

test('outlines come in from DXF, where the unit is asked for, and from SVG; what was not understood is listed @long', async ({
  page,
}) => {
  await page.goto(`${server.url}/jobs/tern-quay/walk`)
  await page.getByRole('button', { name: 'Files' }).click()
  const input = page.locator('input[type=file][accept=".dxf,.svg"]')
  await input.setInputFiles({ name: 'loft.dxf', mimeType: 'application/dxf', buffer: Buffer.from(DXF) })
  await expect(page.getByText('The drawing does not say its unit')).toBeVisible()
  await page.getByLabel(/does not say its unit/).selectOption('m')
  await expect(page.getByText('Loft: 4 walls, 13.0 m²')).toBeVisible()
  await expect(page.getByText('1 × CIRCLE')).toBeVisible()
  await page.getByRole('button', { name: 'Take these rooms' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Loft' })).toBeVisible()
  await page.getByRole('button', { name: 'Files' }).click()
  const svg =
    '<svg width="100mm" height="80mm" viewBox="0 0 100 80"><polygon id="Den" points="0,0 3000,0 4000,2000 0,2600"/></svg>'
  await input.setInputFiles({ name: 'den.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(svg) })
  await page.getByRole('button', { name: 'Take these rooms' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Den' })).toBeVisible()
  await page.getByRole('button', { name: 'Files' }).click()
  await input.setInputFiles({ name: 'bad.dxf', mimeType: 'application/dxf', buffer: Buffer.from('no drawing') })
  await expect(page.getByText(/DXF file could not be read/)).toBeVisible()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Den as DXF' }).click(),
  ])
  expect(download.suggestedFilename()).toBe('Den.dxf')
})

test('a corner is moved by key and the room stays closed; the stick types into the field in use', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/walk/practice1`)
  const corner = page.getByRole('button', { name: /^corner of A and B/ })
  await corner.focus()
  await corner.press('Shift+ArrowRight')
  await page.locator('[data-sheet] [aria-label="wall A"]').click({ position: { x: 6, y: 60 } })
  await expect(page.getByLabel('Length')).toHaveValue('3.70 m')
  await page.getByRole('button', { name: 'Undo' }).first().click()
  await page.getByRole('button', { name: 'Connect stick' }).click()
  await page.getByRole('button', { name: 'New room' }).click()
  const wall = page.getByRole('textbox', { name: /^Wall [A-Z]$/ })
  await expect(wall).toBeFocused()
  // Each press of the stick's button reads a wall and goes on to the next.
  for (const next of ['Wall B', 'Wall C']) {
    await page.keyboard.press('F8')
    await expect(page.getByRole('textbox', { name: next })).toBeFocused()
  }
  await expect(page.getByRole('dialog').getByRole('listitem')).toHaveCount(2)
})

test('lengths are typed wall after wall: Enter takes one and goes on to the next', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/walk/kitchen`)
  await page.locator('[data-sheet] [aria-label="wall A"]').click({ position: { x: 6, y: 60 } })
  await expect(page.getByLabel('Length')).toBeFocused()
  for (const [length, next] of [
    ['4.1', 'wall B'],
    ['2.95 m', 'wall C'],
  ] as const) {
    await page.keyboard.press('Control+a')
    await page.keyboard.type(length)
    await page.keyboard.press('Enter')
    await expect(page.getByLabel('What is picked').getByRole('heading', { name: next })).toBeVisible()
    await expect(page.getByLabel('Length')).toBeFocused()
  }
  // The opposite walls went along.
  await expect(page.getByLabel('Length')).toHaveValue('4.10 m')
})

test('a picture is kept with its hem; what is no picture is refused', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/walk/store`)
  await page.locator('[data-hem="store/wall:w1|ceiling"]').click({ force: true })
  const input = page.locator('input[type=file][accept^="image"]')
  await input.setInputFiles({ name: 'a.png', mimeType: 'image/png', buffer: Buffer.from('not a picture') })
  await expect(page.getByText('expected a PNG, JPEG or WebP picture')).toBeVisible()
  await expect(page.locator('aside img')).toHaveCount(0)
  await input.setInputFiles({ name: 'b.png', mimeType: 'image/png', buffer: await page.screenshot() })
  await expect(page.locator('aside img')).toHaveCount(1)
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible()
  await page.goto(`${server.url}/jobs/tern-quay/scope`)
  await expect(page.locator('main img')).toHaveCount(1)
})
