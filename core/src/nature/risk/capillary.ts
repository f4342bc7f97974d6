/** A paint that a gap draws in, and the gap. SI units, angles in degrees. */
export interface CapillaryFlow {
  /** Between two faces so far apart, m, or in a round vessel of such a radius. */
  readonly gap: { readonly slitM: number } | { readonly radiusM: number }
  /** Surface tension, N/m, and cosine of the angle at which the paint meets the face. */
  readonly tensionNm: number
  readonly contactCos: number
  /** Viscosity at the beginning, Pa·s, and how fast it rises, 1/s: e-fold in 1/rise seconds. Left out: it stays. */
  readonly viscosityPas: number
  readonly risePerS?: number
  /** Density, kg/m³, and how steeply the run goes up, 90° straight up, below 0 downhill. Left out: level. */
  readonly densityKgM3?: number
  readonly upDeg?: number
}

const GRAVITY = 9.80665 // m/s², CGPM 1901: published

/** Seconds at the first viscosity that come to the same flow as `seconds` while it rises exponentially. */
export const flowSeconds = (seconds: number, risePerS = 0): number =>
  risePerS === 0 ? seconds : -Math.expm1(-risePerS * seconds) / risePerS

/** L² for each second of level flow, m²/s: Washburn 1921, γ h cosθ / 3η in a slit, γ r cosθ / 2η in a round vessel. */
export const washburnM2PerS = ({ gap, tensionNm, contactCos, viscosityPas }: CapillaryFlow): number =>
  (tensionNm * contactCos * ('slitM' in gap ? gap.slitM / 3 : gap.radiusM / 2)) / viscosityPas

/** How high paint would climb at last, m: where its weight is what the gap pulls (Jurin 1718). Endless on the level and downhill. */
export function jurinM({ gap, tensionNm, contactCos, densityKgM3 = 0, upDeg = 0 }: CapillaryFlow): number {
  const weight = densityKgM3 * GRAVITY * Math.sin((upDeg * Math.PI) / 180)
  const pull = (2 * tensionNm * contactCos) / ('slitM' in gap ? gap.slitM : gap.radiusM)
  return weight > 0 ? pull / weight : Number.POSITIVE_INFINITY
}

/**
 * How far paint runs into a gap in some seconds, m: Washburn's law, with the weight of what has run in (the form solved by time, Washburn
 * 1921 eq. 10) and a viscosity that rises. docs/science.md eq. 12.
 */
export function capillaryRunM(flow: CapillaryFlow, seconds: number): number {
  const level = washburnM2PerS(flow) * flowSeconds(seconds, flow.risePerS)
  const weight = (flow.densityKgM3 ?? 0) * GRAVITY * Math.sin(((flow.upDeg ?? 0) * Math.PI) / 180)
  if (weight === 0) return Math.sqrt(level)
  const pull = (2 * flow.tensionNm * flow.contactCos) / ('slitM' in flow.gap ? flow.gap.slitM : flow.gap.radiusM)
  // In units of the height at which weight and pull are even, x, downhill below nothing: −x − ln(1 − x) = level / (2 · height²).
  const height = pull / weight
  const needed = level / (2 * height * height)
  let [low, high] = height > 0 ? [0, 1] : [-1 - needed - Math.sqrt(2 * needed) * 2, 0]
  for (let i = 0; i < 200; i++) {
    const x = (low + high) / 2
    const isShort = -x - Math.log1p(-x) < needed
    if (height > 0 === isShort) low = x
    else high = x
  }
  return (height * (low + high)) / 2
}

/**
 * Force that peels a strip, N: Rivlin 1944, Kendall 1975, for a strip that does not stretch. docs/science.md eq. 9.
 *
 * @param energyNPerM  energy of each square metre that comes off, J/m², which is N/m
 * @param angleDeg     between the strip's back and the face it comes from: 180 is folded flat back, 90 straight off
 */
export const peelN = (energyNPerM: number, widthMm: number, angleDeg: number): number =>
  (energyNPerM * (widthMm / 1000)) / (1 - Math.cos((angleDeg * Math.PI) / 180))
