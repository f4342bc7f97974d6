import { isAbsolute, join } from 'node:path'
import { ensureBuilt, ensureInstalled, refuseUnknown, root } from './ensure.mjs'

// Runs one of the server's tools: `node scripts/tool.mjs plan FILE`. File names are as seen from where it was called.
const TOOLS = ['plan', 'problem', 'solve', 'bench', 'schema', 'sample', 'season', 'backup', 'restore', 'cert', 'drill']
const [name, ...args] = process.argv.slice(2)
const from = process.env.INIT_CWD ?? root
refuseUnknown(name === undefined ? ['(nothing)'] : [name], TOOLS, `node scripts/tool.mjs ${TOOLS.join('|')} …`)
ensureInstalled()
ensureBuilt(['server'])
// What a certificate is for are names, not files.
const isFile = (arg, i) => name !== 'cert' && !arg.startsWith('--') && !args[i - 1]?.startsWith('--')
process.argv = [
  process.argv[0],
  name,
  ...args.map((arg, i) => (isFile(arg, i) && !isAbsolute(arg) ? join(from, arg) : arg)),
]
await import(`../server/dist/${name}.js`)
