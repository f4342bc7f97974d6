import { planJob, problemOf } from '../src/answers/chain/planJob'
import { SOUNDNESS, type Job } from '../src/base/nouns'
import { DEFAULT_PARAMETERS } from '../src/base/parameters/parameters'
import { drinks } from '../src/survey/rooms/drinks'
import { plasterOf } from './oneHem'

/** A bare ground takes water out of the first coat on it, so that its edge is open for less long. Common practice, no published source. */
const wetOf = (job: Job) => problemOf(job).pulls.filter(({ manner }) => manner === 'wet')
const share = DEFAULT_PARAMETERS.work.drunkShare.value

test('one coat on bare plaster is open for less long than on paint; the last of two is as on paint', () => {
  const [onPaint, bare, twice] = [
    plasterOf('sound', 1),
    plasterOf('bare-board-paper', 1),
    plasterOf('bare-board-paper', 2),
  ]
  for (const pulls of [onPaint, bare, twice].map(wetOf)) expect(pulls.length).toBeGreaterThan(0)
  const open = (job: Job) => [...new Set(wetOf(job).map(({ openMin }) => openMin))]
  const [usual = 0] = open(onPaint)
  expect(open(bare)).toEqual([usual * share])
  expect(open(twice)).toEqual([usual])
})

test('the card’s window closes sooner by as much, and the plan keeps it', () => {
  const firstWet = (job: Job) => {
    const plan = planJob(job)
    expect(plan.misses).toEqual([])
    const pull = plan.pulls.find(({ manner }) => manner === 'wet')!
    const span = pull.spans.find(({ kind }) => kind === 'wet')!
    return span.to! - span.from
  }
  expect(firstWet(plasterOf('bare-board-paper', 1))).toBeLessThan(firstWet(plasterOf('sound', 1)))
})

test('paint and lacquer drink nothing; bare wood, bare board and chalk do; what is hard only where it is mineral', () => {
  const all = SOUNDNESS.filter((soundness) => drinks({ material: 'metal', soundness }))
  expect(all).toEqual(['thin-over-dusty-filler', 'chalky', 'bare-board-paper', 'bare-wood'])
  expect(drinks({ material: 'concrete', soundness: 'unpainted-hard' })).toBe(true)
})
