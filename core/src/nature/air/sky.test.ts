import { getTimes } from 'suncalc'
import { ternQuaySurvey } from '../../../../demo'
import { parseInstant } from '../../base/units/time'
import { skyBetween } from './sky'

const job = ternQuaySurvey()
const from = parseInstant('2027-05-12T00:00:00Z')
const DAY = 1440

test('night ends and begins with the sun, as an independent library has it', () => {
  const nights = skyBetween(job, from, from + DAY).filter((stretch) => stretch.kind === 'night')
  const times = getTimes(new Date((from + DAY / 2) * 60_000), job.site.latDeg!, job.site.lonDeg!)
  const minutes = (at: Date | null) => (at?.getTime() ?? 0) / 60_000
  expect(Math.abs(nights[0]!.to - minutes(times.sunrise))).toBeLessThan(12)
  expect(Math.abs(nights.at(-1)!.from - minutes(times.sunset))).toBeLessThan(12)
})

test('rain, wind and dew by the hour, each where the weather has it', () => {
  const [hour] = job.air.outside!.hours
  const dry = { ...hour!, tempC: 18, rh: 50, windMs: 2, rainMm: 0 }
  const hours = [dry, { ...dry, rainMm: 1 }, { ...dry, rainMm: 2 }, { ...dry, windMs: 12 }, { ...dry, rh: 100 }, dry]
  const air = { ...job.air, outside: { source: 'file' as const, from: '2027-05-12T12:00:00Z', hours } }
  const noon = from + 720
  const told = skyBetween({ ...job, air }, noon, noon + 360)
  expect(told.filter((stretch) => stretch.kind !== 'night')).toEqual([
    { kind: 'rain', from: noon + 60, to: noon + 180 },
    { kind: 'wind', from: noon + 180, to: noon + 240 },
    { kind: 'dew', from: noon + 240, to: noon + 300 },
  ])
})

test('where neither place nor weather is known there is no sky', () => {
  const site = { ...job.site, latDeg: null, lonDeg: null }
  expect(skyBetween({ site, air: { ...job.air, outside: null } }, from, from + DAY)).toEqual([])
})
