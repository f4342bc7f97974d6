import { known, word, type Material } from '../../base/nouns'
import { KELVIN } from './kelvin'

/** Heat between an outside face and the air along it: 2.8 + 3.0 v W/(m²·K). Watmuff, Charters & Proctor 1977: published. */
export const FACE_FILM = {
  stillWm2K: known(2.8, 'W/(m²·K)', 'published', word('source', 'watmuff-1977')),
  perMs: known(3, 'W/(m²·K) per m/s', 'published', word('source', 'watmuff-1977')),
}
const STEFAN_BOLTZMANN = 5.670374419e-8 // W/(m²·K⁴), CODATA 2018: published
/** Long-wave emissivity of paint and stone alike. From memory. */
const EMISSIVITY = 0.9
/** An upright face sees half the sky, and the part near the horizon is as warm as the air: √½ of that half. As building-energy programs do; from memory. */
const SKY_SHARE = 0.5 * Math.SQRT1_2

/** What comes to a face and leaves it. */
export interface FaceAir {
  readonly tempC: number
  readonly skyC: number
  /** Along the face, m/s. */
  readonly windMs: number
  /** Sun on the face, W/m², and the share of it that the colour takes in. */
  readonly sunWm2: number
  readonly absorbs: number
}

/** Air rises along a face that is warmer: 1.31 ΔT^⅓ W/(m²·K) for an upright one (ASHRAE Fundamentals, turbulent natural convection: published). */
const RISING = 1.31

/** Heat an outside face gives to moving air, W/(m²·K). @param overC how much warmer or colder than the air it is */
export const filmWm2K = (windMs: number, overC = 0): number =>
  Math.max(FACE_FILM.stillWm2K.value, RISING * Math.cbrt(Math.abs(overC))) + FACE_FILM.perMs.value * windMs

/**
 * Temperature of an upright insulated face on which as much heat comes as leaves, °C: sun, the air along it, the sky, and the ground
 * and all else at the temperature of the air. docs/science.md eq. 7b.
 */
export function faceAtRestC({ tempC, skyC, windMs, sunWm2, absorbs }: FaceAir): number {
  const [air, sky] = [tempC + KELVIN, skyC + KELVIN]
  const glow = EMISSIVITY * STEFAN_BOLTZMANN
  let face = air
  // The balance falls ever steeper with the temperature: from below Newton's steps come down on the root.
  for (let i = 0; i < 8; i++) {
    const film = filmWm2K(windMs, face - air)
    const comes =
      film * (air - face) +
      absorbs * sunWm2 +
      glow * (SKY_SHARE * (sky ** 4 - face ** 4) + (1 - SKY_SHARE) * (air ** 4 - face ** 4))
    // The film’s own rise with the temperature counts a third of it more.
    face += comes / ((4 / 3) * film + 4 * glow * face ** 3)
  }
  return face - KELVIN
}

/** Hours in which a face has gone two thirds of its way to a new temperature: what is heavy lags behind. From memory. */
const LAG_H: Readonly<Partial<Record<Material, number>>> = {
  brick: 3,
  block: 3,
  concrete: 4,
  render: 2,
  plaster: 2,
  tile: 2,
  board: 0.5,
  wood: 0.5,
  'lapped-boards': 0.5,
}
const LIGHT_H = 0.2

/** The same over hours that follow one another: a first-order lag by what the face is made of. @returns °C at the middle of each hour */
export function faceOverTimeC(material: Material, hours: readonly FaceAir[]): number[] {
  const keeps = Math.exp(-1 / (LAG_H[material] ?? LIGHT_H))
  let last: number | null = null
  return hours.map((hour) => {
    const rest = faceAtRestC(hour)
    last = last === null ? rest : rest + (last - rest) * keeps
    return last
  })
}
