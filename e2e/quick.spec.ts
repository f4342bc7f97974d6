import { expect, test, type Locator, type Page } from '@playwright/test'
import { TestServer } from './server'

const server = new TestServer(false)
test.beforeAll(() => server.start())
test.afterAll(() => server.remove())

/** A hand that counts what it does: clicks, and keys typed. */
class Hand {
  clicks = 0
  keys = 0
  constructor(readonly page: Page) {}
  async click(target: Locator): Promise<void> {
    this.clicks += 1
    await target.click()
  }
  /** Types into a field that has the focus, or into one that is clicked first. */
  async type(text: string, into?: Locator): Promise<void> {
    if (into) await this.click(into)
    this.keys += text.length
    await this.page.keyboard.type(text)
  }
  async enter(): Promise<void> {
    this.keys += 1
    await this.page.keyboard.press('Enter')
  }
}

test('a plain room, ceiling and trim painted yesterday, walls to do: under 20 clicks and 45 keys', async ({ page }) => {
  await page.clock.setFixedTime(new Date('2027-05-12T07:00:00Z'))
  await page.goto(server.url)
  const hand = new Hand(page)
  const button = (name: string | RegExp) => page.getByRole('button', { name })
  await hand.click(button('New job'))
  await hand.type('Den', page.getByLabel('What is it called?'))
  await hand.type('Lane', page.getByLabel('Where is it?'))
  await hand.click(button('Start the job'))
  await hand.click(button('New room'))
  await hand.type('4.2', page.getByLabel('Wall A'))
  await hand.enter()
  await hand.type('3.5')
  await hand.enter()
  const dialog = page.getByRole('dialog')
  for (const count of ['Doors', 'Windows']) {
    await hand.click(dialog.getByLabel(count))
    // What stands there is marked, and typed over.
    await page.keyboard.press('ControlOrMeta+A')
    hand.keys += 1
    await hand.type('1')
  }
  await hand.click(dialog.getByLabel('ceiling'))
  await hand.click(dialog.getByLabel('trim'))
  await expect(dialog.getByLabel('When?')).toHaveValue('yesterday')
  await hand.click(button('Make the room'))
  await expect(page.getByText(/^\d+ hems, [\d.]+ m$/)).toBeVisible()
  await expect(button('Remove: Ceiling')).toHaveCount(0)
  await expect(page.getByRole('button', { name: /^Walls/ })).toBeVisible()
  await hand.click(page.getByRole('navigation').getByRole('link', { name: 'Rounds' }).first())
  await expect(page.getByRole('cell', { name: /^Room 1/ }).first()).toBeVisible()
  expect(hand.clicks).toBeLessThan(20)
  expect(hand.keys).toBeLessThan(45)
  // As a foreman would have it: one door, one window, both in the walls' colour to come.
  const url = page.url().replace(/\/jobs\/(.*)\/rounds.*/, '/api/jobs/$1/file')
  const roomsOf = async () => JSON.parse(await (await page.request.get(url)).text()).rooms
  // It is saved a moment after it was made.
  await expect.poll(async () => (await roomsOf()).length).toBe(1)
  const [room] = await roomsOf()
  expect(room.openings.map((each: { kind: string }) => each.kind)).toEqual(['door', 'window'])
  expect([room.ceiling.last.tool, room.skirting.face.last.tool, room.walls[0].face.last]).toEqual([
    'roller',
    'brush',
    null,
  ])
})
