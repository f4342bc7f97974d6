import fc from 'fast-check'
import { tzOffset } from '@date-fns/tz'
import { fromLocal, parseClock, parseInstant, toLocal, weekday } from './time'

const LISBON = 'Europe/Lisbon'
const day = (iso: string) => Date.parse(`${iso}T00:00Z`) / 86_400_000

test('summer and winter time of a zone', () => {
  expect(fromLocal(day('2027-05-12'), 450, LISBON)).toBe(parseInstant('2027-05-12T06:30:00Z'))
  expect(fromLocal(day('2027-01-12'), 450, LISBON)).toBe(parseInstant('2027-01-12T07:30:00Z'))
  expect(toLocal(parseInstant('2027-05-12T12:46:00Z'), LISBON).minute).toBe(13 * 60 + 46)
})

test('clocks change: a skipped minute is taken by the offset before, a repeated one is its first showing', () => {
  // EU rule: 28 March 2027 01:00 → 02:00 UTC+1 and 31 October 2027 02:00 → 01:00 at Lisbon.
  expect(fromLocal(day('2027-03-28'), 90, LISBON)).toBe(parseInstant('2027-03-28T01:30:00Z'))
  expect(fromLocal(day('2027-10-31'), 90, LISBON)).toBe(parseInstant('2027-10-31T00:30:00Z'))
})

test('local and back is the same instant at every hour of a year', () => {
  for (let at = parseInstant('2027-01-01T00:00:00Z'); at < parseInstant('2028-01-01T00:00:00Z'); at += 11 * 60) {
    const local = toLocal(at, 'America/Halifax')
    const back = fromLocal(local.day, local.minute, 'America/Halifax')
    expect(Math.abs(back - at) === 0 || Math.abs(back - at) === 60).toBe(true)
    expect(toLocal(back, 'America/Halifax')).toEqual(local)
  }
})

test('days of the week', () => expect(weekday(day('2027-05-12'))).toBe(2))

test('what is no time is refused', () => {
  expect(() => parseInstant('2027-05-12 09:30')).toThrow(expect.objectContaining({ code: 'time.unreadable' }))
  expect(() => parseInstant('2027-13-12T09:30:00Z')).toThrow(expect.objectContaining({ code: 'time.unreadable' }))
  expect(() => parseClock('25:00')).toThrow(expect.objectContaining({ code: 'time.unreadable' }))
})

test('a zone is as far ahead as the library says at any minute since clocks keep whole quarters', () => {
  const zone = fc.constantFrom(
    'Europe/Lisbon',
    'America/Halifax',
    'Asia/Kathmandu',
    'Australia/Lord_Howe',
    'Pacific/Chatham',
  )
  const minute = fc.integer({ min: parseInstant('1990-01-01T00:00:00Z'), max: parseInstant('2060-01-01T00:00:00Z') })
  fc.assert(
    fc.property(zone, minute, (name, at) => {
      const { day: local, minute: clock } = toLocal(at, name)
      expect(local * 1440 + clock - at).toBe(tzOffset(name, new Date(at * 60_000)))
    }),
  )
})
