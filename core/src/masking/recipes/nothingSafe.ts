import { sure } from '../../base/units/sure'
import { said, type Said, when, word } from '../../base/nouns'
import { instantOfGain } from '../../nature/cure/rateClock'
import type { Candidate } from './candidate'
import type { HemContext } from './hemContext'
import type { NoRecipe } from './recipe'

/** Why nothing is safe, and the smallest changes that would make something so. */
export function nothingSafe(ctx: HemContext, judged: readonly Candidate[]): Omit<NoRecipe, 'ruledOut'> {
  const face = ctx.keepName
  const distinct = new Map(
    judged.flatMap((candidate) => (candidate.ruledOut ? [[candidate.ruledOut.code, candidate.ruledOut]] : [])),
  )
  const lifting = judged.filter(
    (candidate) => candidate.ruledOut?.code === 'out.lift' || candidate.ruledOut?.code === 'out.never_safe',
  )
  const help: Said[] = []
  const soonest = soonestSafe(ctx, judged)
  if (soonest) help.push(said('help.wait', { when: when(soonest.at, ctx.layAt, ctx.zone), tape: soonest.tape }))
  if (lifting.some((candidate) => candidate.ruledOut?.code === 'out.never_safe')) {
    const gentle = [...ctx.shelf.tapes].sort((a, b) => a.gripN25 - b.gripN25)[0]
    if (gentle) help.push(said('help.sound', { face, tape: gentle.name }))
  }
  if (distinct.has('out.cant_carry')) help.push(said('help.two_tapes'))
  if (distinct.has('out.bleeds')) help.push(said('help.seal', { limit: ctx.house.maxBleedMm }))
  if (distinct.has('out.stay')) help.push(said('help.tape', { need: word('need', 'longer-stay') }))
  if (distinct.has('out.no_hand')) help.push(said('help.freehand'))
  return { hemId: ctx.hem.id, reasons: [said('none.title', { face }), ...distinct.values()], wouldHelp: help }
}

function soonestSafe(ctx: HemContext, judged: readonly Candidate[]): { at: number; tape: string } | null {
  if (ctx.keepCoatedAt === null) return null
  const cure = ctx.clocks.cureAt(ctx.keepFilmFormingC)
  const times = judged
    .filter((candidate) => candidate.ruledOut?.code === 'out.lift' && candidate.safeAgeRefMin !== null)
    .map((candidate) => ({
      at: instantOfGain(cure, sure(ctx.keepCoatedAt), sure(candidate.safeAgeRefMin)),
      tape: candidate.tape?.name ?? '',
    }))
    .filter((each): each is { at: number; tape: string } => each.at !== null)
  return times.sort((a, b) => a.at - b.at)[0] ?? null
}
