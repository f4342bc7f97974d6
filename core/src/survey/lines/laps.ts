/**
 * Courses of lapped boards that an opening's side or underside touches: each needs a strip of its own.
 *
 * @param lapMm    height of board that shows, more than 0
 * @param offsetMm where the lowest whole course begins, mm above the floor
 * @param fromMm, toMm  the opening's lower and upper edge, casing and all
 * @returns how many courses lie between, partly or whole
 */
export function coursesTouched(lapMm: number, offsetMm: number, fromMm: number, toMm: number): number {
  if (toMm <= fromMm) return 0
  const course = (mm: number) => (mm - offsetMm) / lapMm
  return Math.ceil(course(toMm)) - Math.floor(course(fromMm))
}
