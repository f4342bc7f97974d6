import { plate } from '../../demo/parts'
import { planJob } from '../src/answers/chain/planJob'
import type { Fitting, PaintStep } from '../src/base/nouns'
import { factText, sayText } from '../src/edge/words'
import { coverNeeds } from '../src/masking/covers/coverNeeds'
import { CEILING, jobOf, PLAIN_ROOM, recipeOf, WALLS } from './oneHem'

/** Lights, alarms and sprinklers sit on ceilings. Common practice, no published source. */
const on = (id: string, kind: Fitting['kind'], change: Partial<Fitting> = {}): Fitting => ({
  ...plate({ id, kind, wallId: 'w1', atMm: 1000, bottomMm: 1500 }),
  name: `${kind} ${id}`,
  on: 'ceiling',
  widthMm: 120,
  heightMm: 120,
  ...change,
})
const sprayed: PaintStep = { ...CEILING, tool: 'spray' }

test('a plate on a ceiling is taped round where the ceiling is painted, and nowhere else', () => {
  const fittings = [on('f1', 'alarm'), on('f2', 'light', { scope: 'take-off', atMm: 2000 })]
  const { hems } = planJob(jobOf({ room: { steps: [CEILING, WALLS], fittings } }))
  const round = hems.filter(({ kind }) => kind === 'ceiling-to-fitting')
  expect(round.map(({ paint, keep, lengthMm, orientation }) => [paint, keep, lengthMm, orientation])).toEqual([
    ['ceiling', 'fitting:f1', 480, 'loop'],
  ])
  expect(factText(round[0]!.place)).toMatch(/^ceiling by .*, round alarm f1$/)
  const walls = planJob(jobOf({ room: { steps: [WALLS], fittings } }))
  expect(walls.hems.filter(({ kind }) => kind === 'ceiling-to-fitting')).toEqual([])
})

test('it is reached from a step ladder below the ceiling, however far out from the wall it sits', () => {
  const recipe = recipeOf(
    { room: { steps: [CEILING], fittings: [on('f1', 'light', { bottomMm: 3000 })] } },
    'ceiling|fitting:f1',
  )
  const { heightMm } = PLAIN_ROOM
  expect(heightMm).toBeGreaterThan(2400)
  const words = [...recipe.steps, ...recipe.cautions].map(sayText).join(' ')
  expect(words).toMatch(/ladder/i)
  expect(words).not.toMatch(/tower/i)
})

test('what must breathe or be heard on a sprayed ceiling is covered once for each coat, with its own caution', () => {
  const fittings = [on('f1', 'sprinkler'), on('f2', 'light', { atMm: 2000 })]
  const job = jobOf({ room: { steps: [sprayed], fittings } })
  const needs = coverNeeds(job.rooms[0]!, job.shelf, job.site.units, job.rooms)
  const cuts = (what: string) => needs.find((need) => need.what === what)?.cuts.length
  expect([cuts('sprinkler f1'), cuts('light f2')]).toEqual([sprayed.coats, 1])
  const words = recipeOf({ room: { steps: [sprayed], fittings } }, 'ceiling|fitting:f1')
    .cautions.map(sayText)
    .join(' ')
  expect(words).not.toMatch(/power/i)
})

test('brushed or rolled, an alarm gets tape alone', () => {
  const job = jobOf({ room: { steps: [CEILING], fittings: [on('f1', 'alarm')] } })
  expect(
    coverNeeds(job.rooms[0]!, job.shelf, job.site.units, job.rooms).filter(({ hold }) => hold === 'bagged'),
  ).toEqual([])
})
