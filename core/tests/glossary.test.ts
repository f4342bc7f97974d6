import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

const ROOT = join(__dirname, '../..')
const rows = readFileSync(join(ROOT, 'docs/glossary.md'), 'utf8')
  .split('\n')
  .filter((line) => /^\| [a-z]/.test(line) && !line.startsWith('| word'))
  .map((line) => line.split('|').map((cell) => cell.trim()))
  .map(([, word = '', meaning = '', , home = '']) => ({ word, meaning, home: home.replaceAll('`', '') }))

const homeOf = (home: string): string => (home === 'print' ? 'web/src/print' : `core/src/${home}`)
const textOf = (folder: string): string =>
  readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.tsx?$/.test(name) && !/\.test\./.test(name))
    .map((name) => readFileSync(join(ROOT, folder, name), 'utf8'))
    .join('\n')
    .toLowerCase()

test('every word has one meaning and is used where it is at home', () => {
  expect(rows.length).toBeGreaterThan(40)
  expect(new Set(rows.map(({ word }) => word)).size).toBe(rows.length)
  const unused = rows.filter(({ word, home }) => {
    const text = textOf(homeOf(home))
    return ![word, word.replace(/ (\w)/g, '$1'), word.replaceAll(' ', '-')].some((each) => text.includes(each))
  })
  expect(unused.map(({ word, home }) => `${word} in ${home}`)).toEqual([])
  expect(rows.filter(({ meaning }) => meaning.length < 8)).toEqual([])
})

/** Names of types, each with the files that give it out. */
function namesOf(folders: readonly string[]): Map<string, string[]> {
  const names = new Map<string, string[]>()
  for (const folder of folders)
    for (const name of readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' })) {
      if (!/\.tsx?$/.test(name) || /\.test\./.test(name)) continue
      const text = readFileSync(join(ROOT, folder, name), 'utf8')
      for (const [, found = ''] of text.matchAll(/^export (?:interface|type|class|abstract class) (\w+)\b(?! *[,}])/gm))
        names.set(found, [...(names.get(found) ?? []), `${folder}/${name}`])
    }
  return names
}

test('no type that one file gives out to others has the name of another one', () => {
  const names = namesOf(['core/src', 'server/src', 'web/src'])
  expect(names.size).toBeGreaterThan(300)
  const twice = [...names].filter(([, files]) => files.length > 1)
  expect(twice).toEqual([])
})
