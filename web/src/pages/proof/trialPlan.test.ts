import { ternQuay } from '../../../../demo'
import { planJob } from '@crisp-hem/core'
import { letterOf, piecesOf } from '../../app/naming/trialPieces'
import { newTrial, withoutWay, withWay } from './trialPlan'

const job = ternQuay()
const plan = planJob(job)

test('begins with the tape this job uses most and the cheapest other', () => {
  const trial = newTrial('t1', 'Trial 1', job.shelf, plan)!
  const uses = (id: string) => plan.recipes.filter((answer) => answer.safe && answer.tapeId === id).length
  const [a, b] = trial.ways.map(({ tapeId }) => tapeId)
  expect(uses(a!)).toBe(Math.max(...job.shelf.tapes.filter(({ retired }) => !retired).map(({ id }) => uses(id))))
  expect(b).not.toBe(a)
  expect(newTrial('t2', 'x', job.shelf, plan)!.seed).not.toBe(trial.seed)
  expect(newTrial('t2', 'x', { ...job.shelf, tapes: [] }, plan)).toBeNull()
})

test('two to six ways; each row has each of them once', () => {
  let trial = newTrial('t1', 'Trial 1', job.shelf, plan)!
  expect(withoutWay(trial, 0)).toBeNull()
  for (let n = 2; n < 6; n++) trial = withWay(trial)!
  expect(withWay(trial)).toBeNull()
  const pieces = piecesOf(trial)
  expect(pieces.map(({ piece }) => piece)).toEqual(pieces.map((_, i) => i))
  for (let row = 1; row <= trial.rows; row++)
    expect(
      pieces
        .filter((each) => each.row === row)
        .map(({ way }) => letterOf(way))
        .sort()
        .join(''),
    ).toBe('ABCDEF')
  expect(withoutWay(trial, 5)!.ways).toHaveLength(5)
})
