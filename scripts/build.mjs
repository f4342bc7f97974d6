import { ensureBuilt, ensureInstalled } from './ensure.mjs'

ensureInstalled()
ensureBuilt()
