/** Numbers the learning functions rest on: the incomplete gamma and beta functions and their inverses. */

// Lanczos 1964, g = 7, nine terms: relative error below 1e-14.
const LANCZOS = [
  0.999_999_999_999_809_9, 676.520_368_121_885_1, -1259.139_216_722_402_8, 771.323_428_777_653_1,
  -176.615_029_162_140_6, 12.507_343_278_686_905, -0.138_571_095_265_720_12, 9.984_369_578_019_572e-6,
  1.505_632_735_149_311_6e-7,
] as const

/** ln Γ(x) for x > 0. */
export function lnGamma(x: number): number {
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - lnGamma(1 - x)
  const [first, ...rest] = LANCZOS
  const at = x - 1
  const sum = rest.reduce<number>((all, term, i) => all + term / (at + i + 1), first)
  const t = at + 7.5
  return 0.5 * Math.log(2 * Math.PI) + (at + 0.5) * Math.log(t) - t + Math.log(sum)
}

/** P(a, x), the share of a gamma variable of shape a below x: series below a + 1, continued fraction above. */
export function gammaBelow(a: number, x: number): number {
  if (x <= 0) return 0
  const scale = Math.exp(a * Math.log(x) - x - lnGamma(a))
  if (x < a + 1) {
    let term = 1 / a
    let sum = term
    for (let n = 1; n < mostTerms(a) && term > sum * 1e-16; n++) sum += term *= x / (a + n)
    return Math.min(1, sum * scale)
  }
  // Lentz's form of the continued fraction.
  let b = x + 1 - a
  let c = 1e300
  let d = 1 / b
  let h = d
  for (let i = 1; i < mostTerms(a); i++) {
    const an = -i * (i - a)
    b += 2
    d = 1 / (an * d + b)
    c = b + an / c
    const step = d * c
    h *= step
    if (Math.abs(step - 1) < 1e-15) break
  }
  return Math.max(0, 1 - scale * h)
}

/** The x below which a share p of a gamma variable of shape a lies, by bisection to 1e-12. */
export function gammaQuantile(a: number, p: number): number {
  let high = a + 10
  while (gammaBelow(a, high) < p) high *= 2
  return bisect((x) => gammaBelow(a, x) - p, 0, high)
}

/** I_x(a, b), the share of a beta variable below x, for a and b over 0: Lentz's form of its continued fraction (Abramowitz & Stegun 26.5.8). */
export function betaBelow(a: number, b: number, x: number): number {
  if (x <= 0) return 0
  if (x >= 1) return 1
  // It converges fast below the mean; above it the other tail is asked.
  if (x > (a + 1) / (a + b + 2)) return 1 - betaBelow(b, a, 1 - x)
  const front = Math.exp(a * Math.log(x) + b * Math.log1p(-x) + lnGamma(a + b) - lnGamma(a) - lnGamma(b)) / a
  let c = 1
  let d = 1 / (1 - ((a + b) * x) / (a + 1))
  let h = d
  for (let m = 1; m < mostTerms(a + b); m++) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m))
    d = 1 / (1 + even * d)
    c = 1 + even / c
    h *= d * c
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1))
    d = 1 / (1 + odd * d)
    c = 1 + odd / c
    const step = d * c
    h *= step
    if (Math.abs(step - 1) < 1e-15) break
  }
  return Math.min(1, front * h)
}

/** Terms that are enough for counts of any size. */
const mostTerms = (count: number): number => 1000 + 50 * Math.sqrt(count)

/** The root of a rising function between two bounds. */
export function bisect(f: (x: number) => number, from: number, to: number): number {
  let [low, high] = [from, to]
  for (let i = 0; i < 200 && high - low > 1e-13 * Math.max(1, high); i++) {
    const middle = (low + high) / 2
    if (f(middle) < 0) low = middle
    else high = middle
  }
  return (low + high) / 2
}
