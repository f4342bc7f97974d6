import type { Crew, Job, OutdoorHour, PaintStep, Room } from '../src/base/nouns'
import { newElevation, newRoom } from '../src/survey/rooms/roomTemplate'
import { formatInstant, parseInstant } from '../src/base/units/time'
import { byPrice } from './early'
import { jobOf } from './oneHem'

/**
 * Five whole made-up jobs, unlike the demo and unlike each other, each with the order of work that a foreman would write down for it:
 * what comes before what, as patterns of tasks. What he leaves open comes after, as it stands.
 */
export interface WholeJob {
  readonly name: string
  readonly job: Job
  readonly byHand: readonly RegExp[]
}

const base = byPrice(jobOf())
const [first] = base.crews as [Crew]

const crew = (id: string, practised: number, beginners = 0): Crew => ({
  ...first,
  id,
  name: id,
  people: Array.from({ length: practised + beginners }, (_, i) => ({
    ...first.people[0]!,
    name: `${id} ${i + 1}`,
    skill: i < practised ? 'practised' : 'beginner',
  })),
})

interface Asked {
  readonly id: string
  readonly name: string
  readonly size: readonly [widthMm: number, depthMm: number]
  readonly crewId: string
  readonly neededBy?: string
}

const room = ({ id, name, size: [w, d], ...more }: Asked): Room => ({
  ...newRoom(
    id,
    name,
    [w, d, w, d].map((lengthMm) => ({ lengthMm, turnDeg: 90 })),
  ),
  ...more,
})

/** Eight hours into the working day, so many days after the start. */
const due = (days: number): string => formatInstant(parseInstant(base.start) + days * 1440 + 8 * 60)

const by = (tool: PaintStep['tool'], area: Room): Room => ({
  ...area,
  steps: area.steps.map((step) => ({ ...step, tool })),
})

/** Four fronts round a house, south first. */
const house = (crewId: string, material: 'render' | 'lapped-boards'): Room[] =>
  ['South', 'West', 'North', 'East'].map((name, i) => ({
    ...newElevation(`f${i}`, name, {
      widthMm: i % 2 ? 8000 : 11_000,
      eavesMm: 5000,
      ridgeMm: null,
      facingDeg: (180 + 90 * i) % 360,
      material,
      lapMm: 150,
    }),
    crewId,
  }))

/** Two weeks of mild air with nine hours of rain on the second day. */
const wetSecondDay: OutdoorHour[] = Array.from({ length: 24 * 14 }, (_, i) => ({
  tempC: 14 + 4 * Math.sin(((i - 9) / 24) * 2 * Math.PI),
  rh: 65,
  windMs: 2,
  cloud: 0.5,
  rainMm: i >= 30 && i < 39 ? 1.5 : 0,
}))

/** All ceilings, then all trim, then tape for the walls, then walls room by room. */
const ROUND_BY_ROUND = [
  /\/cover$/,
  /s1.*coat1/,
  /s2.*lay/,
  /s2.*coat1/,
  /s1.*coat2/,
  /s2.*coat2/,
  /s3.*lay/,
  /s3.*coat1/,
]

export const FIVE_JOBS: readonly WholeJob[] = [
  {
    name: 'four-room flat, a pair',
    job: {
      ...base,
      crews: [crew('ash', 2)],
      rooms: [
        room({ id: 'a', name: 'Hall', size: [5000, 1600], crewId: 'ash' }),
        room({ id: 'b', name: 'Living', size: [5200, 4200], crewId: 'ash' }),
        room({ id: 'c', name: 'Bed', size: [4000, 3400], crewId: 'ash' }),
        room({ id: 'd', name: 'Study', size: [3000, 2800], crewId: 'ash' }),
      ],
    },
    byHand: [...ROUND_BY_ROUND, /^b\/s3/, /^c\/s3/, /^d\/s3/, /^a\/s3/, /pull/, /look/, /uncover/],
  },
  {
    name: 'occupied house, three rooms due, two painters',
    job: {
      ...base,
      crews: [crew('ash', 1), crew('birch', 1)],
      rooms: [
        room({ id: 'a', name: 'Nursery', size: [3400, 3000], crewId: 'ash', neededBy: due(2) }),
        room({ id: 'b', name: 'Bed', size: [4200, 3600], crewId: 'ash', neededBy: due(3) }),
        room({ id: 'c', name: 'Living', size: [5600, 4400], crewId: 'birch', neededBy: due(4) }),
        room({ id: 'd', name: 'Kitchen', size: [3600, 3000], crewId: 'birch' }),
        room({ id: 'e', name: 'Hall', size: [6000, 1500], crewId: 'ash' }),
      ],
    },
    byHand: [/^a\/(cover|s1|s2)/, ...ROUND_BY_ROUND, /^a\//, /^b\//, /^c\//, /^d\//, /^e\//],
  },
  {
    name: 'school in a holiday week, five people, a sprayed hall',
    job: {
      ...base,
      crews: [crew('ash', 2), crew('birch', 2), crew('elm', 1, 1)],
      rooms: [
        room({ id: 'a', name: 'Corridor', size: [24_000, 3000], crewId: 'ash', neededBy: due(4) }),
        by('spray', room({ id: 'b', name: 'Hall', size: [12_000, 9000], crewId: 'birch', neededBy: due(5) })),
        room({ id: 'c', name: 'Class 1', size: [8000, 7000], crewId: 'ash' }),
        room({ id: 'd', name: 'Class 2', size: [8000, 7000], crewId: 'birch' }),
        room({ id: 'e', name: 'Office', size: [4000, 3500], crewId: 'elm' }),
      ],
    },
    byHand: [...ROUND_BY_ROUND, /^a\//, /^b\//, /^c\//, /^d\//, /^e\//],
  },
  {
    name: 'rendered house, four fronts rolled, rain on day two, a pair',
    job: {
      ...base,
      crews: [crew('ash', 2)],
      air: {
        ...base.air,
        outside: { source: 'file', from: `${base.start.slice(0, 10)}T00:00:00Z`, hours: wetSecondDay },
      },
      rooms: house('ash', 'render').map((front) => ({
        ...front,
        steps: front.steps.map((step) => ({ ...step, tool: step.tool === 'spray' ? 'roller' : step.tool })),
      })),
    },
    byHand: [/(prep|ready|wash)/, /cover/, /lay/, /coat1/, /coat2/, /pull/, /uncover/, /look/],
  },
  {
    name: 'sprayed house of four fronts, two painters and a beginner',
    job: { ...base, crews: [crew('ash', 2, 1)], rooms: house('ash', 'lapped-boards') },
    byHand: [
      /s1.*(lay|cover)/,
      /cover/,
      /s1.*coat1/,
      /s1.*coat2/,
      /s2.*(lay|cover)/,
      /s2.*coat1/,
      /s2.*coat2/,
      /pull/,
      /uncover/,
    ],
  },
]
