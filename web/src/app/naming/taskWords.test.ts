import { parseInstant, planJob } from '@crisp-hem/core'
import { gullRow, ternQuay, TERN_QUAY_NOW } from '../../../../demo'
import { taskWords } from './taskWords'
import { early } from '../../../../core/tests/early'

test.each([
  ['Tern Quay', ternQuay(), parseInstant(TERN_QUAY_NOW)],
  ['Gull Row', early(gullRow()), parseInstant(early(gullRow()).start)],
])('%s: no two pieces of work to lay, coat or roll read alike', (_, job, now) => {
  const { tasks } = planJob(job, now)
  const words = tasks.flatMap((task) =>
    ['lay', 'coat', 'roll'].includes(task.kind) ? [taskWords(job.rooms, task, task.id)] : [],
  )
  expect(words.filter((word, i) => words.indexOf(word) !== i)).toEqual([])
})

test('a rolled field says its wall, work of a whole room does not', () => {
  const job = ternQuay()
  const { tasks } = planJob(job, parseInstant(TERN_QUAY_NOW))
  const words = tasks.map((task) => taskWords(job.rooms, task, task.id))
  expect(words).toContain('Practice room 2, Walls, wall B: roll coat 2')
  expect(words).toContain('Practice room 2, Walls: lay')
  expect(taskWords(job.rooms, undefined, 'practice2/s3/w2/roll2')).toBe('Practice room 2, Walls, wall B: roll')
  expect(taskWords(job.rooms, undefined, 'practice2/gone/w9/lay')).toBe('Practice room 2: lay')
})
