/** Answers kept of one function before they are let go. */
const MOST_KEPT = 50_000

/**
 * A function of a number or a text whose answers are kept, for what is asked for again and again. Answers must not change, and are never
 * undefined. What it throws it throws again.
 */
export function keptWords<Key extends string | number, Answer extends string | number | object | null>(
  work: (key: Key) => Answer,
): (key: Key) => Answer {
  const answers = new Map<Key, Answer>()
  return (key) => {
    const known = answers.get(key)
    if (known !== undefined) return known
    const answer = work(key)
    if (answers.size >= MOST_KEPT) answers.clear()
    answers.set(key, answer)
    return answer
  }
}
