import { sure } from '../../base/units/sure'
import { HOUSE_WAYS, type HouseWay, type Job, type JobFacts } from '../../base/nouns'
import { rankerOf } from './jobRecipes'

/** What a job comes to when the house makes its edges in one way. Money in minor units. */
export interface SchoolOutcome {
  readonly school: HouseWay
  /** Hems that are made so; the others are made as safe as may be where the way does not fit. */
  readonly own: number
  readonly hems: number
  /** Hems for which nothing is safe; they cost nothing here. */
  readonly unsafe: number
  /** Kinds of tape, each width one. */
  readonly kinds: number
  /** Faults of the line to expect, in all. */
  readonly faults: number
  readonly workMinor: number
  readonly mendingMinor: number
  readonly totalMinor: number
}

/**
 * Every house way on one job, all other rules, tins and kit as they stand. Cutting by hand is judged as if somebody had
 * a proven hand. Ways that leave fewest hems without an answer come first, then the cheapest.
 */
export function compareSchools(facts: JobFacts): SchoolOutcome[] {
  const job: Job = { ...facts, log: [], published: null }
  const { hems, rank } = rankerOf(job)
  const lengths = new Map(hems.map((hem) => [hem.id, hem.lengthMm / 1000]))
  const outcomes = HOUSE_WAYS.map((school): SchoolOutcome => {
    const provenHand = job.house.provenHand || school === 'freehand'
    const answers = rank({ ...job.house, school, provenHand })
    const safe = answers.flatMap((answer) => (answer.safe ? [answer] : []))
    const sum = (of: (each: (typeof safe)[number]) => number) => safe.reduce((all, each) => all + of(each), 0)
    return {
      school,
      own: school === 'least-cost' ? safe.length : safe.filter((each) => each.school === school).length,
      hems: answers.length,
      unsafe: answers.length - safe.length,
      kinds: new Set(safe.flatMap((each) => (each.tapeId ? [`${each.tapeId}|${each.widthMm}`] : []))).size,
      faults: sum((each) => each.risks.bleedMm.mean * sure(lengths.get(each.hemId))),
      workMinor: sum((each) => each.cost.material + each.cost.labour),
      mendingMinor: sum((each) => each.cost.mending),
      totalMinor: sum((each) => each.cost.total),
    }
  })
  return outcomes.sort((a, b) => a.unsafe - b.unsafe || a.totalMinor - b.totalMinor)
}
