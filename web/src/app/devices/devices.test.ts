import { airAt, roomAir } from '@crisp-hem/core'
import { ternQuaySurvey } from '../../../../demo'
import { parseInstant } from '@crisp-hem/core'
import { readMeter } from './meter'
import { withReading } from './stick'

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

test('a stick reads one length after another: pairs fill a line, single ones take a line each', () => {
  const after = (perLine: number) => ['0', '3', '400'].reduce((text, figure) => withReading(text, figure, perLine), '')
  expect(after(2)).toBe('0 3\n400')
  expect(after(1)).toBe('0\n3\n400')
  expect(withReading('0 3\n', '7', 2)).toBe('0 3\n7')
})
