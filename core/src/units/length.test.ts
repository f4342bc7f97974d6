import fc from 'fast-check'
import { formatLength, parseLength, parseMm } from './length'

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
  ])('%s is exactly %d/%d mm', (text, num, den) => {
    expect(parseLength(text, 'metric')).toEqual({ num, den })
  })

  test('a bare number is metres on a metric site and refused on an imperial one', () => {
    expect(parseMm('3.62', 'metric')).toBe(3620)
    expect(() => parseLength('12', 'imperial')).toThrow(expect.objectContaining({ code: 'length.no_unit' }))
    expect(() => parseLength('3620', 'metric')).toThrow(expect.objectContaining({ code: 'length.no_unit' }))
  })

  test.each(['', 'wide', '12 bananas', '1/0"', '-3 m', "6' 6'", '2..6 m'])('“%s” is refused', (text) => {
    expect(() => parseLength(text, 'metric')).toThrow()
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
