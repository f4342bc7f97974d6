import { asTagCode, tagCodes } from './tagCodes'

const ids = Array.from({ length: 3000 }, (_, i) => `room${i % 60}/s${i % 4}/w${i}`)

test('every round has a code of its own, the same whatever order rounds come in', () => {
  const codes = tagCodes('job', ids)
  expect(new Set(codes.values()).size).toBe(ids.length)
  for (const code of codes.values()) expect(code).toMatch(/^[34679ACDEFGHJKLMNPRTUVWXY]{4}$/)
  expect(tagCodes('job', [...ids].reverse())).toEqual(codes)
})

test('another job has others', () => {
  const [one, other] = [tagCodes('one', ids), tagCodes('other', ids)]
  expect(ids.filter((id) => one.get(id) === other.get(id)).length).toBeLessThan(20)
})

test('what is typed or scanned is read however it was put', () => {
  expect(asTagCode(' a c-d e')).toBe('ACDE')
  expect(asTagCode('http://office:4173/jobs/tern-quay/tag/ACDE')).toBe('ACDE')
})
