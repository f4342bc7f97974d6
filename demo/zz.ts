import { planJob } from '../core/src/answers/chain/planJob'
import { ternQuaySurvey, TERN_QUAY_NOW } from './index'
import { parseInstant } from '../core/src/base/units/time'
const j = ternQuaySurvey()
const p = planJob(j, parseInstant(j.start))
for (const r of p.recipes as any[]) console.log(r.hemId, '|', r.safe ? [r.school, r.tapeId, r.widthMm, r.seal, r.pressing, r.pull, r.score, Math.round(r.risks.bleedMm.mean*100)/100, (100*r.risks.lift.mean).toFixed(2)].join(',') : 'NOTHING')
