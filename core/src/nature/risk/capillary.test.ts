import fc from 'fast-check'
import { capillaryRunM, flowSeconds, jurinM, peelN, washburnM2PerS, type CapillaryFlow } from './capillary'

/** dL/dt by Poiseuille's law in a slit or a round vessel, with weight and rising viscosity: fourth-order Runge–Kutta on L². */
function integrated(flow: CapillaryFlow, seconds: number): number {
  const { gap, tensionNm, contactCos, viscosityPas, risePerS = 0, densityKgM3 = 0, upDeg = 0 } = flow
  const [size, share] = 'slitM' in gap ? [gap.slitM, 12] : [gap.radiusM, 8]
  const pull = (2 * tensionNm * contactCos) / size
  const weight = densityKgM3 * 9.80665 * Math.sin((upDeg * Math.PI) / 180)
  // d(L²)/dt = 2 L dL/dt has no pole at the start.
  const slope = (at: number, square: number) =>
    (2 * size * size * (pull - weight * Math.sqrt(Math.max(0, square)))) /
    (share * viscosityPas * Math.exp(risePerS * at))
  const steps = 4000
  const dt = seconds / steps
  let square = 0
  for (let i = 0; i < steps; i++) {
    const at = i * dt
    const k1 = slope(at, square)
    const k2 = slope(at + dt / 2, square + (dt * k1) / 2)
    const k3 = slope(at + dt / 2, square + (dt * k2) / 2)
    const k4 = slope(at + dt, square + dt * k3)
    square += (dt * (k1 + 2 * k2 + 2 * k3 + k4)) / 6
  }
  return Math.sqrt(square)
}

test('runs with weight and rising viscosity, up, level and downhill, against a numerical integration, within a thousandth', () => {
  const flows = fc.record({
    gap: fc.oneof(
      fc.record({ slitM: fc.double({ min: 5e-6, max: 3e-4, noNaN: true }) }),
      fc.record({ radiusM: fc.double({ min: 5e-6, max: 3e-4, noNaN: true }) }),
    ),
    tensionNm: fc.double({ min: 0.02, max: 0.073, noNaN: true }),
    contactCos: fc.double({ min: 0.3, max: 1, noNaN: true }),
    viscosityPas: fc.double({ min: 0.05, max: 500, noNaN: true }),
    risePerS: fc.constantFrom(0, 0.0005, 0.003, 0.01),
    densityKgM3: fc.constantFrom(0, 1000, 1400),
    upDeg: fc.constantFrom(-90, -20, 0, 30, 90),
  })
  fc.assert(
    fc.property(flows, fc.double({ min: 1, max: 900, noNaN: true }), (flow, seconds) => {
      const run = capillaryRunM(flow, seconds)
      expect(Math.abs(run / integrated(flow, seconds) - 1)).toBeLessThan(2e-3)
      expect(run).toBeLessThanOrEqual(jurinM(flow))
    }),
    { numRuns: 60, seed: 5 },
  )
})

// Jurin's law for water in glass at 20 °C, as physics handbooks have it: 14.9 mm in a tube of 1 mm radius (γ = 0.0728 N/m).
test('water climbs fifteen millimetres in a tube of one millimetre', () => {
  const water = {
    gap: { radiusM: 1e-3 },
    tensionNm: 0.0728,
    contactCos: 1,
    viscosityPas: 0.001,
    densityKgM3: 998,
    upDeg: 90,
  }
  expect(1000 * jurinM(water)).toBeCloseTo(14.9, 1)
  expect(capillaryRunM({ ...water, gap: { radiusM: 1e-4 } }, 1e5)).toBeCloseTo(
    jurinM({ ...water, gap: { radiusM: 1e-4 } }),
    5,
  )
})

// By hand: viscosity doubles every ln 2 / 0.01 = 69.3 s; for ever after it flows as far as in 100 s at the first viscosity.
test('a paint that thickens stops: for ever is a hundred seconds', () => {
  expect(flowSeconds(1e6, 0.01)).toBeCloseTo(100, 6)
  const flow = { gap: { slitM: 5e-5 }, tensionNm: 0.032, contactCos: 0.8, viscosityPas: 450 }
  expect(capillaryRunM({ ...flow, risePerS: 0.01 }, 1e6)).toBeCloseTo(Math.sqrt(100 * washburnM2PerS(flow)), 9)
})

// By hand, Kendall 1975: 100 J/m² over 25 mm is 2.5 N straight off, 1.25 N folded flat back, 8.54 N at 45°.
test('peel by angle and width', () => {
  expect(peelN(100, 25, 90)).toBeCloseTo(2.5, 9)
  expect(peelN(100, 25, 180)).toBeCloseTo(1.25, 9)
  expect(peelN(100, 25, 45)).toBeCloseTo(8.5355, 3)
  expect(peelN(100, 50, 90)).toBeCloseTo(5, 9)
})
