import { expect, test } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

test('a learner tries a wall, follows the hint and passes; the score stays on the device', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${server.url}/jobs/tern-quay/practice`)
  await page.getByRole('button', { name: 'Open Fresh paint' }).click()
  await page.getByRole('button', { name: 'Pull and look' }).click()
  await expect(page.getByText('You need 80.')).toBeVisible({ timeout: 20_000 })
  await expect(page.getByText(/^Try another tape/)).toBeVisible()
  await page.getByLabel('Tape', { exact: true }).selectOption({ label: 'Sedge Whisper' })
  await page.getByRole('button', { name: 'Pull and look' }).click()
  await expect(page.getByText('Passed.')).toBeVisible({ timeout: 20_000 })
  await page.reload()
  await expect(page.getByRole('button', { name: 'Open Fresh paint' })).toContainText(/(8|9|10)\d? of 100/)
})

test('a pull by hand: the clock runs from the last stroke, too soon and it is told', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/practice`)
  await page.getByRole('button', { name: 'Open Time the pull' }).click()
  await page.getByRole('button', { name: 'Put the last stroke on' }).click()
  await expect(page.getByRole('timer')).toBeVisible()
  await page.getByRole('button', { name: 'Pull now' }).click()
  await expect(page.getByText(/^Pulled .* after the last stroke/)).toBeVisible()
  await expect(page.getByText(/of 100/).first()).toBeVisible({ timeout: 20_000 })
})

test('steps are put in order by buttons, and what is wrong is told with its reason', async ({ page }) => {
  await page.goto(`${server.url}/jobs/tern-quay/practice`)
  await page.getByRole('button', { name: 'Open Skirting against a hard floor' }).click()
  await page.getByRole('button', { name: 'Check', exact: true }).click()
  await expect(page.getByText(/comes before/).first()).toBeVisible()
  const first = page.getByRole('button', { name: 'Earlier: Sweep and wipe the joint' })
  for (let i = 0; i < 6 && (await first.isEnabled()); i++) await first.click()
  await expect(first).toBeDisabled()
})

test('a house adds its own lesson from a file, and the question of the day answers with its reason', async ({
  page,
}) => {
  await page.goto(`${server.url}/jobs/tern-quay/practice`)
  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save this lesson as a file' }).click()
  const lesson: Record<string, unknown> = JSON.parse(readFileSync(await (await saved).path(), 'utf8'))
  const own = JSON.stringify({ ...lesson, id: 'our-own', title: 'Our own wall' })
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'own.json', mimeType: 'application/json', buffer: Buffer.from(own) })
  await expect(page.getByRole('heading', { name: 'Our own wall' })).toBeVisible()

  const question = page.locator('section', { has: page.getByRole('heading', { name: 'Question of the day' }) })
  await question.getByRole('button').first().click()
  await expect(question.getByText(/^(Right|No): /)).toBeVisible()
  await expect(question.getByText(/^Why: /)).toBeVisible()
})
