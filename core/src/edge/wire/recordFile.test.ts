import { NO_RECORD, type OwnRecord } from '../../base/nouns'
import { ternQuaySurvey } from '../../../../demo'
import { factsFaults } from './checkJob'
import { readRecordFile, writeRecordFile } from './recordFile'

const own: OwnRecord = {
  use: 'frozen',
  halfLifeDays: 365,
  counts: [
    {
      jobId: 'quay',
      job: 'Quay',
      at: '2026-03-02T10:00:00Z',
      fault: 'bleeds',
      tapeId: 'teasel-day',
      texture: 'smooth',
      laidBy: 'practised',
      metres: 12.5,
      counted: 3,
      expected: 2.25,
    },
  ],
}

test.each([own, NO_RECORD])('a record read from what was written is the same, byte by byte', (record) => {
  const text = writeRecordFile(record)
  expect(readRecordFile(text)).toEqual(record)
  expect(writeRecordFile(readRecordFile(text))).toBe(text)
})

test.each([
  ['no JSON', 'x', /not_json|JSON/],
  ['another file', '{"format":"crisp-hem/job","version":1,"own":{}}', /format/],
  ['a count below nothing', writeRecordFile(own).replace('"counted": 3', '"counted": -3'), /own\.counts\[0\]\.counted/],
])('%s is refused with its place', (_, text, place) => {
  expect(() => readRecordFile(text)).toThrow()
  try {
    readRecordFile(text)
  } catch (error) {
    const { code, facts } = error as { code: string; facts: object }
    expect(`${code} ${JSON.stringify(facts)}`).toMatch(place)
  }
})

test('a trial of a tape or paint that is not on the shelf is refused by its place', () => {
  const { log: _log, published: _published, ...facts } = ternQuaySurvey()
  const way = {
    tapeId: facts.shelf.tapes[0]!.id,
    seal: 'none',
    pressing: 'tool',
    stroke: 'outward',
    waitH: 24,
  } as const
  const trial = {
    id: 't',
    name: 'Board',
    texture: 'smooth',
    coatingId: facts.shelf.coatings[0]!.id,
    ways: [way, way],
    rows: 2,
    pieceMm: 500,
    seed: 1,
  } as const
  const faults = (of: object) => factsFaults({ ...facts, trials: [{ ...trial, ...of }] }).map(({ place }) => place)
  expect(faults({})).toEqual([])
  expect(faults({ coatingId: 'gone' })).toEqual(['trials[0].coatingId'])
  expect(faults({ ways: [way, { ...way, tapeId: 'gone' }] })).toEqual(['trials[0].ways[1].tapeId'])
  expect(faults({ ways: [way] })).toEqual(['trials[0].ways'])
})
