import { plate } from '../../demo/parts'
import { coverNeeds } from '../src/masking/covers/coverNeeds'
import { planJob } from '../src/answers/chain/planJob'
import type { PaintStep, Room } from '../src/base/nouns'
import { STARTER_SHELF } from '../src/survey/shelf/starterShelf'
import { door, sash } from '../../demo/parts'
import { CEILING, jobOf, PLAIN_ROOM, WALLS } from './oneHem'

/** All that fall-out reaches in a room is masked before it is sprayed. Common practice, no published source (C28). */
const room: Room = {
  ...PLAIN_ROOM,
  openings: [door('o1', 'w1', 400), sash({ id: 'o2', wallId: 'w3', atMm: 1200, widthMm: 1200 })],
  fittings: [plate({ id: 'f1', kind: 'socket', wallId: 'w2', atMm: 500, bottomMm: 300 })],
}
const sprayed = (step: PaintStep): PaintStep => ({ ...step, tool: 'spray' })
const covers = (steps: readonly PaintStep[]) =>
  coverNeeds({ ...room, steps }, STARTER_SHELF, 'metric').filter(({ stepIds }) => stepIds !== null)
const of = (steps: readonly PaintStep[], code: string) => covers(steps).filter(({ why }) => why.code === code)

test('a ceiling sprayed before the walls: door, window, socket and skirting are covered for it', () => {
  const steps = [sprayed(CEILING), WALLS]
  expect(of(steps, 'cover.taut').map(({ what, stepIds }) => [what, stepIds])).toEqual([
    ['door 1', [CEILING.id]],
    ['window 2', [CEILING.id]],
  ])
  expect(of(steps, 'cover.fall_out').map(({ stepIds }) => stepIds)).toEqual([[CEILING.id], [CEILING.id]])
})

test('rolled, none of it is; with the walls kept, film hangs before all that is on them', () => {
  expect(covers([CEILING, WALLS])).toEqual([])
  expect(of([sprayed(CEILING)], 'cover.fall_out')).toEqual([])
  expect(of([sprayed(CEILING)], 'cover.hung').length).toBe(4)
})

test('in the plan all of it is on before the gun is made ready, and none comes off before the last stroke', () => {
  const { tasks, placed } = planJob(jobOf({ room: { ...room, steps: [sprayed(CEILING), WALLS] } }))
  const at = (kind: string) =>
    tasks
      .filter((task) => task.stepId === CEILING.id && task.kind === kind)
      .map(({ id }) => placed.find(({ taskId }) => taskId === id)!)
  const [cover, uncover] = [at('cover')[0]!, at('uncover')[0]!]
  const coats = at('coat')
  expect(cover.to).toBeLessThanOrEqual(Math.min(...at('gun-up').map(({ from }) => from)))
  expect(coats.length).toBeGreaterThan(0)
  expect(uncover.from).toBeGreaterThanOrEqual(Math.max(...coats.map(({ to }) => to)))
})
