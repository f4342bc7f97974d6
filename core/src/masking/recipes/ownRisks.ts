import type { LearnedFault, Tape } from '../../base/nouns'
import { ownFactors, type OwnFactor } from '../../nature/learn/ownFactors'
import type { Estimate } from '../../nature/risk/normal'
import { laidBy } from './byLearner'
import type { HemContext } from './hemContext'
import type { RecipeRisks } from './recipe'

/** What moved a recipe's risks off what the models expect, fault by fault; null where nobody has looked for that fault. */
export type OwnRisks = Readonly<Record<LearnedFault, OwnFactor | null>>

export const NOTHING_OWN: OwnRisks = { bleeds: null, lift: null, tear: null, residue: null }

/** What the house's own walls, on other jobs, say of a tape on the keep side of a hem, laid by whom it is laid by. */
export function ownRisks(
  { jobId, house, keepFace, byLearner }: Pick<HemContext, 'jobId' | 'house' | 'keepFace' | 'byLearner'>,
  { id }: Pick<Tape, 'id'>,
): OwnRisks {
  const of = ownFactors(house.own, jobId)
  const line = { tapeId: id, texture: keepFace.texture, laidBy: laidBy(byLearner) }
  return { bleeds: of('bleeds', line), lift: of('lift', line), tear: of('tear', line), residue: of('residue', line) }
}

/** An expectation of the models as the house's own counts move it: where they speak, their span is its span. */
export const asOwn = (expected: Estimate, own: OwnFactor | null): Estimate =>
  own === null
    ? expected
    : { mean: expected.mean * own.mean, low: expected.mean * own.low, high: expected.mean * own.high }

/** The same of a chance. */
export const chanceAsOwn = (expected: Estimate, own: OwnFactor | null): Estimate => {
  const { mean, low, high } = asOwn(expected, own)
  return { mean: Math.min(1, mean), low: Math.min(1, low), high: Math.min(1, high) }
}

/** A recipe's risks as the house's own counts move them. Lift is moved where the tape is judged, since rules go by it. */
export const risksAsOwn = (risks: RecipeRisks, own: OwnRisks): RecipeRisks => ({
  ...risks,
  bleeds: asOwn(risks.bleeds, own.bleeds),
  bleedMm: asOwn(risks.bleedMm, own.bleeds),
  bleedMm2: asOwn(risks.bleedMm2, own.bleeds),
  tear: Math.min(1, risks.tear * (own.tear?.mean ?? 1)),
  residue: Math.min(1, risks.residue * (own.residue?.mean ?? 1)),
})
