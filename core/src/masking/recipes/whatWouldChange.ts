import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { said, type Said, word, when, listed, money, type JobFacts, type Fact, type HemId } from '../../base/nouns'
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
  hemId: HemId,
  parameters: Parameters = DEFAULT_PARAMETERS,
): WouldChange[] {
  const ctx = contextOf({ ...job, log: [], published: null }, hemId, parameters)
  if (!ctx) return []
  const now = answerAnew(ctx)
  const found = [...changes(ctx), ...waits(ctx), ...limits(ctx, now)]
  return found
    .flatMap(({ told, changed }) => compare({ ctx, now, then: answerAnew(changed), told }))
    .sort((a, b) => b.savingMinor - a.savingMinor)
    .slice(0, MOST)
}

/** What a change would come to: another way, and what that spares. */
interface End {
  readonly to: Fact
  readonly spares: Fact
}

/** A changed fact, by the saying that names it. */
interface Change {
  /** What it is, once it is known what it would come to. */
  readonly told: (end: End) => Said
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
    press && {
      told: (end) => said('change.press', { press: word('press', press), ...end }),
      changed: withHouse(ctx, { press }),
    },
    { told: (end) => said('change.pull', { pull: word('pull', pull), ...end }), changed: { ...ctx, pull } },
    ctx.keepFace.dusty
      ? {
          told: (end) => said('change.clean', { face: ctx.keepName, ...end }),
          changed: { ...ctx, keepFace: { ...ctx.keepFace, dusty: false } },
        }
      : null,
    ctx.keepPaintAtHand
      ? null
      : {
          told: (end) => said('change.paint', { colour: ctx.keepColour, ...end }),
          changed: { ...ctx, keepPaintAtHand: true },
        },
    house.stackSeals
      ? null
      : { told: (end) => said('change.stack', { ...end }), changed: withHouse(ctx, { stackSeals: true }) },
    house.sealAlways
      ? { told: (end) => said('change.where_needed', { ...end }), changed: withHouse(ctx, { sealAlways: false }) }
      : null,
    house.provenHand
      ? null
      : {
          told: (end) => said('change.hand', { ...end }),
          changed: withHouse(ctx, { provenHand: true, school: 'freehand' }),
        },
    ctx.kit === null ? null : { told: (end) => said('change.kit', { ...end }), changed: { ...ctx, kit: null } },
    ctx.step.tool === 'spray'
      ? null
      : { told: (end) => said('change.spray', { ...end }), changed: { ...ctx, step: { ...ctx.step, tool: 'spray' } } },
  ]
  return list.filter((change) => change !== null)
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
  return [{ told: (end) => said('change.wait', { when: when(changed.layAt, ctx.layAt, ctx.zone), ...end }), changed }]
}

/** The least the house would have to allow for a cheaper way that bleeds a little more than it accepts. */
function limits(ctx: HemContext, now: Candidate | null): Change[] {
  const over = judgeCandidates(ctx)
    .filter((candidate) => candidate.ruledOut?.code === 'out.bleeds')
    .filter((candidate) => now === null || candidate.costPerM.total < now.costPerM.total)
    .map((candidate) => Math.ceil(candidate.risks.bleedMm.mean * 10) / 10)
    .sort((a, b) => a - b)
  for (const maxBleedMm of new Set(over)) {
    const changed = withHouse(ctx, { maxBleedMm })
    if (saving(ctx, now, answerAnew(changed)) !== null)
      return [
        { told: (end) => said('change.limit', { limit: maxBleedMm, now: ctx.house.maxBleedMm, ...end }), changed },
      ]
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
  readonly told: Change['told']
}

function compare({ ctx, now, then, told }: CompareSetup): WouldChange[] {
  const savingMinor = saving(ctx, now, then)
  if (savingMinor === null || !then) return []
  const product = then.tape?.name ?? then.liquid?.name
  const school = word('school', then.school)
  const to = product === undefined ? school : listed([school, product])
  const spares = now ? said('change.spares', { money: money(savingMinor, ctx.currency) }) : said('change.becomes_safe')
  return [{ what: told({ to, spares }), savingMinor }]
}
