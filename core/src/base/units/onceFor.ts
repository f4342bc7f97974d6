/** A function of one object whose answer is kept for as long as the object is; the object must not change. */
export function onceFor<Key extends object, Answer>(work: (key: Key) => Answer): (key: Key) => Answer {
  const answers = new WeakMap<Key, { readonly answer: Answer }>()
  return (key) => {
    const known = answers.get(key)
    if (known) return known.answer
    const answer = work(key)
    answers.set(key, { answer })
    return answer
  }
}
