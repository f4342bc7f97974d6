import { readFileSync, readdirSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { gzipSync } from 'node:zlib'
import { expect, test } from '@playwright/test'
import { slowness } from '../core/tests/pace'
import { manyHems } from '../demo'
import { writeJobFile } from '@crisp-hem/core/wire'
import { longestTask, untilGood, watchLongTasks } from './longTasks'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())
test.describe.configure({ timeout: 240_000 })

const DIST = resolve(import.meta.dirname, '../web/dist')

interface ManifestEntry {
  readonly file: string
  readonly isEntry?: boolean
  readonly imports?: readonly string[]
}

test('the first view asks for less than 250 kB of script', () => {
  const manifest = JSON.parse(readFileSync(join(DIST, '.vite/manifest.json'), 'utf8')) as Record<string, ManifestEntry>
  const files = new Set<string>()
  const add = (key: string) => {
    const entry = manifest[key]!
    if (files.has(entry.file)) return
    files.add(entry.file)
    entry.imports?.forEach(add)
  }
  Object.keys(manifest)
    .filter((key) => manifest[key]!.isEntry)
    .forEach(add)
  const bytes = [...files].reduce((sum, file) => sum + gzipSync(readFileSync(join(DIST, file))).length, 0)
  expect(bytes).toBeGreaterThan(10_000)
  expect(bytes).toBeLessThan(250_000)
  expect(readdirSync(join(DIST, 'assets')).filter((file) => file.endsWith('.js')).length).toBeGreaterThan(files.size)
})

test('dragging a slider never holds the page for 50 ms @long', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/bench`)
  const slider = page.getByLabel('Age at laying')
  await slider.waitFor()
  await expect(page.getByRole('img', { name: /^300 mm of edge/ })).toHaveCount(2)
  await page.waitForTimeout(800)
  await watchLongTasks(page)
  const box = (await slider.boundingBox())!
  const drag = async (): Promise<number> => {
    await page.mouse.move(box.x + 10, box.y + box.height / 2)
    await page.mouse.down()
    for (let step = 0; step < 60; step++) {
      await page.mouse.move(box.x + 10 + (step * (box.width - 20)) / 60, box.y + box.height / 2)
      await page.waitForTimeout(16)
    }
    const longest = await longestTask(page)
    expect(Number(await slider.inputValue())).toBeGreaterThan(30)
    await page.mouse.up()
    return longest
  }
  // Chromium reports tasks from 50 ms on, so none may be seen.
  expect(await untilGood(drag, (longest) => longest === 0)).toBe(0)
})

test.describe('a job of 60 rooms and 5,000 hems', () => {
  test.beforeAll(async () => {
    const job = manyHems(5000, 84)
    expect(job.rooms).toHaveLength(60)
    const answer = await server.post('/api/jobs/import', writeJobFile(job))
    expect(answer.status).toBe(201)
  })

  test('zooming and panning keeps 50 frames a second; an edit shows its hems within 100 ms @long', async ({ page }) => {
    await page.goto(`${server.url}/jobs/many-hems/walk/r0`)
    const sheet = page.locator('[data-sheet]')
    await sheet.waitFor()
    const hems = await page.locator('[data-hem]').count()
    expect(hems).toBeGreaterThan(70)
    // The plan of the whole job comes from a worker; it is waited for so that only the drawing is timed.
    await expect(page.getByRole('link', { name: /^Recipes/ }).first()).toBeVisible()
    await page.waitForTimeout(6000)
    const box = (await sheet.boundingBox())!
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
    await page.keyboard.down('Control')
    for (let i = 0; i < 8; i++) await page.mouse.wheel(0, -120)
    await page.keyboard.up('Control')
    const pan = async (): Promise<number> => {
      await page.evaluate(() => {
        const frames: number[] = []
        Object.assign(window, { frames })
        const tick = (at: number) => {
          frames.push(at)
          if ((window as unknown as { frames: number[] }).frames === frames) requestAnimationFrame(tick)
        }
        requestAnimationFrame(tick)
      })
      await page.mouse.down()
      for (let i = 0; i < 60; i++) {
        await page.mouse.move(
          box.x + box.width / 2 + 120 * Math.sin(i / 6),
          box.y + box.height / 2 + 40 * Math.cos(i / 6),
        )
        await page.waitForTimeout(16)
      }
      await page.mouse.up()
      const shown = await page.evaluate(() => {
        const { frames } = window as unknown as { frames: number[] }
        return (1000 * (frames.length - 1)) / (frames[frames.length - 1]! - frames[0]!)
      })
      return shown * slowness()
    }
    const rate = await untilGood(pan, (each) => each > 50)
    test.info().annotations.push({ type: 'measured', description: `${rate.toFixed(1)} frames a second, ${hems} hems` })
    expect(rate).toBeGreaterThan(50)

    let edits = 0
    const edit = async (): Promise<number> => {
      await page.locator('[data-sheet] [aria-label="wall A"]').dispatchEvent('click')
      await page.getByLabel('Length').fill(edits++ % 2 ? '7.2 m' : '7.5 m')
      const took = await page.evaluate(async () => {
        const label = () => document.querySelector('[data-hem$="/wall:w1|ceiling"]')?.getAttribute('aria-label')
        const before = label()
        const field = document.activeElement as HTMLInputElement
        const from = performance.now()
        field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))
        while (label() === before && performance.now() - from < 5000) await new Promise((next) => setTimeout(next, 1))
        return performance.now() - from
      })
      await page.waitForTimeout(2500)
      return took / slowness()
    }
    // The middle of three edits: one may meet a collection or the plan of the edit before.
    const middle = async () => [await edit(), await edit(), await edit()].sort((x, y) => x - y)[1]!
    const took = await untilGood(middle, (each) => each < 100)
    test.info().annotations.push({ type: 'measured', description: `edit to hems in ${took.toFixed(0)} ms` })
    expect(took).toBeLessThan(100)
  })
})

test('1,000 hems: few lines are drawn, and a change of house way ranks them anew while the page stays free @long', async ({
  page,
}) => {
  const answer = await server.post('/api/jobs/import?as=thousand', writeJobFile(manyHems(1000, 35)))
  expect(answer.status).toBe(201)
  await page.goto(`${server.url}/jobs/thousand/recipes?hem=${encodeURIComponent('r1/wall:w1|ceiling')}`)
  const table = page.getByRole('table').filter({ hasText: 'Lift %/m' })
  await expect(table.getByRole('row').nth(3)).toBeVisible()
  expect(Number(await table.getAttribute('aria-rowcount'))).toBeGreaterThan(1000)
  expect(await table.getByRole('row').count()).toBeLessThan(120)
  await page.waitForTimeout(4000)
  await watchLongTasks(page)
  const card = page.getByRole('complementary', { name: 'wall A, ceiling line' })
  await expect(card).toContainText('wiped almost off')
  const ways = [
    ['clear-glaze', 'Quick thin pass of Plover Clear Glaze'],
    ['wiped-sealant', 'wiped almost off'],
  ] as const
  let [turn, took] = [0, 0]
  const longest = await untilGood(
    async () => {
      const [way, words] = ways[turn++ % 2]!
      const from = Date.now()
      await page.getByLabel('House way').selectOption(way)
      await expect(card).toContainText(words)
      took = Date.now() - from
      await page.waitForTimeout(3000)
      return (await longestTask(page)) / slowness()
    },
    (each) => each < 200,
  )
  test
    .info()
    .annotations.push({ type: 'measured', description: `ranked anew in ${took} ms, longest task ${longest} ms` })
  expect(longest).toBeLessThan(200)
})
