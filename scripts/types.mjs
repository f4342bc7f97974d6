import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { refuseUnknown, root, run } from './ensure.mjs'

refuseUnknown(process.argv.slice(2), [], 'npm run types')

const OUT = '.tmp/types'
const tsc = (...args) => run(process.execPath, ['node_modules/typescript/bin/tsc', ...args])

// Each workspace is checked with the library it may use: core knows neither the browser nor Node. It is checked first, and what it
// offers is written down, so that those that use it do not check all of it again.
tsc(
  '-p',
  'core/tsconfig.json',
  '--noEmit',
  'false',
  '--emitDeclarationOnly',
  '--declaration',
  '--outDir',
  `${OUT}/core`,
)
tsc('-p', 'core/tsconfig.test.json')

const { name, exports } = JSON.parse(readFileSync('core/package.json', 'utf8'))
const paths = Object.fromEntries(
  Object.entries(exports).map(([path, file]) => [
    name + path.slice(1),
    [`${root}/${OUT}/core/${file.replace('./src/', '').replace(/\.ts$/, '.d.ts')}`],
  ]),
)
mkdirSync(OUT, { recursive: true })
for (const part of ['server', 'web', 'e2e']) {
  const config = `${OUT}/${part}.json`
  writeFileSync(config, JSON.stringify({ extends: `${root}/${part}/tsconfig.json`, compilerOptions: { paths } }))
  tsc('-p', config)
}
