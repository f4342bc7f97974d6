import { gullRow, TERN_QUAY_NOW, ternQuay, withPastWork } from '../../demo'
import type { Database } from './db/open'
import { seedOnce } from './seed'

/** The practice clock of the demo. */
export const clock = TERN_QUAY_NOW

export const seed = (db: Database): void => seedOnce(db, [ternQuay(), withPastWork(gullRow())])
