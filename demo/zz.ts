import { planJob } from '../core/src/answers/chain/planJob'
import { ternQuay, TERN_QUAY_NOW, ternQuaySurvey, gullRow } from './index'
import { parseInstant } from '../core/src/base/units/time'
const now = parseInstant(TERN_QUAY_NOW as any)
const fresh = (j: any) => JSON.parse(JSON.stringify(j))
for (const [name, make] of [['survey', ternQuaySurvey], ['told', ternQuay], ['gull', gullRow]] as any) {
  const t: number[] = []
  for (let i = 0; i < 7; i++) { const j = fresh(make()); const a = performance.now(); planJob(j, name === 'told' ? now : undefined); t.push(Math.round(performance.now() - a)) }
  console.log(name, t.join(' '))
}
