import { articleKey, isOfKind, orderKey, readArticle, tintedKey } from './stock'

test('keys of articles are read as they were written', () => {
  expect(readArticle(articleKey('tape', 'marram-general', 24))).toEqual({
    kind: 'tape',
    id: 'marram-general',
    colour: null,
    widthMm: 24,
  })
  expect(readArticle(tintedKey('quay-satin', ' Harbour: blue/grey '))).toEqual({
    kind: 'coating',
    id: 'quay-satin',
    colour: 'harbour: blue/grey',
    widthMm: null,
  })
  expect(readArticle(articleKey('tool', 'gun'))?.kind).toBe('tool')
  expect(isOfKind(articleKey('cover', 'drop'), 'cover')).toBe(true)
})

test.each(['', 'tape', 'tape:', 'brush:x', 'tape:a/b', 'tape:a:b'])('“%s” is no key', (key) => {
  expect(readArticle(key)).toBeNull()
})

test('a coating is ordered whatever its colour; a tape by its width', () => {
  expect(orderKey(tintedKey('quay-satin', 'blue'))).toBe('coating:quay-satin')
  expect(orderKey(articleKey('tape', 'a', 36))).toBe('tape:a/36')
})
