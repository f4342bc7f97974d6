import { refusal } from '../../../tests/refusal'
import { newRoom, OUTLINE_TEMPLATES } from '../rooms/roomTemplate'
import { outlineAreaMm2 } from '../rooms/outline'
import { readOpeningsCsv, writeOpeningsCsv } from './openingsCsv'
import { outlinesOf } from './outlines'
import { readDxf } from './readDxf'
import { readSvg } from './readSvg'
import { paced, workedMs } from '../../../tests/pace'

const dxf = (entities: string, units = 4) =>
  `0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n${units}\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n${entities}0\nENDSEC\n0\nEOF\n`
const lwpoly = (layer: string, closed: boolean, points: readonly (readonly [number, number])[]) =>
  `0\nLWPOLYLINE\n8\n${layer}\n90\n${points.length}\n70\n${closed ? 1 : 0}\n${points.map(([x, y]) => `10\n${x}\n20\n${y}\n`).join('')}`
const line = (a: readonly [number, number], b: readonly [number, number]) =>
  `0\nLINE\n8\nwalls\n10\n${a[0]}\n20\n${a[1]}\n30\n0\n11\n${b[0]}\n21\n${b[1]}\n31\n0\n`
const L = [
  [0, 0],
  [5, 0],
  [5, -4],
  [2.5, -4],
  [2.5, -2.5],
  [0, -2.5],
] as const

describe('DXF', () => {
  test('a closed polyline in metres becomes a room; a circle is listed as not understood', () => {
    const drawing = readDxf(dxf(`${lwpoly('Hall', true, L)}0\nCIRCLE\n8\nx\n10\n0\n20\n0\n40\n1\n`, 6))
    expect(drawing.unit).toBe('m')
    const { outlines, skipped } = outlinesOf(drawing, 'm')
    expect(outlines).toHaveLength(1)
    // 5 × 2.5 and 2.5 × 1.5 m².
    expect(outlineAreaMm2(outlines[0]!.legs)).toBeCloseTo(16_250_000, 0)
    expect(skipped).toEqual(['1 × CIRCLE'])
  })
  test('loose lines are chained into a loop, in whatever order they stand; what is left over is counted', () => {
    const corners = L.map(([x, y]) => [x * 1000, y * 1000] as const)
    const edges = corners.map((a, i) => [a, corners[(i + 1) % corners.length]!] as const)
    const shuffled = [edges[3]!, edges[0]!, [edges[5]![1], edges[5]![0]] as const, edges[2]!, edges[1]!, edges[4]!]
    const text = dxf(shuffled.map(([a, b]) => line(a, b)).join('') + line([9000, 9000], [9500, 9000]))
    const { outlines, skipped } = outlinesOf(readDxf(text), 'mm')
    expect(outlines[0]!.legs).toHaveLength(6)
    expect(outlineAreaMm2(outlines[0]!.legs)).toBeCloseTo(16_250_000, 0)
    expect(skipped).toEqual(['1 loose line in no closed loop'])
  })
  test('no unit is said to be missing; nonsense is refused', () => {
    expect(readDxf(dxf(lwpoly('A', true, L), 0)).unit).toBeNull()
    expect(refusal(() => readDxf('this is no drawing'))).toContain('DXF file could not be read')
  })
})

describe('SVG', () => {
  test('rectangles, polygons and straight paths, with the unit from width and viewBox', () => {
    const text = `<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="80mm" viewBox="0 0 10000 8000">
      <rect id="kitchen" x="0" y="0" width="360000" height="290000"/>
      <path id="hall" d="M0 400000 h500000 v400000 h-250000 v-150000 H0 Z"/>
      <circle cx="1" cy="1" r="1"/><g transform="scale(2)"><rect width="5" height="5"/></g></svg>`
    const drawing = readSvg(text)
    expect(drawing.unit).toBe('mm')
    const { outlines, skipped } = outlinesOf(drawing, 'mm')
    expect(outlines.map((outline) => outline.name)).toEqual(['kitchen', 'hall'])
    expect(outlines[0]!.legs.map((leg) => leg.lengthMm)).toEqual([3600, 2900, 3600, 2900])
    expect(outlineAreaMm2(outlines[1]!.legs)).toBeCloseTo(16_250_000, 0)
    expect(skipped).toEqual(['1 × circle', '1 × g with a transform'])
  })
  test('without a unit it has to be asked for; curves and crossings are listed', () => {
    const drawing = readSvg(
      '<svg><path d="M0 0C1 1 2 2 3 3Z"/><polygon id="bow" points="0,0 3000,3000 3000,0 0,3000"/></svg>',
    )
    expect(drawing.unit).toBeNull()
    expect(outlinesOf(drawing, 'mm')).toEqual({
      outlines: [],
      skipped: ['1 × path with curves', 'bow: too small for a room'],
    })
    expect(refusal(() => readSvg('<html></html>'))).toContain('no <svg> at its root')
  })
})

describe('openings as CSV', () => {
  const rooms = [newRoom('r', 'Hall', OUTLINE_TEMPLATES.rectangle)]
  const text =
    'room,wall,kind,name,at,sill,width,height,casing\nHall,B,window,north window,0.5 m,0.9,1200 mm,1.2,70 mm\nhall,a,door,,0.4,0,826 mm,2.04,0\n'
  test('come in for the rooms they name, and go out again', () => {
    const read = readOpeningsCsv(text, rooms, 'metric')
    expect(
      read.map(({ opening }) => [opening.id, opening.wallId, opening.kind, opening.widthMm, opening.casingMm]),
    ).toEqual([
      ['o1', 'w2', 'window', 1200, 70],
      ['o2', 'w1', 'door', 826, 0],
    ])
    const withThem = [{ ...rooms[0]!, openings: read.map((each) => each.opening) }]
    const again = readOpeningsCsv(writeOpeningsCsv(withThem, 'metric'), rooms, 'metric')
    expect(again.map((each) => each.opening)).toEqual(read.map((each) => each.opening))
  })
  test.each([
    [text.replace('north', 'x').replace('Hall,B', 'Hall,Z'), 'row 2, wall: expected a wall of Hall'],
    [text.replace('hall,a', 'attic,a'), 'row 3, room: expected a room of this job'],
    [text.replace('window,north', 'hatch,north'), 'row 2, kind: expected one of'],
    [text.replace('1200 mm', 'wide'), 'row 2, width'],
    [text.replace('casing', 'trim'), 'first row: expected the columns'],
  ])('a wrong row is refused with its place', (wrong, message) => {
    expect(refusal(() => readOpeningsCsv(wrong, rooms, 'metric'))).toContain(message)
  })
})

describe('drawings that are too much', () => {
  const lines = (count: number, at: (i: number) => string) => Array.from({ length: count }, (_, i) => at(i)).join('')
  const svg = (inner: string) =>
    `<svg xmlns="http://www.w3.org/2000/svg" width="100mm" viewBox="0 0 100 100">${inner}</svg>`

  test('20,000 loose lines are chained in well under a second: they took a minute when each was looked at anew', () => {
    const drawing = readSvg(svg(lines(20_000, (i) => `<line x1="${i * 9}" y1="0" x2="${i * 9}" y2="5"/>`)))
    const begun = workedMs()
    expect(outlinesOf(drawing, 'mm')).toMatchObject({ outlines: [], skipped: ['20000 loose lines in no closed loop'] })
    expect(workedMs() - begun).toBeLessThan(paced(2000))
  })
  test('a square of loose lines in any order and direction is still one outline', () => {
    const corner = [
      [0, 0],
      [4000, 0],
      [4000, 3000],
      [0, 3000],
    ] as const
    const side = (i: number, turned: boolean) => {
      const [a, b] = [corner[i % 4]!, corner[(i + 1) % 4]!]
      const [from, to] = turned ? [b, a] : [a, b]
      return `<line x1="${from[0] + 2}" y1="${from[1]}" x2="${to[0]}" y2="${to[1]}"/>`
    }
    const { outlines } = outlinesOf(readSvg(svg(side(2, true) + side(0, false) + side(3, false) + side(1, true))), 'mm')
    expect(outlines.map((outline) => outline.legs.length)).toEqual([4])
  })
  test('groups in one another without end, and points beyond count, are refused with what there is too much of', () => {
    const deep = svg('<g>'.repeat(5000) + '</g>'.repeat(5000))
    expect(() => readSvg(deep)).toThrow(
      expect.objectContaining({ code: 'drawing.too_large', facts: expect.objectContaining({ what: 'depth' }) }),
    )
    const many = svg(
      `<polygon points="${lines(160_000, (i) => `${i},${i % 7} `)}"/>${`<polygon points="${lines(160_000, (i) => `${i},${i % 7} `)}"/>`}`,
    )
    expect(() => readSvg(many)).toThrow(expect.objectContaining({ facts: expect.objectContaining({ what: 'points' }) }))
  })
  test('a shape of a thousand corners is no room, and is told', () => {
    const ring = lines(
      1000,
      (i) => `${(i % 2 ? 9000 : 7000) * Math.cos(i / 160)},${(i % 2 ? 9000 : 7000) * Math.sin(i / 160)} `,
    )
    expect(outlinesOf(readSvg(svg(`<polygon points="${ring}"/>`)), 'mm').skipped).toEqual([
      expect.stringMatching(/corners, at most 400/),
    ])
  })
})
