import { GRADES, type Grade, type HouseRules, type Job, type QuoteLine, type QuoteOffer } from '../../base/nouns'
import { formatInstant, parseInstant } from '../../base/units/time'
import { outlayOf, type Outlay } from '../ways/outlay'

/** Rules by which edges may be made, besides the house's own: what a customer is offered is found among them. */
const rulesToTry = (house: HouseRules): HouseRules[] => [
  house,
  { ...house, school: 'least-cost' },
  { ...house, school: 'press-only', sealAlways: false, maxBleedMm: 3 * house.maxBleedMm },
  { ...house, school: 'barrier-edge', stackSeals: true },
  { ...house, school: 'own-colour-seal', sealAlways: true },
  { ...house, school: 'wiped-sealant', sealAlways: true },
]

interface Tried {
  readonly house: HouseRules
  readonly outlay: Outlay
}

/**
 * Up to three offers for a job as it is surveyed now, from its beginning, none of which another beats in price and marks
 * alike: good is the cheapest way, best the one with the fewest marks to expect, better one between them, the house's own
 * where it is. Ways that leave more edges without a safe answer than need be are out.
 */
export function offersFor(job: Job): QuoteOffer[] {
  const tried = rulesToTry(job.house).map((house): Tried => ({ house, outlay: outlayOf({ ...job, house }) }))
  const fewest = Math.min(...tried.map(({ outlay }) => outlay.unsafe))
  const front = apart(unbeaten(tried.filter(({ outlay }) => outlay.unsafe === fewest)))
  const between = front.slice(1, -1)
  const middle = between.find(({ house }) => house === job.house) ?? between[Math.floor(between.length / 2)]
  const [first] = front
  const last = front.at(-1)
  const found: Record<Grade, Tried | undefined> =
    front.length < 2 ? { good: undefined, better: first, best: undefined } : { good: first, better: middle, best: last }
  return GRADES.flatMap((grade) => {
    const each = found[grade]
    return each ? [offerOf({ ...job, house: each.house }, grade, each.outlay)] : []
  })
}

/** A way that saves less than this share is no choice beside a cleaner one. From memory. */
const APART = 0.005

/** Of ways in order of cost those that save enough beside the next cleaner one; the cleanest stays. */
function apart(front: readonly Tried[]): Tried[] {
  const kept: Tried[] = []
  for (const each of [...front].reverse()) {
    const [cleaner] = kept
    if (!cleaner || costOf(each.outlay) < (1 - APART) * costOf(cleaner.outlay)) kept.unshift(each)
  }
  return kept
}

/** Those that no other beats, the cheapest first. Of equals the first stays. */
const unbeaten = (tried: readonly Tried[]): Tried[] =>
  tried
    .filter(({ outlay }, i) => {
      const [cost, marks] = [costOf(outlay), outlay.faultMm]
      return !tried.some(({ outlay: other }, k) => {
        const [otherCost, otherMarks] = [costOf(other), other.faultMm]
        const isNoWorse = otherCost <= cost && otherMarks <= marks
        return isNoWorse && (otherCost < cost || otherMarks < marks || k < i)
      })
    })
    .sort((a, b) => costOf(a.outlay) - costOf(b.outlay))

/** What a job costs the contractor before anything shows. */
const costOf = ({ totalMinor, mendingMinor }: Outlay): number => totalMinor - mendingMinor

/** A price made of what a job takes: overhead on all of it, margin on both, tax on the sum. Whole minor units, so that lines add up. */
export function offerOf(job: Job, grade: Grade, outlay: Outlay): QuoteOffer {
  const { rates, selling, wagePerHourMinor } = job.house
  const setUpMin = (rates.setUpEach + rates.washOutEach) * outlay.personDays
  const costs: QuoteLine[] = [
    { kind: 'hours', amountMinor: outlay.wagesMinor },
    { kind: 'covers', amountMinor: outlay.coversMinor },
    { kind: 'tape', amountMinor: outlay.tapeMinor },
    { kind: 'seals', amountMinor: outlay.sealsMinor },
    { kind: 'paint', amountMinor: outlay.paintMinor },
    { kind: 'sundries', amountMinor: selling.sundriesMinorPerDay * outlay.personDays },
    { kind: 'set-up', amountMinor: Math.round((setUpMin * wagePerHourMinor) / 60) },
  ]
  const cost = total(costs)
  const overhead = Math.round((cost * selling.overheadPct) / 100)
  const margin = Math.round(((cost + overhead) * selling.marginPct) / 100)
  const lines: QuoteLine[] = [
    ...costs,
    { kind: 'overhead', amountMinor: overhead },
    { kind: 'margin', amountMinor: margin },
  ]
  const netMinor = total(lines)
  const taxMinor = Math.round((netMinor * selling.taxPct) / 100)
  return {
    grade,
    school: job.house.school,
    lines,
    netMinor,
    taxMinor,
    totalMinor: netMinor + taxMinor,
    workedMin: outlay.workedMin + setUpMin,
    endsAt: formatInstant(Math.round(outlay.endsAt ?? parseInstant(job.start))),
    faultMm: Math.round(10 * outlay.faultMm) / 10,
    faultMmPerM: Math.round(1000 * outlay.faultMmPerM) / 1000,
    unsafe: outlay.unsafe,
    tapeMm: outlay.tapeMm,
    materialMinor: outlay.coversMinor + outlay.tapeMinor + outlay.sealsMinor + outlay.paintMinor,
  }
}

const total = (lines: readonly QuoteLine[]): number => lines.reduce((sum, { amountMinor }) => sum + amountMinor, 0)
