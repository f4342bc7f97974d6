import type { Schema } from 'yup'
import { ternQuay } from '../../../../demo'
import type { Fault } from '../../base/units/faults'
import { CLOSE, ENGLISH, faultText, OPEN, pseudo, speaker } from '../words'
import { BAND_LINES } from '../../base/nouns'
import { factsFaults, jobFaults } from './checkJob'
import { jobSchema } from './jobSchema'
import { MOST_FAULTS, shapeFaults } from './shapeFaults'

/** What no field of the format takes: of the wrong kind, empty, too long, too small, too large. */
const WRONG: readonly unknown[] = [
  undefined,
  Symbol('no data'),
  () => 0,
  Number.NaN,
  -1e12,
  1e12,
  '\u0000'.repeat(9000),
]

interface Field {
  readonly path: string
  readonly schema: Schema
}

/** Every single value of the format, with the path at which it first stands. */
function fieldsOf(schema: Schema, path = ''): Field[] {
  const { fields, innerType } = schema as Schema & { fields?: Record<string, Schema>; innerType?: Schema }
  const inner = fields
    ? Object.entries(fields).flatMap(([name, field]) => fieldsOf(field, path === '' ? name : `${path}.${name}`))
    : innerType
      ? fieldsOf(innerType, `${path}[0]`)
      : []
  return [{ path, schema }, ...inner]
}
const fields = fieldsOf(jobSchema).slice(1)
const strange = speaker(pseudo(ENGLISH))

test('the format has some hundreds of fields, and each refuses what it cannot be, in words', () => {
  expect(fields.length).toBeGreaterThan(300)
  for (const { path, schema } of fields) {
    const faults = WRONG.flatMap((value) => shapeFaults(schema, value))
    expect([path, faults.length > 2]).toEqual([path, true])
    for (const fault of faults) {
      expect([path, faultText(fault)]).toEqual([path, expect.stringMatching(/^[\w [\].]+: expected ./)])
      // Nothing Yup would say by itself, in its own English.
      expect(faultText(fault)).not.toMatch(/must|field|type, but|undefined|NaN/)
      const sentence = strange.text('fault', { ...fault })
      expect([sentence[0], sentence.at(-1)]).toEqual([OPEN, CLOSE])
    }
  }
})

const written = JSON.stringify(ternQuay())

/** The demo's job as loose data, with one place changed. */
function changed(path: readonly (string | number)[], value: unknown): unknown {
  const job = JSON.parse(written) as Record<string | number, unknown>
  const holder = path.slice(0, -1).reduce((at, key) => at[key] as Record<string | number, unknown>, job)
  holder[path.at(-1)!] = value
  return job
}
const first = (path: readonly (string | number)[], value: unknown): Fault => jobFaults(changed(path, value))[0]!

test.each([
  [['name'], '', 'name: expected text'],
  [['id'], 'a|b', 'id: expected an id of letters, digits, - and _'],
  [['start'], 'soon', 'start: expected a UTC time such as 2027-05-12T09:30:00Z'],
  [['start'], '2027-13-41T09:30:00Z', 'start: expected a time that exists'],
  [['site', 'zone'], 'Europe/Atlantis', 'site.zone: expected an IANA time zone such as Europe/Lisbon'],
  [['site', 'currency'], 'eur', 'site.currency: expected a currency code such as EUR'],
  [['site', 'country'], 'Portugal', 'site.country: expected at most 2 characters'],
  [['air', 'rh'], 140, 'air.rh: expected 100 or less'],
  [['rooms', 0, 'heightMm'], 2600.5, 'rooms[0].heightMm: expected a whole number'],
  [['rooms', 0, 'walls'], {}, 'rooms[0].walls: expected a list'],
  [['rooms', 0, 'walls', 1], 7, 'rooms[0].walls[1]: expected an object'],
  [['rooms', 0, 'colour'], 'red', 'rooms[0]: expected no field “colour”'],
  [
    ['rooms', 0, 'steps', 0, 'coatingId'],
    'none',
    'rooms[0].steps[0].coatingId: expected a coating on the shelf, not “none”',
  ],
  [['rooms', 0, 'crewId'], 'ghosts', 'rooms[0].crewId: expected a crew of this job, not “ghosts”'],
  [['rooms', 1, 'id'], ternQuay().rooms[0]!.id, expect.stringMatching(/^rooms\[1\]\.id: expected an id of its own, “/)],
  [['crews', 0, 'shifts', 0, 'from'], '7', 'crews[0].shifts[0].from: expected a time of day such as 07:30'],
  [['house', 'school'], 'luck', expect.stringMatching(/^house\.school: expected one of: ./)],
  [['kit'], undefined, 'kit: expected a value or null'],
])('%j as %j is told as a person would look for it', (path, value, words) => {
  const job = changed(path, value)
  expect(faultText(jobFaults(job)[0]!)).toEqual(words)
})

describe('what fields must say of one another', () => {
  const room = ternQuay().rooms[0]!
  const wall = room.walls[0]!
  test('an opening, a fitting and a piece end within their wall and below its top', () => {
    for (const list of ['openings', 'fittings', 'pieces'] as const) {
      if (room[list].length === 0) continue
      const thing = room[list][0]!
      const on = room.walls.find((each) => each.id === thing.wallId)!
      expect(faultText(first(['rooms', 0, list, 0, 'atMm'], on.lengthMm))).toBe(
        `rooms[0].${list}[0].atMm: expected it to end within wall ${on.name} (${on.lengthMm} mm)`,
      )
      expect(faultText(first(['rooms', 0, list, 0, 'heightMm'], 90_000))).toMatch(
        /heightMm: expected it to end below the top of the wall \(\d+ mm\)$/,
      )
      expect(faultText(first(['rooms', 0, list, 0, 'wallId'], 'w99'))).toBe(
        `rooms[0].${list}[0].wallId: expected a wall of this room, not “w99”`,
      )
    }
  })
  test('a band has a height, and a wall may not be called as its lines are', () => {
    const band = {
      id: 'b1',
      name: 'Dado',
      kind: 'two-tone',
      wallIds: [wall.id],
      fromMm: 900,
      toMm: 900,
      shapes: [],
      face: wall.face,
    }
    expect(faultText(first(['rooms', 0, 'bands'], [band]))).toBe('rooms[0].bands[0].toMm: expected more than 900')
    const points = [0, 500, 900].map((mm) => ({ atMm: mm, heightMm: mm, bendMm: 0 }))
    const shaped = (wallId: string) => [{ ...band, toMm: 1200, shapes: [{ id: 's1', wallId, points }] }]
    expect(faultText(first(['rooms', 0, 'bands'], shaped('w99')))).toMatch(/shapes\[0\].wallId: expected a wall of/)
    const other = room.walls[1]!.id
    expect(faultText(first(['rooms', 0, 'bands'], shaped(other)))).toMatch(/shapes\[0\].wallId: expected one of: /)
    const called = changed(['rooms', 0, 'walls', 0, 'id'], BAND_LINES[0])
    const taken = jobFaults(called).map(faultText)
    expect(taken).toContainEqual(expect.stringMatching(/walls\[0\]\.id: expected another id than these/))
  })
  test('a top runs from left to right; an outline closes by itself', () => {
    const top = [
      { atMm: 0, heightMm: 2500 },
      { atMm: wall.lengthMm - 1, heightMm: 2600 },
    ]
    expect(faultText(first(['rooms', 0, 'walls', 0, 'top'], top))).toBe(
      `rooms[0].walls[0].top: expected points from 0 to ${wall.lengthMm} mm, from left to right`,
    )
    expect(faultText(first(['rooms', 0, 'walls', 0, 'lengthMm'], wall.lengthMm + 40))).toMatch(
      /^rooms\[0\]\.walls: expected a closed outline, not one open by 40 mm$/,
    )
  })
  test('a last coat names a coating on the shelf; the fault says of which face', () => {
    const last = { coatingId: 'gone', at: '2027-05-01T08:00:00Z', tool: 'roller', coats: 1, tempC: null, rh: null }
    const faults = jobFaults(changed(['rooms', 0, 'ceiling', 'last'], { ...room.ceiling.last, ...last }))
    expect(faults.map(faultText)).toEqual([
      'rooms[0] (last coat of ceiling): expected a coating on the shelf, not “gone”',
    ])
  })
})

test('faults end with the twentieth, whatever the file', () => {
  const { log: _, published: __, ...facts } = ternQuay()
  const rooms = Array.from({ length: 60 }, () => ({}))
  expect(factsFaults({ ...facts, rooms })).toHaveLength(MOST_FAULTS)
})

test('a job that could not be planned while somebody waits is refused with the room at which it grows too large', () => {
  const { log: _, published: __, ...facts } = ternQuay()
  const [room] = facts.rooms
  const socket = room!.fittings[0]!
  const full = (count: number, fittings: number) =>
    Array.from({ length: count }, (_each, i) => ({
      ...room!,
      id: `r${i}`,
      openings: [],
      pieces: [],
      bands: [],
      fittings: Array.from({ length: fittings }, (_one, k) => ({ ...socket, id: `f${k}` })),
    }))
  expect(factsFaults({ ...facts, rooms: full(16, 400) }).map(faultText)).toContainEqual(
    'rooms[15]: expected at most 6000 fittings, pieces and bands in all rooms together, an opening counted as 3; a job this large is two jobs',
  )
  expect(factsFaults({ ...facts, rooms: full(1, 401) }).map(faultText)).toEqual([
    'rooms[0].fittings: expected at most 400 of them',
  ])
  expect(factsFaults({ ...facts, rooms: full(201, 1) }).map(faultText)).toEqual(['rooms: expected at most 200 of them'])
})
