/** Sizes of the chart, px: the names at its left, the hours above, a bar, a pull ribbon under it, the gap between rows. */
export const [LEFT, TOP, BAR, RIBBON, GAP] = [124, 58, 30, 18, 26]

/** A narrower bar or ribbon shows no mark, px: it could not be made out, and costs as much to draw. */
export const LEAST_MARKED = 5
