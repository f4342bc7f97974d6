import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { dirname, join, relative, resolve, sep } from 'node:path'

/**
 * Folders of core in the order of the chain: a file imports from its own folder and from those before it.
 * docs/architecture.md draws the same order, and a test keeps the two equal.
 */
export const CHAIN = [
  'units',
  'engine',
  'ground',
  'edits',
  'parameters',
  'survey',
  'catalogue',
  'air',
  'cure',
  'hems',
  'risk',
  'learn',
  'lines',
  'cutting',
  'calendar',
  'covers',
  'recipes',
  'kit',
  'load',
  'work',
  'progress',
  'problem',
  'plan',
  'check',
  'chance',
  'windows',
  'published',
  'van',
  'chain',
  'ways',
  'quotes',
  'bench',
  'exchange',
  'words',
  'wire',
]

const SOURCE = resolve(import.meta.dirname, '../../core/src')
const IMPORT = /(?:import|export)[^'"`;]*?from\s*'(\.[^']+)'/g

const isSource = (name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && !name.endsWith('.d.ts')

function filesIn(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name)
    return entry.isDirectory() ? filesIn(path) : isSource(entry.name) ? [path] : []
  })
}

function resolved(from, spec) {
  const path = resolve(dirname(from), spec)
  return [`${path}.ts`, join(path, 'index.ts')].find((each) => existsSync(each)) ?? null
}

/** Which file imports which, types too: an arrow that only types follow is an arrow all the same. */
export function importsOf(root = SOURCE) {
  return new Map(
    filesIn(root).map((file) => [
      file,
      [...readFileSync(file, 'utf8').matchAll(IMPORT)].map((found) => resolved(file, found[1])).filter(Boolean),
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

const folderOf = (file) => relative(SOURCE, file).split(sep)[0]

let known = null

/** ESLint rule: imports of core run down the chain, and no two files import one another round about. */
const rule = {
  meta: {
    type: 'problem',
    schema: [],
    messages: {
      back: 'the chain runs {{from}} ← {{to}} here; {{from}} may use {{may}}',
      nowhere: 'folder “{{from}}” has no place in the chain (scripts/lint/chain.mjs)',
      circle: 'files import one another in a circle: {{files}}',
    },
  },
  create(context) {
    const file = context.filename
    if (!file.startsWith(SOURCE + sep) || !isSource(file) || dirname(file) === SOURCE) return {}
    known ??= importsOf()
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
        const circle = circleThrough(known, file)
        if (circle.length > 0)
          context.report({
            node,
            messageId: 'circle',
            data: { files: circle.map((each) => relative(SOURCE, each)).join(' → ') },
          })
      },
      ImportDeclaration: check,
      ExportNamedDeclaration: check,
      ExportAllDeclaration: check,
    }
  },
}

export default { rules: { chain: rule } }
