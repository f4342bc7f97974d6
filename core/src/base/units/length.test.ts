import fc from 'fast-check'
import { CoreError } from './errors'
import { formatLength, parseLength, parseMm, parseSize } from './length'

describe('parseLength', () => {
  // By definition 1 in = 25.4 mm: 12' 6 1/2" = 150.5 in = 3822.7 mm = 38227/10 mm; 3/16" = 4.7625 mm = 381/80 mm.
  test.each([
    ['12\' 6 1/2"', 38227, 10],
    ['3/16"', 381, 80],
    ['2.6 m', 2600, 1],
    ['2,6 m', 2600, 1],
    ['36 mm', 36, 1],
    ['1.25 cm', 25, 2],
    ["11'", 16764, 5],
    ['11 ft 10 1/2 in', 7239, 2],
    ['6½"', 1651, 10],
    ['0.1 mm', 1, 10],
    // 12' 6 1/2" again; half an inch is 12.7 mm; 2 yd = 1.8288 m; 1 mil = 25.4 µm.
    [`12'-6 1/2"`, 38227, 10],
    ['.5 in', 127, 10],
    [',5 in', 127, 10],
    ['2 yd', 9144, 5],
    ["1 yd 1' 6 in", 6858, 5],
    ['1,250 mm', 1250, 1],
    ['1,000 ft', 304800, 1],
    ['1,250.5 mm', 2501, 2],
    ['2,650 m', 2650, 1],
    ['50 µm', 1, 20],
    ['2 mil', 127, 2500],
  ])('%s is exactly %d/%d mm', (text, num, den) => {
    expect(parseLength(text, 'metric')).toEqual({ num, den })
  })

  test('a bare number is metres on a metric site and refused on an imperial one', () => {
    expect(parseMm('3.62', 'metric')).toBe(3620)
    expect(() => parseLength('12', 'imperial')).toThrow(expect.objectContaining({ code: 'length.no_unit' }))
    expect(() => parseLength('3620', 'metric')).toThrow(expect.objectContaining({ code: 'length.no_unit' }))
  })

  test.each([
    '',
    'wide',
    '12 bananas',
    '1/0"',
    '5 1/0 in',
    '2.5 1/2 m',
    '1,25,0 mm',
    '12-',
    '.',
    ', mm',
    '-3 m',
    "6' 6'",
    '2..6 m',
  ])('“%s” is refused', (text) => {
    expect(() => parseLength(text, 'metric')).toThrow()
  })

  test('a sign before a length is read or refused, never taken for the dash between feet and inches', () => {
    for (const text of ['-1/4"', '−3 mm', '- 2 ft', '-0'])
      expect(() => parseLength(text, 'imperial')).toThrow(CoreError)
    expect(parseLength('+1/4"', 'imperial')).toEqual({ num: 127, den: 20 })
    expect(parseLength('12\'-6"', 'imperial')).toEqual({ num: 3810, den: 1 })
  })
  test('a size names its unit once or twice; what rounds to nothing is refused', () => {
    expect(parseSize('4 x 6 ft', 'imperial')).toEqual([1219, 1829])
    expect(parseSize("4' x 6'", 'metric')).toEqual([1219, 1829])
    expect(parseSize('1200 × 900 mm', 'metric')).toEqual([1200, 900])
    expect(parseSize('1.2 x 0.9', 'metric')).toEqual([1200, 900])
    expect(() => parseSize('1200', 'metric')).toThrow()
    expect(() => parseMm('50 µm', 'metric')).toThrow(expect.objectContaining({ code: 'length.not_positive' }))
  })

  test('eighths, sixteenths and thirty-seconds out; a negative one keeps its sign in front', () => {
    expect(formatLength(16, 'imperial', 8)).toBe('5/8"')
    expect(formatLength(20, 'imperial', 32)).toBe('25/32"')
    expect(formatLength(-381, 'imperial')).toBe(`−1' 3"`)
    expect(formatLength(-3620, 'metric')).toBe('−3.62 m')
  })

  test('what is typed in sixteenths of an inch comes back as typed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 16 * 12 * 60 }), (sixteenths) => {
        const mm = Math.round((sixteenths * 127) / 80)
        const text = formatLength(mm, 'imperial')
        const { num, den } = parseLength(text, 'imperial')
        expect(num * 80).toBe(sixteenths * 127 * den)
      }),
    )
  })

  test('every whole millimetre survives writing and reading', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 99_000 }), (mm) => parseMm(formatLength(mm, 'metric'), 'metric') === mm),
    )
  })
})
