import { onceCalled } from '../../base/units/onceCalled'
import { onceFor } from '../../base/units/onceFor'
import type { Parameters } from '../../base/parameters/parameters'
import {
  bleedsPerMetre,
  closedGapUm,
  flowTerms,
  grainShare,
  openShareOf,
  runOf,
  stillShutUm,
  type BleedModel,
  type EdgeSetup,
} from './bleed'
import { alongLine, heightsOf, isShutAt, loosePlaces } from './hand'
import { estimateLater, Z90, type Estimate } from './normal'

/** What the eye meets and a mender mends on a metre of edge, with how many places that is. */
export interface BleedSize {
  /** Places where paint ran visibly far. */
  readonly count: Estimate
  /** Edge that shows a run, mm. */
  readonly lengthMm: Estimate
  /** Paint beyond the edge there, mm². */
  readonly areaMm2: Estimate
  /** The farthest run to expect on one metre, mm. */
  readonly worstMm: number
}

/**
 * Bleed of one setup by its size. A valley is a parabola across its pitch, so that at a place picked at random the gap
 * is deeper than `c` with chance `E[√(1 − c/h)]` over Rayleigh depths h; pitch falls out, and with it the odd rule that
 * few deep valleys are better than many shallow ones. docs/science.md eq. 14c–e.
 */
export function bleedSize(setup: EdgeSetup, by: BleedModel): BleedSize {
  const { bleed, textures } = by
  const unsealed = setup.seal === 'none' ? null : { ...setup, seal: 'none' as const }
  const grain = setup.openGrain ? grainOf(setup, by) : { share: 0, runMm: 0 }
  const own = edgeFacts(setup, by)
  const open = unsealed && edgeFacts(unsealed, by)
  const at = (shift: number) => {
    const sealed = edgeAt(own, shift)
    // A hand's care differs more than a face's roughness: the chance of a miss moves with the fourth power.
    const miss = open ? Math.min(1, bleed.sealMiss.value * Math.exp(4 * shift)) : 0
    const missed = open && miss > 0 ? edgeAt(open, shift) : sealed
    const mixed = (a: number, b: number) => (1 - miss) * a + miss * b
    const share = mixed(sealed.share, missed.share)
    const led = Math.min(1, grain.share * Math.exp(shift))
    return {
      lengthMm: 1000 * (1 - (1 - share) * (1 - led)),
      areaMm2: mixed(sealed.areaMm2, missed.areaMm2) + 1000 * led * grain.runMm,
    }
  }
  const mean = at(0)
  const ends = onceCalled(() => {
    const shift = Z90 * bleed.modelSpread.value
    return [at(-shift), at(shift)] as const
  })
  const spread = (of: (size: typeof mean) => number): Estimate => ({
    mean: of(mean),
    get low() {
      return of(ends()[0])
    },
    get high() {
      return of(ends()[1])
    },
  })
  const { pitchMm, voidShare } = textures[setup.texture]
  const worst = Math.max(
    runIn(own, deepestOf(own.depthUm * Math.min(1, own.openShare), (1000 / pitchMm.value) * voidShare)),
    // On most metres there is no loose place to look at.
    own.loose.perM >= 0.5 ? runIn(own, own.loose.gapUm) : 0,
  )
  return {
    count: estimateLater(() => bleedsPerMetre(setup, by)),
    lengthMm: spread((size) => size.lengthMm),
    areaMm2: spread((size) => size.areaMm2),
    worstMm: Math.max(worst >= bleed.visibleMm.value ? worst : 0, grain.share > 0 ? grain.runMm : 0),
  }
}

/** What of an edge decides how much of it shows, worked out once. */
interface EdgeFacts {
  readonly depthUm: number
  readonly voidShare: number
  readonly openShare: number
  /** Gap from which a run shows, and what of it barrier or seal have shut, µm. */
  readonly leastUm: number
  readonly shutUm: number
  readonly flow: ReturnType<typeof flowTerms>
  readonly along: ReturnType<typeof alongLine>
  readonly loose: ReturnType<typeof loosePlaces>
}

const edgeFacts = (setup: EdgeSetup, by: BleedModel): EdgeFacts => ({
  depthUm: by.textures[setup.texture].valleyUm.value,
  voidShare: by.textures[setup.texture].voidShare,
  openShare: openShareOf(setup, by),
  leastUm: closedGapUm(setup, by),
  shutUm: stillShutUm(setup, by),
  flow: flowTerms(setup, by),
  along: alongLine(setup, by),
  loose: loosePlaces(setup, by),
})

const runIn = ({ flow, shutUm }: EdgeFacts, gapUm: number): number => runOf(flow, gapUm - shutUm)

/** Share of the edge that shows a run, and the paint beyond it on a metre, for gaps that are `e^shift` times as wide. */
function edgeAt(facts: EdgeFacts, shift: number): { share: number; areaMm2: number } {
  const { depthUm, openShare, voidShare, along } = facts
  let [share, areaMm2] = [0, 0]
  for (const part of along) {
    const gap = depthUm * Math.min(1, openShare * part.times) * Math.exp(shift)
    const valleys = inValleys(facts, gap)
    share += part.share * valleys.share
    areaMm2 += part.share * valleys.areaMm2
  }
  const notDown = whereLoose(facts, shift)
  return {
    share: 1 - (1 - voidShare * share) * (1 - notDown.share),
    areaMm2: voidShare * areaMm2 + notDown.areaMm2,
  }
}

/** The same in the valleys of a face under gaps of one mean. */
function inValleys(facts: EdgeFacts, gap: number): { share: number; areaMm2: number } {
  const least = facts.leastUm
  const deeper = (depth: number) => deeperSomewhere(depth / gap)
  const share = deeper(least)
  if (share === 0) return { share: 0, areaMm2: 0 }
  // ∫ run d(chance) by parts, over depths up to where nothing is left.
  const step = (FARTHEST * gap) / STEPS
  let before = runIn(facts, least)
  let area = before * share
  for (let i = 0; i < STEPS; i++) {
    const from = least + i * step
    const run = runIn(facts, from + step)
    area += (run - before) * deeper(from + step / 2)
    before = run
  }
  return { share, areaMm2: 1000 * area }
}
const STEPS = 12
/** Depths beyond this many means are as good as none: exp(−π/4 · 16) is a few in a million. */
const FARTHEST = 4

/** The same where tape is not down at all. */
function whereLoose(facts: EdgeFacts, shift: number): { share: number; areaMm2: number } {
  const { loose, leastUm } = facts
  const [mm, wider] = [loose.perM * loose.lengthMm * Math.exp(shift), Math.exp(shift)]
  const shows = 1 - isShutAt(loose, leastUm / wider)
  const heights = heightsOf(loose)
  const run = heights.reduce((sum, height) => {
    const gap = height * wider
    return sum + (gap > leastUm ? runIn(facts, gap) : 0) / heights.length
  }, 0)
  return { share: Math.min(1, (mm / 1000) * shows), areaMm2: mm * run }
}

/** Open grain: the share of the edge whose vessels lead, and how far paint runs in one. */
function grainOf(setup: EdgeSetup, by: BleedModel): { share: number; runMm: number } {
  const vessels = grainShare(setup, by)
  return { share: Math.min(1, vessels.share * by.bleed.grain.widthShare.value), runMm: vessels.runMm }
}

/** Depth that one of `count` valleys is expected to reach, µm: the Rayleigh quantile at 1 − 1/count. */
const deepestOf = (meanUm: number, count: number): number =>
  count <= 1 ? meanUm : meanUm * Math.sqrt((4 / Math.PI) * Math.log(count))

/** Chance that the gap at a place picked at random is over `x` mean depths: E[√(1 − x/h)] for Rayleigh h of mean 1. */
export function deeperSomewhere(x: number): number {
  if (x <= 0) return 1
  const at = x / TABLE_STEP
  const table = chances(TABLE)
  const i = Math.floor(at)
  if (i + 1 >= table.length) return 0
  const [a = 0, b = 0] = [table[i], table[i + 1]]
  return a + (b - a) * (at - i)
}

const TABLE_STEP = 0.01
const TABLE = { upTo: 5 } as const
/** The integral `∫ √(1 − √(y₀/y)) e^(−y) dy` from y₀ on, y = π/4 · h², put as y = y₀ + u²: smooth at its foot. */
const chances = onceFor(({ upTo }: typeof TABLE): readonly number[] =>
  Array.from({ length: Math.round(upTo / TABLE_STEP) + 1 }, (_, i) => {
    const least = (Math.PI / 4) * (i * TABLE_STEP) ** 2
    const [parts, far] = [240, 5]
    let sum = 0
    for (let k = 0; k < parts; k++) {
      const u = ((k + 0.5) / parts) * far
      const y = least + u * u
      sum += Math.sqrt(1 - Math.sqrt(least / y)) * Math.exp(-y) * 2 * u * (far / parts)
    }
    return Math.min(1, sum)
  }),
)

/**
 * Places a mender has to touch on a metre: one for each 6 mm that show, no more than ten, since then the whole line is cut
 * anew; and as many again as the paint beyond the line grows. Never less for a longer or a wider bleed.
 */
export function mendingPlaces(lengthMm: number, areaMm2: number, { work }: Pick<Parameters, 'work'>): number {
  const most = work.mendPlacesPerM.value
  return most * (2 - Math.exp(-lengthMm / work.mendLengthMm.value) - Math.exp(-areaMm2 / work.mendAreaMm2.value))
}
