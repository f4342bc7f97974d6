/** What the lines before have made certain; throws where they have not, in place of going on with nothing. */
export function sure<T>(value: T | null | undefined): T {
  if (value === null || value === undefined) throw new Error('a value that had to be there is missing')
  return value
}

/** Element i of a list that reaches so far; throws where it does not. */
export function nth<T>(list: ArrayLike<T>, i: number): T {
  const value = list[i]
  if (value === undefined) throw new Error(`element ${i} of ${list.length} is missing`)
  return value
}
