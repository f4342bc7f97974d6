import { sure } from '../../base/units/sure'
import type { Job } from '../../base/nouns'
import { planJob, type Plan } from '../chain/planJob'
import type { Parameters } from '../../base/parameters/parameters'
import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import { parseInstant, toLocal } from '../../base/units/time'

/** What doing a job takes, whoever pays for it. Money in minor units, minutes over all people. */
export interface Outlay {
  readonly workedMin: number
  readonly wagesMinor: number
  /** By use: tape by the metre, film and paper by whole rolls as they are cut, cloths not at all. */
  readonly coversMinor: number
  readonly tapeMinor: number
  readonly sealsMinor: number
  readonly paintMinor: number
  /** Faults to expect, at what mending one costs. */
  readonly mendingMinor: number
  readonly totalMinor: number
  /** Marks along all edges, in all and for each metre, mm. */
  readonly faultMm: number
  readonly faultMmPerM: number
  readonly unsafe: number
  readonly tapeMm: number
  /** When the last task ends, minutes since the epoch; null where nothing is planned. */
  readonly endsAt: number | null
  /** Days on which a crew works, summed over crews; and times its people. */
  readonly crewDays: number
  readonly personDays: number
}

/** Plans a job from its beginning, as if nothing had happened yet, and adds up what it takes. */
export function outlayOf(job: Job, parameters: Parameters = DEFAULT_PARAMETERS): Outlay {
  const fresh: Job = { ...job, log: [], published: null, planning: { ...job.planning, holds: [] } }
  return outlayOfPlan(fresh, planJob(fresh, parseInstant(job.start), parameters))
}

/** The same of a plan that was made. */
function outlayOfPlan(job: Job, plan: Plan): Outlay {
  const { load } = plan
  const people = new Map(job.crews.map((crew) => [crew.id, crew.people.length]))
  const workedMin = Math.round(plan.tasks.reduce((sum, task) => sum + task.minutes * (people.get(task.crewId) ?? 1), 0))
  const wagesMinor = Math.round((workedMin * job.house.wagePerHourMinor) / 60)
  const safe = plan.recipes.flatMap((answer) => (answer.safe ? [answer] : []))
  const metres = new Map(plan.hems.map((hem) => [hem.id, hem.lengthMm / 1000]))
  const faultMm = safe.reduce((sum, each) => sum + each.risks.bleedMm.mean * sure(metres.get(each.hemId)), 0)
  const taped = safe.reduce((sum, each) => sum + sure(metres.get(each.hemId)), 0)
  const tapeMinor = load.tapes.reduce((sum, line) => sum + line.usedMinor, 0)
  const total = (lines: readonly { costMinor: number }[]) => lines.reduce((sum, line) => sum + line.costMinor, 0)
  const days = new Set(plan.placed.map((task) => `${task.crewId} ${toLocal(Math.floor(task.from), job.site.zone).day}`))
  const parts = {
    wagesMinor,
    // Cloths and boards come back: buying one is no cost of this job.
    coversMinor: total(load.covers.filter((line) => line.cuts !== null)),
    tapeMinor,
    sealsMinor: total(load.sealants) + total(load.glazes) + total(load.liquids),
    paintMinor: total(load.coatings),
    mendingMinor: Math.round(load.mendingMinor),
  }
  return {
    ...parts,
    workedMin,
    totalMinor: Object.values(parts).reduce((sum, each) => sum + each, 0),
    faultMm,
    faultMmPerM: taped > 0 ? faultMm / taped : 0,
    unsafe: plan.recipes.length - safe.length,
    tapeMm: load.tapes.reduce((sum, line) => sum + line.totalMm, 0),
    endsAt: plan.endsAt,
    crewDays: days.size,
    personDays: [...days].reduce((sum, key) => sum + (people.get(key.split(' ')[0] ?? '') ?? 1), 0),
  }
}
