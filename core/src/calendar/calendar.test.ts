import { DEFAULT_PARAMETERS } from '../parameters/parameters'
import type { Crew } from '../ground'
import { parseInstant } from '../units/time'
import { crewSpeed, workStretches } from './calendar'
import { freeTime } from '../plan/freeTime'

const crew: Crew = {
  id: 'c',
  name: 'C',
  people: [
    { name: 'A', skill: 'practised' },
    { name: 'B', skill: 'beginner' },
  ],
  shifts: [{ days: [0, 1, 2, 3, 4], from: '07:30', to: '16:00', breaks: [{ from: '12:00', to: '12:30' }] }],
}
const at = parseInstant

test('a shift is cut by its meal; weekends are free', () => {
  const week = workStretches(crew, 'Europe/Lisbon', at('2027-05-14T00:00:00Z'), at('2027-05-18T00:00:00Z'))
  expect(week).toEqual([
    { from: at('2027-05-14T06:30:00Z'), to: at('2027-05-14T11:00:00Z') },
    { from: at('2027-05-14T11:30:00Z'), to: at('2027-05-14T15:00:00Z') },
    { from: at('2027-05-17T06:30:00Z'), to: at('2027-05-17T11:00:00Z') },
    { from: at('2027-05-17T11:30:00Z'), to: at('2027-05-17T15:00:00Z') },
  ])
})

test('a night shift over the spring change is an hour short', () => {
  const night: Crew = { ...crew, shifts: [{ days: [5], from: '22:00', to: '06:00', breaks: [] }] }
  const [shift] = workStretches(night, 'Europe/Lisbon', at('2027-03-27T12:00:00Z'), at('2027-03-28T12:00:00Z'))
  expect(shift!.to - shift!.from).toBe(7 * 60)
})

test('a beginner is worth 1/1.9 of a practised painter', () =>
  expect(crewSpeed(crew, DEFAULT_PARAMETERS)).toBeCloseTo(1 + 1 / 1.9, 12))

test('slots are taken out of free time, and divisible work goes over a break', () => {
  const free = freeTime([
    { from: 0, to: 100 },
    { from: 130, to: 200 },
  ])
  expect(free.firstSlot(0, 60)).toEqual({ from: 0, to: 60 })
  free.take({ from: 0, to: 60 })
  expect(free.firstSlot(0, 60)).toEqual({ from: 130, to: 190 })
  expect(free.firstPieces(0, 60)).toEqual([
    { from: 60, to: 100 },
    { from: 130, to: 150 },
  ])
  expect(free.firstSlot(0, 71)).toBeNull()
})
