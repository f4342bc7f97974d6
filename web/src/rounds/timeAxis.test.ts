import { parseInstant, planJob } from '@crisp-hem/core'
import { ternQuaySurvey } from '../../../demo'
import { crewRows, roomRows, ribbonEnd } from './chartRows'
import { timeAxis, workingDays } from './timeAxis'

const job = ternQuaySurvey()
const plan = planJob(job)
const zone = job.site.zone

test('days are those on which something is done; the axis runs forward without going back', () => {
  const days = workingDays(plan.placed, zone)
  const axis = timeAxis(days, plan.placed, zone, 900)
  expect(axis.days.map((day) => day.name)).toEqual([
    'Tue 11 May',
    'Wed 12 May',
    'Thu 13 May',
    'Fri 14 May',
    'Mon 17 May',
    'Tue 18 May',
  ])
  let last = -1
  for (let at = parseInstant(job.start); at < parseInstant(job.start) + 4 * 1440; at += 30) {
    expect(axis.x(at)).toBeGreaterThanOrEqual(last)
    last = axis.x(at)
  }
  expect(last).toBeLessThanOrEqual(900)
})

test('ribbons of one crew never lie on one another', () => {
  const from = parseInstant(job.start)
  const setup = { plan, placed: plan.placed, rooms: job.rooms, from, to: from + 4 * 1440 }
  const rows = crewRows(setup, job.crews, 'Gun')
  expect(rows.map((row) => row.of)).toEqual(['crew', 'crew', 'crew', 'gun'])
  for (const row of [...rows, ...roomRows(setup)]) {
    if (row.of === 'crew') expect(row.tasks.every(({ placed }) => placed.crewId === row.id)).toBe(true)
    if (row.of === 'room') expect(row.tasks.every(({ task }) => task.roomId === row.id)).toBe(true)
    for (const lane of row.lanes) {
      lane.pulls.forEach(
        (pull, i) => i > 0 && expect(pull.coatedFrom).toBeGreaterThanOrEqual(ribbonEnd(lane.pulls[i - 1]!)),
      )
    }
  }
})
