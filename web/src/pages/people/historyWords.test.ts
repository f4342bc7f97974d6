import { deriveHems } from '@crisp-hem/core'
import { ternQuay } from '../../../../demo'
import { historyWords } from './historyWords'

const job = ternQuay()
const room = job.rooms[0]!
const hems = new Map(deriveHems(room, job.shelf).hems.map((hem) => [hem.id, hem]))
const names = { rooms: job.rooms, crews: job.crews, hems }
const line = { at: '2027-05-12T10:00:00Z', by: 'Maro Tint' }

test('a change is told by room and part, several as the first and how many more', () => {
  const of = [`rooms / ${room.id} / openings / o1 / widthMm`, `rooms / ${room.id} / heightMm`, 'site / place']
  expect(historyWords({ ...line, what: 'edited', of }, names)).toBe(
    `Maro Tint changed ${room.name}, openings and 2 more`,
  )
  expect(historyWords({ ...line, what: 'edited', of: ['house / margin'] }, names)).toBe('Maro Tint changed house rules')
})

test('a tick is told by its room and place; nobody is somebody', () => {
  const [hem] = hems.keys()
  const words = historyWords({ ...line, by: null, what: 'ticked', of: ['pulled', hem!] }, names)
  expect(words).toMatch(new RegExp(`^somebody ticked pulled: ${room.name}, `))
  expect(historyWords({ ...line, what: 'ticked', of: ['covered', `fitting:${room.id}/f1`] }, names)).toContain(
    room.name,
  )
  const crew = job.crews[0]!
  expect(historyWords({ ...line, by: crew.id, what: 'published', of: ['4'] }, names)).toBe(
    `${crew.name} published plan 4`,
  )
  expect(historyWords({ ...line, what: 'published', of: ['3'] }, names)).toBe('Maro Tint published plan 3')
})
