import { planJob } from '../src/answers/chain/planJob'
import { shareOnLadder } from '../src/survey/rooms/reach'
import { jobOf, recipeOf, stepCodes, WALLS } from './oneHem'

/** Above what a standing person reaches somebody stands on something: it is on the card, in the minutes and in the load. Common practice. */
const line = (y1: number, y2: number, long = 1000) => [{ x1: 0, y1, x2: y1 === y2 ? long : 0, y2 }]
const CEIL = 'wall:w1|ceiling'
const at = (heightMm: number) => ({ room: { heightMm, steps: [WALLS] } })

test('which part of a line is laid from a step ladder', () => {
  expect(shareOnLadder(line(2300, 2300))).toBe(0)
  expect(shareOnLadder(line(2600, 2600))).toBe(1)
  // By hand: of a corner 3.2 m high a quarter is above 2.4 m.
  expect(shareOnLadder(line(0, 3200))).toBeCloseTo(0.25, 9)
  // From a tower people walk along the line.
  expect(shareOnLadder(line(4200, 4200))).toBe(0)
})

test.each([
  [2300, null, null, null],
  [2600, 'step.ladder', null, 'step-ladder'],
  [4800, 'step.tower', 'care.tower', 'tower'],
] as const)('a ceiling line at %d mm', (heightMm, step, care, tool) => {
  const recipe = recipeOf(at(heightMm), CEIL)
  const steps = stepCodes(recipe).filter((code) => code === 'step.ladder' || code === 'step.tower')
  const cares = recipe.cautions.map(({ code }) => code).filter((code) => code === 'care.tower')
  expect([steps, cares]).toEqual([step ? [step] : [], care ? [care] : []])
  const { tools } = planJob(jobOf(at(heightMm))).load
  const high = tools.filter(({ kind }) => kind === 'step-ladder' || kind === 'tower')
  expect(high.map(({ kind }) => kind)).toEqual(tool ? [tool] : [])
  // None on the starter's van: it has to be got.
  if (tool === 'tower') expect(high[0]!.toolId).toBeNull()
})

test('no ladder in the minutes of a line that a standing person reaches', () => {
  const minutes = (heightMm: number) => recipeOf(at(heightMm), CEIL).layMinPerM
  expect(minutes(2600) - minutes(2300)).toBeCloseTo(jobOf().house.rates.ladderPerM, 6)
})
