import { parseInstant } from '@crisp-hem/core'
import { ternQuay, TERN_QUAY_NOW } from '../../../../demo'
import { drawnAt, MISSING, openOnDesk, setDesk } from '../../testing/desk'

beforeAll(setDesk)

test('the spine names every step of the work, with what is unsafe and what is due', async () => {
  const job = ternQuay()
  await openOnDesk(job, parseInstant(TERN_QUAY_NOW))
  const { Spine } = await import('./Spine')
  const html = await drawnAt(`/jobs/${job.id}/walk`, <Spine />)
  for (const step of ['Walk', 'Recipes', 'Load', 'Rounds', 'Pulls', 'Bench', 'Shelf', 'Site'])
    expect(html).toContain(step)
  expect(html).toMatch(/>3</)
  expect(html).toMatch(/>1</)
  expect(html).not.toMatch(MISSING)
})

test('a page head tells the air, and offers the next pull until one is on the board', async () => {
  const job = ternQuay()
  await openOnDesk(job, parseInstant(TERN_QUAY_NOW))
  const { PageHead } = await import('./PageHead')
  expect(await drawnAt(`/jobs/${job.id}/load`, <PageHead title="Load" />)).toContain('Pull Practice room 2 now')
  expect(await drawnAt(`/jobs/${job.id}/pulls`, <PageHead title="Pulls" onBoard />)).not.toContain(
    'Pull Practice room 2 now',
  )
})

test('clock times typed at the site come back as they were typed, over summer time and its end', async () => {
  const { instantOfInput, localInput } = await import('./ClockDialog')
  for (const zone of ['Europe/Lisbon', 'America/New_York', 'Asia/Kolkata', 'Pacific/Auckland'])
    for (const text of ['2027-01-15T09:30', '2027-06-15T23:59', '2027-11-20T00:00'])
      expect(localInput(instantOfInput(text, zone)!, zone)).toBe(text)
  expect(instantOfInput('', 'Europe/Lisbon')).toBeNull()
  expect(instantOfInput('soon', 'Europe/Lisbon')).toBeNull()
})
