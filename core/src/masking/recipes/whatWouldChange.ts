import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { said, type Said, word, when, listed, money, type JobFacts } from '../../base/nouns'
import { gainedBetween } from '../../nature/cure/rateClock'
import { MIN_PER_DAY } from '../../base/units/time'
import type { Candidate } from './candidate'
import { judgeCandidates } from './candidates'
import { type HemContext } from './hemContext'
import { answerAnew, contextOf, isSameWay } from './anew'

/** One thing that would change a hem's recipe, and what that would spare. */
export interface WouldChange {
  readonly what: Said
  /** Expected cost spared on this hem, minor units; 0 where nothing was safe before. */
  readonly savingMinor: number
}

/** More than these are noise. */
const MOST = 5
/** Nobody waits longer for a cheaper tape. */
const LONGEST_WAIT_MIN = 30 * MIN_PER_DAY

/**
 * What would change the recipe of one hem for the cheaper, each found by judging the hem anew with that one fact
 * changed: the first hour at which its keep side has cured enough, another pressing or pull, a clean face, paint at
 * hand, a house rule, the whole shelf, spraying. Where nothing is safe now, what makes something safe counts.
 *
 * @returns largest saving first; empty for a hem that is not there
 */
export function whatWouldChange(
  job: JobFacts,
  hemId: string,
  parameters: Parameters = DEFAULT_PARAMETERS,
): WouldChange[] {
  const ctx = contextOf({ ...job, log: [], published: null }, hemId, parameters)
  if (!ctx) return []
  const now = answerAnew(ctx)
  const found = [...changes(ctx), ...waits(ctx), ...limits(ctx, now)]
  return found
    .flatMap(({ code, facts, changed }) => compare({ ctx, now, then: answerAnew(changed), code, facts }))
    .sort((a, b) => b.savingMinor - a.savingMinor)
    .slice(0, MOST)
}

/** A changed fact, by the saying that names it. */
interface Change {
  readonly code: string
  readonly facts: Said['facts']
  readonly changed: HemContext
}

const withHouse = (ctx: HemContext, change: Partial<HemContext['house']>): HemContext => ({
  ...ctx,
  house: { ...ctx.house, ...change },
})

function changes(ctx: HemContext): Change[] {
  const { house } = ctx
  const press = house.press === 'either' ? null : house.press === 'tool' ? 'thumb' : 'tool'
  const pull = ctx.pull === 'wet' ? 'dry' : 'wet'
  const list: (Change | null)[] = [
    press && { code: 'change.press', facts: { press: word('press', press) }, changed: withHouse(ctx, { press }) },
    { code: 'change.pull', facts: { pull: word('pull', pull) }, changed: { ...ctx, pull } },
    ctx.keepFace.dusty
      ? {
          code: 'change.clean',
          facts: { face: ctx.keepName },
          changed: { ...ctx, keepFace: { ...ctx.keepFace, dusty: false } },
        }
      : null,
    ctx.keepPaintAtHand
      ? null
      : { code: 'change.paint', facts: { colour: ctx.keepColour }, changed: { ...ctx, keepPaintAtHand: true } },
    house.stackSeals ? null : { code: 'change.stack', facts: {}, changed: withHouse(ctx, { stackSeals: true }) },
    house.sealAlways
      ? { code: 'change.where_needed', facts: {}, changed: withHouse(ctx, { sealAlways: false }) }
      : null,
    house.provenHand
      ? null
      : { code: 'change.hand', facts: {}, changed: withHouse(ctx, { provenHand: true, school: 'freehand' }) },
    ctx.kit === null ? null : { code: 'change.kit', facts: {}, changed: { ...ctx, kit: null } },
    ctx.step.tool === 'spray'
      ? null
      : { code: 'change.spray', facts: {}, changed: { ...ctx, step: { ...ctx.step, tool: 'spray' } } },
  ]
  return list.filter((each) => each !== null)
}

/** Hour by hour for three days, then day by day; a day that changes the answer is gone through by the hour. */
const CLOSE_HOURS = 72

/**
 * The first full hour at which the keep side has cured so far that a cheaper recipe takes over: because a stronger
 * grip has become safe, or because what lift is still to be expected has fallen.
 */
function waits(ctx: HemContext): Change[] {
  const coated = ctx.keepCoatedAt
  if (coated === null) return []
  const cure = ctx.clocks.cureAt(ctx.keepFilmFormingC)
  const now = answerAnew(ctx)
  const first = Math.ceil(ctx.layAt / 60) * 60
  const then = (hour: number): HemContext => {
    const at = first + hour * 60
    return { ...ctx, layAt: at, keepFinish: { ...ctx.keepFinish, ageRefMin: gainedBetween(cure, coated, at) } }
  }
  const changes = (hour: number) => saving(ctx, now, answerAnew(then(hour))) !== null
  const firstOf = (from: number, to: number): number | null => {
    for (let hour = from; hour < to; hour++) if (changes(hour)) return hour
    return null
  }
  let hour = firstOf(1, CLOSE_HOURS)
  for (let day = CLOSE_HOURS; hour === null && day * 60 < LONGEST_WAIT_MIN; day += 24)
    if (changes(day + 24)) hour = firstOf(day, day + 25)
  if (hour === null) return []
  const changed = then(hour)
  return [{ code: 'change.wait', facts: { when: when(changed.layAt, ctx.layAt, ctx.zone) }, changed }]
}

/** The least the house would have to allow for a cheaper way that bleeds a little more than it accepts. */
function limits(ctx: HemContext, now: Candidate | null): Change[] {
  const over = judgeCandidates(ctx)
    .filter((each) => each.ruledOut?.code === 'out.bleeds')
    .filter((each) => now === null || each.costPerM.total < now.costPerM.total)
    .map((each) => Math.ceil(each.risks.bleedMm.mean * 10) / 10)
    .sort((a, b) => a - b)
  for (const maxBleedMm of new Set(over)) {
    const changed = withHouse(ctx, { maxBleedMm })
    if (saving(ctx, now, answerAnew(changed)) !== null)
      return [{ code: 'change.limit', facts: { limit: maxBleedMm, now: ctx.house.maxBleedMm }, changed }]
  }
  return []
}

/** What an answer spares against the present one; null where it is no other, or no cheaper. */
function saving(ctx: HemContext, now: Candidate | null, then: Candidate | null): number | null {
  if (!then || (now && isSameWay(now, then))) return null
  if (!now) return 0
  const minor = Math.round(((now.costPerM.total - then.costPerM.total) * ctx.hem.lengthMm) / 1000)
  return minor >= 1 ? minor : null
}

interface CompareSetup {
  readonly ctx: HemContext
  readonly now: Candidate | null
  readonly then: Candidate | null
  readonly code: string
  readonly facts: Said['facts']
}

function compare({ ctx, now, then, code, facts }: CompareSetup): WouldChange[] {
  const savingMinor = saving(ctx, now, then)
  if (savingMinor === null || !then) return []
  const product = then.tape?.name ?? then.liquid?.name
  const school = word('school', then.school)
  const to = product === undefined ? school : listed([school, product])
  const spares = now ? said('change.spares', { money: money(savingMinor, ctx.currency) }) : said('change.becomes_safe')
  return [{ what: said(code, { ...facts, to, spares }), savingMinor }]
}
