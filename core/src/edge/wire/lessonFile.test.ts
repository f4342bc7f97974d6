import type { Lesson } from '../../answers/bench/lesson'
import { readLessonFile, writeLessonFile } from './lessonFile'

const base = { id: 'own', level: 'straight', title: 'Our wall', tells: 'Tape it.', pass: 80 } as const
const wall: Lesson = { ...base, kind: 'wall', wall: { texture: 'stipple', ageDays: null, rh: 70 }, free: ['seal'] }
const order: Lesson = {
  ...base,
  kind: 'order',
  steps: ['Dust', 'Tape'],
  rules: [{ before: 0, after: 1, why: 'Tape holds on no dust.' }],
}

test.each([wall, order])('a lesson read from what was written is the same', (lesson) => {
  expect(readLessonFile(writeLessonFile(lesson))).toEqual(lesson)
})

test.each([
  ['no JSON', '{', 'not_json'],
  ['no lesson', '{}', 'format'],
  ['a texture nobody knows', writeLessonFile(wall).replace('stipple', 'velvet'), 'wall.texture'],
  ['a wall with what is not the wall’s', writeLessonFile(wall).replace('"rh"', '"price"'), 'wall'],
  ['nothing to choose', writeLessonFile(wall).replace('"seal"', ''), 'free'],
  ['a rule about a step there is not', writeLessonFile(order).replace('"after": 1', '"after": 2'), 'rules[0]'],
])('%s is refused with its place', (_, text, place) => {
  expect.assertions(1)
  try {
    readLessonFile(text)
  } catch (error) {
    const { code, facts } = error as { code: string; facts: { place?: string } }
    expect(`${code} ${facts.place ?? ''}`).toContain(place)
  }
})
