import { renderToStaticMarkup } from 'react-dom/server'
import { parseInstant, planJob } from '@crisp-hem/core'
import { ternQuaySurvey } from '../../../demo'
import { MISSING } from '../testing/desk'
import { CrewChart } from './CrewChart'
import { workingDays } from './timeAxis'

const job = ternQuaySurvey()
const plan = planJob(job)
const zone = job.site.zone
const start = parseInstant(job.start)
const rooms = new Map(job.rooms.map((room) => [room.id, room.name]))
const days = workingDays(plan.placed, zone)
const drawn = (now = start, shown = days): string =>
  renderToStaticMarkup(<CrewChart plan={plan} crews={job.crews} rooms={rooms} days={shown} zone={zone} now={now} />)
const titles = (markup: string): string[] => [...markup.matchAll(/<title>([^<]*)<\/title>/g)].map((match) => match[1]!)
const clock = /\d\d:\d\d/

test('every piece of every task is on the chart, named by room, work and hours', () => {
  const markup = drawn()
  expect(markup).not.toMatch(MISSING)
  const pieces = plan.placed.reduce((sum, placed) => sum + placed.pieces.length, 0)
  const bars = titles(markup).filter((title) => [...rooms.values()].some((name) => title.startsWith(`${name}: `)))
  expect(bars).toHaveLength(pieces)
  for (const title of bars) expect(title).toMatch(clock)
})

test('crews stand at the left by name, whether they have work or not', () => {
  const markup = drawn()
  for (const crew of job.crews) expect(markup).toContain(`>${crew.name}</text>`)
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
