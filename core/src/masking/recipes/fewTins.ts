import { nth } from '../../base/units/sure'
import { said } from '../../base/nouns'
import type { Candidate } from './candidate'
import { chosenOf, pickCandidate, safeOf, type Picked } from './pickCandidate'
import type { HemContext } from './hemContext'

/** A hem and its candidates, as judged. */
interface Judged {
  readonly ctx: HemContext
  readonly judged: readonly Candidate[]
}

/**
 * The tin, tube or can a candidate opens in a room, or null: a colour that is put on in this job stands open anyway.
 */
export function tinOf(ctx: HemContext, candidate: Candidate): string | null {
  if (candidate.liquid) return `liquid ${candidate.liquid.id}`
  if (candidate.sealant) return `sealant ${candidate.sealant.id}`
  if (candidate.glaze) return `glaze ${candidate.glaze.id}`
  if (candidate.seal === 'own-colour' && ctx.hem.keepStepId === null)
    return `colour ${ctx.keepColour.trim().toLowerCase()}`
  return null
}

/** More kinds than this in one room are left as they are: 2 to this power sets are looked at. */
const MOST_TINS = 8

/**
 * Which tins a room opens: of all sets of the tins its hems would open by themselves, the one with the least expected
 * cost of hems plus the house's cost of each tin. A hem changes only within its way: the house school with another
 * sealant, or glaze for its own colour; a choice made by hand stays. Exact, by looking at every set.
 *
 * @returns for each hem the pick that spares a tin, or null where its own pick stands
 */
export function fewTins(hems: readonly Judged[]): (Picked | null)[] {
  const free = hems.map(({ ctx, judged }) => (ctx.choice ? null : pickCandidate(ctx, safeOf(judged))))
  const none = hems.map(() => null)
  const tinMinor = hems[0]?.ctx.house.tinMinor ?? 0
  const forced = new Set(hems.flatMap(({ ctx, judged }) => chosenTins(ctx, judged)))
  const used = [...new Set(free.flatMap((pick, i) => listed(pick && tinOf(nth(hems, i).ctx, pick.candidate))))].filter(
    (tin) => !forced.has(tin),
  )
  if (used.length === 0 || used.length + forced.size < 2 || used.length > MOST_TINS || tinMinor === 0) return none
  let best: { cost: number; picks: (Picked | null)[] } | null = null
  for (let set = (1 << used.length) - 1; set >= 0; set--) {
    const open = new Set([...forced, ...used.filter((_, i) => set & (1 << i))])
    const picks = hems.map((hem, i) => pickWith(hem, free[i] ?? null, open))
    if (picks.some((pick, i) => pick === null && free[i] !== null)) continue
    const cost = picks.reduce((sum, pick, i) => sum + costOf(nth(hems, i), pick), tinMinor * open.size)
    if (best === null || cost < best.cost - 1e-9) best = { cost, picks }
  }
  if (!best) return none
  const tins = new Set(best.picks.flatMap((pick, i) => listed(pick && tinOf(nth(hems, i).ctx, pick.candidate)))).size
  return best.picks.map((pick, i) => {
    const own = free[i]
    if (!pick || !own || pick.candidate === own.candidate) return null
    return { ...pick, also: said('why.few_tins', { tins }) }
  })
}

const listed = (tin: string | null): string[] => (tin === null ? [] : [tin])

const costOf = ({ ctx }: Judged, pick: Picked | null): number =>
  pick ? (pick.candidate.costPerM.total * ctx.hem.lengthMm) / 1000 : 0

/** Tins that hems chosen by hand open: any of them counts as open. */
function chosenTins(ctx: HemContext, judged: readonly Candidate[]): string[] {
  const { choice } = ctx
  if (!choice) return []
  const chosen = chosenOf(choice, judged)
  return chosen ? listed(tinOf(ctx, chosen)) : []
}

/** The pick of a hem when only some tins are open; null where its way needs another. */
function pickWith({ ctx, judged }: Judged, free: Picked | null, open: ReadonlySet<string>): Picked | null {
  if (!free) return null
  const tin = tinOf(ctx, free.candidate)
  if (tin === null || open.has(tin)) return free
  const pick = pickCandidate(
    ctx,
    safeOf(judged).filter((candidate) => {
      const needs = tinOf(ctx, candidate)
      return needs === null || open.has(needs)
    }),
  )
  return pick && sameWay(pick, free) ? pick : null
}

/** Whether two picks follow the same rule of the house: a school that was chosen is not left to spare a tin. */
export const sameWay = (a: Picked, b: Picked): boolean => a.why.code === b.why.code
