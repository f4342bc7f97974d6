import { CoreError, JOB_VERSION } from '../../base/nouns'
import { readFileSync } from 'node:fs'
import Ajv2020 from 'ajv/dist/2020'
import { gullRow, ternQuay, ternQuaySurvey, withPastWork } from '../../../../demo'
import { editFaults } from './checkJob'
import { faultText } from '../words'
import { jobSchema } from './jobSchema'
import { readJobFile, writeJobFile } from './jobFile'
import { toJsonSchema } from './jsonSchema'

const demo = ternQuay()
const CHOICE = {
  edge: 'wall:w1|ceiling',
  school: 'press-only',
  tapeId: null,
  liquidId: null,
  pressing: null,
  pull: null,
  reason: '',
}

test.each([demo, gullRow(), withPastWork(gullRow())])(
  'reading what was written gives an equal job and the same bytes',
  (job) => {
    const text = writeJobFile(job)
    expect(readJobFile(text)).toEqual(job)
    expect(writeJobFile(readJobFile(text))).toBe(text)
  },
)

/** The demo's file with one thing changed. */
function spoiled(change: (job: ReturnType<typeof JSON.parse>) => void): string {
  const job = JSON.parse(writeJobFile(demo))
  change(job)
  return JSON.stringify(job)
}

test.each([
  ['a length that is text', spoiled((job) => (job.rooms[2].walls[1].lengthMm = '5400')), 'rooms[2].walls[1].lengthMm'],
  ['a half millimetre', spoiled((job) => (job.rooms[0].heightMm = 2600.5)), 'rooms[0].heightMm'],
  ['a missing field', spoiled((job) => delete job.site.zone), 'site.zone'],
  ['a zone nobody knows', spoiled((job) => (job.site.zone = 'Mars/Base')), 'site.zone'],
  ['a field nobody knows', spoiled((job) => (job.house.schol = 'x')), 'house'],
  ['an unknown texture', spoiled((job) => (job.rooms[0].ceiling.texture = 'fluffy')), 'rooms[0].ceiling.texture'],
  ['an outline that does not close', spoiled((job) => (job.rooms[1].walls[0].lengthMm += 5)), 'rooms[1].walls'],
  ['a window beyond its wall', spoiled((job) => (job.rooms[0].openings[0].atMm = 4000)), 'rooms[0].openings[0].atMm'],
  [
    'a coating not on the shelf',
    spoiled((job) => (job.rooms[0].steps[0].coatingId = 'milk')),
    'rooms[0].steps[0].coatingId',
  ],
  ['two rooms of one id', spoiled((job) => (job.rooms[1].id = job.rooms[0].id)), 'rooms[1].id'],
  ['a day that does not exist', spoiled((job) => (job.log[3].at = '2027-05-32T10:00:00Z')), 'log[3].at'],
])('%s is refused with its place', (_what, text, place) => {
  let error: unknown
  try {
    readJobFile(text)
  } catch (thrown) {
    error = thrown
  }
  expect(error).toBeInstanceOf(CoreError)
  expect(error).toMatchObject({ code: 'jobfile.invalid', facts: { place } })
})

test('what is not JSON says so', () => {
  expect(() => readJobFile('{"format":')).toThrow(expect.objectContaining({ code: 'jobfile.not_json' }))
})

describe('the published JSON Schema', () => {
  const published = JSON.parse(readFileSync('docs/job-file.schema.json', 'utf8'))
  test('is the one the program checks with', () =>
    expect(published).toEqual(JSON.parse(JSON.stringify(toJsonSchema(jobSchema, 'Crisp Hem job file')))))
  test('takes the demo and refuses a spoiled one', () => {
    const check = new Ajv2020({ strict: false }).compile(published)
    expect(check(JSON.parse(writeJobFile(demo)))).toBe(true)
    expect(check(JSON.parse(spoiled((job) => (job.rooms[0].heightMm = 2600.5))))).toBe(false)
    expect(check(JSON.parse(spoiled((job) => delete job.site.zone)))).toBe(false)
  })
})

describe('an edit is checked where it differs', () => {
  const { log: _log, published: _published, ...facts } = ternQuaySurvey()
  const edited = (change: Partial<(typeof facts.rooms)[number]>) => ({
    ...facts,
    rooms: facts.rooms.map((room, i) => (i === 1 ? { ...room, ...change } : room)),
  })
  test('what is right has no faults; what is wrong names its place in the room', () => {
    expect(editFaults(facts, facts)).toEqual([])
    expect(editFaults(facts, edited({ heightMm: 2700 }))).toEqual([])
    expect(editFaults(facts, edited({ heightMm: -1 }))[0]).toMatchObject({ place: 'heightMm' })
    const [first, ...rest] = facts.rooms[1]!.walls
    expect(editFaults(facts, edited({ walls: [{ ...first!, lengthMm: 0.5 }, ...rest] }))[0]!.place).toBe(
      'walls[0].lengthMm',
    )
    expect(faultText(editFaults(facts, edited({ walls: [{ ...first!, lengthMm: 9 }, ...rest] }))[0]!)).toContain(
      'closed',
    )
    expect(editFaults(facts, { ...facts, air: { ...facts.air, rh: 140 } })[0]!.place).toBe('air.rh')
  })
})

test.each([
  ['house.pull', spoiled((job) => (job.house.pull = 'sideways'))],
  ['house.sealantColour', spoiled((job) => (job.house.sealantColour = 'pink'))],
  ['house.rates.peelPerM', spoiled((job) => delete job.house.rates.peelPerM)],
  ['shelf.liquids[0].how', spoiled((job) => (job.shelf.liquids[0].how = 'ladle'))],
  ['shelf.tools[0].count', spoiled((job) => (job.shelf.tools[0].count = -1))],
  ['rooms[0].choices[0].school', spoiled((job) => (job.rooms[0].choices = [{ ...CHOICE, school: 'luck' }]))],
  ['rooms[0].choices[0].pull', spoiled((job) => (job.rooms[0].choices = [{ ...CHOICE, pull: 'soonest' }]))],
  ['version', spoiled((job) => (job.version = JOB_VERSION + 1))],
])('a wrong %s is refused by its place', (place, text) => {
  expect(() => readJobFile(text)).toThrow(place)
})
