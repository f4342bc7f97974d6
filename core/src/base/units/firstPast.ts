/** The first of `count` places from which on something holds, by halving; `count` where it never does. */
export function firstPast(count: number, holds: (i: number) => boolean): number {
  let low = 0
  let high = count
  while (low < high) {
    const middle = (low + high) >> 1
    if (holds(middle)) high = middle
    else low = middle + 1
  }
  return low
}
