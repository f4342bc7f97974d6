import { closeServer, openServer, ours } from './ours'
import type { FastifyInstance } from 'fastify'
import { JOB_VERSION, STARTER_HOUSE, STARTER_SHELF, planJob, type Job } from '@crisp-hem/core'
import { factsFaults, readJobFile } from '@crisp-hem/core/wire'
import { gullRow } from '../../demo'
import type { Database } from '../src/db/open'
import { upgradeStored } from '../src/db/upgradeStored'

let db: Database
let app: FastifyInstance
beforeEach(async () => {
  ;({ db, app } = await openServer({ now: () => '2027-05-12T12:00:00Z' }))
})
afterEach(async () => {
  await closeServer({ db, app })
})
const put = (payload: object) => ours(app, { method: 'PUT', url: '/api/contractor', payload })
const read = async () => (await ours(app, { method: 'GET', url: '/api/contractor' })).json()

describe('the contractor’s own rules and shelf', () => {
  test('nothing is kept at first; what is kept comes back, and replaces what was', async () => {
    expect(await read()).toBeNull()
    const own = { house: { ...STARTER_HOUSE, school: 'clear-glaze' }, shelf: STARTER_SHELF }
    expect((await put(own)).statusCode).toBe(200)
    expect(await read()).toEqual({ ...own, changedAt: '2027-05-12T12:00:00Z' })
    await put({ ...own, house: { ...own.house, stackSeals: true } })
    expect((await read()).house.stackSeals).toBe(true)
  })
  test('what an older program kept is brought up when it is read', async () => {
    const { glazes, liquids, ...shelf } = STARTER_SHELF
    db.prepare(`INSERT INTO contractor (one, changed_at, house, shelf) VALUES (1, '2026-01-01T00:00:00Z', ?, ?)`).run(
      JSON.stringify({ ...STARTER_HOUSE, school: 'press-only' }),
      JSON.stringify(shelf),
    )
    const kept = await read()
    expect(kept).toMatchObject({ house: { school: 'press-only' }, shelf: { glazes, liquids } })
    expect((await put({ house: kept.house, shelf: kept.shelf })).statusCode).toBe(200)
  })
  test('wrong content is refused with its place, and changes nothing', async () => {
    await put({ house: STARTER_HOUSE, shelf: STARTER_SHELF })
    const wrong = await put({ house: { ...STARTER_HOUSE, school: 'luck' }, shelf: STARTER_SHELF })
    expect(wrong.statusCode).toBe(400)
    expect(wrong.json().place).toBe('house.school')
    const [liquid] = STARTER_SHELF.liquids
    const twice = await put({ house: STARTER_HOUSE, shelf: { ...STARTER_SHELF, liquids: [liquid, liquid] } })
    expect(twice.json().place).toBe('shelf.liquids[1].id')
    expect((await read()).house.school).toBe(STARTER_HOUSE.school)
  })
})

/** A job as version 1 of the format had it: without what version 2 added. */
function asVersion1(job: Job): Record<string, unknown> {
  const { house, shelf } = job
  const kept = ['school', 'pull', 'sealAlways', 'press', 'holdFirstCoat', 'restHours', 'maxBleedMm', 'maxLift']
  const money = ['wagePerHourMinor', 'mendBleedMinor', 'mendLiftMinor', 'mendTearMinor', 'wastePct', 'kindMinor']
  const { freehandPerM: _f, liquidBrushPerM: _b, liquidSprayPerM: _s, peelPerM: _p, ...rates } = house.rates
  const old = Object.fromEntries(Object.entries(house).filter(([key]) => [...kept, ...money].includes(key)))
  const { glazes: _g, liquids: _l, tools: _t, ...shelf1 } = shelf
  const rooms = job.rooms.map((room, i) => ({
    ...room,
    choices:
      i === 0 ? [{ edge: 'wall:w1|ceiling', school: 'press-only', tapeId: 'sedge-delicate', reason: 'tried' }] : [],
  }))
  return { ...job, version: 1, house: { ...old, rates }, shelf: shelf1, rooms }
}

describe('jobs of format version 1', () => {
  test('a file is brought up when it is read: its own values stay, new ones are the starter’s', () => {
    const job = readJobFile(JSON.stringify(asVersion1(gullRow())))
    expect(job).toMatchObject({ version: JOB_VERSION, name: gullRow().name })
    expect(job.house).toEqual(gullRow().house)
    expect(job.shelf.liquids).toEqual(STARTER_SHELF.liquids)
    expect(job.rooms[0]!.choices[0]).toMatchObject({ school: 'press-only', pressing: null, pull: null })
    expect(planJob(job).recipes.length).toBeGreaterThan(0)
  })
  test('a wrong value of an old file is still named', () => {
    const wrong = { ...asVersion1(gullRow()), name: 7 }
    expect(() => readJobFile(JSON.stringify(wrong))).toThrow(/name/)
    expect(() => readJobFile(JSON.stringify({ ...wrong, version: JOB_VERSION + 1 }))).toThrow(/version/)
  })
  test('stored rows are brought up once, and read as jobs of today', async () => {
    const { id, name, site, start, air, house, crews, shelf, kit, rooms } = asVersion1(gullRow()) as unknown as Job
    db.prepare(
      `INSERT INTO job (id, name, place, zone, revision, changed_at, details) VALUES (?, ?, ?, ?, 3, '2026-01-01T00:00:00Z', ?)`,
    ).run(id, name, site.place, site.zone, JSON.stringify({ site, start, air, house, crews, shelf, kit }))
    rooms.forEach((room, i) =>
      db
        .prepare('INSERT INTO room (job_id, id, position, name, body) VALUES (?, ?, ?, ?, ?)')
        .run(id, room.id, i, room.name, JSON.stringify(room)),
    )
    expect(upgradeStored(db)).toBe(1)
    expect(upgradeStored(db)).toBe(0)
    const { facts, revision } = (await ours(app, { method: 'GET', url: `/api/jobs/${id}` })).json()
    expect(revision).toBe(3)
    expect(factsFaults(facts)).toEqual([])
  })
})
