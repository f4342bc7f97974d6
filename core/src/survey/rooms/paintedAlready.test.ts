import { door, sash } from '../../../../demo/parts'
import { jobOf, PLAIN_ROOM } from '../../../tests/oneHem'
import { planJob } from '../../answers/chain/planJob'
import { paintedAlready } from './paintedAlready'

const room = {
  ...PLAIN_ROOM,
  openings: [door('o1', 'w1', 400), sash({ id: 'o2', wallId: 'w3', atMm: 900, widthMm: 1200 })],
}
const YESTERDAY = '2027-05-10T15:00:00Z'

test('what is painted loses its step, and its faces are that colour since then, by the tool it takes', () => {
  const done = paintedAlready(room, ['ceiling', 'trim'], YESTERDAY)
  expect(done.steps.map((step) => step.name)).toEqual(['Walls'])
  expect(done.ceiling.last).toMatchObject({ at: YESTERDAY, tool: 'roller', coatingId: 'lime-ceiling', coats: 2 })
  for (const face of [done.skirting!.face, ...done.openings.map((opening) => opening.casing!)])
    expect(face).toMatchObject({ swatch: '#fdfdf8', last: { at: YESTERDAY, tool: 'brush', coatingId: 'bell-semi' } })
  expect(done.walls.every((wall) => wall.face.last === null)).toBe(true)
})

test('sprayed, and nobody knows when; nothing asked, nothing changed', () => {
  expect(paintedAlready(room, ['walls'], null, 'sprayed').walls[0]!.face.last).toMatchObject({
    at: null,
    tool: 'spray',
  })
  expect(paintedAlready(room, [], YESTERDAY)).toEqual(room)
})

test('ceiling and trim painted yesterday and walls to do: tape of little grip, and none before its night is over', () => {
  const done = paintedAlready(room, ['ceiling', 'trim'], '2027-05-11T05:00:00Z')
  const plan = planJob(jobOf({ room: done }))
  const lay = plan.placed.find((each) => plan.tasks.find((task) => task.id === each.taskId)!.kind === 'lay')!
  expect(lay.from * 60_000 - Date.parse('2027-05-11T05:00:00Z')).toBeGreaterThanOrEqual(12 * 3600_000)
  for (const recipe of plan.recipes) if (recipe.safe) expect(recipe.risks.lift.mean).toBeLessThanOrEqual(0.02)
})
