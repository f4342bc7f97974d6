import { refuseUnknown, run } from './ensure.mjs'

refuseUnknown(process.argv.slice(2), [], 'npm run types')

// Each workspace is checked with the library it may use: core knows neither the browser nor Node.
for (const project of ['core/tsconfig.json', 'core/tsconfig.test.json', 'server', 'web', 'e2e']) {
  run(process.execPath, ['node_modules/typescript/bin/tsc', '-p', project])
}
