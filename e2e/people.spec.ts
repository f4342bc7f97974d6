import { expect, test, type Page } from '@playwright/test'
import { TestServer } from './server'

const server = new TestServer(false, true)
test.beforeAll(() => server.start())
test.afterAll(() => server.remove())

const codeIn = (text: string): string => /[A-Z0-9]{4}-[A-Z0-9]{4}-[A-Z0-9]{4}/.exec(text)?.[0] ?? ''
const field = (page: Page, name: string) => page.getByLabel(name, { exact: true }).last()

test('the first account by the printed code, a painter by a code of the office, who sees no price; a lost phone is out', async ({
  browser,
  page,
}) => {
  expect((await fetch(`${server.url}/api/jobs`)).status).toBe(401)
  await page.goto(`${server.url}/`)
  await page.getByRole('link', { name: 'Sign in' }).click()
  await expect(page.getByRole('heading', { name: 'First start' })).toBeVisible()
  await field(page, 'Code').fill(codeIn(server.said))
  await field(page, 'Name').fill('Ada Office')
  await field(page, 'Password').fill('short')
  await page.getByRole('button', { name: 'Make the account' }).click()
  await expect(page.getByRole('alert')).toContainText('at least 12')
  await field(page, 'Password').fill('a good long one')
  await page.getByRole('button', { name: 'Make the account' }).click()
  await expect(page.getByText('Signed in as Ada Office, office.')).toBeVisible()

  await page.getByRole('link', { name: 'People and devices' }).click()
  await page.getByLabel('Name').fill('Pip Brush')
  await page.getByLabel('Name').press('Enter')
  await page.getByRole('button', { name: 'Add' }).click()
  const line = page.getByRole('listitem').filter({ hasText: 'Pip Brush' }).first()
  await line.getByRole('button', { name: 'Show a code' }).click()
  const shown = page.locator('.tracking-widest')
  await expect(shown).toHaveText(/-/)
  const code = await shown.textContent()

  const phone = await browser.newContext({ viewport: { width: 390, height: 844 } })
  const pip = await phone.newPage()
  // Scanned: the address with the code behind its #.
  await pip.goto(`${server.url}/sign-in#${code}`)
  await pip.getByRole('button', { name: 'Sign in by code' }).click()
  await expect(pip.getByText('Signed in as Pip Brush, painter.')).toBeVisible()
  expect((await pip.request.get(`${server.url}/api/people`)).status()).toBe(403)

  await page.reload()
  await line.getByRole('button', { name: 'Sign it out' }).click()
  await expect(line.getByText('Signed in nowhere yet.')).toBeVisible()
  expect((await pip.request.get(`${server.url}/api/jobs`)).status()).toBe(401)
  await phone.close()
})
