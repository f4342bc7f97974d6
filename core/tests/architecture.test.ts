import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

const ROOT = join(__dirname, '../..')
const read = (file: string): string => readFileSync(join(ROOT, file), 'utf8')
const folders = readdirSync(join(ROOT, 'core/src'), { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map((entry) => entry.name)

/** The list of the lint rule, as it stands in its file. */
const rule = [...(/CHAIN = \[([^\]]+)\]/.exec(read('scripts/lint/chain.mjs'))?.[1] ?? '').matchAll(/'(\w+)'/g)].map(
  (found) => found[1],
)

test('docs/architecture.md draws the order that the lint rule holds', () => {
  const drawn = /```\n(units →[^`]+)```/.exec(read('docs/architecture.md'))?.[1] ?? ''
  expect(drawn.split(/[→\s]+/).filter(Boolean)).toEqual(rule)
})

test('every folder of core has its place in it, and no place is empty', () => {
  expect([...rule].sort()).toEqual([...folders].sort())
})

test('the steps of the chain stand in the order of product and docs', () => {
  const steps = ['hems', 'recipes', 'work', 'problem', 'plan', 'check', 'published', 'chain']
  expect(rule.filter((folder) => folder && steps.includes(folder))).toEqual(steps)
})

test('every file a newcomer is sent to is there', () => {
  const table = read('docs/architecture.md').split('A newcomer’s questions').pop() ?? read('docs/architecture.md')
  const files = [...table.matchAll(/`((?:core|web|server|scripts)\/[\w/.]+\.(?:ts|tsx|mjs|css))`/g)].map(
    (found) => found[1] ?? '',
  )
  expect(files.length).toBeGreaterThan(15)
  for (const file of files) expect([file, read(file).length > 0]).toEqual([file, true])
})
