import { writeFileSync } from 'node:fs'
import { ternQuaySurvey } from '../../../demo'
import { writeJobFile } from '@crisp-hem/core/wire'

/** Writes demo/tern-quay.hem.json from the demo's generator. */
writeFileSync('demo/tern-quay.hem.json', writeJobFile(ternQuaySurvey()))
