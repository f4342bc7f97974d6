import { gullRow } from '../../../../demo'
import { factsEdited, jobOpened, editMade, editsSettled, jobSlice, redone, saveStarted, undone } from './jobSlice'
import { eventsHeard, logOpened, logSlice } from './logSlice'
import { withFace, type LogEvent } from '@crisp-hem/core'

const { log: _log, published: _published, ...facts } = gullRow()
const run = (...actions: Parameters<typeof jobSlice.reducer>[1][]) =>
  actions.reduce(jobSlice.reducer, jobSlice.getInitialState())
const named = (name: string) => factsEdited({ ...facts, name })

test('undo goes back to the start and redo forward again', () => {
  const opened = jobOpened({ facts, revision: 3 })
  expect(run(opened, named('a'), named('b'), undone(), undone(), undone()).facts).toEqual(facts)
  expect(run(opened, named('a'), named('b'), undone(), undone(), redone(), redone()).facts?.name).toBe('b')
  expect(run(opened, named('a'), undone(), named('c'), redone()).facts?.name).toBe('c')
})

test('an edit made while others are on their way still waits for its own', () => {
  const edit = (id: string) => editMade({ id, clock: '', changes: [] })
  const during = run(
    jobOpened({ facts, revision: 3 }),
    named('a'),
    edit('e1'),
    saveStarted(),
    named('b'),
    edit('e2'),
    editsSettled(['e1']),
  )
  expect([during.save, during.pending.map(({ id }) => id)]).toEqual(['waiting', ['e2']])
})

const event = (id: string): LogEvent => ({
  id,
  kind: 'laid',
  at: '2027-05-12T07:00:00Z',
  crewId: null,
  subjects: [],
  coat: null,
  bleeds: null,
  look: null,
  mending: null,
  expectedAt: null,
  amount: null,
  undoes: null,
  note: '',
  origin: null,
})

test('what waited on the device is in the log once, also where the office has it already', () => {
  const reloaded = logSlice.reducer(
    undefined,
    logOpened({ jobId: 'j', events: [event('a')], unsent: [event('a'), event('b')] }),
  )
  expect(reloaded.events.map((each) => each.id)).toEqual(['a', 'b'])
  const put = { ...event('b'), at: '2027-05-12T07:07:00Z' }
  const right = logSlice.reducer(reloaded, eventsHeard([put, event('c')]))
  expect(right.events.map((each) => [each.id, each.at.slice(11, 16)])).toEqual([
    ['a', '07:00'],
    ['b', '07:07'],
    ['c', '07:00'],
  ])
})

test('changing a face changes that one, or all walls', () => {
  const [room] = facts.rooms
  const rough = (key: string) => withFace(room!, key, (face) => ({ ...face, texture: 'masonry' }))
  expect(rough('wall:w2').walls.map((wall) => wall.face.texture)).toEqual(['stipple', 'masonry', 'stipple', 'stipple'])
  expect(rough('walls').walls.every((wall) => wall.face.texture === 'masonry')).toBe(true)
  expect(rough('casing:o2').openings.map((opening) => opening.casing?.texture)).toEqual(['smooth', 'masonry'])
  expect(withFace({ ...room!, skirting: null }, 'skirting', (face) => face).skirting).toBeNull()
})
