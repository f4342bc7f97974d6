/** Answers of one key that are kept, the newest: a plan asks by its first guess, then by what it made of it. */
const MOST_KEPT = 4

interface Kept<Answer> {
  readonly from: readonly unknown[]
  readonly answer: Answer
}

/**
 * Keeps what was worked out for an object, and uses it while all it was worked out from is the same, in the same order. What is passed
 * must not change: what an edit did not touch is the same object.
 *
 * @returns a function of the object, all that its answer depends on, and the work that gives it
 */
export function whileSame<Answer>(): (key: object, from: readonly unknown[], work: () => Answer) => Answer {
  const answers = new WeakMap<object, Kept<Answer>[]>()
  return (key, from, work) => {
    const kept = answers.get(key) ?? []
    const i = kept.findIndex((each) => isSame(each.from, from))
    const found = kept[i] ?? { from, answer: work() }
    if (i !== 0) answers.set(key, [found, ...kept.filter((each) => each !== found)].slice(0, MOST_KEPT))
    return found.answer
  }
}

const isSame = (one: readonly unknown[], other: readonly unknown[]): boolean =>
  one.length === other.length && one.every((each, i) => Object.is(each, other[i]))
