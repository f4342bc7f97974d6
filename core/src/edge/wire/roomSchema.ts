import {
  BAND_KINDS,
  DEFECT_KINDS,
  FACE_SCOPES,
  FANS,
  FITTING_KINDS,
  FITTING_PLACES,
  FITTING_SCOPES,
  LINE_FITS,
  LINE_WAYS,
  MATERIALS,
  OPENING_KINDS,
  PIECE_KINDS,
  PREPS,
  ROOM_KINDS,
  RUBS,
  SCHOOLS,
  SHEENS,
  SOUNDNESS,
  TEXTURES,
  TOOLS,
  readFace,
  TARGET_GROUPS,
} from '../../base/nouns'
import {
  decimal,
  exact,
  flag,
  id,
  instant,
  list,
  needs,
  oneOf,
  optionalText,
  orNull,
  swatch,
  text,
  wholeNumber,
  edgeKey,
  faceKey,
} from './fields'

const SIZE_MM = () => wholeNumber(1, 200_000)
const PLACE_MM = () => wholeNumber(0, 200_000)
const edge = edgeKey
/** A group of faces, or a single one. */
const target = () =>
  text(300).test('target', needs('target_key'), (word) =>
    word === undefined || word === null
      ? true
      : (TARGET_GROUPS as readonly string[]).includes(word) || readFace(word) !== null,
  )

const face = () =>
  exact({
    material: oneOf(MATERIALS),
    texture: oneOf(TEXTURES),
    sheen: oneOf(SHEENS),
    soundness: oneOf(SOUNDNESS),
    dusty: flag(),
    rub: oneOf(RUBS),
    crossCut: orNull(wholeNumber(0, 5)),
    moisturePct: orNull(decimal(0, 100)),
    prep: list(oneOf(PREPS), 0, PREPS.length),
    colour: text(80),
    swatch: swatch(),
    last: orNull(
      exact({
        at: orNull(instant()),
        tool: orNull(oneOf(TOOLS)),
        coatingId: orNull(id()),
        coats: wholeNumber(1, 20),
        tempC: orNull(decimal(-30, 60)),
        rh: orNull(decimal(1, 100)),
      }),
    ),
    paintAtHand: flag(),
  })

const wall = () =>
  exact({
    id: id(),
    name: text(20),
    lengthMm: SIZE_MM(),
    turnDeg: decimal(-179, 179),
    cornerRadiusMm: wholeNumber(0, 2000),
    top: list(exact({ atMm: PLACE_MM(), heightMm: PLACE_MM() }), 0, 20),
    free: flag(),
    lapMm: orNull(wholeNumber(20, 1000)),
    lapFromMm: wholeNumber(0, 5000),
    face: face(),
  })

/** Where and how large a thing on a wall is. */
const onWall = () => ({
  id: id(),
  name: text(80),
  wallId: id(),
  atMm: PLACE_MM(),
  widthMm: SIZE_MM(),
  heightMm: SIZE_MM(),
})

/** How leaves are painted. */
const leaves = () => ({ paintedSides: wholeNumber(1, 2), takenOff: flag() })

/** Things of one kind in a room. */
const MOST_IN_ROOM = 400
/** Corners of one shape on a wall. */
const MOST_CORNERS = 200

export const roomSchema = exact({
  id: id(),
  name: text(),
  kind: oneOf(ROOM_KINDS),
  facingDeg: orNull(decimal(0, 360)),
  heightMm: SIZE_MM(),
  walls: list(wall(), 1, 200),
  ceiling: face(),
  floor: face(),
  skirting: orNull(exact({ heightMm: SIZE_MM(), face: face(), without: list(id()), gapMm: wholeNumber(0, 100) })),
  foot: list(
    exact({
      id: id(),
      wallId: id(),
      fromMm: PLACE_MM(),
      toMm: SIZE_MM(),
      gapMm: wholeNumber(0, 100),
      floor: orNull(face()),
    }),
    0,
    MOST_IN_ROOM,
  ),
  bands: list(
    exact({
      id: id(),
      name: text(80),
      kind: oneOf(BAND_KINDS),
      wallIds: list(id(), 1, 200),
      fromMm: PLACE_MM(),
      toMm: SIZE_MM(),
      shapes: list(
        exact({
          id: id(),
          wallId: id(),
          points: list(
            exact({ atMm: PLACE_MM(), heightMm: PLACE_MM(), bendMm: wholeNumber(-20_000, 20_000) }),
            2,
            MOST_CORNERS,
          ),
        }),
        0,
        MOST_IN_ROOM,
      ),
      face: face(),
    }),
    0,
    MOST_IN_ROOM,
  ),
  openings: list(
    exact({
      ...onWall(),
      kind: oneOf(OPENING_KINDS),
      sillMm: PLACE_MM(),
      casingMm: wholeNumber(0, 2000),
      casing: orNull(face()),
      leaf: orNull(face()),
      glazing: orNull(
        exact({
          leaves: wholeNumber(1, 12),
          wide: wholeNumber(1, 40),
          high: wholeNumber(1, 40),
          sides: wholeNumber(1, 2),
          barMm: wholeNumber(0, 300),
          textured: flag(),
        }),
      ),
      ...leaves(),
      leadsOut: orNull(flag()),
    }),
    0,
    MOST_IN_ROOM,
  ),
  fittings: list(
    exact({
      ...onWall(),
      kind: oneOf(FITTING_KINDS),
      on: oneOf(FITTING_PLACES),
      bottomMm: PLACE_MM(),
      scope: oneOf(FITTING_SCOPES),
    }),
    0,
    MOST_IN_ROOM,
  ),
  pieces: list(
    exact({
      ...onWall(),
      kind: oneOf(PIECE_KINDS),
      bottomMm: PLACE_MM(),
      depthMm: SIZE_MM(),
      count: wholeNumber(1, 200),
      inUse: flag(),
      ...leaves(),
      face: face(),
    }),
    0,
    MOST_IN_ROOM,
  ),
  defects: list(
    exact({
      id: id(),
      face: faceKey(),
      kind: oneOf(DEFECT_KINDS),
      atMm: PLACE_MM(),
      heightMm: PLACE_MM(),
      lengthMm: SIZE_MM(),
    }),
    0,
    MOST_IN_ROOM,
  ),
  steps: list(
    exact({
      id: id(),
      name: text(80),
      targets: list(target(), 1, 200),
      coatingId: id(),
      colour: text(80),
      swatch: swatch(),
      tool: oneOf(TOOLS),
      coats: wholeNumber(1, 9),
    }),
    0,
    100,
  ),
  scopes: list(exact({ face: faceKey(), scope: oneOf(FACE_SCOPES), note: optionalText(300) })),
  edgeNotes: list(exact({ edge: edge(), note: oneOf(['shielded', 'left-out'] as const), reason: optionalText(300) })),
  lines: list(
    exact({
      edge: edge(),
      wanderMm: wholeNumber(0, 200),
      way: orNull(oneOf(LINE_WAYS)),
      readings: list(exact({ atMm: PLACE_MM(), offMm: decimal(-500, 500) }), 0, 500),
      fit: oneOf(LINE_FITS),
      through: list(exact({ atMm: PLACE_MM(), offMm: decimal(-500, 500) }), 0, 2),
      lumps: list(exact({ atMm: PLACE_MM(), lengthMm: PLACE_MM(), heightMm: decimal(-100, 100) }), 0, 50),
    }),
  ),
  splits: list(exact({ id: id(), edge: edge(), atMm: SIZE_MM() })),
  joins: list(exact({ id: id(), edges: list(edge(), 2, 50) })),
  handHems: list(
    exact({
      id: id(),
      name: text(80),
      wallId: id(),
      x1: PLACE_MM(),
      y1: PLACE_MM(),
      x2: PLACE_MM(),
      y2: PLACE_MM(),
      bendMm: wholeNumber(-20_000, 20_000),
      keep: faceKey(),
      paint: faceKey(),
    }),
  ),
  photos: list(exact({ id: id(), edge: orNull(edge()), caption: optionalText(300), at: instant() }), 0, 500),
  choices: list(
    exact({
      edge: edge(),
      school: oneOf(SCHOOLS),
      tapeId: orNull(id()),
      liquidId: orNull(id()),
      pressing: orNull(oneOf(['thumb', 'tool'] as const)),
      pull: orNull(oneOf(['wet', 'dry'] as const)),
      reason: optionalText(300),
    }),
  ),
  crewId: orNull(id()),
  placeId: orNull(id()),
  neededBy: orNull(instant()),
  heldAir: orNull(exact({ tempC: decimal(-20, 60), rh: decimal(0, 100), fan: oneOf(FANS) })),
})
