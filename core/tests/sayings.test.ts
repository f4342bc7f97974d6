import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { EXPECTATIONS } from '../src/base/units/faults'
import { EN } from '../src/edge/words'

const SOURCE = join(__dirname, '../src')
const files = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name)
    return statSync(path).isDirectory() ? files(path) : path.endsWith('.ts') && !path.endsWith('.test.ts') ? [path] : []
  })
const sources = files(SOURCE)
  .filter((path) => !path.includes('/words/'))
  .map((path) => ({ path, text: readFileSync(path, 'utf8') }))
const codes = new Set<string>(Object.keys(EN))

test('every saying of the core is in the catalogue', () => {
  const missing = sources.flatMap(({ path, text }) =>
    [...text.matchAll(/\bsaid\(\s*'([^']+)'/g)]
      .map((found) => found[1] ?? '')
      .filter((code) => !codes.has(code))
      .map((code) => `${path}: ${code}`),
  )
  expect(missing).toEqual([])
})

test('every expectation has its words, every such words their expectation, and each is asked for somewhere', () => {
  const inCatalogue = [...codes].filter((code) => code.startsWith('expected.')).map((code) => code.slice(9))
  expect([...inCatalogue].sort()).toEqual([...EXPECTATIONS].sort())
  const all = sources.filter(({ path }) => !path.endsWith('faults.ts')).map(({ text }) => text)
  expect(EXPECTATIONS.filter((what) => !all.some((text) => text.includes(`'${what}'`)))).toEqual([])
})

test('every sentence of the catalogue is said by somebody', () => {
  const all = sources.map(({ text }) => text).join('\n')
  const unsaid = [...codes].filter(
    (code) =>
      !/^(fault$|(word|face|place|time|length|list|error|at|expected)\.)/.test(code) && !all.includes(`'${code}'`),
  )
  expect(unsaid).toEqual([])
})

test('no code stands in two parts of the catalogue: the later one would take the place of the first', () => {
  const parts = files(join(SOURCE, 'edge/words')).filter((path) => /\/en[A-Z]\w+\.ts$/.test(path))
  const codes = parts.flatMap((path) =>
    [...readFileSync(path, 'utf8').matchAll(/^ {2}(?:'([^']+)'|(\w+)):/gm)].map((found) => found[1] ?? found[2] ?? ''),
  )
  expect(codes.filter((code, i) => codes.indexOf(code) < i)).toEqual([])
  expect(codes).toHaveLength(Object.keys(EN).length)
})
