import { logEvent } from '../../../tests/logEvent'
import { coverRegister, daysClosed } from './coverRegister'
import { foldLog } from './hemStates'

const alarm = 'fitting:hall/f1'
const at = (hour: number) => `2027-05-12T${String(hour).padStart(2, '0')}:00:00Z`
const origin = { device: 'd', seq: 1, by: 'Ada', clock: '', saidAt: null }

test('says who covered what when, who took it off, and what is open first', () => {
  const log = [
    logEvent('1', 'covered', at(7), [alarm], { origin }),
    logEvent('2', 'uncovered', at(12), [alarm]),
    logEvent('3', 'covered', at(13), [alarm, 'fitting:hall/f2']),
    logEvent('4', 'uncovered', at(15), [alarm]),
    logEvent('5', 'covered', at(8), ['room:hall']),
  ]
  expect(coverRegister(log).map((line) => [line.subject, line.coveredBy, line.offAt !== null, line.offBy])).toEqual([
    ['fitting:hall/f2', 'c', false, null],
    [alarm, 'c', true, 'c'],
    [alarm, 'Ada', true, 'c'],
  ])
})

test('a tick taken back is none', () => {
  const log = [
    logEvent('1', 'covered', at(7), [alarm]),
    logEvent('2', 'uncovered', at(12), [alarm]),
    logEvent('3', 'undone', at(13), [], { undoes: '2' }),
  ]
  expect(coverRegister(log)).toMatchObject([{ offAt: null }])
})

test('a closed day keeps what stayed covered and why, and makes no hem of it', () => {
  const log = [logEvent('1', 'covered', at(7), [alarm]), logEvent('2', 'day-closed', at(16), [alarm], { note: 'dust' })]
  expect(daysClosed(log)).toMatchObject([{ open: [alarm], why: 'dust', by: 'c' }])
  expect(foldLog(log).hems.size).toBe(0)
  expect(foldLog(log).covered.has(alarm)).toBe(true)
})
