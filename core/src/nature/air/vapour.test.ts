import fc from 'fast-check'
import reference from 'psychrolib'
import { aboveDewC, dewPointC, saturationIcePa, saturationPa, vapourAtDewPa, vapourPa } from './vapour'

beforeAll(() => reference.SetUnitSystem(reference.SI))

// Outside reference: the registry's port of the ASHRAE Handbook — Fundamentals formulations.
test('dew point agrees with the ASHRAE formulation within 0.1 °C, 0–40 °C and 20–95 %', () => {
  let worst = 0
  for (let tempC = 0; tempC <= 40; tempC += 1) {
    for (let rh = 20; rh <= 95; rh += 5) {
      worst = Math.max(worst, Math.abs(dewPointC(tempC, rh) - reference.GetTDewPointFromRelHum(tempC, rh / 100)))
    }
  }
  expect(worst).toBeLessThan(0.1)
})

test('saturation pressure agrees within 0.3 %', () => {
  for (let tempC = 0; tempC <= 40; tempC += 2) {
    expect(Math.abs(saturationPa(tempC) / reference.GetSatVapPres(tempC) - 1)).toBeLessThan(0.003)
  }
})

test('a face at air temperature stands as far above dew as the air', () => {
  expect(aboveDewC(20, 20, 100)).toBeCloseTo(0, 9)
  expect(() => dewPointC(20, 0)).toThrow(expect.objectContaining({ code: 'air.out_of_range' }))
})

// Sonntag 1990 over ice, checked at −10 °C against the handbook's 259.9 Pa (ASHRAE Fundamentals, ch. 1, table 3): within 0.1 %.
test('over ice and over water: a frost point and its vapour undo one another, and the two meet at 0 °C', () => {
  expect(saturationIcePa(-10)).toBeGreaterThan(259.9 * 0.999)
  expect(saturationIcePa(-10)).toBeLessThan(259.9 * 1.001)
  expect(saturationIcePa(0)).toBeCloseTo(saturationPa(0), 9)
  fc.assert(
    fc.property(
      fc.double({ min: -30, max: 40, noNaN: true }),
      fc.double({ min: 5, max: 100, noNaN: true }),
      (tempC, rh) => {
        expect(vapourAtDewPa(dewPointC(tempC, rh))).toBeCloseTo(vapourPa(tempC, rh), 6)
        if (tempC < -0.01) expect(saturationIcePa(tempC)).toBeLessThan(saturationPa(tempC))
      },
    ),
  )
})
