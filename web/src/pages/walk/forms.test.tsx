import { deriveHems, faceKeys, parseInstant, type Job, type Room } from '@crisp-hem/core'
import { gullRow, ternQuay, TERN_QUAY_NOW } from '../../../../demo'
import type { Pick } from '../../app/drawing/pick'
import { drawnAt, MISSING, openOnDesk, setDesk } from '../../testing/desk'

/** Every form of the Walk, opened on everything the demo holds. */
beforeAll(setDesk)
const NONE: ReadonlySet<string> = new Set()
const jobs: readonly [string, Job][] = [
  ['in metres', ternQuay()],
  ['in feet and inches', gullRow()],
]

const everything = (room: Room, hemIds: readonly string[]): Pick[] => [
  { kind: 'room' },
  ...faceKeys(room).map((key): Pick => ({ kind: 'face', key })),
  ...room.openings.map(({ id }): Pick => ({ kind: 'opening', id })),
  ...room.fittings.map(({ id }): Pick => ({ kind: 'fitting', id })),
  ...room.pieces.map(({ id }): Pick => ({ kind: 'piece', id })),
  ...room.bands.map(({ id }): Pick => ({ kind: 'band', id })),
  ...room.foot.map(({ id }): Pick => ({ kind: 'foot', id })),
  ...hemIds.map((id): Pick => ({ kind: 'hem', id })),
]

describe.each(jobs)('a job %s', (_name, job) => {
  test('the inspector opens on every thing, with its name and no figure missing', async () => {
    await openOnDesk(job, parseInstant(job.id === 'tern-quay' ? TERN_QUAY_NOW : job.start))
    const { Inspector } = await import('./Inspector')
    for (const room of job.rooms) {
      const { hems } = deriveHems(room, job.shelf)
      for (const pick of everything(
        room,
        hems.slice(0, 12).map((hem) => hem.id),
      )) {
        const html = await drawnAt(
          `/jobs/${job.id}/walk/${room.id}`,
          <Inspector room={room} hems={hems} pick={pick} chosen={NONE} onPick={() => undefined} />,
        )
        expect([pick, html.length > 200]).toEqual([pick, true])
        expect([pick, MISSING.exec(html)?.[0] ?? '']).toEqual([pick, ''])
      }
    }
  })
  test('what is picked and has gone shows the room instead', async () => {
    await openOnDesk(job, parseInstant(job.start))
    const { Inspector } = await import('./Inspector')
    const [room] = job.rooms
    for (const kind of ['opening', 'fitting', 'piece', 'band', 'foot'] as const) {
      const html = await drawnAt(
        '/',
        <Inspector room={room!} hems={[]} pick={{ kind, id: 'gone' }} chosen={NONE} onPick={() => undefined} />,
      )
      expect(html).toContain(room!.name)
    }
  })
})

test('several hems chosen together are told with their length', async () => {
  const job = ternQuay()
  await openOnDesk(job, parseInstant(TERN_QUAY_NOW))
  const { HemFacts } = await import('./HemFacts')
  const [room] = job.rooms
  const { hems } = deriveHems(room!, job.shelf)
  const chosen = new Set(hems.slice(0, 3).map((hem) => hem.id))
  const html = await drawnAt('/', <HemFacts room={room!} hem={hems[0]!} chosen={chosen} onPick={() => undefined} />)
  expect(html).toContain('3')
  expect(html).not.toMatch(MISSING)
})

test('steps and wall shapes of every room are drawn', async () => {
  const job = ternQuay()
  await openOnDesk(job, parseInstant(TERN_QUAY_NOW))
  const { StepForm } = await import('./StepForm')
  const { WallShape } = await import('./WallShape')
  for (const room of job.rooms) {
    for (const step of room.steps)
      expect(await drawnAt('/', <StepForm room={room} step={step} onChange={() => true} />)).not.toMatch(MISSING)
    for (const wall of room.walls)
      expect(await drawnAt('/', <WallShape room={room} wall={wall} onNext={() => undefined} />)).not.toMatch(MISSING)
  }
})
