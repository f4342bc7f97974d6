/** The sum of something over a list. */
export const sumOf = <T>(list: readonly T[], of: (each: T) => number): number =>
  list.reduce((sum, each) => sum + of(each), 0)
