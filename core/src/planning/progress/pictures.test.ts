import { UNSAID, type LogEvent } from '../../base/nouns'
import { foldLog } from './hemStates'
import { picturesOf } from './pictures'

const HEM = 'parlour/wall:w1|ceiling'
const line = (id: string, kind: LogEvent['kind'], at: string, more: Partial<LogEvent> = {}): LogEvent => ({
  ...UNSAID,
  id,
  kind,
  at,
  subjects: [HEM],
  ...more,
})

test('pictures of a hem are kept the latest first, with who took them; one taken back is gone', () => {
  const origin = { device: 'd', seq: 1, by: 'Maro Tint', clock: '0000000000000-0000-d', saidAt: null }
  const log = [
    line('p1', 'pictured', '2027-05-12T09:00:00Z', { note: 'ran under at the corner', crewId: 'heron' }),
    line('p2', 'pictured', '2027-05-12T10:00:00Z', { origin }),
    line('p3', 'pictured', '2027-05-12T11:00:00Z'),
    line('u', 'undone', '2027-05-12T11:01:00Z', { undoes: 'p3', subjects: [] }),
  ]
  expect(picturesOf(log).get(HEM)).toMatchObject([
    { id: 'p2', by: 'Maro Tint' },
    { id: 'p1', by: 'heron', words: 'ran under at the corner' },
  ])
})

test('a picture changes nothing of what a hem has behind it', () => {
  const laid = line('a', 'laid', '2027-05-12T08:00:00Z', { crewId: 'heron' })
  const state = foldLog([laid, line('p', 'pictured', '2027-05-12T09:00:00Z')])
  expect(state).toEqual(foldLog([laid]))
})
