import { ternQuaySurvey } from '../../../../demo'
import { fromLocal } from '../../base/units/time'
import { workDayOf } from './workDay'

const { crews, site } = ternQuaySurvey()
const on = (from: string, to: string) =>
  workDayOf({ site, crews: [{ ...crews[0]!, shifts: [{ days: [0], from, to, breaks: [] }] }] })
const at = (day: number, hour: number) => fromLocal(day, hour * 60, site.zone)

test('by day a day ends at midnight; by night what is done before the shift ends belongs to its evening', () => {
  const [day, night] = [on('07:00', '15:30'), on('20:00', '04:00')]
  expect([day(at(20000, 1)), day(at(20000, 7)), day(at(20000, 23))]).toEqual([20000, 20000, 20000])
  expect([night(at(20000, 20)), night(at(20001, 3)), night(at(20001, 4))]).toEqual([20000, 20000, 20001])
})

test('a day crew that starts before the night ends keeps its own day', () => {
  const shifts = [
    { days: [0], from: '20:00', to: '06:00', breaks: [] },
    { days: [0], from: '05:00', to: '13:00', breaks: [] },
  ]
  const of = workDayOf({ site, crews: [{ ...crews[0]!, shifts }] })
  expect([of(at(20001, 4)), of(at(20001, 5))]).toEqual([20000, 20001])
})
