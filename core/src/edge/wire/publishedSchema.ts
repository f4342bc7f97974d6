import { CHANGE_KINDS, readActivity } from '../../base/nouns'
import { exact, id, instant, list, needs, oneOf, optionalText, orNull, text, wholeNumber } from './fields'

/** A text that names a piece of work. */
export const activityId = () =>
  text(600).test(
    'activity',
    needs('activity_key'),
    (key) => key === undefined || key === null || readActivity(key) !== null,
  )

const piece = exact({ from: instant(), to: instant() })

const task = exact({
  taskId: activityId(),
  crewId: id(),
  hands: orNull(wholeNumber(1, 100)),
  from: instant(),
  to: instant(),
  pieces: list(piece, 1, 400),
})

const tasks = () => list(task, 0, 50_000)

/** A plan that was published, as job files carry it. */
export const publishedSchema = exact({
  number: wholeNumber(1, 1_000_000),
  at: instant(),
  by: optionalText(80),
  why: optionalText(300),
  tasks: tasks(),
  changes: list(
    exact({
      kind: oneOf(CHANGE_KINDS),
      taskId: activityId(),
      before: orNull(instant()),
      after: orNull(instant()),
    }),
    0,
    50_000,
  ),
})

/** What a device sends to publish: the plan, and which one it was made from. */
export const publishSchema = exact({
  basedOn: orNull(wholeNumber(1, 1_000_000)),
  by: optionalText(80),
  why: optionalText(300),
  tasks: tasks(),
})
