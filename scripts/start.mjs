import { ensureBuilt, ensureInstalled, refuseUnknown, root } from './ensure.mjs'

// `npm start` and `npm run demo`: install and build what is missing, then serve from this process.
refuseUnknown(process.argv.slice(2), ['--demo'], 'npm start, or npm run demo')
ensureInstalled()
ensureBuilt()
process.env.CRISP_HEM_ROOT = root
await import('../server/dist/main.js')
