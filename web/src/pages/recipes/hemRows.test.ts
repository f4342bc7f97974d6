import { factText } from '../../app/words'
import { planJob } from '@crisp-hem/core'
import { ternQuaySurvey } from '../../../../demo'
import { groupRows, hemRows, sortGroups, SORTS, tableLines } from './hemRows'
import { early } from '../../../../core/tests/early'

const { log: _log, published: _published, ...facts } = early(ternQuaySurvey())
const plan = planJob({ ...facts, log: [], published: null })
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
  expect(found.map((row) => factText(row.hem.place))).toEqual([
    'wall D, round smoke alarm',
    'wall D, round smoke alarm',
  ])
})

test('sorting puts the largest of each group first, keeps every row, and gives way to the order of the survey', () => {
  const groups = groupRows(rows, 'room', '')
  expect(sortGroups(groups, null)).toBe(groups)
  for (const by of SORTS) {
    const sorted = sortGroups(groups, by)
    expect(sorted.map((group) => group.rows.length)).toEqual(groups.map((group) => group.rows.length))
    expect(new Set(sorted.flatMap((group) => group.rows))).toEqual(new Set(rows))
  }
  for (const group of sortGroups(groups, 'length'))
    group.rows.forEach((row, i) => {
      if (i > 0) expect(row.hem.lengthMm).toBeLessThanOrEqual(group.rows[i - 1]!.hem.lengthMm)
    })
})

test('lines are a head for each group and its hems, each with a key of its own', () => {
  const lines = tableLines(groupRows(rows, 'room', ''))
  const heads = lines.filter((line) => 'group' in line)
  expect(lines.length).toBe(rows.length + heads.length)
  expect(new Set(lines.map((line) => line.key)).size).toBe(lines.length)
  expect(lines[0]).toHaveProperty('group')
})
