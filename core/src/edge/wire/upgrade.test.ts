import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { readJobFile } from './jobFile'
import { withCodes } from './upgradeCodes'
import { JOB_VERSION } from '../../base/nouns'
import { STARTER_SHELF } from '../../survey/shelf/starterShelf'
import { STARTER_HOUSE } from '../../survey/rooms/houseDefaults'
import { gullRow } from '../../../../demo'
import { factsFaults } from './checkJob'
import { upgraded, upgradedParts, upgradedRoom } from './upgrade'

const { log: _log, published: _published, ...facts } = gullRow()

describe('content of format version 1', () => {
  test('what it says stays, what it could not say is the starter’s', () => {
    const house = { school: 'barrier-edge', pull: 'dry', rates: { layPerM: 3 } }
    const shelf = { tapes: [], coatings: [], covers: [], sealants: [] }
    const up = upgraded({ version: 1, house, shelf, rooms: [] }) as { version: number; house: typeof STARTER_HOUSE }
    expect(up.version).toBe(JOB_VERSION)
    expect(up.house).toMatchObject({ school: 'barrier-edge', pull: 'dry', stackSeals: STARTER_HOUSE.stackSeals })
    expect(up.house.rates).toEqual({ ...STARTER_HOUSE.rates, layPerM: 3 })
    expect(up).toMatchObject({ shelf: { ...shelf, glazes: STARTER_SHELF.glazes, liquids: STARTER_SHELF.liquids } })
  })
  test('choices get the house’s pressing and pull; what they said of them already stays', () => {
    const room = {
      choices: [
        { edge: 'a', school: 'press-only', tapeId: 't', reason: '' },
        { edge: 'b', pull: 'dry' },
      ],
    }
    expect(upgradedRoom(room)).toMatchObject({
      choices: [
        { pressing: null, pull: null },
        { pressing: null, pull: 'dry' },
      ],
    })
  })
  test('nothing of the caller’s is changed in place', () => {
    const job = { version: 1, house: { rates: {} }, shelf: {}, rooms: [{ choices: [{}] }] }
    const before = JSON.stringify(job)
    upgraded(job)
    expect(JSON.stringify(job)).toBe(before)
  })
})

test('content of format version 2 gets the glazes it lacks, and nothing else changes', () => {
  const { glazes: _, ...shelf } = facts.shelf
  expect(upgraded({ ...facts, version: 2, shelf: { ...shelf, liquids: [], tools: [] } })).toEqual({
    ...facts,
    shelf: { ...facts.shelf, liquids: [], tools: [] },
  })
})

test('content of today, of tomorrow, or of nothing is given back as it is', () => {
  for (const data of [facts, { ...facts, version: JOB_VERSION + 1 }, { version: '1' }, null, 7, 'x', [1], undefined])
    expect(upgraded(data)).toBe(data)
})

test('odd parts are left for the checks to name', () => {
  expect(upgradedParts({ house: 7, shelf: null, rooms: 'many' })).toEqual({ house: 7, shelf: null, rooms: 'many' })
  expect(upgradedRoom(null)).toBeNull()
  expect(upgradedRoom({ choices: 'none' })).toEqual({ choices: 'none' })
  const faults = factsFaults(upgraded({ ...facts, version: 1, house: { ...facts.house, school: 'luck' } }))
  expect(faults.map((fault) => fault.place)).toEqual(['house.school'])
})

describe('content of format version 3', () => {
  const file = readFileSync(join(__dirname, '../../../tests/gull-row.version3.hem.json'), 'utf8')
  test('a file of then is the job of now: words of lists have become codes, and nothing else', () => {
    expect(JSON.parse(file)).toMatchObject({ version: 3, house: { school: 'own-colour seal' } })
    // Its van had no step ladder, dust brush or primer yet, and nobody puts one there by reading it.
    const now = gullRow()
    const later: readonly string[] = [
      'step-ladder',
      'line-brush',
      'dust-brush',
      'sealant-gun',
      'laser',
      'spirit-level',
      'pencil',
    ]
    const tools = now.shelf.tools.filter(({ kind }) => !later.includes(kind))
    const coatings = now.shelf.coatings.filter(({ primer }) => !primer)
    expect(readJobFile(file)).toEqual({ ...now, shelf: { ...now.shelf, tools, coatings } })
  })
  test('what people wrote stays, even where it reads like a word of a list', () => {
    const room = {
      name: 'press only',
      edgeNotes: [{ edge: 'wall:a|ceiling', note: 'left out', reason: 'left out' }],
      scopes: [{ face: 'wall:a', scope: 'replaced soon', note: 'left out' }],
    }
    expect(withCodes(room)).toEqual({
      name: 'press only',
      edgeNotes: [{ edge: 'wall:a|ceiling', note: 'left-out', reason: 'left out' }],
      scopes: [{ face: 'wall:a', scope: 'replaced-soon', note: 'left out' }],
    })
  })
})

test('before format version 15 every fitting sat on a wall', () => {
  const fitting = { id: 'f1', wallId: 'w1' }
  const up = (room: object) => (upgradedRoom({ choices: [], ...room }) as { fittings: unknown }).fittings
  expect(up({ fittings: [fitting] })).toEqual([{ on: 'wall', ...fitting }])
  expect(up({ fittings: [{ ...fitting, on: 'ceiling' }] })).toEqual([{ ...fitting, on: 'ceiling' }])
})
