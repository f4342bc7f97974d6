import { mkdirSync, writeFileSync } from 'node:fs'
import { ternQuay } from '../demo/ternQuayLog'
import { KEPT_DEMO } from './keptDemo'

/** Before all tests: the demo with its log is planned once, for every file that begins with it. */
export default function makeDemo(): void {
  mkdirSync('.tmp', { recursive: true })
  writeFileSync(KEPT_DEMO, JSON.stringify(ternQuay()))
}
