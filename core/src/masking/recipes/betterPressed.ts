import type { Candidate } from './candidate'

/**
 * Of one way pressed by thumb and by tool the better: what is safe before what is not, then what costs less. It keeps what
 * the other would have cost.
 */
export function betterPressed(a: Candidate, b: Candidate): Candidate {
  const [best, other] = isBetter(b, a) ? [b, a] : [a, b]
  if (standing(best) === FORBIDDEN) return best
  const morePerM = standing(other) === FORBIDDEN ? null : other.costPerM.total - best.costPerM.total
  return { ...best, pressedOver: { other: other.pressing, morePerM } }
}

function isBetter(a: Candidate, b: Candidate): boolean {
  if (standing(a) !== standing(b)) return standing(a) < standing(b)
  return a.costPerM.total < b.costPerM.total
}

const FORBIDDEN = 2

/** Safe, safe but not among the tapes carried, or forbidden. */
const standing = ({ ruledOut }: Candidate): number =>
  ruledOut === null ? 0 : ruledOut.code === 'out.not_in_kit' ? 1 : FORBIDDEN
