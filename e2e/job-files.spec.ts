import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { TestServer } from './server'

const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(() => server.remove())

const pick = (name: string, text: string) => ({ name, mimeType: 'application/json', buffer: Buffer.from(text) })

test('a job goes out as a file and comes back; a bad file is refused with its place and changes nothing', async ({
  page,
}) => {
  await page.goto(server.url)
  const card = page.getByRole('article').filter({ hasText: 'Tern Quay Music School' })
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    card.getByRole('link', { name: 'Save as file' }).click(),
  ])
  const text = readFileSync(await download.path(), 'utf8')
  expect(download.suggestedFilename()).toBe('tern-quay.hem.json')

  const input = page.locator('input[type=file]')
  await input.setInputFiles(pick('bad.hem.json', text.replace('"turnDeg": 90', '"turnDeg": "round"')))
  await expect(page.getByRole('alert')).toContainText('rooms[0].walls[0].turnDeg')
  await expect(page.getByRole('alert')).toContainText('Nothing was changed')
  await expect(page.getByRole('article')).toHaveCount(2)
  await input.setInputFiles(pick('worse.hem.json', '{ not json'))
  await expect(page.getByRole('alert')).toContainText('not JSON')

  await input.setInputFiles(pick('same.hem.json', text))
  await page.getByRole('button', { name: 'Open as a copy' }).click()
  await expect(page.getByRole('article')).toHaveCount(3)
})

test('jobs can be renamed, copied, deleted and brought back @long', async ({ page }) => {
  await page.goto(server.url)
  const row = page.getByRole('article').filter({ hasText: 'Gull Row' }).first()
  await row.getByRole('button', { name: 'Rename' }).click()
  await page.getByLabel('New name').fill('16 Gull Row')
  await page.getByLabel('New name').press('Enter')
  await expect(page.getByRole('link', { name: '16 Gull Row' })).toBeVisible()
  const renamed = page.getByRole('article').filter({ hasText: '16 Gull Row' })
  await renamed.first().getByRole('button', { name: 'Copy' }).click()
  await expect(page.getByRole('link', { name: '16 Gull Row (copy)' })).toBeVisible()
  await page.getByRole('article').filter({ hasText: '(copy)' }).getByRole('button', { name: 'Delete' }).click()
  await expect(page.getByRole('link', { name: '16 Gull Row (copy)' })).toBeHidden()
  await page.getByRole('button', { name: 'Bring it back' }).click()
  await expect(page.getByRole('link', { name: '16 Gull Row (copy)' })).toBeVisible()
})
