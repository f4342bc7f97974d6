import { peelFromN25, peelToN25 } from './peel'

test('grip in the units labels use', () => {
  expect(peelToN25(0.8, 'N/10mm')).toBeCloseTo(2, 12)
  expect(peelToN25(3.7, 'N/10mm')).toBeCloseTo(9.25, 12)
  // 1 ozf/in = 0.27801385 N per 25.4 mm = 0.2736357 N per 25 mm, from the exact pound, g and inch.
  expect(peelToN25(1, 'ozf/in')).toBeCloseTo(0.2736357, 6)
  expect(peelFromN25(peelToN25(18, 'ozf/in'), 'ozf/in')).toBeCloseTo(18, 12)
})
