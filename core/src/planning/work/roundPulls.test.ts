import { ternQuaySurvey } from '../../../../demo'
import { planJob } from '../../answers/chain/planJob'
import { dryOnly, peelWindow, type PullSpan } from '../../nature/cure/pullWindow'
import type { Recipe } from '../../masking/recipes/recipe'
import { mannerOf, roundPulls } from './roundPulls'
import { early } from '../../../tests/early'

const round = { roomId: 'r', stepId: 's', wallIds: ['w'], part: null }
const recipe = (way: Recipe['way'], pull: Recipe['pull'], pullAfterH = 0) => ({ way, pull, pullAfterH }) as Recipe
const recipes = new Map([
  ['a', recipe('tape', 'wet')],
  ['b', recipe('tape', 'dry')],
  ['c', recipe('liquid-mask', 'dry', 24)],
  ['d', recipe('freehand', 'none')],
  ['e', recipe('liquid-mask', 'dry', 30)],
  ['f', { ...recipe('tape', 'dry'), keptFor: 'walls' }],
])

test('a round has a task for each way its hems come off; lines cut by hand have none', () => {
  expect(roundPulls(round, ['a', 'b', 'c', 'd', 'e', 'f'], recipes)).toEqual([
    { manner: 'wet', taskId: 'r/s/w/pull', hemIds: ['a'], afterH: 0, stays: false },
    { manner: 'dry', taskId: 'r/s/w/pull-dry', hemIds: ['b'], afterH: 0, stays: false },
    { manner: 'dry', taskId: 'r/s/w/pull-floor', hemIds: ['f'], afterH: 0, stays: true },
    { manner: 'peel', taskId: 'r/s/w/peel', hemIds: ['c', 'e'], afterH: 30, stays: false },
  ])
  expect(roundPulls(round, ['b'], recipes).map((pull) => pull.taskId)).toEqual(['r/s/w/pull'])
  expect(roundPulls(round, ['d', 'nobody'], recipes)).toEqual([])
  expect(mannerOf(undefined)).toBeNull()
})

test('left to dry on purpose, the wet span is one more to wait through', () => {
  const spans: PullSpan[] = [
    { kind: 'too-wet', from: 0, to: 5, endedBy: 'settled' },
    { kind: 'wet', from: 5, to: 20, endedBy: 'open-time' },
    { kind: 'tacky', from: 20, to: 300, endedBy: 'hard-dry' },
    { kind: 'dry', from: 300, to: null, endedBy: null },
  ]
  expect(dryOnly(spans)).toEqual([
    { kind: 'too-wet', from: 0, to: 20, endedBy: 'open-time' },
    { kind: 'tacky', from: 20, to: 300, endedBy: 'hard-dry' },
    { kind: 'dry', from: 300, to: null, endedBy: null },
  ])
})

test('a mask is left alone until it may be cut, and then for as long as one likes', () => {
  expect(peelWindow(100, 1600).map((span) => [span.kind, span.from, span.to])).toEqual([
    ['tacky', 100, 1600],
    ['dry', 1600, null],
  ])
})

test('panes under a mask wait a day for the blade, and the walls beside them do not; uncovering waits for both', () => {
  const plan = planJob(early(ternQuaySurvey()))
  const at = (id: string) => plan.placed.find((task) => task.taskId === id)!
  const doors = plan.rounds.find(
    (round) => round.roomId === 'corridor' && round.pulls.some((p) => p.manner === 'peel'),
  )!
  const peel = at(doors.pulls.find((pull) => pull.manner === 'peel')!.taskId)
  const walls = plan.rounds.filter((round) => round.roomId === 'corridor' && round.stepId !== doors.stepId)
  expect(walls.length).toBeGreaterThan(0)
  for (const round of walls) {
    const lay = plan.tasks.find((task) => task.id === `${round.id}/lay`)!
    expect(lay.after.some((after) => after.taskId === peel.taskId)).toBe(false)
  }
  expect(at('corridor/uncover').from).toBeGreaterThanOrEqual(peel.to)
})
