import { parseInstant, UNSAID, vanPlanOf, type Job, type LogEvent } from '@crisp-hem/core'
import { amountEvent } from '../../../../core/tests/logEvent'
import { ternQuay, TERN_QUAY_NOW } from '../../../../demo'
import { drawnAt, MISSING, openOnDesk, setDesk } from '../../testing/desk'

/** Stock by its age, cuts by the log, furniture gathered: what the Load’s parts say of them. */
beforeAll(setDesk)
const job: Job = ternQuay()
const now = parseInstant(TERN_QUAY_NOW)
const path = `/jobs/${job.id}/load/van`
const grown = (...more: LogEvent[]): Job => ({ ...job, log: [...job.log, ...more] })

test('tape that came at two times: the older first, and a warning where it is over a year old', async () => {
  const { StockPanel } = await import('./StockPanel')
  const [tape] = job.shelf.tapes
  const key = `stock:tape:${tape!.id}/${tape!.rolls[0]!.widthMm}`
  const drawn = async (first: string) => {
    const next = grown(
      amountEvent('s1', 'received', [key], 100_000, first),
      amountEvent('s2', 'received', [key], 200_000, '2027-05-11T08:00:00Z'),
    )
    const plan = await openOnDesk(next, now)
    return drawnAt(path, <StockPanel van={vanPlanOf(next, plan)} />)
  }
  const fresh = await drawn('2027-04-05T08:00:00Z')
  expect(fresh).toContain('first what came in Mon 5 Apr')
  expect(fresh).not.toContain('over a year old')
  expect(fresh).not.toMatch(MISSING)
  expect(await drawn('2026-03-02T08:00:00Z')).toContain('over a year old, try it before you trust it')
})

test('a length that the log says is cut is struck out, whichever device cut it; one that was taken back is not', async () => {
  const { CutPlans } = await import('./CutPlans')
  const plan = await openOnDesk(job, now)
  const cuts = plan.load.covers.flatMap((cover) => cover.cuts ?? [])[0]!
  const panel = cuts.rolls.flatMap((roll) => roll.panels)[0]!
  const cut = amountEvent(
    'c1',
    'cut',
    [`stock:cover:${cuts.coverId}`, `room:${panel.roomId}`],
    panel.lengthMm,
    '2027-05-12T12:00:00Z',
  )
  const pressed = async (next: Job) => {
    const again = await openOnDesk(next, now)
    const html = await drawnAt(path, <CutPlans load={again.load} />)
    return html.match(/aria-pressed="true"/g)?.length ?? 0
  }
  expect(await pressed(job)).toBe(0)
  expect(await pressed(grown(cut))).toBe(1)
  const back: LogEvent = { ...UNSAID, id: 'u1', kind: 'undone', at: '2027-05-12T12:05:00Z', subjects: [], undoes: 'c1' }
  expect(await pressed(grown(cut, back))).toBe(0)
})

test('floors say what lies on them by size, and furniture that it is gathered', async () => {
  const { FloorPlans } = await import('./FloorPlans')
  const plan = await openOnDesk(job, now)
  const html = await drawnAt(path, <FloorPlans load={plan.load} />)
  expect(html).toContain('3 pieces of furniture gathered under one sheet: 1 two pianos')
  expect(html).toMatch(/\d+ × Hessian side cloth/)
  expect(html).not.toMatch(MISSING)
})
