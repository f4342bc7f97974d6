import { ternQuay } from '../../../../demo'
import {
  LESSON_LEVELS,
  lessonWall,
  planJob,
  scoreOrder,
  scoreWall,
  STARTER_HOUSE,
  STARTER_SHELF,
  type OrderLesson,
  type WallLesson,
} from '@crisp-hem/core'
import { writeLessonFile } from '@crisp-hem/core/wire'
import { givenAt } from './given'
import { levelReached, ownLessonsIn, scoresIn } from './learned'
import { LESSONS } from './lessons'
import { shuffledSteps } from './OrderLessonView'
import { questionOf } from './question'

const AT = 30_000_000
const job = ternQuay()
const plan = planJob(job)
const walls = LESSONS.filter((each): each is WallLesson => each.kind === 'wall')
const orders = LESSONS.filter((each): each is OrderLesson => each.kind === 'order')

test.each(walls)('wall $id: it is not passed as it lies, and the best choice passes', (lesson) => {
  const wall = lessonWall(lesson, STARTER_SHELF, AT)
  const asItLies = scoreWall(lesson, wall, STARTER_SHELF, STARTER_HOUSE)
  expect(asItLies.score).toBeLessThan(lesson.pass)
  const best = scoreWall(lesson, asItLies.bestSetup, STARTER_SHELF, STARTER_HOUSE)
  expect(best.score).toBe(100)
  expect(best.hint).toBeNull()
})

test.each(orders)('order $id: as written it is right, as it is shown it is not', (lesson) => {
  const right = lesson.steps.map((_, i) => i)
  expect(scoreOrder(lesson, right)).toEqual({ score: 100, broken: [] })
  expect(scoreOrder(lesson, shuffledSteps(lesson)).score).toBeLessThan(100)
  expect([...shuffledSteps(lesson)].sort((a, b) => a - b)).toEqual(right)
  expect(lesson.rules.every(({ why }) => why.length > 10)).toBe(true)
})

test('a level is reached when all its lessons are passed, and those of all levels below', () => {
  const passed = (levels: readonly string[]) =>
    Object.fromEntries(LESSONS.filter(({ level }) => levels.includes(level)).map(({ id }) => [id, 90]))
  expect(levelReached(LESSONS, {})).toBeNull()
  expect(levelReached(LESSONS, passed(['straight']))).toBe('straight')
  expect(levelReached(LESSONS, passed(['corners', 'brush-over']))).toBeNull()
  expect(levelReached(LESSONS, passed(LESSON_LEVELS))).toBe('hand-cut')
})

test('with each level there is at least as much to be given', () => {
  const metres = LESSON_LEVELS.map((level) => givenAt(level, plan).metres)
  expect(metres[0]).toBeGreaterThan(0)
  expect(metres).toEqual([...metres].sort((a, b) => a - b))
})

test('what a device kept is read with care', () => {
  expect(scoresIn('{"age":90,"x":"y","z":300}')).toEqual({ age: 90 })
  expect(scoresIn('no json')).toEqual({})
  expect(scoresIn(null)).toEqual({})
  const own = { ...walls[0]!, id: 'own' }
  expect(ownLessonsIn(JSON.stringify([writeLessonFile(own), 'rubbish']))).toEqual([own])
  expect(ownLessonsIn('{}')).toEqual([])
})

describe('the question of the day', () => {
  const days = Array.from({ length: 20 }, (_, i) => questionOf(plan, job.shelf, `day ${i}`))

  test('one tape is right: the one the recipe lays; the others are ruled out there', () => {
    for (const question of days) {
      const right = question!.options.filter(({ whyNot }) => whyNot === null)
      expect(right).toHaveLength(1)
      const recipe = plan.recipes.find(({ hemId }) => hemId === question!.hemId)!
      expect(recipe.safe && recipe.tapeId).toBe(right[0]!.tapeId)
      expect(question!.options.length).toBeGreaterThan(2)
    }
  })

  test('the same all day, others on other days', () => {
    expect(questionOf(plan, job.shelf, 'day 3')).toEqual(days[3])
    expect(new Set(days.map((each) => each!.hemId)).size).toBeGreaterThan(3)
  })

  test('nothing to ask of a job without recipes', () => {
    expect(questionOf({ recipes: [] }, job.shelf, 'x')).toBeNull()
  })
})
