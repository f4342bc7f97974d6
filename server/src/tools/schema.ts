import { writeFileSync } from 'node:fs'
import { jobSchema, toJsonSchema } from '@crisp-hem/core/wire'

/** Writes docs/job-file.schema.json from the Yup schema of the job file. */
writeFileSync(
  'docs/job-file.schema.json',
  `${JSON.stringify(toJsonSchema(jobSchema, 'Crisp Hem job file'), null, 2)}\n`,
)
