import { door } from '../../demo/parts'
import { planWithProblem } from '../src/answers/chain/planJob'
import { HOUSE_WAYS, type PaintStep } from '../src/base/nouns'
import { parseInstant } from '../src/base/units/time'
import { coatingOf } from '../src/survey/shelf/find'
import { filmClockOf } from '../src/nature/cure/paintClocks'
import { instantOfGain } from '../src/nature/cure/rateClock'
import { jobClocks } from '../src/nature/cure/areaClocks'
import { jobOf, stepCodes, TRIM, WALLS } from './oneHem'

/** A floor is painted last, towards the door; nobody stands on it to pull or to look. Common practice, no published source. */
const FLOOR: PaintStep = { ...TRIM, id: 's9', name: 'Floor', targets: ['floor'], colour: 'Slate', swatch: '#4a5358' }

test.each(HOUSE_WAYS)('%s: its tape comes off, and somebody looks, once it can be walked on', (school) => {
  const job = jobOf({
    room: { openings: [door('o1', 'w1', 400)], steps: [WALLS, FLOOR] },
    house: { school, pull: 'wet' },
  })
  const { plan } = planWithProblem(job, parseInstant(job.start))
  const at = new Map(plan.placed.map((task) => [task.taskId, task]))
  const of = (kind: string, stepId: string | null) =>
    plan.tasks.filter((task) => task.kind === kind && task.stepId === stepId).flatMap(({ id }) => at.get(id) ?? [])
  const coats = of('coat', FLOOR.id)
  expect(coats.length).toBeGreaterThan(0)
  // All walls are through, and stripped, before the floor is masked.
  const walls = [...of('pull', WALLS.id), ...of('roll', WALLS.id), ...of('coat', WALLS.id)]
  expect(Math.min(...of('lay', FLOOR.id).map(({ from }) => from))).toBeGreaterThanOrEqual(
    Math.max(...walls.map(({ to }) => to)),
  )
  const coating = coatingOf(job.shelf, FLOOR.coatingId)
  const clock = jobClocks(job)('r').paint(filmClockOf(coating))
  const walkable = instantOfGain(clock, Math.max(...coats.map(({ to }) => to)), coating.hardDryMin)!
  const later = [...of('pull', FLOOR.id), ...of('look', null)]
  expect(later.length).toBeGreaterThan(1)
  for (const task of later) expect(task.from).toBeGreaterThanOrEqual(Math.floor(walkable))
  for (const answer of plan.recipes)
    if (
      answer.safe &&
      answer.hemId.includes('floor') &&
      plan.hems.find(({ id }) => id === answer.hemId)!.paint === 'floor'
    )
      expect(stepCodes(answer)).toContain('step.to_door')
})
