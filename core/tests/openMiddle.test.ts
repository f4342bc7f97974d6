import { planJob } from '../src/answers/chain/planJob'
import type { PaintStep, Room } from '../src/base/nouns'
import { floorPlan } from '../src/masking/covers/floorPlan'
import { coverNeeds } from '../src/masking/covers/coverNeeds'
import { tellFloor } from '../src/answers/tell/tellFloor'
import { signedAreaMm2 } from '../src/survey/rooms/outline'
import { newRoom } from '../src/survey/rooms/roomTemplate'
import { sayText } from '../src/edge/words'
import { CEILING, jobOf, WALLS } from './oneHem'

/** Film lies where nobody stands with the gun, paper where they do. Common practice, no published source. */
const { shelf } = jobOf()
const sprayed = (step: PaintStep, coats = 1): PaintStep => ({ ...step, tool: 'spray', coats })
const hall = (deepMm: number, steps: readonly PaintStep[], turns = 1): Room => ({
  ...newRoom(
    'hall',
    'Hall',
    [12_000, deepMm, 12_000, deepMm].map((lengthMm) => ({ lengthMm, turnDeg: 90 * turns })),
  ),
  steps: [...steps],
})
const fieldOf = (room: Room) => floorPlan(room, shelf, true)!.field
const filmIn = (room: Room) => fieldOf(room).filter(({ as }) => as === 'middle')

test('a hall of 12 by 9 m with sprayed walls has 54 m² of film in its middle, and paper a metre and a half deep round it', () => {
  const room = hall(9000, [sprayed(WALLS)])
  const film = filmIn(room)
  const covered = film.reduce((sum, { corners }) => sum + Math.abs(signedAreaMm2(corners)), 0) / 1e6
  // By hand: (12 - 3) x (9 - 3) m, and the laps of its panels.
  expect(covered).toBeGreaterThanOrEqual(54)
  expect(covered).toBeLessThan(54 * 1.35)
  const xs = film.flatMap(({ corners }) => corners.map(({ x }) => x))
  expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(9000, 6)
  const paper = fieldOf(room).filter(({ as }) => as === 'strip')
  expect(paper.length).toBeGreaterThanOrEqual(4)
  expect(new Set(paper.map(({ coverId }) => shelf.covers.find(({ id }) => id === coverId)!.kind))).toEqual(
    new Set(['paper']),
  )
})

test.each([
  ['the ceiling is sprayed over it', hall(9000, [sprayed(CEILING), sprayed(WALLS)])],
  ['a third coat would flake off it', hall(9000, [sprayed(WALLS, 3)])],
  ['the middle is narrow', hall(6500, [sprayed(WALLS)])],
])('none where %s', (_, room) => {
  expect(filmIn(room)).toEqual([])
  expect(fieldOf(room).length).toBeGreaterThan(0)
})

test('it is in the load with the tape round it, and on the board with its caution', () => {
  const room = hall(9000, [sprayed(WALLS)])
  const job = { ...jobOf(), rooms: [{ ...room, crewId: null }] }
  const need = coverNeeds(room, shelf, 'metric').find(({ hold }) => hold === 'taped')!
  expect(sayText(need.why)).toMatch(/away from the gun/)
  const plan = planJob(job)
  expect(plan.load.covers.map(({ coverId }) => coverId)).toContain(need.coverId)
  const holdMm = (rooms: readonly Room[]) =>
    planJob({ ...job, rooms }).load.tapes.reduce((sum, line) => sum + line.holdMm, 0)
  // Round it are (9 + 6) x 2 = 30 m at least; two coats more than film takes leave it to paper, whose strips are taped once.
  expect(holdMm(job.rooms)).toBeGreaterThan(30_000)
  expect(tellFloor(job, room).map(sayText).join(' ')).toMatch(/Film is slippery/)
})
