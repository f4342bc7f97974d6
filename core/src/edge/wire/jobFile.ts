import type { Job } from '../../base/nouns'
import { checkJob } from './checkJob'
import { jobSchema } from './jobSchema'
import { readJson } from './jsonText'
import { inSchemaOrder } from './schemaOrder'
import { upgraded } from './upgrade'

/**
 * A job as the text of a `*.hem.json` file. Fields stand in the order of the schema, so the same job always gives
 * the same bytes.
 */
export const writeJobFile = (job: Job): string => `${JSON.stringify(inSchemaOrder(jobSchema, job), null, 2)}\n`

/**
 * Reads a job file; one of an older version is brought to the present one first.
 * @throws CoreError jobfile.not_json; jobfile.invalid naming the place and what was expected
 */
export function readJobFile(text: string): Job {
  return checkJob(upgraded(readJson(text)))
}
