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

// Flat numbers, which the solver and the clocks read: a function for each kind of array, so that the machine compiles each for
// one kind. Only the two inner-most loops of the solver read their arrays without them.

/** Element i of flat whole numbers; throws where they do not reach so far. */
export function intAt(list: Int32Array, i: number): number {
  const value = list[i]
  if (value === undefined) throw outside(i, list.length)
  return value
}

/** Element i of flat numbers; throws where they do not reach so far. */
export function floatAt(list: Float64Array, i: number): number {
  const value = list[i]
  if (value === undefined) throw outside(i, list.length)
  return value
}

const outside = (i: number, length: number) => new RangeError(`element ${i} of ${length} is missing`)
