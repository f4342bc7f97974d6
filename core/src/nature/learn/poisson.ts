/** A number drawn by the standard normal law (Box & Muller 1958). */
export const drawnNormal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())

/** Above this mean a Poisson count is drawn by the normal law. */
const MANY = 60

/** A Poisson count: by Knuth's product of uniforms where few are expected, by the normal law where many are. */
export function poisson(mean: number, random: () => number): number {
  if (mean > MANY) return Math.max(0, Math.round(mean + drawnNormal(random) * Math.sqrt(mean)))
  const least = Math.exp(-mean)
  let [n, product] = [0, random()]
  while (product > least) {
    n += 1
    product *= random()
  }
  return n
}
