import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

const ROOT = join(__dirname, '../..')
const read = (file: string): string => readFileSync(join(ROOT, file), 'utf8')
const dirs = (path: string): string[] =>
  readdirSync(join(ROOT, path), { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .map((entry) => entry.name)
const folders = dirs('core/src').flatMap((floor) => dirs(`core/src/${floor}`).map((folder) => `${floor}/${folder}`))

/** Floors of the lint rule, as they stand in its file: all of core's, then all of the web app's. */
const rules = [...read('scripts/lint/chain.mjs').matchAll(/export const (FLOORS|WEB_FLOORS) = \[([\s\S]*?)\n\]/g)].map(
  ([, , list = '']) =>
    [...list.matchAll(/\[\s*'(\w+)',\s*\[([^\]]*)\],?\s*\]/g)].map(
      ([, floor = '', folders = '']) =>
        [floor, [...folders.matchAll(/'(\w+)'/g)].map(([, folder = '']) => folder)] as const,
    ),
)
const [floors = [], webFloors = []] = rules
const placesOf = (all: typeof floors) =>
  all.flatMap(([floor, list]) => (list.length > 0 ? list.map((folder) => `${floor}/${folder}`) : [floor]))
const rule = placesOf(floors)

test('docs/architecture.md draws the floors that the lint rule holds, of core and of the web app', () => {
  const drawn = [...read('docs/architecture.md').matchAll(/```\n((?:\w+(?: +→[^\n]+)?\n)+)```/g)].map(([, text = '']) =>
    text
      .trim()
      .split('\n')
      .map((line) => line.split(/[→\s]+/).filter(Boolean)),
  )
  expect([floors.length, webFloors.length]).toEqual([8, 3])
  expect(drawn).toEqual([floors, webFloors].map((all) => all.map(([floor, list]) => [floor, ...list])))
})

test('every folder of the web app has its place on a floor, and no place is empty', () => {
  const found = dirs('web/src')
    .filter((floor) => floor !== 'testing')
    .flatMap((floor) => {
      const inside = dirs(`web/src/${floor}`)
      return inside.length > 0 ? inside.map((folder) => `${floor}/${folder}`) : [floor]
    })
  expect(placesOf(webFloors).sort()).toEqual(found.sort())
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
  const [, table] = read('docs/architecture.md').split('## A newcomer')
  if (table === undefined) throw new Error('docs/architecture.md has no section of a newcomer’s questions')
  const files = [...table.matchAll(/`((?:core|web|server|scripts)\/[\w/.]+\.(?:ts|tsx|mjs|css))`/g)].map(
    (found) => found[1] ?? '',
  )
  expect(files.length).toBeGreaterThan(15)
  for (const file of files) expect([file, read(file).length > 0]).toEqual([file, true])
})
