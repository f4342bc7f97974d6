import type { VanItem } from '@crisp-hem/core'
import { amountWords, loadWords } from './loadWords'

const item = (unit: VanItem['unit'], amount: number, widthMm: number | null = null): VanItem => ({
  key: 'tape:t/24',
  name: 'Heron Test',
  widthMm,
  amount,
  unit,
  roomIds: [],
})

test('metres go up to whole ones, pieces to whole ones, parts of a tin or tube to a tenth', () => {
  expect(amountWords(item('mm', 31_200), 'metric')).toBe('32.0 m')
  expect(amountWords(item('pieces', 1.2), 'metric')).toBe('2 pieces')
  expect(amountWords(item('litres', 0.61), 'metric')).toBe('0.7 l')
  expect(amountWords(item('tubes', 1.11), 'metric')).toBe('1.2 tubes')
  expect(amountWords(item('tins', 0.001), 'metric')).toBe('0.1 tins')
  expect(amountWords(item('cans', 1.78), 'metric')).toBe('1.8 cans')
})

test('a tape is told with its width, anything else without', () => {
  expect(loadWords(item('mm', 5000, 24), 'metric')).toBe('Heron Test 24 mm 5.0 m')
  expect(loadWords(item('pieces', 1), 'metric')).toBe('Heron Test 1 piece')
})
