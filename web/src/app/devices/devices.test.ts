import { airAt, roomAir } from '@crisp-hem/core'
import { ternQuaySurvey } from '../../../../demo'
import { parseInstant } from '@crisp-hem/core'
import { readMeter } from './meter'

const { air } = ternQuaySurvey()
const now = parseInstant('2027-05-12T12:46:00Z')

test('the meter reads the plan’s air, off by no more than such meters are, and the same within a minute', () => {
  for (let i = 0; i < 200; i++) {
    const point = airAt(roomAir(air), now + i)
    const reading = readMeter(air, now + i)
    expect(Math.abs(reading.tempC - point.tempC)).toBeLessThanOrEqual(0.36)
    expect(Math.abs(reading.rh - point.rh)).toBeLessThanOrEqual(2.51)
  }
  expect(readMeter(air, now + 0.2)).toEqual(readMeter(air, now + 0.8))
})
