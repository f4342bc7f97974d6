import { ternQuay } from '../../../../demo'
import { planJob } from '@crisp-hem/core'
import { letterOf, piecesOf } from '../../app/naming/trialPieces'
import { newTrial, withoutWay, withWay } from './trialPlan'

const job = ternQuay()
const plan = planJob(job)
const T1 = { id: 't1', name: 'Trial 1' }

test('begins with the tape this job uses most and the cheapest other', () => {
  const trial = newTrial(T1, job.shelf, 'metric', plan)!
  const uses = (id: string) => plan.recipes.filter((answer) => answer.safe && answer.tapeId === id).length
  const [a, b] = trial.ways.map(({ tapeId }) => tapeId)
  expect(uses(a!)).toBe(Math.max(...job.shelf.tapes.filter(({ retired }) => !retired).map(({ id }) => uses(id))))
  expect(b).not.toBe(a)
  // Three feet where feet are spoken.
  expect(newTrial(T1, job.shelf, 'imperial', plan)!.pieceMm).toBe(Math.round(3 * 304.8))
  expect(newTrial({ id: 't2', name: 'x' }, job.shelf, 'metric', plan)!.seed).not.toBe(trial.seed)
  expect(newTrial(T1, { ...job.shelf, tapes: [] }, 'metric', plan)).toBeNull()
})

test('two to six ways; each row has each of them once', () => {
  let trial = newTrial(T1, job.shelf, 'metric', plan)!
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
