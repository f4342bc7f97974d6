import { renderToStaticMarkup } from 'react-dom/server'
import { parseInstant, planJob } from '@crisp-hem/core'
import { ternQuaySurvey } from '../../../../demo'
import { MISSING } from '../../testing/desk'
import { CrewChart } from './CrewChart'
import type { Hand } from './hand'
import { crewRows, peopleRows } from './chartRows'
import { timeAxis, workingDays } from './timeAxis'
import { early } from '../../../../core/tests/early'

const job = early(ternQuaySurvey())
const plan = planJob(job)
const zone = job.site.zone
const start = parseInstant(job.start)
const { rooms } = job
const days = workingDays(plan.placed, zone)
const drawn = (now = start, shown = days): string =>
  renderToStaticMarkup(<CrewChart plan={plan} crews={job.crews} rooms={rooms} days={shown} zone={zone} now={now} />)
const titles = (markup: string): string[] => [...markup.matchAll(/<title>([^<]*)<\/title>/g)].map((match) => match[1]!)
const clock = /\d\d:\d\d/

test('every piece of every task is on the chart, named by room, work and hours', () => {
  const markup = drawn()
  expect(markup).not.toMatch(MISSING)
  const pieces = plan.placed.reduce((sum, placed) => sum + placed.pieces.length, 0)
  const bars = titles(markup).filter((title) => rooms.some(({ name }) => new RegExp(`^${name}(, .+)?: `).test(title)))
  // What is sprayed stands in the row of the gun too.
  const setup = { plan, placed: plan.placed, rooms, from: start, to: start + 90 * 1440 }
  const gun = crewRows(setup, [], { gun: 'Gun', tower: 'Tower' }).flatMap((row) =>
    row.tasks.flatMap((task) => task.placed.pieces),
  )
  expect(gun.length).toBeGreaterThan(0)
  expect(bars).toHaveLength(pieces + gun.length)
  for (const title of bars) expect(title).toMatch(clock)
})

test('crews stand at the left by name, whether they have work or not', () => {
  const markup = drawn()
  for (const crew of job.crews) expect(markup).toContain(`>${crew.name}</text>`)
})

test('people have rows of their own, with the work of their crew and nothing to pick up', () => {
  const setup = { plan, placed: plan.placed, rooms, from: start, to: start + 90 * 1440 }
  const rows = peopleRows(setup, job.crews)
  expect(rows.map(({ name }) => name)).toEqual(job.crews.flatMap(({ people }) => people.map(({ name }) => name)))
  for (const row of rows) expect(row.tasks.every(({ placed }) => row.id.startsWith(`${placed.crewId}/`))).toBe(true)
  const markup = renderToStaticMarkup(
    <CrewChart plan={plan} crews={job.crews} rooms={rooms} days={days} zone={zone} now={start} by="people" />,
  )
  expect(markup).toContain(job.crews[0]!.people[0]!.name)
  expect(markup).not.toContain('role="button"')
})

test('the hour it is now is marked while the chart shows it, and not before or after', () => {
  expect(drawn(start)).toContain('stroke="var(--act)" stroke-width="2"')
  for (const at of [start - 1440, start + 60 * 1440])
    expect(drawn(at)).not.toContain('stroke="var(--act)" stroke-width="2"')
})

test('a day chosen shows that day’s work and no other', () => {
  const [, second] = days
  const all = titles(drawn()).length
  const one = titles(drawn(start, [second!])).length
  expect(one).toBeGreaterThan(0)
  expect(one).toBeLessThan(all)
})

test('with no days there is nothing to draw', () => expect(drawn(start, [])).toBe(''))

describe('with a hand on it', () => {
  const [task] = [...plan.placed].sort((a, b) => a.from - b.from)
  const other = job.crews.find((crew) => crew.id !== task!.crewId)!
  const hand: Hand = {
    pickedId: task!.taskId,
    slip: 45,
    along: [],
    ghost: { taskId: task!.taskId, at: task!.from + 90, minutes: 30, crewId: other.id, isBroken: true },
    pick: () => undefined,
    carry: () => undefined,
    letGo: () => undefined,
  }
  const markup = renderToStaticMarkup(
    <CrewChart
      plan={plan}
      crews={job.crews}
      rooms={rooms}
      days={days.slice(0, 1)}
      zone={zone}
      now={start}
      hand={hand}
      held={new Set([task!.taskId])}
      sky={[{ kind: 'rain', from: start + 60, to: start + 120 }]}
      dues={[{ roomId: 'kitchen', name: 'Kitchen', at: start + 200, isLate: true }]}
    />,
  )

  test('work is a button by its name, the picked one pressed', () => {
    expect(markup.match(/role="button"/g)!.length).toBeGreaterThan(10)
    expect(markup.match(/aria-pressed="true"/g)).toHaveLength(1)
  })

  test('where it would go, how far it can slip and what is held are drawn', () => {
    expect(markup).toContain('stroke-dasharray="6 3"')
    expect(markup).toContain('stroke-dasharray="5 3"')
    expect(markup).toContain('l-4.5 6 z')
  })

  test('rain and the hand-back stand behind it', () => {
    expect(titles(markup)).toContain('rain')
    expect(markup).toContain('>Kitchen</text>')
  })
})

test('an instant is where its pixel is, on every day', () => {
  const axis = timeAxis(days, plan.placed, zone, 900)
  for (const { from } of plan.placed) expect(Math.abs(axis.at(axis.x(from)) - from)).toBeLessThanOrEqual(1)
})
