import { readFileSync } from 'node:fs'
import type { Job } from '../core/src/base/nouns'

/** Where the tests keep the demo with its log. */
export const KEPT_DEMO = '.tmp/demo-for-tests.json'

/** The demo with its log, as it was made before the tests; stands in there for the module that makes it. */
export const ternQuay = (): Job => JSON.parse(readFileSync(KEPT_DEMO, 'utf8')) as Job
