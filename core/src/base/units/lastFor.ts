/**
 * A function whose last answer for each first argument is kept for as long as that object is, and used while all other arguments
 * are the same. What is passed must not change: a job is never edited in place, so what an edit did not touch is the same object.
 */
export function lastFor<Key extends object, Rest extends readonly unknown[], Answer>(
  work: (key: Key, ...rest: Rest) => Answer,
): (key: Key, ...rest: Rest) => Answer {
  const answers = new WeakMap<Key, { readonly rest: Rest; readonly answer: Answer }>()
  return (key, ...rest) => {
    const known = answers.get(key)
    if (known && known.rest.every((each, i) => Object.is(each, rest[i]))) return known.answer
    const answer = work(key, ...rest)
    answers.set(key, { rest, answer })
    return answer
  }
}
