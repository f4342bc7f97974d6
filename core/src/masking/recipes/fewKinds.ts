import { groupedBy } from '../../base/units/groupedBy'
import { nth, sure } from '../../base/units/sure'
import { said } from '../../base/nouns'
import type { Candidate } from './candidate'
import { sameWay, tinOf } from './fewTins'
import { pickCandidate, safeOf, type Picked } from './pickCandidate'
import { needsWidthMm } from './setting'
import type { PickedHem } from './useLeftovers'

/** Hems that share their candidates and their pick: one question for all of them. */
interface Alike {
  readonly hem: PickedHem
  readonly own: Picked
  readonly metres: number
  readonly at: readonly number[]
  /** What it may take instead, and what it takes of it for each set of kinds that was asked for. */
  readonly others: readonly Candidate[]
  readonly known: Map<string, Picked | null>
}

/** What some kinds come to: the pick of each group, and all of it with carrying, minor units. */
interface Carried {
  readonly kinds: ReadonlySet<string>
  readonly picks: readonly Picked[]
  readonly cost: number
}

const kindOf = ({ tape, roll }: Candidate): string | null => (tape && roll ? `${tape.id}|${roll.widthMm}` : null)

/**
 * Few kinds of tape by default: beginning with what each hem would take by itself, a kind is left at home as long as that
 * spares more in carrying than it costs on the hems that have to take another. A hem changes its tape only, neither its way
 * nor its tin. What lies on the van costs nothing to carry. Each step is the best there is; that the last set is the best
 * of all is not proved.
 *
 * @returns for each hem the pick that spares a kind, or null where its own stands; all null where a kit was chosen
 */
export function fewKinds(hems: readonly PickedHem[]): (Picked | null)[] {
  const none = hems.map(() => null)
  const [first] = hems
  if (!first || first.ctx.kit !== null || first.ctx.house.kindMinor === 0) return none
  const groups = alike(hems)
  let best = sure(carriedWith(groups, null))
  for (;;) {
    const { kinds } = best
    const found = cheapest([...kinds].map((kind) => carriedWith(groups, without(kinds, kind))))
    if (!found || found.cost >= best.cost - 1e-9) break
    best = found
  }
  const picks: (Picked | null)[] = [...none]
  groups.forEach(({ own, at }, i) => {
    const pick = nth(best.picks, i)
    if (pick.candidate === own.candidate) return
    const also = said('why.few_kinds', { kinds: best.kinds.size })
    for (const index of at) picks[index] = { ...pick, also }
  })
  return picks
}

function alike(hems: readonly PickedHem[]): Alike[] {
  const numbered = hems.flatMap((hem, at) => (hem.pick?.candidate.tape ? [{ hem, own: hem.pick, at }] : []))
  const byList = groupedBy(numbered, ({ hem }) => hem.judged)
  return [...byList.values()].flatMap((same) =>
    [...groupedBy(same, ({ own }) => own.candidate).values()].map((each): Alike => {
      const { hem, own } = nth(each, 0)
      const mm = each.reduce((sum, one) => sum + one.hem.ctx.hem.lengthMm, 0)
      const at = each.map((one) => one.at)
      return { hem, own, metres: mm / 1000, at, others: othersOf(hem, own), known: new Map() }
    }),
  )
}

/** Every group's pick when only some kinds are carried, null for any; null where a group has none in its way. */
function carriedWith(groups: readonly Alike[], kinds: ReadonlySet<string> | null): Carried | null {
  const picks: Picked[] = []
  const used = new Map<string, number>()
  let cost = 0
  for (const group of groups) {
    const pick = kinds === null || kinds.has(sure(kindOf(group.own.candidate))) ? group.own : pickAmong(group, kinds)
    if (!pick) return null
    picks.push(pick)
    cost += pick.candidate.costPerM.total * group.metres
    used.set(sure(kindOf(pick.candidate)), sure(pick.candidate.roll).stockMm)
  }
  const carried = [...used.values()].filter((stockMm) => stockMm === 0).length
  const kindMinor = groups[0]?.hem.ctx.house.kindMinor ?? 0
  return { kinds: new Set(used.keys()), picks, cost: cost + carried * kindMinor }
}

/** What a hem may take instead of its own: with the same tin, and as wide. */
function othersOf({ ctx, judged }: PickedHem, own: Picked): readonly Candidate[] {
  const tin = tinOf(ctx, own.candidate)
  // A narrow tape is no match for one that has to be wide.
  const leastMm = Math.min(needsWidthMm(ctx), own.candidate.roll?.widthMm ?? 0)
  const isWide = (candidate: Candidate) => (candidate.roll?.widthMm ?? 0) >= leastMm
  return safeOf(judged).filter(
    (candidate) => kindOf(candidate) !== null && tinOf(ctx, candidate) === tin && isWide(candidate),
  )
}

function pickAmong({ hem: { ctx }, own, others, known }: Alike, kinds: ReadonlySet<string>): Picked | null {
  const there = others.filter((candidate) => kinds.has(kindOf(candidate) ?? ''))
  const key = [...new Set(there.map(kindOf))].join()
  const found = known.get(key)
  if (found !== undefined) return found
  const pick = pickCandidate(ctx, there)
  const taken = pick && sameWay(pick, own) ? pick : null
  known.set(key, taken)
  return taken
}

const without = (kinds: ReadonlySet<string>, kind: string): Set<string> =>
  new Set([...kinds].filter((each) => each !== kind))

const cheapest = (list: readonly (Carried | null)[]): Carried | null =>
  list.reduce<Carried | null>((best, each) => (each && (!best || each.cost < best.cost) ? each : best), null)
