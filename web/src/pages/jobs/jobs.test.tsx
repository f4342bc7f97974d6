import { parseInstant, STARTER_HOUSE, STARTER_SHELF } from '@crisp-hem/core'
import { factsFaults } from '@crisp-hem/core/wire'
import { gullRow, ternQuay, TERN_QUAY_NOW } from '../../../../demo'
import { drawnAt, MISSING, setDesk } from '../../testing/desk'
import { jobState } from './jobState'
import { jobId } from './jobId'
import { newJob } from './newJob'

beforeAll(setDesk)
const answers = { name: 'Ouse Lane', place: 'Ouse', zone: 'Europe/London', units: 'imperial', currency: 'GBP' } as const

describe('a new job', () => {
  test('can be taken as it is, with the starter’s rules or the contractor’s own', () => {
    const at = new Date('2027-05-11T06:31:22Z')
    const plain = newJob('a', answers, at)
    expect(factsFaults(plain)).toEqual([])
    expect(plain).toMatchObject({ start: '2027-05-11T06:31:00Z', house: STARTER_HOUSE, shelf: STARTER_SHELF })
    const own = { house: { ...STARTER_HOUSE, stackSeals: true }, shelf: { ...STARTER_SHELF, sealants: [] } }
    const kept = newJob('b', answers, at, own)
    expect(factsFaults(kept)).toEqual([])
    expect([kept.house.stackSeals, kept.shelf.sealants]).toEqual([true, []])
  })
  test('ids are made of the name, and never twice the same', () => {
    expect(jobId('Ouse Lane, № 4!')).toMatch(/^ouse-lane-4-[0-9a-f]{8}$/)
    expect(jobId('***')).toMatch(/^job-[0-9a-f]{8}$/)
    expect(jobId('x'.repeat(200)).length).toBeLessThan(60)
    expect(new Set(Array.from({ length: 50 }, () => jobId('same'))).size).toBe(50)
  })
})

describe('what a card says of a job', () => {
  const of = (job: ReturnType<typeof ternQuay>, at: string) => {
    const { log, published, ...facts } = job
    return jobState({ facts, revision: 1, log, published, marks: { log: 0, edit: 0 }, epoch: 'one' }, parseInstant(at))
  }
  test('the demo: one room to pull now, three hems to look at, and when the next comes off', () => {
    const state = of(ternQuay(), TERN_QUAY_NOW)
    expect(state).toMatchObject({ rooms: 8, dueNow: 1, overdue: 0, begun: true })
    expect(state.problems).toBeGreaterThanOrEqual(3)
    expect(state.next!.room).toBe('Practice room 2')
    expect(state.endsAt!).toBeGreaterThan(parseInstant(TERN_QUAY_NOW))
  })
  test('days later what was left is overdue', () => {
    expect(of(ternQuay(), '2027-07-17T12:00:00Z').overdue).toBeGreaterThan(0)
  })
  test('not begun: nothing due, and when it begins', () => {
    const job = gullRow()
    const state = of(job, job.start)
    expect(state).toMatchObject({ dueNow: 0, overdue: 0, begun: false })
    expect(state.startsAt!).toBeGreaterThanOrEqual(parseInstant(job.start))
  })
  test('no rooms, no plan', () => {
    expect(of({ ...gullRow(), rooms: [] }, gullRow().start)).toMatchObject({ next: null, startsAt: null, endsAt: null })
  })
})

const SUMMARY = {
  id: 'x',
  name: 'Ouse & Sons',
  place: 'Ouse',
  zone: 'Europe/London',
  rooms: 1,
  revision: 1,
  changedAt: '2027-05-11T06:00:00Z',
}

test('card and form are drawn', async () => {
  const { JobCard } = await import('./JobCard')
  const { NewJobForm } = await import('./NewJobForm')
  const card = await drawnAt('/', <JobCard job={SUMMARY} onChanged={() => undefined} onState={() => undefined} />)
  expect(card).toContain('Ouse &amp; Sons')
  expect(card).toContain('1 room')
  const form = await drawnAt('/', <NewJobForm onMade={() => undefined} onCancel={() => undefined} />)
  for (const label of ['What is it called?', 'Where is it?', 'Time zone', 'Lengths', 'Currency'])
    expect(form).toContain(label)
  expect(card + form).not.toMatch(MISSING)
})

test('forgotten tape of all jobs stands in one list: what should be off first, then the longest', async () => {
  const { OnLongest } = await import('./OnLongest')
  const now = Math.floor(Date.now() / 60_000)
  const jobs = ['a', 'b'].map((id) => ({ ...SUMMARY, id, name: `Job ${id}` }))
  const on = (room: string, since: number, due: number | null) => ({ room, since: now - since, due })
  const state = {
    rooms: 1,
    hems: 1,
    dueNow: 0,
    overdue: 0,
    problems: 0,
    next: null,
    startsAt: null,
    endsAt: null,
    plan: null,
  }
  const states = new Map([
    ['a', { ...state, begun: true, on: [on('Hall', 5000, now + 60)] }],
    ['b', { ...state, begun: true, on: [on('Porch', 100, now - 30), on('Attic', 9000, null)] }],
  ])
  const drawn = await drawnAt('/', <OnLongest jobs={jobs} states={states} />)
  const order = ['Porch', 'Attic', 'Hall'].map((room) => drawn.indexOf(room))
  expect(order).toEqual([...order].sort((a, b) => a - b))
  expect(order[0]).toBeGreaterThan(0)
  expect(drawn).toContain('should be off since')
})
