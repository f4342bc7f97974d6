import type { Backing, Coating, Pressing, Seal, Skill, Stroke, TapeEdge, Texture, Tool } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'
import { washburnM2PerS } from './capillary'
import { alongLine, isShutAt, loosePlaces } from './hand'
import { normalCdf, Z90, type Estimate } from './normal'

/** What the bleed model reads. */
export type BleedModel = Pick<Parameters, 'bleed' | 'textures'>

/** What decides whether paint runs under one edge. */
export interface EdgeSetup {
  readonly texture: Texture
  readonly dusty: boolean
  readonly edge: TapeEdge
  readonly backing: Backing
  readonly gripN25: number
  readonly pressing: Pressing
  readonly seal: Seal
  readonly stroke: Stroke
  /** Open wood grain leads under any tape, beside the valleys of the face. */
  readonly openGrain?: boolean
  /** Wet film against the label's; a heavy coat stays wet longer at the edge. Left out: 1. */
  readonly filmShare?: number
  /** How fast the surface dries at the edge, as a multiple of the label's air: in cold or damp air it runs for longer. Left out: 1. */
  readonly dryRate?: number
  /** Who laid and pressed it. Left out: somebody practised. */
  readonly hand?: Skill
  /** Thickness of backing and glue, µm. Left out: that of a usual tape. */
  readonly thickUm?: number
  /** How long it had been on when the paint came, min. Left out: long enough. */
  readonly onMin?: number
  /** How warm the face was when it was laid, °C. Left out: warm enough. */
  readonly laidAtC?: number
  /** A barrier edge was wiped damp just before the paint, so that it swells at once. */
  readonly wiped?: boolean
  readonly coating: Pick<Coating, 'base' | 'openMin' | 'restPas' | 'shearedPas' | 'surfaceNm'>
}

/** The stroke a tool makes when told to go gently: a brush outward from the tape. */
export const gentleStroke = (tool: Tool): Stroke => (tool === 'brush' ? 'outward' : tool)

/**
 * Mean gap left under the pressed edge in the middle of a line, µm; never deeper than the valley itself. A thin backing, strong glue,
 * a firm press, time and warmth to wet the face make it less, dust and an unpractised hand more. docs/science.md eq. 11.
 */
export function meanGapUm(setup: EdgeSetup, by: BleedModel): number {
  return by.textures[setup.texture].valleyUm.value * Math.min(1, openShareOf(setup, by))
}

/** Share of a valley that stays open where nothing limits it; a deep valley is never more than open. */
export function openShareOf(setup: EdgeSetup, { bleed }: Pick<Parameters, 'bleed'>): number {
  const grip = (bleed.referenceGripN25.value / setup.gripN25) ** bleed.gripWeight.value
  const thick =
    ((setup.thickUm ?? bleed.referenceThickUm.value) / bleed.referenceThickUm.value) ** bleed.thicknessWeight.value
  const pressed = bleed.openShare[setup.backing].value * bleed.pressFactor[setup.pressing].value
  return (
    pressed * grip * thick * wetOut(setup, { bleed }) * (setup.dusty ? bleed.dustGap.value : 1) * handGap(setup, bleed)
  )
}

const handGap = ({ hand = 'practised' }: EdgeSetup, { hands }: Parameters['bleed']): number => hands[hand].gap.value

/** Glue flows into a face with time, and slowly where it is cold: how much wider gaps are until it has. */
function wetOut(
  { onMin = Number.POSITIVE_INFINITY, laidAtC }: EdgeSetup,
  { bleed }: Pick<Parameters, 'bleed'>,
): number {
  const cold = 1 + bleed.coldGap.value * Math.max(0, bleed.warmEnoughC.value - (laidAtC ?? bleed.warmEnoughC.value))
  return cold * (1 + bleed.freshGap.value * Math.exp(-Math.max(0, onMin) / bleed.wetOutMin.value))
}

/**
 * The gap through which this paint runs just visibly far: root of a·h + b·h² = L², with Washburn's slit flow
 * (a = γ cosθ t / 3η) until the edge gels and pressure flow under the stroke (b = ΔP t / 6η). docs/science.md eq. 12–13.
 *
 * @returns µm
 */
export function criticalGapUm(setup: EdgeSetup, { bleed }: Pick<Parameters, 'bleed'>): number {
  const { a, b } = flowTerms(setup, { bleed })
  const run = (bleed.visibleMm.value * 1e-3) ** 2
  const h = b === 0 ? run / a : (-a + Math.sqrt(a * a + 4 * b * run)) / (2 * b)
  return h * 1e6
}

/** The two terms of L² = a·h + b·h², SI units: capillary until the edge gels, and pressure under the stroke. */
export function flowTerms(setup: EdgeSetup, { bleed }: Pick<Parameters, 'bleed'>): { a: number; b: number } {
  const { coating, stroke } = setup
  const gelSeconds = gelSecondsOf(setup, { bleed })
  return {
    a: washburnM2PerS({ ...drawnIn(coating, bleed), gap: { slitM: 1 } }) * gelSeconds,
    b: (bleed.strokePa[stroke].value * bleed.strokeSeconds.value) / (6 * coating.shearedPas),
  }
}

/** A paint at rest as capillary flow sees it. */
const drawnIn = ({ surfaceNm, restPas }: EdgeSetup['coating'], { contactCos }: Parameters['bleed']) => ({
  tensionNm: surfaceNm,
  contactCos: contactCos.value,
  viscosityPas: restPas,
})

/** How long paint runs at the edge before it gels, s: longer in a thick film and in air that dries slowly. */
const gelSecondsOf = (
  { coating, filmShare = 1, dryRate = 1 }: EdgeSetup,
  { bleed }: Pick<Parameters, 'bleed'>,
): number =>
  (coating.openMin * 60 * bleed.edgeGelShare.value * filmShare) / Math.min(FASTEST, Math.max(SLOWEST, dryRate))
/** A thin edge gels within these multiples of its usual time whatever the air: it drinks into the face too. From memory. */
const [SLOWEST, FASTEST] = [0.4, 2.5]

/** Largest gap that stays shut, µm: by the paint itself, by a gelled barrier edge, by the seal. */
export const closedGapUm = (setup: EdgeSetup, by: Pick<Parameters, 'bleed'>): number =>
  criticalGapUm(setup, by) + stillShutUm(setup, by)

/** What a gelled barrier edge or a seal shuts of any gap, µm. */
export function stillShutUm(setup: EdgeSetup, { bleed }: Pick<Parameters, 'bleed'>): number {
  const gels = setup.edge === 'barrier' && setup.coating.base === 'water' && !setup.dusty
  const barrier = gels ? bleed.barrierGapUm.value * (setup.wiped ? bleed.wipedGap.value : 1) : 0
  return Math.max(barrier, bleed.sealGapUm[setup.seal].value)
}

/**
 * Visible bleeds expected on a metre of edge: valleys per metre times the chance that one is deeper than what
 * stays shut, over a line that is pressed here better and there worse, and the places where it is not down at all.
 * Valley depths follow Rayleigh's law, as peaks of a narrow-band Gaussian profile do (Longuet-Higgins 1952).
 * docs/science.md eq. 14.
 */
export function bleedsPerMetre(setup: EdgeSetup, by: BleedModel): Estimate {
  const { bleed } = by
  const texture = by.textures[setup.texture]
  const valleys = (1000 / texture.pitchMm.value) * texture.voidShare
  const shut = closedGapUm(setup, by)
  const [depth, open] = [texture.valleyUm.value, openShareOf(setup, by)]
  const unsealed = setup.seal === 'none' ? null : closedGapUm({ ...setup, seal: 'none' }, by)
  const grain = setup.openGrain ? grainBleedsPerMetre(setup, by) : 0
  const loose = loosePlaces(setup, by)
  const along = alongLine(setup, by)
  const deeper = (least: number, shift: number): number =>
    along.reduce((sum, { share, times }) => {
      const gap = depth * Math.min(1, open * times) * Math.exp(shift)
      return sum + share * chanceDeeper(least, gap)
    }, 0)
  const at = (shift: number) => {
    // A hand's care differs more than a face's roughness: the chance of a miss moves with the fourth power.
    const miss = unsealed === null ? 0 : bleed.sealMiss.value * Math.exp(4 * shift)
    const missed = miss > 0 && unsealed !== null ? miss * deeper(unsealed, 0) : 0
    const notDown = loose.perM * Math.exp(shift) * (1 - isShutAt(loose, shut * Math.exp(-shift)))
    return valleys * (deeper(shut, shift) + missed) + grain * Math.exp(shift) + notDown
  }
  const shift = Z90 * bleed.modelSpread.value
  return { mean: at(0), low: at(-shift), high: at(shift) }
}

/**
 * Bleeds along open grain: Washburn 1921 for a round capillary, L² = γ r cosθ t / 2η, so a vessel shows when its
 * radius is over 2ηL²/(γ cosθ t). No tape edge reaches into the wood. docs/science.md eq. 14b.
 */
const grainBleedsPerMetre = (setup: EdgeSetup, by: BleedModel): number =>
  (1000 / by.bleed.grain.pitchMm.value) * grainShare(setup, by).share

/** Share of the vessels that lead paint visibly far, and how far it runs in a middling one that does, mm. */
export function grainShare(setup: EdgeSetup, { bleed }: BleedModel): { share: number; runMm: number } {
  const { coating } = setup
  const { grain } = bleed
  const seconds = gelSecondsOf(setup, { bleed })
  const run = bleed.visibleMm.value * 1e-3
  const criticalUm = (1e6 * run * run) / (washburnM2PerS({ ...drawnIn(coating, bleed), gap: { radiusM: 1 } }) * seconds)
  const share = normalCdf(Math.log(grain.radiusUm.value / criticalUm) / grain.spread.value)
  const leading = Math.max(1, grain.radiusUm.value / criticalUm)
  // Glue pressed into the mouths of the vessels keeps some of them shut, a gelled edge some more: tapes differ on bare wood too.
  const mouths = Math.min(1, openShareOf(setup, { bleed })) ** grain.mouthWeight.value
  const gelled = setup.edge === 'barrier' && coating.base === 'water' && !setup.dusty ? grain.afterBarrier.value : 1
  return {
    share: share * mouths * (setup.seal === 'none' ? gelled : grain.afterSeal.value),
    runMm: bleed.visibleMm.value * Math.sqrt(leading),
  }
}

/**
 * How far paint runs under an edge where the gap is `gapUm` high, mm: the forward form of {@link criticalGapUm}.
 * Nothing runs where barrier or seal has shut the gap.
 */
export const runMm = (setup: EdgeSetup, gapUm: number, by: BleedModel): number =>
  runOf(flowTerms(setup, by), gapUm - stillShutUm(setup, by))

/** How far paint with these terms runs in a gap that is open so high, mm. */
export function runOf({ a, b }: ReturnType<typeof flowTerms>, openUm: number): number {
  if (openUm <= 0) return 0
  const h = openUm * 1e-6
  return 1000 * Math.sqrt(a * h + b * h * h)
}

/** Rayleigh: P(depth > x) for a mean depth. */
const chanceDeeper = (x: number, mean: number): number => Math.exp((-Math.PI / 4) * (x / mean) ** 2)
