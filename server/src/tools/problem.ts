import { problemOf } from '@crisp-hem/core'
import { withJobFile } from './jobFile'

/** `npm run --silent problem -- FILE.hem.json [--at ISO-TIME]`: the schedule problem of a job, for other engines. */
process.exitCode = withJobFile('problem', process.argv.slice(2), (job, at) => problemOf(job, at))
