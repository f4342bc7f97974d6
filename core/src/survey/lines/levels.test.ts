import highsLoader from 'highs'
import { seededNumbers } from '../../base/units/seeded'
import { readDxf } from '../exchange/readDxf'
import { levelLoop } from './levelLoop'
import {
  levelNet,
  levelErrorMmPerM,
  likeliestWrong,
  reversalErrorMm,
  slipsIn,
  twoPegErrorMmPerM,
  type LevelReading,
} from './levelNet'
import { marksCsv, marksDxf, piecesDxf, wallMarksCsv } from './marksFile'
import { readLengths, readReadings, writeReadings } from './readings'
import { heightsFor, linesRound } from './roundRoom'
import { snapLine } from './snapLine'
import { piecesForArc, stripesOver } from './stripesOver'

const FROM = { units: 'metric', lengthMm: 4000, everyMm: null, end: 'left', grows: 'over-keep' } as const

describe('readings', () => {
  test('pairs, offsets at even distances, signs, units, and from the other end', () => {
    expect(readReadings('0 3\n400 5; 800 -2', FROM).map(({ atMm, offMm }) => [atMm, offMm])).toEqual([
      [0, 3],
      [400, 5],
      [800, -2],
    ])
    expect(readReadings('3\n0\n2', { ...FROM, everyMm: 500 }).map(({ atMm }) => atMm)).toEqual([0, 500, 1000])
    const [first, second] = readReadings('0 1/4\n16 3/16"', { ...FROM, units: 'imperial' })
    expect([first!.offMm, second!.atMm, second!.offMm]).toEqual([6.35, 406.4, 4.7625])
    expect(readReadings('0 3', { ...FROM, end: 'right', grows: 'over-paint' })).toEqual([{ atMm: 4000, offMm: -3 }])
    expect(readReadings('1 1/4 3/16', { ...FROM, units: 'imperial' })[0]).toEqual({ atMm: 31.75, offMm: 4.7625 })
  })
  test('what is written reads back as the same edge: hundredths of a millimetre, or a thirty-second of an inch', () => {
    const points = [
      { atMm: 0, offMm: -3.25 },
      { atMm: 406, offMm: 4.76 },
      { atMm: 1219, offMm: 0 },
      { atMm: 3000, offMm: 41.5 },
    ]
    for (const [units, within] of [
      ['metric', 1e-9],
      ['imperial', 25.4 / 64 + 1e-9],
    ] as const) {
      const back = readReadings(writeReadings(points, units), { ...FROM, units })
      expect(back).toHaveLength(points.length)
      back.forEach(({ atMm, offMm }, i) => {
        expect(Math.abs(atMm - points[i]!.atMm)).toBeLessThanOrEqual(within)
        expect(Math.abs(offMm - points[i]!.offMm)).toBeLessThanOrEqual(within)
      })
    }
  })
  test('what cannot be read is refused with its line, and so is what lies beyond the run', () => {
    expect(() => readReadings('0 3\nabc', FROM)).toThrow(/lines.reading .*"line":2/)
    expect(() => readReadings('5000 3', FROM)).toThrow(/lines.beyond/)
    expect(() => readLengths('1.4 m\nx', 'metric')).toThrow(/"line":2/)
    expect(readLengths('1.4 m\n1402', 'metric')).toEqual([1400, 1402])
  })
})

/** The same sum of weighted squares put to another solver as a quadratic programme. */
async function byProgramme(count: number, readings: readonly LevelReading[]): Promise<number[]> {
  const highs = await highsLoader()
  const rest = readings.map((_, i) => `r${i}`)
  const height = (i: number) => `h${i}`
  const text = [
    'Minimize',
    ` obj: [ ${rest.map((name, i) => `${2000 / readings[i]!.runMm} ${name} ^ 2`).join(' + ')} ] / 2`,
    'Subject To',
    ...readings.map(({ from, to, riseMm }, i) => ` c${i}: ${height(to)} - ${height(from)} + r${i} = ${riseMm}`),
    ` first: ${height(0)} = 0`,
    'Bounds',
    ...Array.from({ length: count }, (_, i) => ` ${height(i)} free`),
    ...rest.map((name) => ` ${name} free`),
    'End',
  ].join('\n')
  const { Columns } = highs.solve(text)
  return Array.from({ length: count }, (_, i) => (Columns[height(i)] as { Primal: number }).Primal)
}

describe('levels', () => {
  test('a net of readings against a quadratic programme of another solver', async () => {
    const random = seededNumbers(8)
    for (let k = 0; k < 12; k++) {
      const count = 4 + (k % 3)
      const readings: LevelReading[] = []
      for (let i = 0; i < count; i++)
        for (let j = i + 1; j < count; j++)
          if (j === i + 1 || random() < 0.4)
            readings.push({
              from: i,
              to: j,
              riseMm: Math.round(random() * 40 - 20),
              runMm: 1000 + Math.round(random() * 5000),
            })
      const { heightsMm } = levelNet(count, readings)
      const other = await byProgramme(count, readings)
      heightsMm.forEach((height, i) => expect(height).toBeCloseTo(other[i]!, 3))
    }
  })
  // Of a loop alone least squares with weights by run is Bowditch's rule of 1808.
  test('a loop read once comes out as by the compass rule', () => {
    const marks = [
      { runMm: 0, heightMm: 1400 },
      { runMm: 4000, heightMm: 1402 },
      { runMm: 3000, heightMm: 1405 },
      { runMm: 1000, heightMm: 1408 },
    ]
    const readings = marks
      .slice(1)
      .map((mark, i) => ({ from: i, to: (i + 1) % 3, riseMm: mark.heightMm - marks[i]!.heightMm, runMm: mark.runMm }))
    const net = levelNet(3, readings)
    const loop = levelLoop(marks)
    net.heightsMm.forEach((height, i) => expect(Math.round(1400 + height)).toBe(marks[i]!.heightMm + loop.movesMm[i]!))
  })
  // A worked levelling net as surveying textbooks set it (benchmark at 0, three new points, six readings), by hand from its normal equations.
  test('four points, six readings, by hand', () => {
    const r = (from: number, to: number, riseMm: number) => ({ from, to, riseMm, runMm: 1000 })
    // Heights 10, 25 and 5 read without error give themselves back; one reading 8 off moves each as the normal equations 3 −1 −1 … have it.
    const exact = [r(0, 1, 10), r(0, 2, 25), r(0, 3, 5), r(1, 2, 15), r(2, 3, -20), r(1, 3, -5)]
    expect(levelNet(4, exact).heightsMm.map((height) => Math.round(height * 1e6) / 1e6)).toEqual([0, 10, 25, 5])
    const off = exact.map((reading, i) => (i === 0 ? { ...reading, riseMm: 18 } : reading))
    expect(levelNet(4, off).heightsMm.map((height) => Math.round(height * 100) / 100)).toEqual([0, 14, 27, 7])
    expect(likeliestWrong(4, off)!.reading).toBe(0)
    expect(likeliestWrong(4, off)!.wouldBeMm).toBeCloseTo(10, 9)
    expect(likeliestWrong(4, exact)).toBeNull()
  })
  // Published: Ghilani & Wolf, Adjustment Computations, the chapter on adjusting level nets (examples with equal weights and with weights by
  // length), between benchmarks of 100.00 and 107.50; figures from memory. Thousandths of their feet stand for our millimetres.
  test('a published levelling net comes out as in its book, with equal weights and by length', () => {
    const lines = [
      [0, 2, 5100, 4],
      [2, 1, 2340, 3],
      [1, 4, -1250, 2],
      [4, 0, -6130, 3],
      [2, 3, -680, 2],
      [1, 3, -3000, 2],
      [3, 4, 1700, 2],
    ] as const
    // Two benchmarks are known: what lies between them is read as good as without error.
    const known = { from: 0, to: 1, riseMm: 7500, runMm: 1 }
    const heights = (runOf: (miles: number) => number) =>
      levelNet(5, [
        known,
        ...lines.map(([from, to, riseMm, miles]) => ({ from, to, riseMm, runMm: 1e7 * runOf(miles) })),
      ]).heightsMm.map((mm) => 100_000 + Math.round(mm))
    expect(heights(() => 1)).toEqual([100_000, 107_500, 105_141, 104_483, 106_188])
    expect(heights((miles) => miles)).toEqual([100_000, 107_500, 105_150, 104_489, 106_197])
  })
  test('slips that would explain a miss: figures changed over, a ten too many', () => {
    expect(slipsIn([1400, 1452, 1405], 27)).toEqual([{ mark: 1, readMm: 1452, meantMm: 1425 }])
    expect(slipsIn([1400, 1432, 1405], 10)).toContainEqual({ mark: 1, readMm: 1432, meantMm: 1422 })
    expect(slipsIn([1400, 1432], 0)).toEqual([])
  })
  // By hand: from the middle 1500 and 1450 (50 apart); 2 m from a and 32 m from b 1520 and 1476 (44): −6 mm over −30 m is 0.2 mm a metre.
  test('instruments: two pegs, and a spirit level turned round', () => {
    expect(twoPegErrorMmPerM({ aMm: 1500, bMm: 1450 }, { aMm: 1520, bMm: 1476 }, { aM: 2, bM: 32 })).toBeCloseTo(0.2, 9)
    expect(reversalErrorMm(3, 1)).toBe(1)
    expect(levelErrorMmPerM([3, 1, 1200])).toBeCloseTo(0.8333, 4)
    expect(levelErrorMmPerM([3, 1])).toBe(0)
  })
  test('round a room: level under a level ceiling, parallel offends less where the ceiling falls a little near by', () => {
    const corners = (fall: number) =>
      [0, 0, fall, fall].map((down, i) => ({ name: `${i}`, wallMm: i % 2 === 0 ? 4000 : 3000, ceilingMm: 2500 - down }))
    expect(linesRound(corners(0), 1200)[0]!.offends).toBe(0)
    const near = linesRound(corners(12), 2300)
    expect(near.find(({ run }) => run === 'level')!.unevenStrip).toBeGreaterThan(0.03)
    for (const line of near) expect(line.heightsMm).toHaveLength(4)
    expect(near[0]!.offends).toBeLessThanOrEqual(near[2]!.offends)
  })
})

describe('stripes', () => {
  const asked = {
    wallsMm: [3000, 2400],
    by: { count: 9 },
    slantDeg: 0,
    heightMm: 2500,
    colours: ['white', 'grey'],
    openings: [],
  } as const
  // By hand: 5400 in nine is 600 each; grey is the second, fourth, sixth and eighth: eight edges; the sixth begins at 3000, at the corner.
  test('over two walls, by hand', () => {
    const { stripes, edges, tapeM, areaM2, visibleMm } = stripesOver(asked)
    expect(stripes.map(({ toMm }) => toMm)).toEqual([600, 1200, 1800, 2400, 3000, 3600, 4200, 4800, 5400])
    expect(edges.map(({ atMm, tape }) => [atMm, tape])).toEqual([
      [600, 'left'],
      [1200, 'right'],
      [1800, 'left'],
      [2400, 'right'],
      [3000, 'left'],
      [3600, 'right'],
      [4200, 'left'],
      [4800, 'right'],
    ])
    expect([tapeM, visibleMm, areaM2.white, areaM2.grey]).toEqual([20, 600, 13.5, 6])
    expect(edges.find(({ atMm }) => atMm === 3600)).toMatchObject({ wall: 1, onWallMm: 600 })
  })
  test('one that goes round a corner, or meets a window, is told; slanting ones are measured along the wall', () => {
    const seven = stripesOver({ ...asked, by: { count: 7 }, openings: [{ fromMm: 100, toMm: 300 }] })
    expect(seven.stripes.filter(({ roundCorner }) => roundCorner === 0)).toHaveLength(1)
    expect(seven.stripes.filter(({ meetsOpening }) => meetsOpening)).toHaveLength(1)
    expect(stripesOver({ ...asked, slantDeg: 60 }).visibleMm).toBeCloseTo(300, 6)
    expect(stripesOver({ ...asked, by: { widthMm: 590 } }).stripes).toHaveLength(9)
    expect(() => stripesOver({ ...asked, wallsMm: [] })).toThrow(RangeError)
  })
  // By hand: on a radius of 1000 a chord of 200 stands 5.01 off; within 5 mm a quarter takes eight pieces of 196.
  test('straight pieces for an arc', () => {
    expect(piecesForArc(1000, 90, 5)).toMatchObject({ count: 8 })
    expect(piecesForArc(1000, 90, 5).chordMm).toBeCloseTo(196.03, 1)
  })
})

// Read back by the registry's DXF parser behind our reader.
test('marks go out as a table and as a drawing that another library reads', () => {
  const marks = [
    { atMm: 0, fromRightMm: 1000, offMm: 6 },
    { atMm: 600, fromRightMm: 400, offMm: 4.5 },
    { atMm: 1000, fromRightMm: 0, offMm: 2 },
  ]
  expect(marksCsv(marks, 'metric').trim().split(/\r?\n/)).toHaveLength(4)
  const drawing = readDxf(marksDxf(marks))
  expect(JSON.stringify(drawing)).toContain('600')
  expect(JSON.stringify(drawing)).toContain('4.5')
})

test('lines of a pattern go out likewise, a layer for each wall', () => {
  const pieces = [{ x1: 515, y1: 120, x2: 515, y2: 2600, layer: 'wall à' }]
  const text = JSON.stringify(readDxf(piecesDxf(pieces)))
  for (const mm of ['515', '2600']) expect(text).toContain(mm)
  expect(piecesDxf(pieces)).toContain('\nWALL_\n')
  const marks = [{ wall: 'A', line: 'left edge', atMm: 515, heightMm: 120 }]
  expect(wallMarksCsv(marks, 'metric').trim().split(/\r?\n/)).toEqual([
    'wall,line,from_left,above_floor',
    'A,left edge,0.515 m,0.12 m',
  ])
})

test('heights by what a room has: under the lowest sill, clear of the highest switch', () => {
  const none = { sills: [], switches: [], furniture: [] }
  expect(heightsFor(2600, none).map(({ why }) => why)).toEqual(['third', 'golden', 'eye'])
  const all = heightsFor(2600, { sills: [900, 800], switches: [1120, 1200], furniture: [750] })
  expect(all.map(({ why, heightMm }) => [why, heightMm])).toEqual([
    ['third', 867],
    // 2600 × 0.382.
    ['golden', 993],
    ['sill', 800],
    ['switch', 1230],
    ['furniture', 750],
    ['eye', 1500],
  ])
})

test('a line to snap needs two readings, and lies over them all', () => {
  expect(snapLine({ readings: [{ atMm: 0, offMm: 3 }], fit: 'level', through: [] })).toBeNull()
  const readings = [
    { atMm: 0, offMm: 6 },
    { atMm: 2000, offMm: -1 },
    { atMm: 4000, offMm: 2 },
  ]
  expect(snapLine({ readings, fit: 'least-area', through: [] })).toEqual({
    leftMm: 6,
    rightMm: 2,
    joint: null,
    mostMm: 5,
  })
  expect(snapLine({ readings, fit: 'level', through: [] })).toEqual({ leftMm: 6, rightMm: 6, joint: null, mostMm: 7 })
  // From 8 mm at the left end it falls to the reading at the right.
  const through = [{ atMm: 0, offMm: 8 }]
  expect(snapLine({ readings, fit: 'through', through })).toMatchObject({ leftMm: 8, rightMm: 2 })
  // A hump in the middle wants two lines that meet on it.
  const hump = readings.map(({ atMm }) => ({ atMm, offMm: atMm === 2000 ? 10 : 0 }))
  expect(snapLine({ readings: hump, fit: 'split', through: [] })).toEqual({
    leftMm: 0,
    rightMm: 0,
    joint: { atMm: 2000, offMm: 10 },
    mostMm: 0,
  })
})
