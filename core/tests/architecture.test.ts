import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

const ROOT = join(__dirname, '../..')
const read = (file: string): string => readFileSync(join(ROOT, file), 'utf8')
const dirs = (path: string): string[] =>
  readdirSync(join(ROOT, path), { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .map((entry) => entry.name)
const folders = dirs('core/src').flatMap((floor) => dirs(`core/src/${floor}`).map((folder) => `${floor}/${folder}`))

/** The floors of the lint rule, as they stand in its file. */
const floors = [...read('scripts/lint/chain.mjs').matchAll(/\['(\w+)', \[((?:'\w+'(?:, )?)+)\]\]/g)].map(
  ([, floor = '', list = '']) => [floor, [...list.matchAll(/'(\w+)'/g)].map(([, folder = '']) => folder)] as const,
)
const rule = floors.flatMap(([floor, list]) => list.map((folder) => `${floor}/${folder}`))

test('docs/architecture.md draws the floors that the lint rule holds', () => {
  const drawn = /```\n(base +→[^`]+)```/.exec(read('docs/architecture.md'))?.[1] ?? ''
  expect(floors).toHaveLength(8)
  expect(
    drawn
      .trim()
      .split('\n')
      .map((line) => line.split(/[→\s]+/).filter(Boolean)),
  ).toEqual(floors.map(([floor, list]) => [floor, ...list]))
})

test('every folder of core has its place on a floor, and no place is empty', () => {
  expect([...rule].sort()).toEqual([...folders].sort())
})

test('the steps of the chain stand in the order of product and docs', () => {
  const steps = ['hems', 'recipes', 'work', 'problem', 'plan', 'check', 'published', 'chain']
  const last = (folder: string) => folder.split('/')[1] ?? ''
  expect(rule.map(last).filter((folder) => steps.includes(folder))).toEqual(steps)
})

test('every file a newcomer is sent to is there', () => {
  const table = read('docs/architecture.md').split('A newcomer’s questions').pop() ?? read('docs/architecture.md')
  const files = [...table.matchAll(/`((?:core|web|server|scripts)\/[\w/.]+\.(?:ts|tsx|mjs|css))`/g)].map(
    (found) => found[1] ?? '',
  )
  expect(files.length).toBeGreaterThan(15)
  for (const file of files) expect([file, read(file).length > 0]).toEqual([file, true])
})
