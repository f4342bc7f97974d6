import { refusal } from '../../../tests/refusal'
import { parseInstant } from '../../base/units/time'
import { readAirCsv, writeAirCsv } from './airCsv'
import { dewPointC } from './vapour'
import { roomAir } from './siteAir'
import { indoorAir, madeUpHours, standInWeather } from './weather'

const PLACE = { name: 'Tern Quay', latDeg: 41.2, lonDeg: -8.7 }
const FROM = '2027-05-10T00:00:00Z'
const hours = madeUpHours(5, PLACE, parseInstant(FROM), 24 * 28)

describe('made-up weather', () => {
  test('is the same for the same seed, place and hour, however it is asked for', async () => {
    const later = await standInWeather(5).hourly(PLACE, parseInstant(FROM) + 240, 3)
    expect(later).toEqual(hours.slice(4, 7))
    expect(madeUpHours(6, PLACE, parseInstant(FROM), 48)).not.toEqual(hours.slice(0, 48))
  })
  test('has damp mornings, warmer afternoons, wind, cloud and a front within four weeks', () => {
    const at = (hour: number) => hours.filter((_, i) => i % 24 === hour)
    const mean = (list: readonly number[]) => list.reduce((sum, each) => sum + each, 0) / list.length
    expect(mean(at(6).map((hour) => hour.rh))).toBeGreaterThan(85)
    expect(mean(at(15).map((hour) => hour.tempC)) - mean(at(6).map((hour) => hour.tempC))).toBeGreaterThan(5)
    expect(Math.max(...hours.map((hour) => hour.windMs))).toBeGreaterThan(5)
    expect(hours.some((hour) => hour.rainMm > 0)).toBe(true)
    expect(hours.every((hour) => hour.cloud >= 0 && hour.cloud <= 1 && hour.rh <= 100)).toBe(true)
  })
  test('a heated room keeps the vapour of the air outside', () => {
    const inside = indoorAir({ tempC: 8, rh: 90, windMs: 3, cloud: 0, rainMm: 0 }, 19, 'shut')
    expect(dewPointC(inside.tempC, inside.rh)).toBeCloseTo(dewPointC(8, 90), 0)
    expect(inside.tempC).toBeCloseTo(19 - 0.3 * 11, 1)
  })
  test('outside the known hours the room has their mean', () => {
    const air = { tempC: 19, rh: 50, windows: 'open' as const, outside: { source: 'file' as const, from: FROM, hours } }
    const series = roomAir(air)
    expect(series.hours[0]).toEqual(series.hours.at(-1))
    expect(series.hours).toHaveLength(hours.length + 2)
    expect(roomAir({ ...air, outside: null }).hours).toHaveLength(1)
  })
})

describe('hourly air as CSV', () => {
  const text = writeAirCsv({ from: FROM, hours: hours.slice(0, 3) })
  test('goes out and comes back the same', () => {
    expect(text.split('\n')[0]).toBe('time,temp_c,rh_pct,wind_ms,cloud,rain_mm')
    expect(readAirCsv(text)).toEqual({ source: 'file', from: FROM, hours: hours.slice(0, 3) })
  })
  test.each([
    [text.replace('rh_pct', 'humidity'), 'first row: expected the columns'],
    [text.replace(/\n2027-05-10T01[^\n]*/, ''), 'row 3, time: expected exactly one hour'],
    [text.replace(/(T02:00:00Z,)[^,]*/, '$1warm'), 'row 4, temp_c: expected a number'],
    [text.replace(/(T00:00:00Z,[^,]*,)[^,]*/, '$1180'), 'row 2, rh_pct: expected a number from 1 to 100'],
    [text.replaceAll(':00:00Z', ':30:00Z'), 'row 2, time: expected a full hour'],
    ['', 'first row: expected the columns'],
  ])('a wrong file is refused with its place', (wrong, message) =>
    expect(refusal(() => readAirCsv(wrong))).toContain(message),
  )
})
