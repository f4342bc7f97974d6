import { ternQuaySurvey } from '../../../../demo'
import { fromRoll, panelsOver, rolledOff, type CoverNeed } from '../covers/coverNeed'
import { coverOf } from '../../survey/shelf/find'
import { said, type Job, type Remnant } from '../../base/nouns'
import { KEPT_MM, rollCuts } from './rollCuts'

const survey = ternQuaySurvey()
const jobWith = (remnants: readonly Remnant[], more: Job['shelf']['covers'] = []): Job => ({
  ...survey,
  house: { ...survey.house, wastePct: 0 },
  shelf: { ...survey.shelf, remnants, covers: [...survey.shelf.covers, ...more] },
})
const FILM = coverOf(survey.shelf, 'skein-drop')
const need = (roomId: string, cuts: readonly number[]): CoverNeed =>
  fromRoll({ roomId, what: 'wall', why: said('cover.hung'), hold: 'hung' }, FILM, 1, cuts)
const strips = (runMm: number): CoverNeed => ({ ...need('kitchen', []), runMm })

// By hand: rolls of 20 m. Three panels of 9 m and one of 2 m: two a roll and what is left; 3 × 9 + 2 = 29 m, two rolls.
test('panels by hand: two rolls, proved, in the order of need', () => {
  const down = new Map([
    ['store', { from: 100, to: 200 }],
    ['kitchen', { from: 50, to: 200 }],
  ])
  const cuts = rollCuts({
    job: jobWith([]),
    cover: FILM,
    needs: [need('store', [9000, 9000]), need('kitchen', [9000, 2000])],
    down,
  })
  expect(cuts).toMatchObject({ priceMinor: 2 * FILM.priceMinor, leastMinor: 2 * FILM.priceMinor })
  expect(cuts.rolls).toHaveLength(2)
  expect(cuts.rolls.map(({ panels }) => panels[0]!.roomId)[0]).toBe('kitchen')
  for (const { panels, lengthMm, leftMm, isKept } of cuts.rolls) {
    expect(leftMm).toBe(lengthMm - panels.reduce((sum, panel) => sum + panel.lengthMm, 0))
    expect(isKept).toBe(leftMm >= KEPT_MM)
  }
})

test('a part roll goes before a new one, and the smallest that does goes first', () => {
  const rests = [
    { id: 'long', coverId: FILM.id, lengthMm: 15_000 },
    { id: 'short', coverId: FILM.id, lengthMm: 3_000 },
  ]
  const cuts = rollCuts({ job: jobWith(rests), cover: FILM, needs: [need('kitchen', [2500])], down: new Map() })
  expect(cuts.rolls.map(({ remnantId }) => remnantId)).toEqual(['short'])
  expect(cuts.priceMinor).toBe(0)
})

test('of two sizes of the same film the cheaper mixture is bought', () => {
  const long = { ...FILM, id: 'skein-long', lengthMm: 50_000, priceMinor: 1500 }
  const cuts = rollCuts({
    job: jobWith([], [long]),
    cover: FILM,
    needs: [need('kitchen', Array<number>(7).fill(7000))],
    down: new Map(),
  })
  // 49 m: one long roll for 15.00 beats three short ones for 23.70.
  expect(cuts.rolls.map(({ coverId }) => coverId)).toEqual(['skein-long'])
})

test('strips join anywhere: they take what panels leave over before a roll of their own', () => {
  const cuts = rollCuts({
    job: jobWith([]),
    cover: FILM,
    needs: [need('kitchen', [12_000]), strips(7000)],
    down: new Map(),
  })
  expect(cuts.rolls).toHaveLength(1)
  expect(cuts.rolls[0]).toMatchObject({ runMm: 7000, leftMm: 1000, isKept: false })
})

test('panels over a rectangle lie along the side that takes less; a run longer than its roll laps', () => {
  // 4.2 × 3.3 m from film of 2.6 m: two lengths of 3.3 m across, or two of 4.2 m along.
  expect(panelsOver(4200, 3300, FILM)).toEqual([3300, 3300])
  expect(rolledOff(45_000, FILM)).toEqual([20_000, 20_000, 5_100])
  expect(rolledOff(20_000, FILM)).toEqual([20_000])
})
