import { workerData } from 'piscina'
import { openDatabase } from '../db/open'
import { tablesOf } from '../db/tables'
import type { Outcome } from '../errors'
import { outcomeOf } from './heavyWork'
import type { ThreadSetup, ThreadTask } from './threads'

// What heavyInThreads hands over when it starts a thread.
const setup = workerData as ThreadSetup
const tables = tablesOf(openDatabase(setup.file, setup.migrations))

/** One heavy task on this thread's own connection. */
export default ({ name, body, facts }: ThreadTask): Outcome => outcomeOf(tables, name, body, facts)
