import { parseInstant, supposed, type Job } from '@crisp-hem/core'
import { ternQuay, TERN_QUAY_NOW } from '../../../../demo'
import { drawnAt, MISSING, openOnDesk, setDesk } from '../../testing/desk'

/** A job at several addresses, and rooms that are done otherwise than the rule has it, as the screens show them. */
beforeAll(setDesk)
const job: Job = ternQuay()
const now = parseInstant(TERN_QUAY_NOW)
const site = {
  ...job.site,
  places: [
    { id: 'a', name: 'Annex' },
    { id: 'b', name: 'Boathouse' },
  ],
  drives: [
    { from: null, to: 'a', minutes: 12 },
    { from: 'b', to: 'a', minutes: 7 },
  ],
}

test('every way between addresses has a field, told or not; the way back is the same', async () => {
  const { AddressesPanel } = await import('./AddressesPanel')
  await openOnDesk({ ...job, site }, now)
  const html = await drawnAt(`/jobs/${job.id}/site`, <AddressesPanel />)
  expect(html.match(/Minutes from Tern Quay/g)).toHaveLength(2)
  expect(html.match(/Minutes from Annex/g)).toHaveLength(1)
  expect([...html.matchAll(/value="([^"]*)"/g)].map(([, value]) => value)).toEqual([
    'Annex',
    '12',
    'Boathouse',
    '',
    '7',
  ])
  expect(html).not.toMatch(MISSING)
  await openOnDesk(job, now)
  expect(await drawnAt(`/jobs/${job.id}/site`, <AddressesPanel />)).toContain('All rooms are at one address')
})

test('smaller rounds and a gun in other hands stand under what was settled, and nowhere when they are as usual', async () => {
  const { Settled } = await import('../rounds/Settled')
  const settled = [
    { if: 'rounds', roomId: 'kitchen', share: 0.7 } as const,
    { if: 'gun', roomId: 'south', crewId: 'heron' } as const,
  ].reduce<Job>(supposed, job)
  const drawn = async (each: Job) => drawnAt(`/jobs/${job.id}/rounds`, <Settled plan={await openOnDesk(each, now)} />)
  const html = await drawn(settled)
  expect(html).toContain('Kitchen: rounds fill 70')
  expect(html).toContain('South elevation: Crew Heron takes the gun.')
  expect(html).not.toMatch(MISSING)
  const usual = supposed(supposed(settled, { if: 'rounds', roomId: 'kitchen', share: 1 }), {
    if: 'gun',
    roomId: 'south',
    crewId: null,
  })
  expect(usual.planning.rooms).toEqual([])
  expect(await drawn(usual)).not.toContain('takes the gun')
})
