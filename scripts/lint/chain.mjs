import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { dirname, join, relative, resolve, sep } from 'node:path'

/**
 * Floors of core, lowest first, and the folders on each in their order: a file imports from its own folder and from those
 * before it. docs/architecture.md draws the same, and a test keeps the two equal.
 */
export const FLOORS = [
  ['base', ['units', 'nouns', 'edits', 'parameters']],
  ['solve', ['engine', 'cutting']],
  ['survey', ['rooms', 'shelf', 'lines', 'exchange', 'hems']],
  ['nature', ['air', 'cure', 'risk', 'calendar', 'learn']],
  ['masking', ['covers', 'recipes', 'kit', 'load']],
  ['planning', ['work', 'progress', 'problem', 'plan', 'check', 'chance', 'windows', 'published']],
  ['answers', ['van', 'tell', 'chain', 'why', 'try', 'ways', 'quotes', 'bench']],
  ['edge', ['words', 'wire']],
]
/** The same as one list of `floor/folder`. */
export const CHAIN = FLOORS.flatMap(([floor, folders]) => folders.map((folder) => `${floor}/${folder}`))

const ROOT = resolve(import.meta.dirname, '../..')
const SOURCE = join(ROOT, 'core/src')
const IMPORT = /(?:import|export)[^'"`;]*?from\s*'(\.[^']+)'/g
/** What only types follow is gone once the program runs. */
const TYPES_ALONE = /^(?:import|export)\s+type\b/

const isSource = (name) => /\.tsx?$/.test(name) && !/\.test\.tsx?$/.test(name) && !name.endsWith('.d.ts')

function filesIn(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name)
    return entry.isDirectory() ? filesIn(path) : isSource(entry.name) ? [path] : []
  })
}

function resolved(from, spec) {
  const path = resolve(dirname(from), spec)
  return [`${path}.ts`, `${path}.tsx`, join(path, 'index.ts')].find((each) => existsSync(each)) ?? null
}

/**
 * Which file imports which. In core types count too: an arrow that only types follow is an arrow all the same.
 * @param withTypes  left out: true
 */
export function importsOf(root = SOURCE, withTypes = true) {
  return new Map(
    filesIn(root).map((file) => [
      file,
      [...readFileSync(file, 'utf8').matchAll(IMPORT)]
        .filter(([whole]) => withTypes || !TYPES_ALONE.test(whole))
        .map((found) => resolved(file, found[1]))
        .filter(Boolean),
    ]),
  )
}

/** Files that lie on a circle of imports with `file`, itself first; empty when there is none. */
export function circleThrough(imports, file) {
  const from = new Map([[file, null]])
  const queue = [...(imports.get(file) ?? [])]
  for (const next of queue) if (!from.has(next)) from.set(next, file)
  for (let i = 0; i < queue.length; i++) {
    const at = queue[i]
    if (at === file) return [file]
    for (const next of imports.get(at) ?? []) {
      if (next === file) return pathBack(from, at, file)
      if (from.has(next)) continue
      from.set(next, at)
      queue.push(next)
    }
  }
  return []
}

function pathBack(from, last, file) {
  const path = []
  for (let at = last; at !== null && at !== file; at = from.get(at)) path.unshift(at)
  return [file, ...path]
}

const folderOf = (file) => relative(SOURCE, file).split(sep).slice(0, 2).join('/')

const known = new Map()
const knownOf = (root, withTypes) => {
  if (!known.has(root)) known.set(root, importsOf(root, withTypes))
  return known.get(root)
}

function reportCircle(context, node, root, withTypes) {
  const circle = circleThrough(knownOf(root, withTypes), context.filename)
  if (circle.length > 0)
    context.report({
      node,
      messageId: 'circle',
      data: { files: circle.map((each) => relative(root, each)).join(' → ') },
    })
}

/** ESLint rule: imports of core run down the floors, and no two files import one another round about. */
const chain = {
  meta: {
    type: 'problem',
    schema: [],
    messages: {
      back: 'the chain runs {{from}} ← {{to}} here; {{from}} may use {{may}}',
      nowhere: 'folder “{{from}}” has no place on a floor (scripts/lint/chain.mjs)',
      circle: 'files import one another in a circle: {{files}}',
    },
  },
  create(context) {
    const file = context.filename
    if (!file.startsWith(SOURCE + sep) || !isSource(file) || dirname(file) === SOURCE) return {}
    const place = CHAIN.indexOf(folderOf(file))
    const check = (node) => {
      const target = node.source && typeof node.source.value === 'string' && resolved(file, node.source.value)
      if (!target || dirname(target) === SOURCE) return
      const to = CHAIN.indexOf(folderOf(target))
      if (to > place || to < 0)
        context.report({
          node,
          messageId: 'back',
          data: { from: folderOf(file), to: folderOf(target), may: CHAIN.slice(0, place).join(', ') || 'nothing' },
        })
    }
    return {
      Program(node) {
        if (place < 0) context.report({ node, messageId: 'nowhere', data: { from: folderOf(file) } })
        reportCircle(context, node, SOURCE, true)
      },
      ImportDeclaration: check,
      ExportNamedDeclaration: check,
      ExportAllDeclaration: check,
    }
  },
}

/** ESLint rule: no two files of the server or the web app import one another round about, types aside. */
const circles = {
  meta: { type: 'problem', schema: [], messages: { circle: 'files import one another in a circle: {{files}}' } },
  create(context) {
    const root = ['server/src', 'web/src']
      .map((each) => join(ROOT, each))
      .find((each) => context.filename.startsWith(each + sep))
    if (!root || !isSource(context.filename)) return {}
    return { Program: (node) => reportCircle(context, node, root, false) }
  },
}

export default { rules: { chain, circles } }
