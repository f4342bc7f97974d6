import { sure } from '../../base/units/sure'
import { said, figureOf } from '../../base/nouns'
import { endsMm } from '../../survey/hems/ends'
import type { Candidate } from './candidate'
import { safeOf, type Picked } from './pickCandidate'
import type { HemContext } from './hemContext'

/** A hem, its candidates as judged, and what it gets so far; null where nothing is safe or a hand has chosen. */
export interface PickedHem {
  readonly ctx: HemContext
  readonly judged: readonly Candidate[]
  readonly pick: Picked | null
}

interface Swap {
  readonly at: number
  readonly to: Candidate
  readonly needMm: number
  /** Expected cost spared, minor units: the new tape is paid for, the old one would be bought. */
  readonly spares: number
}

const kindOf = (candidate: Candidate): string | null =>
  candidate.tape && candidate.roll ? `${candidate.tape.id}|${candidate.roll.widthMm}` : null

/** Tape a hem takes of a roll, ends and corners included, mm. */
const needMm = ({ hem }: HemContext): number => hem.lengthMm + endsMm(hem)

/**
 * Uses up part rolls and leftover kinds that lie on the van and that no recipe would take: on hems where they are safe
 * in the same way, and where it spares money since they are paid for. Best saving for each metre first, as far as the
 * rolls reach; that order is not proved to be the best, but no hem gets a tape that costs more than what it had.
 *
 * @returns for each hem the pick that uses a leftover, or null where its own stands
 */
export function useLeftovers(hems: readonly PickedHem[]): (Picked | null)[] {
  const left = stockLeft(hems)
  const swaps: Swap[] = hems.flatMap((hem, at) => swapsOf(hem, at, left))
  swaps.sort((a, b) => b.spares / b.needMm - a.spares / a.needMm || a.at - b.at)
  const found: (Picked | null)[] = hems.map(() => null)
  for (const { at, to, needMm: need, spares } of swaps) {
    const kind = sure(kindOf(to))
    const rest = sure(left.get(kind))
    if (found[at] || rest < need) continue
    left.set(kind, rest - need)
    found[at] = {
      candidate: to,
      why: said('why.leftover', {
        tape: said('tape.wide', { tape: sure(to.tape).name, width: sure(to.roll).widthMm }),
        metres: figureOf(sure(to.roll).stockMm / 1000),
        spares: figureOf(spares / 100),
      }),
    }
  }
  return found
}

/** Stock of each kind that the picks leave over, mm; kinds that they need whole are left out. */
function stockLeft(hems: readonly PickedHem[]): Map<string, number> {
  const used = new Map<string, number>()
  const left = new Map<string, number>()
  const seen = new Set<readonly Candidate[]>()
  for (const { ctx, judged, pick } of hems) {
    const kind = pick && kindOf(pick.candidate)
    if (kind) used.set(kind, (used.get(kind) ?? 0) + needMm(ctx))
    // Hems along the same faces share their candidates.
    if (seen.has(judged)) continue
    seen.add(judged)
    for (const candidate of judged) {
      const own = kindOf(candidate)
      if (own && sure(candidate.roll).stockMm > 0) left.set(own, sure(candidate.roll).stockMm)
    }
  }
  for (const [kind, mm] of used) if (left.has(kind)) left.set(kind, Math.max(0, sure(left.get(kind)) - mm))
  return left
}

/** Leftovers that would do on one hem: the same school and seal, another tape that is there already. */
function swapsOf({ ctx, judged, pick }: PickedHem, at: number, left: ReadonlyMap<string, number>): Swap[] {
  if (!pick?.candidate.tape || !pick.candidate.roll) return []
  const candidate = pick.candidate
  // What lies on the van already is used as it is.
  if (sure(candidate.roll).stockMm > 0) return []
  return safeOf(judged).flatMap((to): Swap[] => {
    const kind = kindOf(to)
    if (
      !kind ||
      !left.has(kind) ||
      kind === kindOf(candidate) ||
      to.school !== candidate.school ||
      to.seal !== candidate.seal
    )
      return []
    const perM = candidate.costPerM.total - (to.costPerM.total - to.costParts.tape)
    const spares = (perM * ctx.hem.lengthMm) / 1000
    return spares > 0 ? [{ at, to, needMm: needMm(ctx), spares }] : []
  })
}
