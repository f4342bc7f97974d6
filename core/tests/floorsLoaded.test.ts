import { gullRow, ternQuaySurvey } from '../../demo'
import { planJob } from '../src/answers/chain/planJob'
import { coverNeeds } from '../src/masking/covers/coverNeeds'
import { floorPlan } from '../src/masking/covers/floorPlan'
import { fieldSprays } from '../src/masking/covers/mist'
import type { Job, Room } from '../src/base/nouns'
import { faceAreaMm2 } from '../src/survey/rooms/areas'
import { early } from './early'

/** What lies on floors is what is loaded: whole jobs. All of it: common practice, no published source. */
const survey = early(ternQuaySurvey())
const sprayedAll = (room: Room): Room => ({
  ...room,
  steps: room.steps.map((step) => ({ ...step, tool: 'spray' as const })),
})
const JOBS: Readonly<Record<string, Job>> = {
  demo: { ...survey, log: [], published: null },
  parlour: { ...gullRow(), log: [], published: null },
  sprayed: { ...survey, rooms: survey.rooms.map(sprayedAll), log: [], published: null },
}

describe.each(Object.entries(JOBS))('%s', (_name, job) => {
  const { load } = planJob(job)
  const planned = job.rooms.map((room) => ({ room, plan: floorPlan(room, job.shelf, fieldSprays(room).length > 0) }))

  test('each cloth, board and runner that lies somewhere, but for the one that moves with a ladder, is among what its room takes', () => {
    for (const { room, plan } of planned) {
      if (!plan || room.steps.length === 0) continue
      const pieces = new Map<string, number>()
      for (const { coverId, as } of [...plan.field, ...plan.boards, ...plan.waysOut, ...plan.stairs])
        if (as !== 'strip') pieces.set(coverId, (pieces.get(coverId) ?? 0) + 1)
      for (const [coverId, count] of pieces) {
        const taken = coverNeeds(room, job.shelf, 'metric')
          .filter((need) => need.coverId === coverId && need.why.code !== 'cover.ladder')
          .reduce((sum, need) => sum + need.pieces, 0)
        expect([room.id, coverId, taken]).toEqual([room.id, coverId, count])
      }
    }
  })

  test('a field is at least as large as its floor, and not more than laps and folds make it', () => {
    for (const { room, plan } of planned) {
      const [first] = plan?.field ?? []
      const cover = job.shelf.covers.find((each) => each.id === first?.coverId)
      if (!plan || !first || !cover) continue
      const laid = coverNeeds(room, job.shelf, 'metric')
        .filter((need) => need.coverId === cover.id)
        .reduce((sum, need) => sum + need.runMm * cover.widthMm + need.pieces * cover.widthMm * cover.lengthMm, 0)
      expect(laid).toBeGreaterThanOrEqual(0.99 * faceAreaMm2(room, 'floor'))
    }
  })

  test('no panel is longer than its roll, and every one of a need is cut from some roll', () => {
    for (const { coverId, cuts, needs } of load.covers) {
      if (!cuts) continue
      const cover = job.shelf.covers.find((each) => each.id === coverId)!
      const wanted = needs.flatMap((need) => need.cuts)
      expect(Math.max(0, ...wanted)).toBeLessThanOrEqual(cover.lengthMm)
      expect(cuts.rolls.flatMap(({ panels }) => panels)).toHaveLength(wanted.length)
      for (const { lengthMm, leftMm, runMm, panels } of cuts.rolls) {
        expect(leftMm).toBeGreaterThanOrEqual(0)
        expect(leftMm + runMm + panels.reduce((sum, panel) => sum + panel.lengthMm, 0)).toBe(lengthMm)
      }
      expect(cuts.priceMinor).toBeGreaterThanOrEqual(cuts.leastMinor)
    }
  })

  test('what is bought of film and paper is the rolls that are opened, part rolls free', () => {
    for (const { cuts, count, costMinor } of load.covers) {
      if (!cuts) continue
      const bought = cuts.rolls.filter(({ remnantId }) => remnantId === null)
      const price = bought.reduce(
        (sum, roll) => sum + job.shelf.covers.find((cover) => cover.id === roll.coverId)!.priceMinor,
        0,
      )
      expect([count, costMinor]).toEqual([bought.length, price])
    }
  })
})
