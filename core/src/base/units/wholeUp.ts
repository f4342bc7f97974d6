/** How far a sum of measured parts may stray from the whole it stands for, as a share of it. */
const STRAY = 1e-9

/**
 * The next whole number of things to buy, where sums of parts may end a hair over a whole: 60.000 m on tubes of 60 m are one
 * tube, not two.
 *
 * @param step  in what steps it is sold, as 0.5 l
 */
export const wholeUp = (exact: number, step = 1): number => {
  const steps = exact / step
  return Math.max(0, Math.ceil(steps - STRAY * Math.max(1, steps))) * step
}
