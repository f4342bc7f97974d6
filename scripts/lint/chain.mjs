import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { dirname, join, relative, resolve, sep } from 'node:path'

/**
 * Floors of core, lowest first, and the folders on each in their order: a file imports from its own folder and from those
 * before it. docs/architecture.md draws the same, and a test keeps the two equal.
 */
export const FLOORS = [
  ['base', ['units', 'nouns', 'edits', 'parameters']],
  ['solve', ['engine', 'cutting']],
  ['survey', ['rooms', 'shelf', 'lines', 'ready', 'exchange', 'hems']],
  ['nature', ['air', 'cure', 'risk', 'calendar', 'learn']],
  ['masking', ['covers', 'recipes', 'kit', 'load']],
  ['planning', ['work', 'progress', 'problem', 'plan', 'check', 'price', 'chance', 'windows', 'published']],
  ['answers', ['van', 'tell', 'chain', 'why', 'try', 'ways', 'quotes', 'record', 'bench']],
  ['edge', ['words', 'wire']],
]
/** The same of the web app: what every page stands on, what is put on paper, the pages in the order in which they may use one another. */
export const WEB_FLOORS = [
  ['app', ['words', 'office', 'device', 'state', 'ui', 'drawing', 'naming', 'devices', 'frame']],
  ['print', []],
  [
    'pages',
    [
      'walk',
      'lines',
      'scope',
      'site',
      'recipes',
      'bench',
      'practice',
      'shelf',
      'rounds',
      'load',
      'pulls',
      'proof',
      'people',
      'jobs',
    ],
  ],
]
/** And of the server, which has no floors within its folders. */
export const SERVER_FLOORS = [
  'db',
  'people',
  'heavy',
  'live',
  'messages',
  'calendar',
  'keeping',
  'routes',
  'tools',
].map((folder) => [folder, []])
/** Floors as one list of `floor/folder`, or of floors where they have no folders. */
export const placesOf = (floors) =>
  floors.flatMap(([floor, folders]) => (folders.length > 0 ? folders.map((folder) => `${floor}/${folder}`) : [floor]))
export const CHAIN = placesOf(FLOORS)

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

/** Sources with floors, and what they are made of. What lies in no folder stands above them all. */
const HOUSES = [
  [SOURCE, CHAIN],
  [join(ROOT, 'web/src'), placesOf(WEB_FLOORS)],
  [join(ROOT, 'server/src'), placesOf(SERVER_FLOORS)],
]
const isIn = (folder, file) => file.startsWith(folder + sep)

/** The place of a file in its house: floor and folder, or the floor alone where that has no folders. */
function folderOf(root, places, file) {
  const [floor, folder] = relative(root, dirname(file)).split(sep)
  return places.includes(floor) || !folder ? floor : `${floor}/${folder}`
}

const known = new Map()
const knownOf = (root, withTypes) => {
  if (!known.has(root)) known.set(root, importsOf(root, withTypes))
  return known.get(root)
}

function reportCircle(context, node, root) {
  const circle = circleThrough(knownOf(root, true), context.filename)
  if (circle.length > 0)
    context.report({
      node,
      messageId: 'circle',
      data: { files: circle.map((each) => relative(root, each)).join(' → ') },
    })
}

/** What stands beside the house and holds for tests alone. */
const isBeside = (root, file) => isIn(join(root, 'testing'), file)

/** ESLint rule: imports run down the floors, and no two files import one another round about; types count too. */
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
    const [root, places] = HOUSES.find(([each]) => isIn(each, file)) ?? []
    if (!root || !isSource(file) || isBeside(root, file)) return {}
    const circles = (node) => reportCircle(context, node, root)
    if (dirname(file) === root) return { Program: circles }
    const from = folderOf(root, places, file)
    const place = places.indexOf(from)
    const check = (node) => {
      const target = node.source && typeof node.source.value === 'string' && resolved(file, node.source.value)
      if (!target || !isIn(root, target)) return
      // The words of refusals and the list of what core gives out lie in no folder: whoever is lowest may use them.
      if (dirname(target) === root && root !== HOUSES[1][0]) return
      const to = folderOf(root, places, target)
      if (places.indexOf(to) > place || !places.includes(to))
        context.report({
          node,
          messageId: 'back',
          data: { from, to: to || relative(root, target), may: places.slice(0, place).join(', ') || 'nothing' },
        })
    }
    return {
      Program(node) {
        if (place < 0) context.report({ node, messageId: 'nowhere', data: { from } })
        circles(node)
      },
      ImportDeclaration: check,
      ExportNamedDeclaration: check,
      ExportAllDeclaration: check,
    }
  },
}

export default { rules: { chain } }
