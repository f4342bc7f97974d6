import { strokesOf } from './strokes'

const none = [null, null]

test('no tick, no stroke', () => {
  expect(strokesOf([], [], 30)).toBeNull()
  expect(strokesOf(none, none, 30)).toBeNull()
})
test('all ticked at once at 600: of thirty minutes’ work the first stroke was at 570', () => {
  expect(strokesOf([600, 600], [600, 600], 30)).toEqual({ from: 570, to: 600 })
})
test('a pull of some edges of a coat that was ticked at once: theirs may have been the first of it', () => {
  expect(strokesOf([600], [600, 600, 600], 30)).toEqual({ from: 570, to: 600 })
})
test('ticked edge by edge: each took its share', () => {
  const all = [580, 590, 600]
  expect(strokesOf(all, all, 30)).toEqual({ from: 570, to: 600 })
  expect(strokesOf([590], all, 30)).toEqual({ from: 580, to: 590 })
})
test('half of it ticked so far', () => {
  expect(strokesOf([585, 585], [585, 585, null, null], 30)).toEqual({ from: 570, to: 585 })
})
