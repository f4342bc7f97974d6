import { planJob } from '@crisp-hem/core'
import { ternQuaySurvey } from '../../../demo'
import { groupRows, hemRows } from './hemRows'

const { log: _log, ...facts } = ternQuaySurvey()
const plan = planJob({ ...facts, log: [] })
const rows = hemRows(
  facts,
  new Map(plan.hems.map((hem) => [hem.id, hem])),
  new Map(plan.recipes.map((answer) => [answer.hemId, answer])),
)

test('every hem has a row, by room in the order of the survey', () => {
  const groups = groupRows(rows, 'room', '')
  expect(groups.map((group) => group.name)).toEqual(facts.rooms.map((room) => room.name))
  expect(groups.flatMap((group) => group.rows)).toHaveLength(plan.hems.length)
})

test('by recipe, what is unsafe comes first; finding keeps only what matches', () => {
  expect(groupRows(rows, 'recipe', '')[0]!.name).toBe('Nothing safe')
  const found = groupRows(rows, 'room', 'smoke alarm').flatMap((group) => group.rows)
  expect(found.map((row) => row.hem.place)).toEqual(['wall D, round smoke alarm', 'wall D, round smoke alarm'])
})
