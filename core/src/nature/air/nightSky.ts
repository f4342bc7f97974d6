import { KELVIN } from './kelvin'

/**
 * Temperature at which the sky shines down on what lies under it, °C. Clear-sky emissivity from the dew point with its daily swing:
 * Berdahl & Martin 1984; clouds: Walton 1983; both published. docs/science.md eq. 7c.
 *
 * @param cloud  0 clear … 1 overcast  @param solarHour  hours since the sun's midnight
 */
export function skyTempC(tempC: number, dewC: number, cloud: number, solarHour: number): number {
  const hundredth = dewC / 100
  const clear =
    0.711 + 0.56 * hundredth + 0.73 * hundredth ** 2 + 0.013 * Math.cos((2 * Math.PI * solarHour) / HOURS_OF_DAY)
  const tenths = 10 * cloud
  const clouded = clear * (1 + 0.0224 * tenths - 0.0035 * tenths ** 2 + 0.00028 * tenths ** 3)
  return Math.min(1, clouded) ** 0.25 * (tempC + KELVIN) - KELVIN
}

const HOURS_OF_DAY = 24

/** Hours since the sun's midnight at a longitude, near enough for the swing of the sky. @param at minutes since the epoch */
export const solarHour = (at: number, lonDeg: number): number => {
  const days = at / (60 * HOURS_OF_DAY) + lonDeg / 360
  return (days - Math.floor(days)) * HOURS_OF_DAY
}
