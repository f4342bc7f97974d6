import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import {
  figureOf,
  listed,
  said,
  word,
  type JobFacts,
  type Known,
  type Mark,
  type Said,
  type HemId,
} from '../../base/nouns'
import { answerAnew, contextOf, isSameWay } from './anew'
import type { HemContext } from './hemContext'

/** One figure a recipe hangs on: the nearest multiple of it at which the hem would get another. */
export interface HangsOn {
  readonly what: Said
  readonly figure: FigureName
  /** Below 1 where a smaller figure would change it. */
  readonly factor: number
  readonly mark: Mark
}

/** Figures nobody has measured that may decide, and where each lies. */
const FIGURES = ['hold', 'hold-spread', 'visible-run', 'valley-depth', 'edge-gel', 'barrier-gap', 'backing'] as const
type FigureName = (typeof FIGURES)[number]

interface Figure {
  readonly read: (by: Parameters, ctx: HemContext) => Known
  readonly put: (by: Parameters, ctx: HemContext, value: Known) => Parameters
}

const OF: Readonly<Record<FigureName, Figure>> = {
  hold: {
    read: ({ lift }) => lift.fullN25,
    put: (by, _ctx, fullN25) => ({ ...by, lift: { ...by.lift, fullN25 } }),
  },
  'hold-spread': {
    read: ({ lift }) => lift.spreadKnown,
    put: (by, _ctx, spreadKnown) => ({ ...by, lift: { ...by.lift, spreadKnown } }),
  },
  'visible-run': {
    read: ({ bleed }) => bleed.visibleMm,
    put: (by, _ctx, visibleMm) => ({ ...by, bleed: { ...by.bleed, visibleMm } }),
  },
  'valley-depth': {
    read: ({ textures }, { keepFace }) => textures[keepFace.texture].valleyUm,
    put: (by, { keepFace: { texture } }, valleyUm) => ({
      ...by,
      textures: { ...by.textures, [texture]: { ...by.textures[texture], valleyUm } },
    }),
  },
  'edge-gel': {
    read: ({ bleed }) => bleed.edgeGelShare,
    put: (by, _ctx, edgeGelShare) => ({ ...by, bleed: { ...by.bleed, edgeGelShare } }),
  },
  'barrier-gap': {
    read: ({ bleed }) => bleed.barrierGapUm,
    put: (by, _ctx, barrierGapUm) => ({ ...by, bleed: { ...by.bleed, barrierGapUm } }),
  },
  backing: {
    read: ({ bleed }) => bleed.openShare.washi,
    put: (by, _ctx, washi) => ({ ...by, bleed: { ...by.bleed, openShare: { ...by.bleed.openShare, washi } } }),
  },
}

/** Multiples that are tried, nearest first; beyond twice and half nobody would believe our figure at all. */
const FACTORS = [0.9, 1.1, 0.8, 1.25, 0.7, 1.4, 0.6, 1.6, 0.5, 2] as const

/**
 * What the recipe of one hem hangs on: for each figure the nearest multiple at which the models themselves would answer
 * otherwise, the most delicate first. Figures within half and twice of which nothing changes are left out.
 */
export function hangsOn(job: JobFacts, hemId: HemId, parameters: Parameters = DEFAULT_PARAMETERS): HangsOn[] {
  const ctx = contextOf({ ...job, log: [], published: null }, hemId, parameters)
  const now = ctx && answerAnew(ctx)
  if (!ctx || !now) return []
  const found = FIGURES.flatMap((figure): HangsOn[] => {
    const { read, put } = OF[figure]
    const known = read(parameters, ctx)
    for (const factor of FACTORS) {
      const by = put(parameters, ctx, { ...known, value: known.value * factor })
      const then = answerAnew({ ...ctx, parameters: by })
      if (then && isSameWay(now, then)) continue
      const product = then?.tape?.name ?? then?.liquid?.name
      const school = then ? word('school', then.school) : null
      const to = school === null ? said('change.nothing') : product === undefined ? school : listed([school, product])
      const facts = { what: word('figure', figure), side: factor < 1 ? 'under' : 'over', times: figureOf(factor), to }
      return [{ what: said('hangs.on', facts), figure, factor, mark: known.mark }]
    }
    return []
  })
  return found.sort((a, b) => Math.abs(Math.log(a.factor)) - Math.abs(Math.log(b.factor)))
}

/** How often each figure decides over the hems of a job, and how near: what a trial should measure first. */
export interface TrialWish {
  readonly figure: FigureName
  readonly mark: Mark
  /** Hems whose recipe hangs on it within half and twice, and metres of them. */
  readonly hems: number
  readonly metres: number
  /** The multiple nearest to 1 that changes a recipe. */
  readonly nearest: number
}

/** Figures by the metres they decide, those from memory first. One hem stands for those judged alike in its room. */
export function worthMeasuring(
  job: JobFacts,
  hems: readonly { readonly id: string; readonly lengthMm: number }[],
  parameters: Parameters = DEFAULT_PARAMETERS,
): TrialWish[] {
  const wishes = new Map<FigureName, TrialWish>()
  for (const hem of hems)
    for (const { figure, factor, mark } of hangsOn(job, hem.id, parameters)) {
      const before = wishes.get(figure) ?? { figure, mark, hems: 0, metres: 0, nearest: factor }
      const nearer = Math.abs(Math.log(factor)) < Math.abs(Math.log(before.nearest)) ? factor : before.nearest
      wishes.set(figure, {
        ...before,
        hems: before.hems + 1,
        metres: before.metres + hem.lengthMm / 1000,
        nearest: nearer,
      })
    }
  const rank = ({ mark }: TrialWish) => (mark === 'from-memory' ? 0 : 1)
  return [...wishes.values()].sort((a, b) => rank(a) - rank(b) || b.metres - a.metres)
}
