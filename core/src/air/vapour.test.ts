import reference from 'psychrolib'
import { aboveDewC, dewPointC, saturationPa } from './vapour'

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
