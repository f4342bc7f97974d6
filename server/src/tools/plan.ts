import { planJob } from '@crisp-hem/core'
import { planOutput } from '@crisp-hem/core/wire'
import { withJobFile } from './jobFile'

/** `npm run --silent plan -- FILE.hem.json [--at ISO-TIME]`: the whole plan as JSON on standard output. */
process.exitCode = withJobFile('plan', process.argv.slice(2), (job, at) => planOutput(planJob(job, at)))
