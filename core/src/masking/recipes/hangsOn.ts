import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { figureOf, listed, said, word, type JobFacts, type Mark, type Said, type HemId } from '../../base/nouns'
import { figureAt, figuresRead, withFigureTimes, type FigurePath } from '../../base/parameters/figures'
import { answerAnew, contextOf, isSameWay } from './anew'
import type { Candidate } from './candidate'

/** One figure a recipe hangs on: the nearest multiple of it at which the hem would get another. */
export interface HangsOn {
  readonly what: Said
  readonly figure: FigureName
  /** Below 1 where a smaller figure would change it. */
  readonly factor: number
  readonly mark: Mark
}

/**
 * Figures that may decide a recipe, by what they are called: first the name, then where they lie; `*` stands for whichever kind the hem
 * has. What one name stands for is measured together.
 */
const FIGURES = {
  'valley-depth': ['textures.*.valleyUm'],
  'valley-pitch': ['textures.*.pitchMm'],
  'hold-of-kind': ['holdShare.*', 'crossCuts.*.share'],
  backing: ['bleed.openShare.*'],
  pressing: ['bleed.pressFactor.*'],
  'stroke-pressure': ['bleed.strokePa.*', 'bleed.strokeSeconds'],
  'grip-weight': ['bleed.gripWeight', 'bleed.referenceGripN25'],
  thickness: ['bleed.thicknessWeight', 'bleed.referenceThickUm'],
  dust: ['bleed.dustGap', 'bleed.loose.onDust'],
  'fresh-glue': ['bleed.freshGap', 'bleed.wetOutMin'],
  'cold-glue': ['bleed.coldGap', 'bleed.warmEnoughC'],
  hand: ['bleed.hands.*.gap'],
  'hand-spread': ['bleed.hands.*.spread'],
  'loose-places': ['bleed.hands.*.loose', 'bleed.loose.perM.*', 'bleed.loose.sprayed', 'bleed.loose.lengthMm'],
  'loose-height': ['bleed.loose.gapUm', 'bleed.loose.spread'],
  'barrier-gap': ['bleed.barrierGapUm', 'bleed.wipedGap'],
  'seal-gap': ['bleed.sealGapUm.*'],
  'seal-miss': ['bleed.sealMiss'],
  'visible-run': ['bleed.visibleMm'],
  contact: ['bleed.contactCos'],
  'edge-gel': ['bleed.edgeGelShare'],
  'bleed-spread': ['bleed.modelSpread'],
  grain: [
    'bleed.grain.radiusUm',
    'bleed.grain.spread',
    'bleed.grain.pitchMm',
    'bleed.grain.afterSeal',
    'bleed.grain.mouthWeight',
    'bleed.grain.afterBarrier',
    'bleed.grain.widthShare',
  ],
  'fresh-hold': ['lift.freshN25'],
  hold: ['lift.fullN25'],
  'hold-growth': ['lift.growthDays', 'lift.sprayedGrowthDays', 'lift.shape'],
  'hold-spread': ['lift.spreadKnown', 'lift.spreadUnknown'],
  'unknown-age': ['lift.unknownAsDays'],
  'sheen-hold': ['lift.sheenShare.*'],
  'grip-builds': ['lift.buildUp'],
  'tear-dry': ['tear.dry.*', 'tear.scoredShare', 'tear.soft'],
  'tear-wet': ['tear.wet', 'tear.tacky'],
  'tear-skin': ['tear.skinMore', 'tear.underWet'],
  'brushed-past': ['tear.brushedPast.*'],
  'stay-margin': ['residue.stayMargin'],
  residue: ['residue.spread', 'residue.dyePerDay'],
  crack: ['crack.stiff.*', 'crack.beadRimMm', 'crack.scale'],
  band: ['band.shows.*', 'band.dark', 'band.metOpen'],
  slips: ['slips.ceiling', 'slips.trim', 'slips.alone', 'slips.roughUm', 'slips.roughFactor', 'slips.paneCorner'],
  'slip-size': ['slips.longMm', 'slips.wideMm'],
  'mask-faults': ['slips.peel.*', 'slips.canGrit', 'slips.strings.*'],
  'mending-places': ['work.mendPlacesPerM', 'work.mendLengthMm', 'work.mendAreaMm2', 'work.glassMendShare'],
  'tucked-edge': ['work.tuckedShare'],
  'work-pace': ['work.thumbShare', 'work.cutMin.*', 'work.tackMin', 'work.sealPassM', 'work.markMinPerM'],
  'cover-hold': ['work.holdShareOfGrip', 'work.airPull'],
} as const satisfies Record<string, readonly string[]>
type FigureName = keyof typeof FIGURES

/** What a figure is called; null for those that decide minutes or paint, and no recipe. */
export function figureName(path: FigurePath): FigureName | null {
  const named = Object.entries(FIGURES).find(([, places]) => places.some((place) => isAt(path, place.split('.'))))
  return (named?.[0] as FigureName | undefined) ?? null
}
const isAt = (path: FigurePath, place: readonly string[]): boolean =>
  path.length === place.length && place.every((name, i) => name === '*' || name === path[i])

/** Multiples that are tried, nearest first; beyond twice and half nobody would believe our figure at all. */
const FACTORS = [0.9, 1.1, 0.8, 1.25, 0.7, 1.4, 0.6, 1.6, 0.5, 2] as const
/** The ends are asked first: where nothing changes at either, nothing is taken to change between. */
const ENDS: readonly number[] = [0.5, 2]

/** What is published, labelled or measured is not asked of. */
const UNMEASURED: readonly Mark[] = ['from-memory', 'common-practice']

/**
 * What the recipe of one hem hangs on: for each figure that nobody has measured the nearest multiple at which the models themselves would
 * answer otherwise, the most delicate first. Figures within half and twice of which nothing changes are left out.
 */
export function hangsOn(job: JobFacts, hemId: HemId, parameters: Parameters = DEFAULT_PARAMETERS): HangsOn[] {
  const ctx = contextOf({ ...job, log: [], published: null }, hemId, parameters)
  const now = ctx && answerAnew(ctx)
  if (!ctx || !now) return []
  const read = figuresRead(parameters, (by) => void answerAnew({ ...ctx, parameters: by }))
  const thenAt = (path: FigurePath, factor: number): Candidate | null | undefined => {
    const then = answerAnew({ ...ctx, parameters: withFigureTimes(parameters, path, factor) })
    // Where nothing is safe any more, that is another answer too.
    return then && isSameWay(now, then) ? undefined : then
  }
  const found = read.flatMap((path): HangsOn[] => {
    const [known, figure] = [figureAt(parameters, path), figureName(path)]
    if (!known || !figure || !UNMEASURED.includes(known.mark) || known.value === 0) return []
    if (ENDS.every((factor) => thenAt(path, factor) === undefined)) return []
    for (const factor of FACTORS) {
      const then = thenAt(path, factor)
      if (then === undefined) continue
      const product = then?.tape?.name ?? then?.liquid?.name
      const school = then ? word('school', then.school) : null
      const to = school === null ? said('change.nothing') : product === undefined ? school : listed([school, product])
      const facts = { what: word('figure', figure), side: factor < 1 ? 'under' : 'over', times: figureOf(factor), to }
      return [{ what: said('hangs.on', facts), figure, factor, mark: known.mark }]
    }
    return []
  })
  const sorted = found.sort((a, b) => Math.abs(Math.log(a.factor)) - Math.abs(Math.log(b.factor)))
  // One name once, by the most delicate of its figures.
  return sorted.filter(({ figure }, i) => sorted.findIndex((other) => other.figure === figure) === i)
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
