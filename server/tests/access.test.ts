import type { FastifyInstance, InjectOptions } from 'fastify'
import type { JobAnswer, JobFacts, PersonAnswer, Role, WhoAnswer } from '@crisp-hem/core/wire'
import { planJob } from '@crisp-hem/core'
import { gullRow } from '../../demo'
import type { Database } from '../src/db/open'
import { closeServer, openServer, ours } from './ours'
import { early } from '../../core/tests/early'

const { log, published, ...facts } = early(gullRow())
const FIRST = 'ABCD-EFGH-JKLM'
const PASSWORD = 'a long one for tests'
const at = { now: '2027-05-12T08:00:00Z' }

let db: Database
let app: FastifyInstance
const cookies = new Map<Role | 'nobody', string>()
const routes: { method: string; url: string; access: unknown }[] = []

const ask = (who: Role | 'nobody', options: InjectOptions) =>
  ours(app, { ...options, headers: { ...options.headers, cookie: cookies.get(who) ?? '' } })
const cookieOf = (answer: { headers: Record<string, unknown> }) => String(answer.headers['set-cookie']).split(';')[0]!
const signIn = (path: string, form: object) =>
  ours(app, { method: 'POST', url: `/api/sign-in${path}`, payload: { device: 'test', ...form } })

beforeAll(async () => {
  ;({ db, app } = await openServer({
    isOpen: false,
    now: () => at.now,
    firstCode: FIRST,
    onRoute: ({ method, url, config }) =>
      routes.push(...[method].flat().map((each) => ({ method: each, url, access: config?.access }))),
  }))
  cookies.set(
    'office',
    cookieOf(await signIn('/first', { code: FIRST.toLowerCase(), name: 'Ada Office', password: PASSWORD })),
  )
  for (const role of ['lead', 'painter'] as const) {
    const made = await ask('office', {
      method: 'POST',
      url: '/api/people',
      payload: { name: role, role, password: null },
    })
    const { code } = (
      await ask('office', { method: 'POST', url: `/api/people/${made.json<PersonAnswer>().id}/code` })
    ).json<{ code: string }>()
    cookies.set(role, cookieOf(await signIn('/code', { code })))
  }
  await ask('office', { method: 'POST', url: '/api/jobs', payload: facts })
})
afterAll(async () => {
  await closeServer({ db, app })
})

/** Who may ask for what, as it is meant: the routes themselves must say the same. */
const MEANT: Readonly<Record<string, string>> = {
  'GET /api/health': 'anybody',
  'GET /api/me': 'anybody',
  'POST /api/sign-in': 'anybody',
  'PUT /api/practice-clock': 'office lead painter',
  'POST /api/sign-in/code': 'anybody',
  'POST /api/sign-in/first': 'anybody',
  'POST /api/sign-out': 'office lead painter',
  'PUT /api/me/password': 'office lead painter',
  'GET /api/jobs': 'office lead painter',
  'POST /api/jobs': 'office lead',
  'GET /api/jobs/:jobId': 'office lead painter',
  'PUT /api/jobs/:jobId': 'office lead',
  'DELETE /api/jobs/:jobId': 'office',
  'POST /api/jobs/:jobId/restore': 'office',
  'POST /api/jobs/:jobId/copy': 'office lead',
  'POST /api/jobs/:jobId/edits': 'office lead',
  'GET /api/jobs/:jobId/file': 'office lead',
  'POST /api/jobs/import': 'office lead',
  'POST /api/jobs/:jobId/better': 'office lead',
  'GET /api/jobs/:jobId/published': 'office lead painter',
  'POST /api/jobs/:jobId/published': 'office lead',
  'GET /api/jobs/:jobId/messages': 'office lead',
  'GET /api/jobs/:jobId/crews/:crewId/calendar.ics': 'office lead painter',
  'GET /api/jobs/:jobId/log': 'office lead painter',
  'POST /api/jobs/:jobId/log': 'office lead painter',
  'GET /api/jobs/:jobId/news': 'office lead painter',
  'GET /api/jobs/:jobId/live': 'office lead painter',
  'GET /api/jobs/:jobId/history': 'office lead',
  'GET /api/jobs/:jobId/photos/:photoId': 'office lead painter',
  'PUT /api/jobs/:jobId/photos/:photoId': 'office lead painter',
  'GET /api/weather': 'office lead',
  'GET /api/contractor': 'office lead',
  'PUT /api/contractor': 'office',
  'GET /api/people': 'office',
  'POST /api/people': 'office',
  'DELETE /api/people/:id': 'office',
  'POST /api/people/:id/code': 'office',
  'DELETE /api/devices/:id': 'office',
}

test('every route says who may ask for it, and says what is meant', () => {
  const said = routes
    .filter(({ method }) => method !== 'HEAD')
    .map(({ method, url, access }) => [`${method} ${url}`, Array.isArray(access) ? access.join(' ') : access])
  expect(Object.fromEntries(said)).toEqual(MEANT)
})

// Live lines never end, and signing out would end the table: both have tests of their own.
const TRIED = Object.entries(MEANT).filter(([route]) => !/\/live$|sign-out|sign-in/.test(route))
for (const [route, access] of TRIED)
  for (const who of ['nobody', 'painter', 'lead', 'office'] as const)
    test(`${route} for ${who}`, async () => {
      const [method, path] = route.split(' ') as ['GET', string]
      const url = path.replace(':jobId', 'nothing').replace(':crewId', 'c').replace(':photoId', 'p').replace(':id', 'x')
      const { statusCode, json } = await ask(who, { method, url })
      const isAllowed = access === 'anybody' || access.split(' ').includes(who)
      if (isAllowed) expect([401, 403]).not.toContain(statusCode)
      else
        expect([statusCode, json<{ code: string }>().code]).toEqual(
          who === 'nobody' ? [401, 'sign_in.needed'] : [403, 'sign_in.role'],
        )
    })

describe('signing in', () => {
  test('the first code is good once, and only while nobody has an account', async () => {
    expect((await signIn('/first', { code: FIRST, name: 'Eve', password: PASSWORD })).statusCode).toBe(401)
  })
  test('by password; the cookie is out of reach of scripts and other sites', async () => {
    const answer = await signIn('', { name: 'ada office', password: PASSWORD })
    expect(answer.statusCode).toBe(201)
    expect(String(answer.headers['set-cookie'])).toMatch(/HttpOnly; SameSite=Strict/)
  })
  test('a code of the office is good once, and not for longer than half an hour', async () => {
    const people = (await ask('office', { method: 'GET', url: '/api/people' })).json<PersonAnswer[]>()
    const lead = people.find(({ role }) => role === 'lead')!
    const code = async () =>
      (await ask('office', { method: 'POST', url: `/api/people/${lead.id}/code` })).json<{ code: string }>().code
    const one = await code()
    expect((await signIn('/code', { code: one })).statusCode).toBe(201)
    expect((await signIn('/code', { code: one })).statusCode).toBe(401)
    const late = await code()
    at.now = '2027-05-12T08:31:00Z'
    expect((await signIn('/code', { code: late })).statusCode).toBe(401)
  })
  test('ten wrong passwords make the next wait, right or not; five minutes later it goes', async () => {
    at.now = '2027-05-12T09:00:00Z'
    for (let i = 0; i < 10; i++) await signIn('', { name: 'Ada Office', password: 'wrong wrong wrong' })
    const answer = await signIn('', { name: 'Ada Office', password: PASSWORD })
    expect([answer.statusCode, answer.json<{ code: string }>().code]).toEqual([429, 'sign_in.slow_down'])
    at.now = '2027-05-12T09:06:00Z'
    expect((await signIn('', { name: 'Ada Office', password: PASSWORD })).statusCode).toBe(201)
  })
  test('a name nobody has is told as a wrong password is', async () => {
    at.now = '2027-05-12T10:00:00Z'
    const [one, other] = [
      await signIn('', { name: 'Ada Office', password: 'not this one' }),
      await signIn('', { name: 'Nobody', password: 'not this one' }),
    ]
    expect([one.statusCode, one.json()]).toEqual([other.statusCode, other.json()])
  })
  test('a lost phone is signed out by the office', async () => {
    const cookie = cookieOf(await signIn('', { name: 'Ada Office', password: PASSWORD }))
    const me = () => ours(app, { method: 'GET', url: '/api/me', headers: { cookie } })
    expect((await me()).json<WhoAnswer>().who?.name).toBe('Ada Office')
    const people = (await ask('office', { method: 'GET', url: '/api/people' })).json<PersonAnswer[]>()
    const device = people.find(({ role }) => role === 'office')!.devices.at(-1)!
    await ask('office', { method: 'DELETE', url: `/api/devices/${device.id}` })
    expect((await me()).json<WhoAnswer>().who).toBeNull()
  })
  test('the last account of the office stays; others are closed and signed out', async () => {
    const people = (await ask('office', { method: 'GET', url: '/api/people' })).json<PersonAnswer[]>()
    const office = people.find(({ role }) => role === 'office')!
    expect((await ask('office', { method: 'DELETE', url: `/api/people/${office.id}` })).statusCode).toBe(409)
  })
  test('no secret is kept as it is', () => {
    const all = JSON.stringify([
      db.prepare('SELECT * FROM person').all(),
      db.prepare('SELECT * FROM session').all(),
      db.prepare('SELECT * FROM sign_in_code').all(),
    ])
    for (const secret of [PASSWORD, FIRST, ...[...cookies.values()].map((cooky) => cooky.split('=')[1]!)])
      expect(all).not.toContain(secret)
    expect(all).toContain('$argon2id$')
  })
})

test('painters read no price, and everything is chosen for them as for the office', async () => {
  const read = async (who: Role) =>
    (await ask(who, { method: 'GET', url: `/api/jobs/${facts.id}` })).json<JobAnswer>().facts
  const [office, painter] = [await read('office'), await read('painter')]
  const money = (data: JobFacts) => [
    data.house.wagePerHourMinor,
    ...data.shelf.covers.map((cover) => cover.priceMinor),
    ...data.shelf.coatings.map((coating) => coating.priceMinorPerL),
  ]
  money(office).forEach((minor, i) => minor > 0 && expect(money(painter)[i]).not.toBe(minor))
  const chosen = (data: JobFacts) =>
    planJob({ ...data, log, published }).recipes.map((recipe) =>
      recipe.safe ? [recipe.hemId, recipe.tapeId, recipe.school] : null,
    )
  expect(chosen(painter)).toEqual(chosen(office))
})

test('a publisher’s name is that of who is signed in', async () => {
  const plan = { basedOn: null, by: 'Somebody else', why: '', tasks: [] }
  const answer = await ask('lead', { method: 'POST', url: `/api/jobs/${facts.id}/published`, payload: plan })
  expect(answer.json<{ by?: string }>().by ?? answer.json()).toBe('lead')
})
