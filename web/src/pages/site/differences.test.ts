import { STARTER_HOUSE } from '@crisp-hem/core'
import { differences } from './differences'

test('rules are counted one by one, rates and the figures of a quote too; a copy differs in nothing', () => {
  const copy = structuredClone(STARTER_HOUSE)
  expect(differences(STARTER_HOUSE, copy)).toBe(0)
  const other = {
    ...copy,
    sealAlways: !copy.sealAlways,
    rates: { ...copy.rates, layPerM: 9, pullPerM: 9 },
    selling: { ...copy.selling, marginPct: 99 },
  }
  expect(differences(STARTER_HOUSE, other)).toBe(4)
})
