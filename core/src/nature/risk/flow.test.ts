import { BLEED } from '../../base/parameters/bleed'
import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import { PLAIN_EDGE } from '../../../tests/plainEdge'
import { criticalGapUm, flowTerms, runMm, type EdgeSetup } from './bleed'

const setup: EdgeSetup = { ...PLAIN_EDGE, texture: 'stipple', stroke: 'along' }
const { coating } = setup

/** dL/dt = h² P / (12 η L): plane Poiseuille flow between plates h apart, by fourth-order Runge–Kutta from L₀. */
function integrate(h: number, pressure: number, viscosity: number, seconds: number, from: number): number {
  const slope = (length: number) => (h * h * pressure) / (12 * viscosity * length)
  const steps = 20_000
  const dt = seconds / steps
  let length = from
  for (let i = 0; i < steps; i++) {
    const k1 = slope(length)
    const k2 = slope(length + (dt * k1) / 2)
    const k3 = slope(length + (dt * k2) / 2)
    const k4 = slope(length + dt * k3)
    length += (dt * (k1 + 2 * k2 + 2 * k3 + k4)) / 6
  }
  return length
}

// Washburn 1921 in slit form: the capillary pressure between plates h apart is 2 γ cosθ / h, so the differential
// equation of plane Poiseuille flow integrates to L² = γ h cosθ t / 3η.
test('Washburn’s law against a numerical integration of slit flow, within 0.1 %', () => {
  const [h, seconds] = [50e-6, coating.openMin * 60 * BLEED.edgeGelShare.value]
  const { a } = flowTerms(setup, DEFAULT_PARAMETERS)
  const start = 1e-6
  const numeric = integrate(h, (2 * coating.surfaceNm * 0.8) / h, coating.restPas, seconds, start)
  expect(Math.sqrt(a * h + start * start)).toBeCloseTo(numeric, 7)
  expect(Math.abs(Math.sqrt(a * h) / numeric - 1)).toBeLessThan(1e-3)
})

test('pressure-driven flow under a stroke against the same integration', () => {
  const h = 50e-6
  const { b } = flowTerms(setup, DEFAULT_PARAMETERS)
  const numeric = integrate(h, 2000, coating.shearedPas, BLEED.strokeSeconds.value, 1e-6)
  expect(Math.abs(Math.hypot(Math.sqrt(b) * h, 1e-6) / numeric - 1)).toBeLessThan(1e-4)
})

test('the critical gap is the root: paint runs just visibly far in it', () => {
  for (const stroke of ['toward-tape', 'along', 'outward', 'roller', 'spray'] as const)
    expect(
      runMm({ ...setup, stroke }, criticalGapUm({ ...setup, stroke }, DEFAULT_PARAMETERS), DEFAULT_PARAMETERS),
    ).toBeCloseTo(BLEED.visibleMm.value, 9)
})
