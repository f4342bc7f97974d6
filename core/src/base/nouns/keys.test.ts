import fc from 'fast-check'
import {
  actOf,
  coatOf,
  readActivity,
  readEdge,
  readFace,
  readHem,
  readSubject,
  THING_FACES,
  WHOLE_FACES,
  wholeEdge,
  writeActivity,
  writeEdge,
  writeFace,
  writeHem,
  writeSubject,
  type ActivityRef,
  type EdgeRef,
  type FaceRef,
  type SubjectRef,
} from '.'

const LETTERS = [...'abzABZ019_-']
const id = fc.array(fc.constantFrom(...LETTERS), { minLength: 1, maxLength: 6 }).map((list) => list.join(''))
/** Names of a band's lines are no wall's id; the checks of a job refuse them. */
const wallId = id.filter((each) => each !== 'under' && each !== 'over')
const faceRef: fc.Arbitrary<FaceRef> = fc.oneof(
  fc.record({ kind: fc.constantFrom(...WHOLE_FACES), id: fc.constant(null) }),
  fc.record({ kind: fc.constantFrom(...THING_FACES), id }),
)
const end = fc.oneof(fc.constant(''), id)
const part = fc.option(fc.record({ after: end, before: end }))
const key = faceRef.map(writeFace)
const bounded = fc.record({
  is: fc.constant('meeting' as const),
  a: key,
  b: key,
  between: fc.option(fc.record({ left: end, right: end })),
  part,
})
const edgeRef: fc.Arbitrary<EdgeRef> = fc.oneof(
  bounded.chain((ref) =>
    fc
      .oneof(
        fc.record({ line: fc.constantFrom('under' as const, 'over' as const), wallId: fc.constant(null) }),
        fc.record({ line: fc.constant(null), wallId }),
        // Without a place an empty stretch says nothing and is not written.
        fc.constant({
          line: null,
          wallId: null,
          ...(ref.between?.left || ref.between?.right ? {} : { between: null }),
        }),
      )
      .map((place) => ({ ...ref, ...place })),
  ),
  fc.record({ is: fc.constant('hand' as const), id, part }),
  fc.record({ is: fc.constant('join' as const), id }),
)
const round = fc.oneof(
  fc.record({
    roomId: id,
    stepId: id,
    wallIds: fc.array(id, { minLength: 1, maxLength: 4 }),
    part: fc.constant(null),
  }),
  fc.record({
    roomId: id,
    stepId: id,
    wallIds: fc.array(id, { minLength: 1, maxLength: 1 }),
    part: fc.integer({ min: 1, max: 999 }),
  }),
)
const activityRef: fc.Arbitrary<ActivityRef> = fc.oneof(
  fc.record({
    of: fc.constant('room' as const),
    roomId: id,
    act: fc.constantFrom('cover' as const, 'uncover' as const),
  }),
  fc.record({
    of: fc.constant('round' as const),
    round,
    act: fc.constantFrom('lay' as const, 'seal' as const, 'bead' as const, 'pull' as const, 'peel' as const),
  }),
  fc.record({
    of: fc.constant('round' as const),
    round,
    act: fc.constant('coat' as const),
    coat: fc.integer({ min: 1, max: 9 }),
  }),
)

describe('what is written is read back', () => {
  test('faces', () => fc.assert(fc.property(faceRef, (ref) => expect(readFace(writeFace(ref))).toEqual(ref))))
  test('edges', () => fc.assert(fc.property(edgeRef, (ref) => expect(readEdge(writeEdge(ref))).toEqual(ref))))
  test('hems', () =>
    fc.assert(
      fc.property(id, edgeRef.map(writeEdge), (roomId, edge) =>
        expect(readHem(writeHem({ roomId, edge }))).toEqual({ roomId, edge }),
      ),
    ))
  test('activities', () =>
    fc.assert(fc.property(activityRef, (ref) => expect(readActivity(writeActivity(ref))).toEqual(ref))))
  test('subjects', () => {
    const hem = fc.record({ roomId: id, edge: edgeRef.map(writeEdge) }).map((ref) => writeHem(ref))
    const subject: fc.Arbitrary<SubjectRef> = fc.oneof(
      fc.record({ of: fc.constant('hem' as const), hemId: hem }),
      fc.record({ of: fc.constant('room' as const), roomId: id }),
      fc.record({ of: fc.constant('fitting' as const), roomId: id, fittingId: id }),
    )
    fc.assert(fc.property(subject, (ref) => expect(readSubject(writeSubject(ref))).toEqual(ref)))
  })
})

test('two things never share a key', () => {
  fc.assert(
    fc.property(edgeRef, edgeRef, (one, other) => {
      if (writeEdge(one) === writeEdge(other)) expect(one).toEqual(other)
    }),
  )
})

test('keys of jobs that are under way, by hand', () => {
  expect(readEdge('skirting|floor:z1#w1:o3..')).toMatchObject({ wallId: 'w1', between: { left: 'o3', right: '' } })
  expect(readEdge('skirting|floor#w1:')).toMatchObject({ wallId: 'w1', between: { left: '', right: '' } })
  expect(readEdge('band:b1|wall:w2#under:o1..')).toMatchObject({ line: 'under', wallId: null })
  expect(readEdge('wall:w1|ceiling~s1..')).toMatchObject({ part: { after: 's1', before: '' } })
  expect(wholeEdge('wall:w1|ceiling~s1..')).toBe('wall:w1|ceiling')
  const kitchen = { roomId: 'r', stepId: 's', wallIds: ['w1', 'w2'], part: null }
  expect([actOf(kitchen, 'pull-dry'), coatOf(kitchen, 2)]).toEqual(['r/s/w1+w2/pull-dry', 'r/s/w1+w2/coat2'])
  expect(actOf({ ...kitchen, wallIds: ['w1'], part: 2 }, 'pull')).toBe('r/s/w1~2/pull')
})

test('what is no key is nothing', () => {
  for (const text of ['', 'attic', 'wall:', 'wall:a:b', 'wall:a|', 'skirting:s1']) expect(readFace(text)).toBeNull()
  for (const text of ['', 'wall:a', 'wall:a|ceiling|floor', 'wall:a|ceiling#a:b:c', 'join:j~..', 'hand:h#x'])
    expect(readEdge(text)).toBeNull()
  for (const text of ['', 'r', 'r/s', 'r/s/w', 'r/s/w/coat0', 'r/s/w/x', 'a/b/c/d/e'])
    expect(readActivity(text)).toBeNull()
  for (const text of ['', 'r', 'room:', 'fitting:r', 'fitting:r/f/g', 'field:r', 'r/attic'])
    expect(readSubject(text)).toBeNull()
})

test('a key of one kind does not pass for a key of another', () => {
  const hemId = writeHem({ roomId: 'r1', edge: writeEdge({ is: 'hand', id: 'a', part: null }) })
  // @ts-expect-error a hem is no edge
  expect(wholeEdge(hemId)).toBe(hemId)
  // @ts-expect-error a face is no edge
  expect(wholeEdge(writeFace({ kind: 'ceiling', id: null }))).toBe('ceiling')
})
