import { parseInstant, planJob, workStretches } from '@crisp-hem/core'
import { ternQuaySurvey } from '../../../../demo'
import { crewRows, roomRows, ribbonEnd } from './chartRows'
import { timeAxis, workingDays } from './timeAxis'
import { early } from '../../../../core/tests/early'

const job = early(ternQuaySurvey())
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
  const rows = crewRows(setup, job.crews, { gun: 'Gun', tower: 'Tower' })
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

test('a room above what a ladder reaches has a row for its tower: rounds alone, not floors', () => {
  const from = parseInstant(job.start)
  const rooms = job.rooms.map((room) => ({ ...room, heightMm: room.kind === 'elevation' ? 5200 : 2500 }))
  const setup = { plan, placed: plan.placed, rooms, from, to: from + 20 * 1440 }
  const tower = crewRows(setup, job.crews, { gun: 'Gun', tower: 'Tower' }).find((row) => row.of === 'tower')
  expect(tower?.tasks.length).toBeGreaterThan(0)
  for (const { task } of tower?.tasks ?? [])
    expect([task.roundId !== null, rooms.find((room) => room.id === task.roomId)?.kind]).toEqual([true, 'elevation'])
})

describe('a night shift over a clock change', () => {
  // Clocks go back at 02:00 on Sunday, 31 October 2027: the night from Saturday is an hour longer.
  const night = { days: [5], from: '22:00', to: '06:00', breaks: [] }
  const crews = job.crews.map((crew) => ({ ...crew, shifts: [night] }))
  const late = planJob({ ...job, start: '2027-10-30T18:00:00Z', crews, log: [], published: null })
  const placed = late.placed.filter((task) => task.to < parseInstant('2027-11-01T00:00:00Z'))

  test('has nine hours, each instant its own place, and no work outside of it', () => {
    const [from, to] = [parseInstant('2027-10-30T21:00:00Z'), parseInstant('2027-10-31T06:00:00Z')]
    const [crew] = crews
    expect(workStretches(crew!, zone, { from: from - 600, to: to + 600 })).toEqual([{ from, to }])
    expect(placed.length).toBeGreaterThan(0)
    const days = workingDays(placed, zone)
    const axis = timeAxis(days, placed, zone, 900)
    for (const { pieces } of placed)
      for (const piece of pieces) {
        expect(piece.from >= from && piece.to <= to).toBe(true)
        expect(axis.x(piece.to)).toBeGreaterThanOrEqual(axis.x(piece.from))
      }
    const starts = placed.map((task) => task.from).sort((a, b) => a - b)
    const xs = starts.map((at) => axis.x(at))
    expect(xs).toEqual([...xs].sort((a, b) => a - b))
  })
})
