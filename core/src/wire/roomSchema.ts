import { SOUNDNESS } from '../catalogue/soundness'
import { TEXTURES } from '../catalogue/textures'
import { SHEENS, TOOLS } from '../catalogue/types'
import { FITTING_KINDS, FITTING_SCOPES, MATERIALS, OPENING_KINDS, SCHOOLS, TURNS } from '../survey/types'
import { exact, flag, id, instant, list, oneOf, optionalText, orNull, swatch, text, wholeNumber } from './fields'

const SIZE_MM = () => wholeNumber(1, 200_000)
const PLACE_MM = () => wholeNumber(0, 200_000)

const face = () =>
  exact({
    material: oneOf(MATERIALS),
    texture: oneOf(TEXTURES),
    sheen: oneOf(SHEENS),
    soundness: oneOf(SOUNDNESS),
    dusty: flag(),
    colour: text(80),
    swatch: swatch(),
    last: orNull(exact({ at: orNull(instant()), tool: orNull(oneOf(TOOLS)), coatingId: orNull(id()) })),
    paintAtHand: flag(),
  })

export const roomSchema = exact({
  id: id(),
  name: text(),
  heightMm: SIZE_MM(),
  walls: list(exact({ id: id(), name: text(20), lengthMm: SIZE_MM(), turn: oneOf(TURNS), face: face() }), 4, 200),
  ceiling: face(),
  floor: face(),
  skirting: orNull(exact({ heightMm: SIZE_MM(), face: face(), without: list(id()) })),
  openings: list(
    exact({
      id: id(),
      name: text(80),
      kind: oneOf(OPENING_KINDS),
      wallId: id(),
      atMm: PLACE_MM(),
      sillMm: PLACE_MM(),
      widthMm: SIZE_MM(),
      heightMm: SIZE_MM(),
      casingMm: wholeNumber(0, 2000),
      casing: orNull(face()),
      leaf: orNull(face()),
    }),
  ),
  fittings: list(
    exact({
      id: id(),
      name: text(80),
      kind: oneOf(FITTING_KINDS),
      wallId: id(),
      atMm: PLACE_MM(),
      bottomMm: PLACE_MM(),
      widthMm: SIZE_MM(),
      heightMm: SIZE_MM(),
      scope: oneOf(FITTING_SCOPES),
    }),
  ),
  steps: list(
    exact({
      id: id(),
      name: text(80),
      targets: list(id(), 1, 200),
      coatingId: id(),
      colour: text(80),
      swatch: swatch(),
      tool: oneOf(TOOLS),
      coats: wholeNumber(1, 9),
    }),
  ),
  edgeNotes: list(exact({ edge: id(), note: oneOf(['shielded', 'left out'] as const), reason: optionalText(300) })),
  choices: list(exact({ edge: id(), school: oneOf(SCHOOLS), tapeId: id(), reason: optionalText(300) })),
  crewId: orNull(id()),
  neededBy: orNull(instant()),
})
