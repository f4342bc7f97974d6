import { CoreError, PRESSINGS, SEALS, SKILLS, SOUNDNESS, STROKES, TEXTURES, TOOLS } from '../../base/nouns'
import { expects } from '../../base/units/faults'
import { BENCH_RANGES } from '../../answers/bench/benchSetup'
import { LESSON_CHOICES, LESSON_LEVELS, type Lesson } from '../../answers/bench/lesson'
import { decimal, exact, flag, id, list, oneOf, orNull, text, wholeNumber } from './fields'
import { readJson } from './jsonText'
import { shapeFaults } from './shapeFaults'

const FORMAT = 'crisp-hem/lesson'
const VERSION = 1
const base = {
  format: oneOf([FORMAT] as const),
  version: wholeNumber(VERSION, VERSION),
  id: id(),
  level: oneOf(LESSON_LEVELS),
  title: text(200),
  tells: text(2000),
  pass: wholeNumber(1, 100),
}
/** What of a made-up wall a lesson may say; the rest is as the Bench begins. */
const wallFields = {
  tapeId: id(),
  texture: oneOf(TEXTURES),
  soundness: oneOf(SOUNDNESS),
  dusty: flag(),
  ageDays: orNull(decimal(...BENCH_RANGES.ageDays)),
  keepTool: oneOf(TOOLS),
  stroke: oneOf(STROKES),
  pressing: oneOf(PRESSINGS),
  seal: oneOf(SEALS),
  hand: oneOf(SKILLS),
  filmShare: decimal(...BENCH_RANGES.filmShare),
  earlierCoats: wholeNumber(0, 5),
  tempC: decimal(...BENCH_RANGES.tempC),
  rh: decimal(...BENCH_RANGES.rh),
  laidBeforeMin: decimal(...BENCH_RANGES.laidBeforeMin),
  pullAfterMin: decimal(...BENCH_RANGES.pullAfterMin),
}
const orderSchema = exact({
  ...base,
  kind: oneOf(['order'] as const),
  steps: list(text(300), 2, 30),
  rules: list(exact({ before: wholeNumber(0, 29), after: wholeNumber(0, 29), why: text(500) }), 1, 200),
})
type Fields = Readonly<Record<string, unknown>>
const isFields = (data: unknown): data is Fields => typeof data === 'object' && data !== null && !Array.isArray(data)

/** The schema of a wall: of its wall only what is said is looked at. */
const wallSchema = (said: readonly string[]) =>
  exact({
    ...base,
    kind: oneOf(['wall'] as const),
    free: list(oneOf(LESSON_CHOICES), 1, LESSON_CHOICES.length),
    wall: exact(Object.fromEntries(Object.entries(wallFields).filter(([name]) => said.includes(name)))),
  })

/**
 * Reads a lesson of a house's own, `*.lesson.json`.
 * @throws CoreError jobfile.not_json; jobfile.invalid naming the place and what was expected
 */
export function readLessonFile(source: string): Lesson {
  const data = readJson(source)
  const fields = isFields(data) ? data : {}
  const schema =
    fields.kind === 'order' ? orderSchema : wallSchema(isFields(fields.wall) ? Object.keys(fields.wall) : [])
  const [fault] = shapeFaults(schema, data)
  if (fault) throw new CoreError('jobfile.invalid', { ...fault })
  const { format: _format, version: _version, ...lesson } = data as Fields
  const whole = lesson as unknown as Lesson
  if (whole.kind === 'order') {
    const wrong = whole.rules.findIndex(({ before, after }) => Math.max(before, after) >= whole.steps.length)
    if (wrong >= 0)
      throw new CoreError('jobfile.invalid', {
        place: `rules[${wrong}]`,
        expected: expects('at_most', { most: whole.steps.length - 1 }),
      })
  }
  return whole
}

/** A lesson as the text of a file. */
export const writeLessonFile = (lesson: Lesson): string =>
  `${JSON.stringify({ format: FORMAT, version: VERSION, ...lesson }, null, 2)}\n`
