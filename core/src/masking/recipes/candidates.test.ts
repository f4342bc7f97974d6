import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import { jobClocks } from '../../nature/cure/areaClocks'
import type { Job, Room } from '../../base/nouns'
import fc from 'fast-check'
import { anyRoom } from '../../../tests/anyRoom'
import { jobOf as oneRoomJob, WALLS } from '../../../tests/oneHem'
import { ternQuaySurvey } from '../../../../demo'
import { deriveHems } from '../../survey/hems/deriveHems'
import { judgeCandidates, judgingKey } from './candidates'
import { safeOf } from './pickCandidate'
import { judgeRoom } from './judgeRoom'

const judged = (job: Job, room: Room) =>
  judgeRoom({
    job,
    room,
    hems: deriveHems(room, job.shelf).hems,
    clocks: jobClocks(job)(room.id),
    nextShift: (at) => at,
    parameters: DEFAULT_PARAMETERS,
  })

test('candidates shared between hems are those each would have had for itself', () => {
  const base = ternQuaySurvey()
  for (const room of base.rooms)
    for (const { ctx, judged: shared } of judged(base, room)) expect(judgeCandidates(ctx)).toEqual(shared)
})

test('so in any room', () => {
  const base = ternQuaySurvey()
  fc.assert(
    fc.property(anyRoom, (room) => {
      const job = { ...base, rooms: [room] }
      const hems = judged(job, room)
      const own = new Map<string, ReturnType<typeof judgeCandidates>>()
      for (const { ctx } of hems) {
        const key = judgingKey(ctx)
        const fresh = judgeCandidates(ctx)
        const before = own.get(key)
        if (before) expect(fresh).toEqual(before)
        else own.set(key, fresh)
      }
    }),
    { numRuns: 30 },
  )
})

test('the narrowest roll that does the job, and of a kit the narrowest carried', () => {
  const job = oneRoomJob({ room: { steps: [WALLS] } })
  const [room] = job.rooms
  const widths = (of: Job, kind: string) =>
    new Set(
      judged(of, room!)
        .filter(({ ctx }) => ctx.hem.kind === kind)
        .flatMap(({ judged: list }) => list.filter((candidate) => candidate.tape?.id === 'marram-general'))
        .map((candidate) => candidate.roll!.widthMm),
    )
  expect([...widths(job, 'wall-to-skirting')]).toEqual([24])
  const kit = [{ tapeId: 'marram-general', widthMm: 48 }]
  expect([...widths({ ...job, kit }, 'wall-to-skirting')]).toEqual([48])
})

test('a kit is a wish: where it holds nothing safe, what is safe beside it is taken', () => {
  const job = { ...oneRoomJob({ room: { steps: [WALLS] } }), kit: [{ tapeId: 'bulrush-floor', widthMm: 36 }] }
  const [hem] = judged(job, job.rooms[0]!)
  const safe = safeOf(hem!.judged)
  expect(safe.length).toBeGreaterThan(0)
  expect(safe.every((candidate) => candidate.ruledOut === null || candidate.ruledOut.code === 'out.not_in_kit')).toBe(
    true,
  )
})

test('safe ways are listed cheapest first', () => {
  const base = ternQuaySurvey()
  for (const room of base.rooms)
    for (const { judged: list } of judged(base, room)) {
      const costs = safeOf(list).map((candidate) => candidate.costPerM.total)
      expect([...costs].sort((a, b) => a - b)).toEqual(costs)
    }
})

test('every school that works with tape is tried with every tape it can use', () => {
  const job = oneRoomJob({ room: { steps: [WALLS] } })
  const [hem] = judged(job, job.rooms[0]!)
  const barriers = job.shelf.tapes.filter((tape) => tape.edge === 'barrier').length
  const count = (school: string) =>
    new Set(hem!.judged.filter((candidate) => candidate.school === school).map((candidate) => candidate.tape?.id)).size
  expect(count('barrier-edge')).toBe(barriers)
  expect(count('press-only')).toBe(job.shelf.tapes.length - barriers)
  expect(count('own-colour-seal')).toBe(job.shelf.tapes.length)
  expect(count('clear-glaze')).toBe(job.shelf.tapes.length)
  expect(count('plain-sprayed')).toBe(0)
  expect(count('liquid-mask')).toBe(0)
  expect(count('freehand')).toBe(1)
})
