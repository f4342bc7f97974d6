import { logEvent } from '../../../tests/logEvent'
import fc from 'fast-check'
import type { LogEvent } from '../../base/nouns'
import { foldLog } from './hemStates'

const event = (id: string, kind: LogEvent['kind'], at: string, more: Partial<LogEvent> = {}) =>
  logEvent(id, kind, `2027-05-12T${at}:00Z`, ['r/hand:h'], more)
const log = [
  event('1', 'laid', '07:00'),
  event('2', 'coated', '08:00', { coat: 1 }),
  event('3', 'coated', '12:00', { coat: 2, expectedAt: '2027-05-12T11:20:00Z' }),
  event('4', 'pulled', '12:15'),
  event('5', 'inspected', '12:30', { bleeds: 2 }),
]

test('a hem’s state is the fold over its events', () => {
  expect(foldLog(log).hems.get('r/hand:h')).toMatchObject({ coatLateMin: 40, bleeds: 2, skipped: null })
  expect(foldLog(log).hems.get('r/hand:h')!.coatedAt).toHaveLength(2)
})

test('replaying events, in any order, changes nothing', () => {
  const shuffled = [log[3]!, ...log, log[0]!, ...[...log].reverse()]
  expect(foldLog(shuffled)).toEqual(foldLog(log))
})

test('ticks that arrive late, out of order, twice or in batches fold to the same state', () => {
  const kinds = ['laid', 'sealed', 'coated', 'pulled', 'covered', 'uncovered', 'done', 'inspected', 'skipped'] as const
  const anyEvent = fc.record({
    id: fc.integer({ min: 1, max: 40 }).map((n) => `e${n}`),
    kind: fc.constantFrom(...kinds),
    minute: fc.integer({ min: 0, max: 5 }),
    subject: fc.constantFrom('r/hand:h', 'r/hand:g', 'room:r', 'work:r/prep'),
    coat: fc.constantFrom(1, 2, 3),
  })
  const flat = (state: ReturnType<typeof foldLog>) =>
    [state.hems, state.covered, state.uncovered, state.done, state.crew].map((map) =>
      [...map].sort(([a], [b]) => (a < b ? -1 : 1)),
    )
  fc.assert(
    fc.property(
      fc.uniqueArray(anyEvent, { selector: (each) => each.id, maxLength: 14 }),
      fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })),
      (events, luck) => {
        const told = events.map(({ id, kind, minute, subject, coat }) =>
          event(id, kind, `08:0${minute}`, { subjects: [subject], coat, bleeds: 1, crewId: id }),
        )
        const order = new Map(told.map((each) => [each.id, luck.next().value as number]))
        const mixed = [...told, ...told.slice(0, 3)].sort((a, b) => order.get(a.id)! - order.get(b.id)!)
        expect(flat(foldLog(mixed))).toEqual(flat(foldLog(told)))
      },
    ),
  )
})

test('a missed tick of the first coat is filled by the second', () => {
  const [laid, , second] = log
  expect(foldLog([laid!, second!]).hems.get('r/hand:h')!.coatedAt).toHaveLength(2)
})

test('covered breathers are listed until they are uncovered', () => {
  const covered = event('6', 'covered', '07:00', { subjects: ['fitting:r/f1'] })
  expect([...foldLog([covered]).covered.keys()]).toEqual(['fitting:r/f1'])
  expect([
    ...foldLog([covered, event('7', 'uncovered', '15:00', { subjects: ['fitting:r/f1'] })]).covered.keys(),
  ]).toEqual([])
})
