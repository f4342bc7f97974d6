import type { Lesson, LessonLevel, OrderLesson, WallLesson } from '@crisp-hem/core'
import { W } from '../../app/words'

type LessonName = keyof typeof W.practice.lessons
const PASS = 80

const wall = (
  name: LessonName,
  level: LessonLevel,
  setup: WallLesson['wall'],
  free: WallLesson['free'],
): WallLesson => ({
  kind: 'wall',
  id: name,
  level,
  title: W.practice.lessons[name].title,
  tells: W.practice.lessons[name].tells,
  pass: PASS,
  wall: setup,
  free,
})

type OrderName = {
  [K in LessonName]: (typeof W.practice.lessons)[K] extends { steps: unknown } ? K : never
}[LessonName]

/** @param rules  step before, step after (from 0), and the name of the reason */
const order = <K extends OrderName>(
  name: K,
  level: LessonLevel,
  rules: readonly (readonly [number, number, keyof (typeof W.practice.lessons)[K]['why'] & string])[],
): OrderLesson => {
  const { title, tells, steps, why } = W.practice.lessons[name]
  return {
    kind: 'order',
    id: name,
    level,
    title,
    tells,
    pass: PASS,
    steps,
    rules: rules.map(([before, after, reason]) => ({
      before,
      after,
      why: (why as Readonly<Record<string, string>>)[reason] ?? '',
    })),
  }
}

/** Lessons that come with the app, in the order of the levels. What is right in them is common practice. */
export const LESSONS: readonly Lesson[] = [
  wall(
    'age',
    'straight',
    { texture: 'smooth', ageDays: 0.7, pressing: 'tool', pullAfterMin: 15, tapeId: 'teasel-day' },
    ['tapeId'],
  ),
  wall('press', 'straight', { texture: 'smooth', ageDays: 14, pressing: 'none', pullAfterMin: 15 }, [
    'tapeId',
    'pressing',
  ]),
  wall('pull', 'straight', { texture: 'smooth', ageDays: 14, pressing: 'tool', pullAfterMin: 0 }, ['pullAfterMin']),
  order('corner', 'corners', [
    [0, 1, 'seat'],
    [1, 2, 'lift'],
    [2, 3, 'second'],
    [3, 4, 'press'],
  ]),
  order('floor', 'corners', [
    [0, 1, 'clean'],
    [1, 2, 'press'],
    [2, 3, 'paper'],
    [3, 4, 'paint'],
    [4, 5, 'pull'],
  ]),
  wall('seal', 'brush-over', { texture: 'stipple', ageDays: 14, pressing: 'thumb', seal: 'none', pullAfterMin: 15 }, [
    'seal',
    'pressing',
  ]),
  wall(
    'stroke',
    'brush-over',
    { texture: 'smooth', ageDays: 14, pressing: 'thumb', seal: 'none', stroke: 'toward-tape', pullAfterMin: 15 },
    ['stroke'],
  ),
  order('room', 'brush-over', [
    [0, 1, 'floor'],
    [1, 2, 'ceiling'],
    [2, 5, 'trim'],
    [1, 3, 'night'],
    [2, 3, 'night'],
    [3, 4, 'night'],
    [4, 5, 'tape'],
    [5, 6, 'upper'],
  ]),
  wall('bare', 'hand-cut', { texture: 'heavy-spray', ageDays: 2, pressing: 'none', seal: 'none', pullAfterMin: 0 }, [
    'tapeId',
    'seal',
    'pressing',
    'stroke',
    'pullAfterMin',
  ]),
  order('cut', 'hand-cut', [
    [0, 1, 'load'],
    [1, 2, 'below'],
    [2, 3, 'light'],
    [3, 4, 'roll'],
  ]),
]
