import fc from 'fast-check'
import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import type { Crew } from '../../base/nouns'
import { parseInstant } from '../../base/units/time'
import { crewSpeed, workStretches } from './calendar'
import { shiftFaults } from './shiftFaults'
import { freeTime } from '../../planning/plan/freeTime'

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
  const week = workStretches(crew, 'Europe/Lisbon', {
    from: at('2027-05-14T00:00:00Z'),
    to: at('2027-05-18T00:00:00Z'),
  })
  expect(week).toEqual([
    { from: at('2027-05-14T06:30:00Z'), to: at('2027-05-14T11:00:00Z') },
    { from: at('2027-05-14T11:30:00Z'), to: at('2027-05-14T15:00:00Z') },
    { from: at('2027-05-17T06:30:00Z'), to: at('2027-05-17T11:00:00Z') },
    { from: at('2027-05-17T11:30:00Z'), to: at('2027-05-17T15:00:00Z') },
  ])
})

test('a night shift over the spring change is an hour short', () => {
  const night: Crew = { ...crew, shifts: [{ days: [5], from: '22:00', to: '06:00', breaks: [] }] }
  const [shift] = workStretches(night, 'Europe/Lisbon', {
    from: at('2027-03-27T12:00:00Z'),
    to: at('2027-03-28T12:00:00Z'),
  })
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

describe('what cannot be in a calendar', () => {
  const crewOf = (...shifts: Crew['shifts']): Crew => ({ id: 'c', name: 'C', people: [], shifts })
  const day = (from: string, to: string, ...breaks: { from: string; to: string }[]) => ({
    days: [0, 1, 2, 3, 4],
    from,
    to,
    breaks,
  })
  const places = (crew: Crew) =>
    shiftFaults(crew, 'crews[0]').map((fault) => `${fault.place as string} ${fault.expected.code}`)
  test('a break outside its shift, over another, or turned round', () => {
    expect(places(crewOf(day('08:00', '16:00', { from: '12:00', to: '12:30' })))).toEqual([])
    expect(places(crewOf(day('08:00', '16:00', { from: '07:00', to: '07:30' })))).toEqual([
      'crews[0].shifts[0].breaks[0] expected.break_in_shift',
    ])
    expect(places(crewOf(day('08:00', '16:00', { from: '15:45', to: '16:15' })))).toHaveLength(1)
    expect(places(crewOf(day('08:00', '16:00', { from: '12:30', to: '12:00' })))).toHaveLength(1)
    const twice = day('08:00', '16:00', { from: '12:00', to: '13:00' }, { from: '12:30', to: '13:30' })
    expect(places(crewOf(twice))).toEqual(['crews[0].shifts[0].breaks[1] expected.breaks_apart'])
    // A night shift's break after midnight is within it.
    expect(places(crewOf(day('22:00', '06:00', { from: '02:00', to: '02:30' })))).toEqual([])
  })
  test('two shifts at one time, over midnight and over the week’s end', () => {
    expect(places(crewOf(day('08:00', '12:00'), day('12:00', '16:00')))).toEqual([])
    expect(places(crewOf(day('08:00', '12:30'), day('12:00', '16:00')))).toEqual([
      'crews[0].shifts[1] expected.shifts_apart',
    ])
    expect(places(crewOf(day('22:00', '06:00'), day('05:00', '13:00')))).toHaveLength(1)
    const sunday = { ...day('22:00', '06:00'), days: [6] }
    expect(places(crewOf(sunday, { ...day('05:00', '07:00'), days: [0] }))).toHaveLength(1)
  })
  test('over both clock changes nobody works in his break or twice at once', () => {
    const zone = 'Europe/Lisbon'
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 23 }), fc.integer({ min: 1, max: 8 }), (hour, at) => {
        const two = (n: number) => String(n % 24).padStart(2, '0')
        const shift = {
          days: [0, 1, 2, 3, 4, 5, 6],
          from: `${two(hour)}:00`,
          to: `${two(hour + 10)}:00`,
          breaks: [{ from: `${two(hour + at)}:10`, to: `${two(hour + at)}:50` }],
        }
        for (const day of ['2027-03-27', '2027-10-30']) {
          const from = parseInstant(`${day}T00:00:00Z`)
          const stretches = workStretches(crewOf(shift), zone, { from, to: from + 3 * 1440 })
          stretches.forEach((stretch, i) => {
            expect(stretch.to).toBeGreaterThan(stretch.from)
            if (i > 0) expect(stretch.from).toBeGreaterThanOrEqual(stretches[i - 1]!.to)
          })
        }
      }),
    )
  })
})
