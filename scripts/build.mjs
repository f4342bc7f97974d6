import { ensureBuilt, ensureInstalled, refuseUnknown } from './ensure.mjs'

refuseUnknown(process.argv.slice(2), [], 'npm run build')
ensureInstalled()
ensureBuilt()
