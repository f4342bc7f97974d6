import { ensureBuilt, ensureInstalled, root } from './ensure.mjs'

// `npm start` and `npm run demo`: install and build what is missing, then serve from this process.
ensureInstalled()
ensureBuilt()
process.env.CRISP_HEM_ROOT = root
await import('../server/dist/main.js')
