import {
  madeUpHours,
  newRoom,
  parseInstant,
  STARTER_HOUSE,
  USUAL_FACES,
  USUAL_PLANNING,
  type Crew,
  type Face,
  type Job,
  type LogEvent,
  type OutsideAir,
  type Room,
  JOB_VERSION,
} from '@crisp-hem/core'
import { DEMO_SHELF } from './stock'
import { door, plate, rectangle, sash, step, turn } from './parts'
import { harbourFront, kitchen, southFront } from './ternQuayAreas'

/** The demo's clock starts here when it is opened: the second afternoon of the job, 14:22 at the site. */
export const TERN_QUAY_NOW = '2027-05-12T13:22:00Z'
const START = '2027-05-11T06:30:00Z'

const sprayed: Face = { ...USUAL_FACES.wall, texture: 'heavy-spray', colour: 'Old cream' }
const CEILING = step('s1', 'Ceiling', ['ceiling'], {
  coatingId: 'lime-ceiling',
  colour: 'Chalk white',
  swatch: '#fbfaf5',
  coats: 1,
})
const TRIM = step('s2', 'Trim', ['skirting', 'casings'], {
  coatingId: 'bell-semi',
  colour: 'Gull white',
  swatch: '#f3f1ea',
  tool: 'brush',
  coats: 1,
})

/** Skirtings and casings the joiners sprayed the afternoon before the job. */
const freshTrim: Face = {
  ...USUAL_FACES.trim,
  colour: 'Gull white',
  swatch: '#f3f1ea',
  last: { at: '2027-05-11T14:40:00Z', tool: 'brush', coatingId: 'bell-semi', coats: 1, tempC: null, rh: null },
  paintAtHand: true,
}

function recital(): Room {
  const room = newRoom('recital', 'Recital room', [
    turn(7200),
    turn(5400),
    turn(4200),
    turn(1500, -90),
    turn(3000),
    turn(3900),
  ])
  return {
    ...room,
    heightMm: 3100,
    openings: [
      door('o1', 'w1', 900, { widthMm: 1526, name: 'double door' }),
      sash({ id: 'o2', wallId: 'w2', atMm: 700, widthMm: 1400 }),
      sash({ id: 'o3', wallId: 'w2', atMm: 3100, widthMm: 1400 }),
      door('o4', 'w6', 1600),
    ],
    fittings: [
      plate({ id: 'f1', kind: 'socket', wallId: 'w1', atMm: 4200, bottomMm: 300 }),
      plate({ id: 'f2', kind: 'socket', wallId: 'w3', atMm: 900, bottomMm: 300 }),
      plate({
        id: 'f3',
        kind: 'vent',
        wallId: 'w5',
        atMm: 1200,
        bottomMm: 2500,
        more: { widthMm: 300, heightMm: 200, name: 'air vent' },
      }),
    ],
    steps: [
      CEILING,
      TRIM,
      step('s3', 'Walls', ['walls'], {}),
      step('s5', 'Lower walls', ['band:b1'], { colour: 'Deep tide', swatch: '#3f5a52' }),
      step('s4', 'Stage wall', ['wall:w3'], { colour: 'Harbour plum', swatch: '#5a4660', coatingId: 'quay-matt' }),
    ],
    bands: [
      {
        id: 'b1',
        name: 'lower colour',
        kind: 'two-tone',
        wallIds: ['w2', 'w4', 'w5', 'w6'],
        fromMm: 0,
        toMm: 1250,
        shapes: [],
        face: USUAL_FACES.wall,
      },
    ],
    pieces: [
      {
        id: 'p1',
        name: 'two pianos',
        kind: 'furniture',
        wallId: 'w3',
        atMm: 900,
        bottomMm: 0,
        widthMm: 2400,
        heightMm: 1050,
        depthMm: 1600,
        count: 1,
        inUse: false,
        paintedSides: 1,
        takenOff: false,
        face: { ...USUAL_FACES.trim, colour: 'Black lacquer', swatch: '#24221f' },
      },
      {
        id: 'p2',
        name: 'chest of scores',
        kind: 'furniture',
        wallId: 'w1',
        atMm: 5000,
        bottomMm: 0,
        widthMm: 1400,
        heightMm: 1050,
        depthMm: 600,
        count: 1,
        inUse: false,
        paintedSides: 1,
        takenOff: false,
        face: { ...USUAL_FACES.trim, colour: 'Black lacquer', swatch: '#24221f' },
      },
      {
        id: 'p3',
        name: 'music stands',
        kind: 'furniture',
        wallId: 'w5',
        atMm: 300,
        bottomMm: 0,
        widthMm: 900,
        heightMm: 1050,
        depthMm: 900,
        count: 1,
        inUse: false,
        paintedSides: 1,
        takenOff: false,
        face: { ...USUAL_FACES.trim, colour: 'Black lacquer', swatch: '#24221f' },
      },
    ],
    lines: [
      { edge: 'wall:w1|casing:o1', wanderMm: 5, way: null, readings: [], fit: 'least-area', lumps: [], through: [] },
    ],
    crewId: 'heron',
    neededBy: '2027-05-18T17:00:00Z',
  }
}

function practice(n: 1 | 2): Room {
  const id = `practice${n}`
  const room = newRoom(id, `Practice room ${n}`, n === 1 ? rectangle(3600, 2900) : rectangle(4120, 2640))
  return {
    ...room,
    walls: room.walls.map((wall) => ({ ...wall, face: sprayed })),
    ceiling: { ...USUAL_FACES.ceiling, texture: 'heavy-spray' },
    skirting: { heightMm: 120, face: freshTrim, without: [], gapMm: 0 },
    openings: [
      sash({ id: 'o1', wallId: 'w1', atMm: 900, widthMm: 1200, more: { casing: freshTrim } }),
      door('o2', 'w3', 2600, { casing: freshTrim, leaf: freshTrim, ...(n === 1 ? { atMm: 600 } : {}) }),
    ],
    fittings: [
      plate({ id: 'f1', kind: 'socket', wallId: 'w2', atMm: 1400, bottomMm: 300 }),
      plate({ id: 'f2', kind: 'switch', wallId: 'w3', atMm: n === 1 ? 1700 : 2300, bottomMm: 1150 }),
      plate({
        id: 'f3',
        kind: 'alarm',
        wallId: 'w4',
        atMm: 1200,
        bottomMm: 2300,
        more: { widthMm: 110, heightMm: 110, name: 'smoke alarm' },
      }),
    ],
    steps: [
      step('s3', 'Walls', ['walls'], {
        coatingId: 'quay-matt',
        colour: n === 1 ? 'Tide green' : 'Kelp',
        swatch: n === 1 ? '#7f9c86' : '#5f7d6a',
      }),
    ],
    crewId: n === 1 ? 'wren' : 'heron',
    neededBy: '2027-05-13T17:00:00Z',
  }
}

const CARPET: Face = {
  ...USUAL_FACES.floor,
  material: 'carpet',
  texture: 'masonry',
  sheen: 'flat',
  colour: 'Moss carpet',
  swatch: '#8d9079',
}

function corridor(): Room {
  const room = newRoom('corridor', 'Corridor', rectangle(9800, 1650))
  return {
    ...room,
    floor: {
      ...USUAL_FACES.floor,
      material: 'tile',
      texture: 'smooth',
      sheen: 'satin',
      colour: 'Slate tile',
      swatch: '#8b8f8d',
    },
    // The old tiles end where the carpet of the wing begins.
    foot: ['w1', 'w3'].map((wallId, i) => ({
      id: `z${i + 1}`,
      wallId,
      fromMm: i === 0 ? 5600 : 0,
      toMm: i === 0 ? 9800 : 4200,
      gapMm: 0,
      floor: CARPET,
    })),
    openings: [
      door('o1', 'w1', 800),
      door('o2', 'w1', 4300),
      door('o3', 'w1', 7600),
      door('o4', 'w3', 2100),
      door('o5', 'w3', 6800),
      door('o6', 'w2', 75, {
        name: 'wing doors',
        kind: 'glazed-doors',
        widthMm: 1500,
        casingMm: 0,
        casing: null,
        glazing: { leaves: 2, wide: 3, high: 5, sides: 2, barMm: 28, textured: false },
      }),
    ],
    fittings: [
      plate({ id: 'f1', kind: 'switch', wallId: 'w1', atMm: 2000, bottomMm: 1150 }),
      plate({ id: 'f2', kind: 'socket', wallId: 'w3', atMm: 5200, bottomMm: 300 }),
      plate({ id: 'f3', kind: 'light', wallId: 'w4', atMm: 700, bottomMm: 2100, more: { scope: 'take-off' } }),
      plate({
        id: 'f4',
        kind: 'exit',
        wallId: 'w4',
        atMm: 200,
        bottomMm: 2200,
        more: { name: 'exit sign', widthMm: 320, heightMm: 160 },
      }),
    ],
    steps: [
      { ...TRIM, targets: ['skirting', 'casings', 'leaves'], coats: 2 },
      step('s3', 'Walls', ['walls'], { colour: 'Sand', swatch: '#d8c7a4', coatingId: 'quay-matt' }),
    ],
    crewId: 'wren',
    neededBy: '2027-05-15T17:00:00Z',
  }
}

function store(): Room {
  const room = newRoom('store', 'Instrument store', rectangle(2700, 2100))
  return {
    ...room,
    walls: room.walls.map((wall, i) =>
      i === 2
        ? { ...wall, face: { ...USUAL_FACES.wall, soundness: 'chalky', colour: 'Limewash', swatch: '#efece2' } }
        : wall,
    ),
    openings: [door('o1', 'w1', 900)],
    fittings: [plate({ id: 'f1', kind: 'switch', wallId: 'w1', atMm: 1900, bottomMm: 1150 })],
    steps: [
      step('s1', 'Ceiling', ['ceiling'], {
        coatingId: 'lime-ceiling',
        colour: 'Chalk white',
        swatch: '#fbfaf5',
        coats: 1,
      }),
      step('s3', 'Three walls', ['wall:w1', 'wall:w2', 'wall:w4'], {
        coats: 1,
        colour: 'Sand',
        swatch: '#d8c7a4',
        coatingId: 'quay-matt',
      }),
    ],
    crewId: 'wren',
    neededBy: null,
  }
}

/** A week of made-up weather: damp mornings, and a windy wet front on the Thursday. */
function harbourWeather(): OutsideAir {
  const from = '2027-05-10T00:00:00Z'
  const place = { name: 'Tern Quay', latDeg: 41.2, lonDeg: -8.7 }
  return { source: 'weather-service', from, hours: madeUpHours(5, place, parseInstant(from), 24 * 7) }
}

const WEEK = { days: [0, 1, 2, 3, 4], from: '07:30', to: '16:00', breaks: [{ from: '12:00', to: '12:30' }] }
const CREWS: Crew[] = [
  {
    id: 'heron',
    name: 'Crew Heron',
    people: [
      { name: 'Maro Tint', skill: 'practised' },
      { name: 'Edda Quoin', skill: 'practised' },
    ],
    shifts: [WEEK],
  },
  {
    id: 'wren',
    name: 'Crew Wren',
    people: [
      { name: 'Bas Lintel', skill: 'practised' },
      { name: 'Pip Sill', skill: 'beginner' },
    ],
    shifts: [{ ...WEEK, from: '08:00', to: '16:30', breaks: [{ from: '12:30', to: '13:00' }] }],
  },
  {
    id: 'plover',
    name: 'Crew Plover',
    people: [
      { name: 'Teo Fascia', skill: 'practised' },
      { name: 'Runa Soffit', skill: 'practised' },
      { name: 'Odd Batten', skill: 'beginner' },
    ],
    shifts: [{ ...WEEK, from: '09:00', to: '17:00', breaks: [{ from: '12:30', to: '13:00' }] }],
  },
]

/** Tern Quay Music School, a made-up job, before anything has happened. */
export function ternQuaySurvey(log: readonly LogEvent[] = []): Job {
  return {
    format: 'crisp-hem/job',
    version: JOB_VERSION,
    id: 'tern-quay',
    name: 'Tern Quay Music School',
    site: {
      place: 'Tern Quay',
      zone: 'Europe/Lisbon',
      units: 'metric',
      currency: 'EUR',
      yearBuilt: 1996,
      country: 'PT',
      latDeg: 41.2,
      lonDeg: -8.7,
      places: [],
      drives: [],
      customer: { name: 'Tern Quay Music School', address: 'Harbour steps 2, Tern Quay' },
    },
    start: START,
    air: { tempC: 18.4, rh: 61, windows: 'shut', outside: harbourWeather() },
    // This contractor wipes a bead wherever one is safe.
    house: {
      ...STARTER_HOUSE,
      school: 'wiped-sealant',
      selling: {
        ...STARTER_HOUSE.selling,
        taxPct: 20,
        taxName: 'VAT',
        excluded: 'Moving the pianos, scaffolding, repairs to plaster larger than a hand.',
      },
      firm: {
        name: 'Lathe & Plumb Painting',
        address: 'Ropewalk 7, Tern Quay',
        contact: 'office@lathe-plumb.example',
        taxNumber: 'TQ 204 118',
        sign: '',
      },
    },
    crews: CREWS,
    shelf: DEMO_SHELF,
    kit: null,
    planning: USUAL_PLANNING,
    quotes: [],
    trials: [],
    rooms: [practice(2), practice(1), recital(), corridor(), store(), kitchen(), harbourFront(), southFront()],
    log,
    published: null,
  }
}
