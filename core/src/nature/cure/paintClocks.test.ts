import fc from 'fast-check'
import { ternQuaySurvey } from '../../../../demo'
import { planJob } from '../../answers/chain/planJob'
import { STARTER_SHELF } from '../../survey/shelf/starterShelf'
import { steadyAir, type AirPoint } from '../air/airSeries'
import { dryingRate, REFERENCE_AIR } from './clocks'
import { FASTEST_FILM, hardeningRate, paintClocks, solventHardeningRate, solventRate } from './paintClocks'
import { pullWindow } from './pullWindow'
import { instantOfGain } from './rateClock'

const point: fc.Arbitrary<AirPoint> = fc.record({
  tempC: fc.double({ min: -5, max: 45, noNaN: true }),
  rh: fc.double({ min: 5, max: 100, noNaN: true }),
  windMs: fc.double({ min: 0.1, max: 8, noNaN: true }),
})

test('label air is the reference of all four clocks', () => {
  for (const rate of [dryingRate, hardeningRate, solventRate, solventHardeningRate])
    expect(rate(REFERENCE_AIR)).toBeCloseTo(1, 12)
})

test('no film hardens in under half its label time, however hot, dry and windy; it never outruns its surface', () => {
  fc.assert(
    fc.property(point, (air) => {
      expect(hardeningRate(air)).toBeLessThanOrEqual(FASTEST_FILM.value)
      expect(hardeningRate(air)).toBeLessThanOrEqual(dryingRate(air))
      expect(solventHardeningRate(air)).toBeLessThanOrEqual(FASTEST_FILM.value)
    }),
  )
})

test('wind and sun speed up touch-dry more than recoat', () => {
  const windy = { tempC: 23, rh: 50, windMs: 4, faceC: 38 }
  expect(dryingRate(windy)).toBeGreaterThan(5)
  expect(hardeningRate(windy)).toBe(FASTEST_FILM.value)
})

// 13 °C by hand: Arrhenius as in clocks.test, 0.4918; 1.1 m/s adds a quarter.
test('solvent paint knows no vapour: it dries in saturated air, slower in the cold, faster in moving air', () => {
  expect(solventRate({ tempC: 23, rh: 100, windMs: 0.1 })).toBeCloseTo(1, 12)
  expect(solventRate({ tempC: 13, rh: 20, windMs: 0.1 })).toBeCloseTo(0.4918, 3)
  expect(solventRate({ tempC: 23, rh: 60, windMs: 1.1 })).toBeCloseTo(1.25, 12)
})

test('in saturated air water-based paint dries never, told as never and not as a thousand million years', () => {
  for (const rh of [99.5, 99.9, 99.9999, 100]) {
    const clock = paintClocks(steadyAir(20, rh))
    expect(instantOfGain(clock('drying'), 0, 60)).toBeNull()
    expect(instantOfGain(clock('solvent'), 0, 60)).not.toBeNull()
  }
  fc.assert(
    fc.property(point, (air) => {
      const end = instantOfGain(paintClocks({ startMin: 0, hours: [air] })('drying'), 0, 600)
      if (end !== null) expect(end).toBeLessThan(600 * 101)
    }),
  )
})

test('the spans of a solvent coat at 100 % humidity: wet, tacky, dry, as its label says', () => {
  const coating = STARTER_SHELF.coatings.find((each) => each.base === 'solvent')!
  const clock = paintClocks(steadyAir(23, 100))
  const spans = pullWindow({
    drying: clock('solvent'),
    hardening: clock('solvent-hardening'),
    beadDrying: clock('drying'),
    coating,
    settleShare: 0.08,
    coatedFrom: 0,
    coatedTo: 0,
    sealant: null,
    sealedAt: null,
    offBy: null,
  })
  expect(spans.find((span) => span.kind === 'wet')!.to).toBeCloseTo(coating.openMin, 6)
  expect(spans.find((span) => span.kind === 'dry')!.from).toBeCloseTo(coating.hardDryMin, 6)
})

test('a whole room in solvent trim paint waits on its own clock between coats', () => {
  const solvent = STARTER_SHELF.coatings.find((coating) => coating.base === 'solvent')!
  const base = ternQuaySurvey()
  const [room] = base.rooms
  const steps = room!.steps.map((step) => ({ ...step, coatingId: solvent.id, coats: 2 }))
  const plan = planJob({
    ...base,
    air: { ...base.air, tempC: 20, rh: 80, outside: null },
    rooms: [{ ...room!, steps }],
  })
  const gap = plan.tasks.flatMap((task) => task.after).find((after) => after.gap.clock === 'solvent-hardening')
  expect(gap?.gap.amount).toBe(solvent.recoatMin)
  const coats = plan.placed.filter((task) => /coat[12]$/.test(task.taskId))
  expect(coats.length).toBeGreaterThan(1)
})
