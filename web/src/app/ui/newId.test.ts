import { newId } from '../device/newId'

const PATTERN = /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/
/** A page that is not secure: random bytes, but no ready-made ids. */
const plain = { getRandomValues: crypto.getRandomValues.bind(crypto) }

// The form of a version 4 UUID is that of RFC 9562 §5.4.
test('ids have one form with and without a secure page', () => {
  expect(newId()).toMatch(PATTERN)
  expect(newId(plain)).toMatch(PATTERN)
})
test('ids made from bytes differ', () => {
  expect(new Set(Array.from({ length: 1000 }, () => newId(plain))).size).toBe(1000)
})
test('by hand: version and variant bits are set over bytes of ones', () => {
  const ones = { getRandomValues: <T>(array: T): T => (array as Uint8Array).fill(255) as T }
  expect(newId(ones as Pick<Crypto, 'getRandomValues'>)).toBe('ffffffff-ffff-4fff-bfff-ffffffffffff')
})
