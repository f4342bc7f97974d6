import fc from 'fast-check'
import { faceAtRestC, faceOverTimeC, filmWm2K } from './faceHeat'
import { comesMmPerH, waterOnFace } from './faceWater'
import { skyTempC } from './nightSky'
import { dewPointC } from './vapour'

const night = { tempC: 8, skyC: skyTempC(8, dewPointC(8, 90), 0, 6), windMs: 0.5, sunWm2: 0, absorbs: 0 }

// Berdahl & Martin 1984, worked by hand: 8 °C and 90 % give a dew point of 6.5 °C, 0.711 + 0.0362 + 0.0031 = 0.750, and a sky of −11.5 °C.
test('a clear sky by hand', () => {
  expect(skyTempC(8, 6.46, 0, 6)).toBeCloseTo(-11.5, 1)
  // Warmest at night, by the published term of 0.013 cos(2πt/24).
  expect(skyTempC(8, 6.46, 0, 0)).toBeGreaterThan(skyTempC(8, 6.46, 0, 12))
})

// Walton 1983 at ten tenths: 1 + 0.224 − 0.35 + 0.28 = 1.154.
test('clouds warm it, and never beyond the air', () => {
  const at = (cloud: number) => skyTempC(8, 6.46, cloud, 6)
  expect((at(1) + 273.15) / 281.15).toBeCloseTo((1.154 * 0.7502) ** 0.25, 3)
  for (let cloud = 0; cloud < 1; cloud += 0.05) expect(at(cloud + 0.05)).toBeGreaterThanOrEqual(at(cloud) - 0.05)
  expect(skyTempC(30, 30, 1, 0)).toBeLessThanOrEqual(30)
})

// By hand: 0.9 σ · 0.354 · (281.15⁴ − 261.65⁴) = 28 W/m² against 4.3 + 4.6 W/(m²·K): some 3 K.
test('a face under it stands three to four degrees below the air, in wind less', () => {
  const below = (windMs: number) => 8 - faceAtRestC({ ...night, windMs })
  expect(below(0.5)).toBeGreaterThan(3)
  expect(below(0.5)).toBeLessThan(4)
  expect(below(4)).toBeLessThan(1.7)
})

// ASHRAE Fundamentals take 17 W/(m²·K) for an upright face in 3.4 m/s: film and radiation together come to it.
test('in the wind of the handbook the sun warms a face as its sol-air temperature says', () => {
  expect(filmWm2K(3.4)).toBeCloseTo(13, 1)
  const face = faceAtRestC({ tempC: 20, skyC: 20, windMs: 3.4, sunWm2: 500, absorbs: 0.92 })
  expect(face - 20).toBeGreaterThan(0.85 * ((0.92 * 500) / 17))
  expect(face - 20).toBeLessThan(1.1 * ((0.92 * 500) / 17))
})

test('as much heat comes as leaves, at any air, sky, wind and sun', () => {
  fc.assert(
    fc.property(
      fc.record({
        tempC: fc.integer({ min: -20, max: 40 }),
        skyC: fc.integer({ min: -50, max: 40 }),
        windMs: fc.integer({ min: 0, max: 10 }),
        sunWm2: fc.integer({ min: 0, max: 1000 }),
        absorbs: fc.double({ min: 0.3, max: 0.92, noNaN: true }),
      }),
      (air) => {
        const face = faceAtRestC(air) + 273.15
        const [a, s] = [air.tempC + 273.15, air.skyC + 273.15]
        const glow = 0.9 * 5.670374419e-8
        const sum =
          filmWm2K(air.windMs, face - a) * (a - face) +
          air.absorbs * air.sunWm2 +
          glow * (0.35355 * (s ** 4 - face ** 4) + 0.64645 * (a ** 4 - face ** 4))
        expect(Math.abs(sum)).toBeLessThan(0.05)
      },
    ),
  )
})

test('masonry lags behind boards', () => {
  const hours = Array.from({ length: 24 }, (_, i) => ({ ...night, sunWm2: i > 8 && i < 17 ? 600 : 0, absorbs: 0.6 }))
  const [brick, boards] = [faceOverTimeC('brick', hours), faceOverTimeC('lapped-boards', hours)]
  expect(Math.max(...brick)).toBeLessThan(Math.max(...boards))
  expect(brick[20]).toBeGreaterThan(boards[20]!)
})

describe('water on a face', () => {
  const damp = { tempC: 8, rh: 95, windMs: 0.5, faceC: 4 }
  const dry = { tempC: 18, rh: 60, windMs: 2, faceC: 24 }
  const rain = { tempC: 12, rh: 95, windMs: 2, faceC: 12, rainMm: 5 }
  const hoursUntilDry = (water: number[], from: number) => water.findIndex((mm, i) => i > from && mm === 0) - from

  // A dew film is some 0.05 to 0.2 mm after a night, from memory; a sunny, breezy morning dries it in an hour or two.
  test('a night leaves a film of dew, a morning takes it', () => {
    const night = 8 * comesMmPerH(damp)
    expect(night).toBeGreaterThan(0.05)
    expect(night).toBeLessThan(0.25)
    expect(comesMmPerH(dry)).toBeLessThan(-0.05)
  })

  test('rain is there in the hour after it, longer where a face drinks, and goes sooner in sun and wind', () => {
    const hours = [dry, rain, ...Array.from({ length: 40 }, () => dry)]
    const [metal, render] = [waterOnFace('metal', hours), waterOnFace('render', hours)]
    expect(metal.slice(0, 2)).toEqual([0, 0])
    expect(metal[2]).toBeGreaterThan(0)
    expect(hoursUntilDry(render, 1)).toBeGreaterThan(hoursUntilDry(metal, 1))
    const shade = waterOnFace('render', [
      dry,
      rain,
      ...Array.from({ length: 40 }, () => ({ ...dry, faceC: 17, windMs: 0.3 })),
    ])
    expect(hoursUntilDry(shade, 1)).toBeGreaterThan(hoursUntilDry(render, 1))
  })

  test('in air that is saturated and no warmer a wet face stays wet', () => {
    expect(waterOnFace('wood', [rain, ...Array.from({ length: 20 }, () => damp)]).at(-1)).toBeGreaterThan(0)
  })
})
