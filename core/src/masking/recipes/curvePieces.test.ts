import { deriveHems } from '../../survey/hems/deriveHems'
import { planJob } from '../../answers/chain/planJob'
import { face, type HandHem, type Job } from '../../base/nouns'
import { sayText } from '../../edge/words'
import { STARTER_SHELF } from '../../survey/shelf/starterShelf'
import { jobOf, PLAIN_ROOM, WALLS } from '../../../tests/oneHem'
import { bendsRound, curvePieces } from './curvePieces'

/** A half circle of 1 m radius, by hand: chord 2 m, middle 1 m off it. */
const HALF = { radiusMm: 1000, arcDeg: 180 }

test('by hand: 24 mm of creped paper (25 widths) lies down on 600 mm and more, washi (60) on 1.44 m and more', () => {
  const [paper, washi] = [{ bendTimes: 25 }, { bendTimes: 60 }]
  expect(bendsRound({ ...HALF, radiusMm: 600 }, paper, 24)).toBe(true)
  expect(bendsRound({ ...HALF, radiusMm: 599 }, paper, 24)).toBe(false)
  expect(curvePieces(HALF, paper, 24).count).toBe(0)
  // Chords that stand half a millimetre off 1 m are 2·√(2·1000·0.5 − 0.25) = 63.2 mm; half the round is 3142 mm.
  const pieces = curvePieces(HALF, washi, 24)
  expect(pieces.count).toBe(50)
  expect(pieces.chordMm).toBeCloseTo(62.8, 1)
  expect(curvePieces(null, washi, 24).count).toBe(0)
})

const arc = (bendMm: number): HandHem => ({
  id: 'h1',
  name: 'arch',
  wallId: PLAIN_ROOM.walls[0]!.id,
  x1: 500,
  y1: 1000,
  x2: 1500,
  y2: 1000,
  bendMm,
  keep: 'ceiling',
  paint: face('wall', PLAIN_ROOM.walls[0]!.id),
})
const jobWith = (bendMm: number, tapes = STARTER_SHELF.tapes): Job => ({
  ...jobOf({ room: { steps: [WALLS], handHems: [arc(bendMm)] }, shelf: { tapes } }),
  published: null,
  log: [],
})
const archOf = (job: Job) => {
  const answer = planJob(job).recipes.find(({ hemId }) => hemId.includes('h1'))!
  if (!answer.safe) throw new Error(answer.reasons.map(sayText).join(' '))
  return answer
}

test('the survey knows an arc by its radius, not by how far its middle stands off', () => {
  const hem = deriveHems(jobWith(250).rooms[0]!, STARTER_SHELF).hems.find(({ id }) => id.includes('h1'))!
  // (1000² / 4 + 250²) / (2 · 250) = 625 mm.
  expect(hem.curve!.radiusMm).toBeCloseTo(625, 9)
  expect(hem.radiusMm).toBe(0)
  expect(deriveHems(jobWith(0).rooms[0]!, STARTER_SHELF).hems.find(({ id }) => id.includes('h1'))!.curve).toBeNull()
})

test('a tape that bends goes round in one run, one that does not in pieces, which take longer; said on the recipe', () => {
  const stiff = STARTER_SHELF.tapes.map((tape) => ({ ...tape, bendTimes: 200 }))
  const supple = STARTER_SHELF.tapes.map((tape) => ({ ...tape, bendTimes: 5 }))
  const [pieces, bent] = [archOf(jobWith(250, stiff)), archOf(jobWith(250, supple))]
  expect(pieces.curvePieces).toBeGreaterThan(10)
  expect(bent.curvePieces).toBe(0)
  expect(pieces.layMinPerM).toBeGreaterThan(2 * bent.layMinPerM)
  expect(pieces.steps.map(sayText).join(' ')).toContain('Round the curve (625 mm radius) in')
  expect(bent.steps.map(sayText).join(' ')).toContain('Bend the tape round the curve (625 mm radius)')
  expect(archOf(jobWith(0)).steps.some(({ code }) => code.startsWith('step.curve'))).toBe(false)
})
