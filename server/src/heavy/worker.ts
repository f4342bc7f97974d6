import { workerData } from 'node:worker_threads'
import { openDatabase } from '../db/open'
import { tablesOf } from '../db/tables'
import { outcomeOf, type Outcome } from './desk'
import type { ThreadSetup, ThreadTask } from './threads'

// Piscina hands over its own data first and ours second.
const [, setup] = workerData as [unknown, ThreadSetup]
const tables = tablesOf(openDatabase(setup.file, setup.migrations))

/** One heavy task on this thread's own connection. */
export default ({ name, body, facts }: ThreadTask): Outcome => outcomeOf(tables, name, body, facts)
