import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

/** A colour that no theme knows is drawn black, and nothing else says so. */
const SOURCES = __dirname

const files = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((each) =>
    each.isDirectory() ? files(join(folder, each.name)) : [join(folder, each.name)],
  )

test('every variable that is drawn with is one of the themes, or set where it is used', () => {
  const texts = files(SOURCES)
    .filter((name) => /\.(tsx?|css)$/.test(name) && !name.includes('.test.'))
    .map((name) => readFileSync(name, 'utf8'))
  const used = texts.flatMap((text) => [...text.matchAll(/var\((--[\w-]+)/g)].map(([, name]) => name))
  const set = new Set(
    texts.flatMap((text) => [...text.matchAll(/['"\s{;](--[\w-]+)['"]?\s*:/g)].map(([, name]) => name)),
  )
  expect([...new Set(used)].filter((name) => !set.has(name))).toEqual([])
  expect(used.length).toBeGreaterThan(50)
})
