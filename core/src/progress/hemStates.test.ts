import { logEvent } from '../../tests/logEvent'
import type { LogEvent } from '../ground'
import { foldLog } from './hemStates'

const event = (id: string, kind: LogEvent['kind'], at: string, more: Partial<LogEvent> = {}) =>
  logEvent(id, kind, `2027-05-12T${at}:00Z`, ['r/h'], more)
const log = [
  event('1', 'laid', '07:00'),
  event('2', 'coated', '08:00', { coat: 1 }),
  event('3', 'coated', '12:00', { coat: 2, expectedAt: '2027-05-12T11:20:00Z' }),
  event('4', 'pulled', '12:15'),
  event('5', 'inspected', '12:30', { bleeds: 2 }),
]

test('a hem’s state is the fold over its events', () => {
  expect(foldLog(log).hems.get('r/h')).toMatchObject({ coatLateMin: 40, bleeds: 2, skipped: null })
  expect(foldLog(log).hems.get('r/h')!.coatedAt).toHaveLength(2)
})

test('replaying events, in any order, changes nothing', () => {
  const shuffled = [log[3]!, ...log, log[0]!, ...[...log].reverse()]
  expect(foldLog(shuffled)).toEqual(foldLog(log))
})

test('a missed tick of the first coat is filled by the second', () => {
  const [laid, , second] = log
  expect(foldLog([laid!, second!]).hems.get('r/h')!.coatedAt).toHaveLength(2)
})

test('covered breathers are listed until they are uncovered', () => {
  const covered = event('6', 'covered', '07:00', { subjects: ['fitting:r/f1'] })
  expect([...foldLog([covered]).covered.keys()]).toEqual(['fitting:r/f1'])
  expect([
    ...foldLog([covered, event('7', 'uncovered', '15:00', { subjects: ['fitting:r/f1'] })]).covered.keys(),
  ]).toEqual([])
})
