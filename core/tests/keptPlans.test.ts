import { ternQuaySurvey } from '../../demo'
import { planJob } from '../src/answers/chain/planJob'
import { keptParts } from '../src/base/units/keptParts'
import type { Job } from '../src/base/nouns'
import { editsOf } from './anyEdit'
import { runsOf } from './runsOf'

// Recipes, clocks and hems of what an edit did not touch are kept: a plan that uses them is the plan made from nothing.
test.each([41, 5].slice(0, runsOf(2, 1)))(
  'story %i: after every edit the plan is the one made from nothing',
  (seed) => {
    const { log: _log, published: _published, ...facts } = ternQuaySurvey()
    let last: Job | null = null
    let planned = 0
    for (const { facts: edited, told } of editsOf({ ...facts, rooms: facts.rooms.slice(0, 3) }, seed)) {
      if (planned === runsOf(40, 4)) break
      const job: Job = { ...edited, log: [], published: null }
      const kept: Job = keptParts(last, structuredClone(job))
      last = kept
      expect([told, JSON.stringify(planJob(kept))]).toEqual([told, JSON.stringify(planJob(structuredClone(job)))])
      planned++
    }
    expect(planned).toBeGreaterThan(runsOf(9, 3))
  },
)
