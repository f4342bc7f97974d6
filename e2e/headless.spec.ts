import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { expect, test } from '@playwright/test'
import { TestServer } from './server'

const ROOT = resolve(import.meta.dirname, '..')
const dir = mkdtempSync(join(tmpdir(), 'crisp-hem-plan-'))
const server = new TestServer(true)
test.beforeAll(() => server.start())
test.beforeEach(() => server.clockBack())
test.afterAll(async () => {
  await server.remove()
  rmSync(dir, { recursive: true, force: true })
})

const plan = (...args: string[]) =>
  spawnSync('npm', ['run', '--silent', 'plan', '--', ...args], {
    cwd: ROOT,
    encoding: 'utf8',
    maxBuffer: 64 * 1024 * 1024,
  })

test('npm run plan prints the whole plan of a job file, as of a time', async ({ request }) => {
  const file = join(dir, 'job.hem.json')
  writeFileSync(file, await (await request.get(`${server.url}/api/jobs/tern-quay/file`)).text())
  const run = plan(file, '--at', '2027-05-12T13:22:00Z')
  expect(run.status).toBe(0)
  const answer = JSON.parse(run.stdout)
  expect(answer.at).toBe('2027-05-12T13:22:00Z')
  expect(Object.keys(answer)).toEqual(
    expect.arrayContaining(['hems', 'recipes', 'load', 'rounds', 'tasks', 'placed', 'pulls', 'problems']),
  )
  const pull = answer.pulls.find((each: { roomId: string }) => each.roomId === 'practice2')
  expect(pull).toMatchObject({ coated: true, lateMin: 6 })
  const wet = pull.spans.find((span: { kind: string }) => span.kind === 'wet')
  expect([wet.from.slice(0, 16), wet.to.slice(0, 16)]).toEqual(['2027-05-12T13:20', '2027-05-12T13:34'])
  expect(answer.recipes[0].reasons[0].text).toMatch(/^House way/)
})

test('a bad file ends with 1 and names the place; so does none', async ({ request }) => {
  const file = join(dir, 'bad.hem.json')
  const text = await (await request.get(`${server.url}/api/jobs/tern-quay/file`)).text()
  writeFileSync(file, text.replace('"rh": 61', '"rh": "damp"'))
  const run = plan(file)
  expect(run.status).toBe(1)
  expect(run.stderr).toContain('air.rh')
  expect(run.stdout).toBe('')
  expect(plan(join(dir, 'missing.hem.json')).status).toBe(1)
  expect(plan().status).toBe(1)
})

test('the short drill: ended hard, spoiled at, crowded and copied, a server loses nothing', () => {
  test.setTimeout(120_000)
  const run = spawnSync('node', ['scripts/tool.mjs', 'drill', '--short'], { cwd: ROOT, encoding: 'utf8' })
  expect(run.stdout).toContain('0 lost, 0 half')
  expect(run.stdout).toContain('0 missing')
  expect([run.status, run.stdout.trim().split('\n').at(-1)]).toEqual([0, 'all is well'])
})
