import { shelfSchema, shapeFaults } from '../../edge/wire'
import { faultText } from '../../edge/words'
import { readRatesCsv, readShelfCsv, writeRatesCsv, writeShelfCsv } from './shelfCsv'
import { RATE_NAMES } from './tables/ratesTable'
import { STARTER_RATES } from '../rooms/houseDefaults'
import { SHELF_KINDS } from './shelfTables'
import { DEMO_SHELF as SHELF } from '../../../../demo/stock'

test.each(SHELF_KINDS)('%s go out as CSV and come back the same', (kind) => {
  const answer = readShelfCsv(writeShelfCsv(SHELF, kind), SHELF, kind)
  if (!answer.ok) throw new Error(answer.faults.map(faultText).join('\n'))
  expect(answer.taken).toEqual(SHELF)
  expect(shapeFaults(shelfSchema, answer.taken)).toEqual([])
})

test('a table with no line goes out as its head and comes back with none', () => {
  const bare = { ...SHELF, remnants: [] }
  expect(readShelfCsv(writeShelfCsv(bare, 'remnants'), SHELF, 'remnants')).toMatchObject({
    ok: true,
    taken: bare,
    rows: 0,
  })
  expect(readShelfCsv('', SHELF, 'remnants')).toMatchObject({ ok: false })
})

// ISO 4217: yen have no minor unit, dinars a thousandth.
test.each([0, 2, 3])('with %s decimals a price keeps its minor units, and files show the currency’s own', (digits) => {
  for (const kind of SHELF_KINDS) {
    const answer = readShelfCsv(writeShelfCsv(SHELF, kind, { digits }), SHELF, kind, { digits })
    expect(answer).toMatchObject({ ok: true, taken: SHELF })
  }
  const [, line] = writeShelfCsv({ ...SHELF, glazes: [{ ...SHELF.glazes[0]!, priceMinor: 1250 }] }, 'glazes', {
    digits,
  }).split('\n')
  expect(line).toContain(`,${1250 / 10 ** digits},`)
})

const HEAD = writeShelfCsv(SHELF, 'tapes').split('\n')[0]!
const tapes = (...rows: string[]) => readShelfCsv([HEAD, ...rows].join('\n'), SHELF, 'tapes')

// 18 ozf/in: 18 · 0.2736357 N per 25 mm (exact pound, g and inch) = 4.9254.
test('grip comes in any unit of labels; what is left empty takes its class’s value and is marked', () => {
  const answer = tapes('heron,Heron Test,plain,creped-paper,18,ozf/in,3,,,,,,,,50,24,3.20,6,17.50,12.5,no,label')
  if (!answer.ok) throw new Error(answer.faults.map(faultText).join('\n'))
  expect(answer.taken.tapes).toHaveLength(1)
  expect(answer.taken.tapes[0]).toMatchObject({
    gripN25: 4.9254,
    sunStayDays: 2,
    thickUm: 130,
    bendTimes: 25,
    dye: false,
    tears: 'by-hand',
    holdsIn: 'dry',
    defaults: ['sun_stay_days', 'thick_um', 'bend_times', 'dye', 'tough', 'tears', 'holds_in'],
    rolls: [{ widthMm: 24, priceMinor: 320, packPriceMinor: 1750, stockMm: 12_500 }],
  })
  expect(writeShelfCsv(answer.taken, 'tapes')).toContain('Heron Test,plain,creped-paper,4.9254,N/25mm,3,,,,,,,,50')
})

test('a file of before version 6 lacks columns; the class of each tape stands in for them', () => {
  const old = HEAD.replace(',bend_times,dye,tough,tears,holds_in', '')
  const read = readShelfCsv(
    [old, 'a,A,plain,plastic,8,N/25mm,14,14,80,30,24,3,1,3,0,no,label'].join('\n'),
    SHELF,
    'tapes',
  )
  expect(read).toMatchObject({ ok: true, taken: { tapes: [{ tough: 'tough', tears: 'by-blade', holdsIn: 'rain' }] } })
})

test('every wrong row is named with its column, and nothing is taken', () => {
  const good = 'a,A,plain,washi,2,N/25mm,21,5,80,60,no,frail,by-hand,dew,50,24,3,1,3,0,no,label'
  const answer = tapes(
    good,
    good.replace('plain', 'magic'),
    good.replace(',24,', ',wide,'),
    good.replace('no,label', 'no,rumour'),
  )
  const said = (read: typeof answer) => (read.ok ? read : { ok: false, faults: read.faults.map(faultText) })
  expect(said(answer)).toEqual({
    ok: false,
    faults: [
      'row 3, edge: expected one of: plain, fine-line, barrier',
      'row 4, width_mm: expected a whole number from 3 to 300, not “wide”',
      'row 5, mark: expected one of: published, common-practice, from-memory, label, own-log',
    ],
  })
  expect(said(tapes(good, good.replace(',24,', ',36,').replace(',21,', ',14,')))).toMatchObject({
    faults: ['row 3, stay_days: expected “21” as in the other widths of a'],
  })
  expect(said(tapes(good, good))).toMatchObject({ faults: ['row 3, width_mm: expected each width once'] })
  expect(readShelfCsv('id,name\nx,y', SHELF, 'covers')).toMatchObject({ ok: false })
})

describe('work rates as a table', () => {
  test('out and in again they are the same', () => {
    const answer = readRatesCsv(writeRatesCsv(STARTER_RATES))
    expect(answer).toEqual({ ok: true, taken: STARTER_RATES, rows: RATE_NAMES.length })
  })
  test('a rate twice, by the wrong unit, unknown or missing is named; nothing is taken', () => {
    const text = writeRatesCsv(STARTER_RATES)
    const faultsOf = (changed: string) => {
      const answer = readRatesCsv(changed)
      return answer.ok ? [] : answer.faults.map(faultText)
    }
    expect(faultsOf(text.replace('layPerM,1,m', 'layPerM,1,m2'))).toEqual(['row 2, per: expected m for layPerM'])
    expect(faultsOf(text.replace('pressPerM,0.25', 'layPerM,0.25'))[0]).toMatch(/row 5, name: expected each rate once/)
    expect(faultsOf(text.replace('layPerM,1,m\n', ''))).toEqual(['the table: expected a row for layPerM'])
    expect(faultsOf(text.replace('layPerM,1', 'layPerM,soon'))[0]).toMatch(/row 2, minutes: expected a number/)
  })
})

describe('liquid masks and tools', () => {
  const LIQUID_HEAD = writeShelfCsv(SHELF, 'liquids').split('\n')[0]!
  const TOOL_HEAD = writeShelfCsv(SHELF, 'tools').split('\n')[0]!
  test('what a label does not say takes the class value, is marked so, and goes out empty again', () => {
    const answer = readShelfCsv(`${LIQUID_HEAD}\nx,X,brush,4,,,no,12.50,no,label`, SHELF, 'liquids')
    if (!answer.ok) throw new Error(answer.faults.map(faultText).join('\n'))
    expect(answer.taken.liquids).toEqual([
      {
        id: 'x',
        name: 'X',
        how: 'brush',
        spreadM2: 4,
        clearMin: 45,
        cutAfterH: 24,
        yellows: false,
        priceMinor: 1250,
        retired: false,
        defaults: ['clear_min', 'cut_after_h'],
        mark: 'label',
      },
    ])
    expect(writeShelfCsv(answer.taken, 'liquids')).toContain('x,X,brush,4,,,no,12.5,no,label')
  })
  test('a gun has air and reach, other tools none', () => {
    const rows = [
      'g,G,gun,0,,,,,1,no,label',
      's,S,scraper,75,,,,,2,no,label',
      'l,L,laser,0,,,,,1,no,label',
      'p,P,pencil,0,,,,soft,1,no,label',
    ]
    const answer = readShelfCsv([TOOL_HEAD, ...rows].join('\n'), SHELF, 'tools')
    if (!answer.ok) throw new Error(answer.faults.map(faultText).join('\n'))
    expect(answer.taken.tools.map((tool) => [tool.airMs, tool.reachMm, tool.count])).toEqual([
      [2.5, 75, 1],
      [0, 0, 2],
      [0, 0, 1],
      [0, 0, 1],
    ])
    expect(answer.taken.tools.map((tool) => [tool.offMmPerM, tool.hardness])).toEqual([
      [0, 'none'],
      [0, 'none'],
      [0.3, 'none'],
      [0, 'soft'],
    ])
  })
  test('wrong kinds, counts and repeated ids are named with row and column', () => {
    const faults = (kind: 'liquids' | 'tools', ...lines: string[]) => {
      const answer = readShelfCsv([kind === 'tools' ? TOOL_HEAD : LIQUID_HEAD, ...lines].join('\n'), SHELF, kind)
      return answer.ok ? [] : answer.faults.map(faultText)
    }
    expect(faults('tools', 'a,A,hammer,1,0,0,0,none,1,no,label')[0]).toMatch(
      /^row 2, kind: expected one of: seal-brush/,
    )
    expect(faults('tools', 'a,A,scraper,1,0,0,0,none,1.5,no,label')).toEqual([
      'row 2, on_van: expected a whole number from 0 to 10000, not “1.5”',
    ])
    const line = 'a,A,aerosol,3,45,24,no,9,no,label'
    expect(faults('liquids', line, line)[0]).toMatch(/^row 3, id: expected an id of its own/)
    expect(faults('liquids', line.replace('aerosol', 'ladle'))[0]).toBe('row 2, how: expected one of: brush, aerosol')
  })
})
