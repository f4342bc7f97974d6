import {
  newRoom,
  STARTER_HOUSE,
  STARTER_SHELF,
  USUAL_FACES,
  USUAL_PLANNING,
  type Job,
  JOB_VERSION,
  NO_CUSTOMER,
} from '@crisp-hem/core'

const inches = (feet: number, inch: number) => Math.round((feet * 12 + inch) * 25.4)

/** A small made-up job in feet and inches: one parlour in an old house. */
export function gullRow(): Job {
  const [wide, deep] = [inches(12, 6.5), inches(11, 2)]
  const walls = [wide, deep, wide, deep].map((lengthMm) => ({ lengthMm, turnDeg: 90 }))
  const room = newRoom('parlour', 'Parlour', walls)
  return {
    format: 'crisp-hem/job',
    version: JOB_VERSION,
    id: 'gull-row',
    name: '14 Gull Row',
    site: {
      place: 'Gull Row',
      zone: 'America/Halifax',
      units: 'imperial',
      currency: 'CAD',
      yearBuilt: 1931,
      country: 'CA',
      latDeg: null,
      lonDeg: null,
      places: [],
      drives: [],
      customer: NO_CUSTOMER,
    },
    start: '2027-05-17T11:00:00Z',
    air: { tempC: 21, rh: 48, windows: 'shut', outside: null },
    house: { ...STARTER_HOUSE, school: 'own-colour-seal' },
    crews: [
      {
        id: 'c1',
        name: 'Day crew',
        people: [{ name: 'Ines Plumb', skill: 'practised' }],
        shifts: [{ days: [0, 1, 2, 3, 4], from: '08:00', to: '16:30', breaks: [{ from: '12:00', to: '12:45' }] }],
      },
    ],
    shelf: STARTER_SHELF,
    kit: null,
    planning: USUAL_PLANNING,
    quotes: [],
    trials: [],
    rooms: [
      {
        ...room,
        heightMm: inches(8, 10),
        ceiling: { ...USUAL_FACES.ceiling, texture: 'knockdown' },
        openings: [
          {
            id: 'o1',
            name: 'door 1',
            kind: 'door',
            wallId: 'w1',
            atMm: inches(2, 0),
            sillMm: 0,
            widthMm: inches(2, 8),
            heightMm: inches(6, 8),
            casingMm: 89,
            casing: USUAL_FACES.trim,
            leaf: USUAL_FACES.trim,
            glazing: null,
            paintedSides: 1,
            takenOff: false,
            leadsOut: null,
          },
          {
            id: 'o2',
            name: 'window 2',
            kind: 'window',
            wallId: 'w3',
            atMm: inches(4, 0),
            sillMm: inches(2, 6),
            widthMm: inches(3, 0),
            heightMm: inches(4, 6),
            casingMm: 89,
            casing: USUAL_FACES.trim,
            leaf: USUAL_FACES.glass,
            glazing: null,
            paintedSides: 1,
            takenOff: false,
            leadsOut: null,
          },
        ],
      },
    ],
    log: [],
    published: null,
  }
}
