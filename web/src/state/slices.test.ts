import { gullRow } from '../../../demo'
import { factsEdited, jobOpened, jobSlice, redone, saveDone, saveStarted, undone } from './jobSlice'
import { eventsTaken, happened, logOpened, logSlice } from './logSlice'
import type { LogEvent } from '@crisp-hem/core'
import { withFace } from '../walk/editFace'

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

test('an edit made while a save is on its way still waits for its own', () => {
  const during = run(
    jobOpened({ facts, revision: 3 }),
    named('a'),
    saveStarted(),
    named('b'),
    saveDone({ revision: 4, facts }),
  )
  expect([during.save, during.revision]).toEqual(['waiting', 4])
})

const event = (id: string): LogEvent => ({
  id,
  kind: 'laid',
  at: '2027-05-12T07:00:00Z',
  crewId: null,
  subjects: [],
  coat: null,
  bleeds: null,
  expectedAt: null,
  undoes: null,
  note: '',
  origin: null,
})

test('ticks stay unsent until the server has taken them, also over a reload', () => {
  const reloaded = logSlice.reducer(
    undefined,
    logOpened({ jobId: 'j', events: [event('a')], unsent: [event('a'), event('b')] }),
  )
  expect(reloaded.events.map((each) => each.id)).toEqual(['a', 'b'])
  expect(reloaded.unsent.map((each) => each.id)).toEqual(['b'])
  const more = logSlice.reducer(reloaded, happened([event('c')]))
  expect(logSlice.reducer(more, eventsTaken(['b'])).unsent.map((each) => each.id)).toEqual(['c'])
})

test('changing a face changes that one, or all walls', () => {
  const [room] = facts.rooms
  const rough = (key: string) => withFace(room!, key, (face) => ({ ...face, texture: 'masonry' }))
  expect(rough('wall:w2').walls.map((wall) => wall.face.texture)).toEqual(['stipple', 'masonry', 'stipple', 'stipple'])
  expect(rough('walls').walls.every((wall) => wall.face.texture === 'masonry')).toBe(true)
  expect(rough('casing:o2').openings.map((opening) => opening.casing?.texture)).toEqual(['smooth', 'masonry'])
  expect(withFace({ ...room!, skirting: null }, 'skirting', (face) => face).skirting).toBeNull()
})
