import { type Backing, type Coating, known, type TapeEdge, type Texture, type Tool, word } from '../ground'
import { TEXTURE_FACTS } from '../catalogue/textures'
import { normalCdf, Z90, type Estimate } from './normal'

/** What closes the gap under the edge before the colour comes. */
export const SEALS = ['none', 'own-colour', 'clear-glaze', 'wiped-sealant'] as const
export type Seal = (typeof SEALS)[number]

/** How the edge was pressed. */
export const PRESSINGS = ['none', 'thumb', 'tool'] as const
export type Pressing = (typeof PRESSINGS)[number]

/** How the colour meets the edge: a brush across toward the tape pushes hardest, spray not at all. */
export const STROKES = ['toward-tape', 'along', 'outward', 'roller', 'spray'] as const
export type Stroke = (typeof STROKES)[number]

/** Share of a valley left open under a pressed edge, by backing: thin washi follows best. */
const OPEN_SHARE: Record<Backing, number> = { washi: 0.5, 'creped-paper': 0.6, plastic: 0.55 } // from memory
const PRESS_FACTOR: Record<Pressing, number> = { none: 1.7, thumb: 1, tool: 0.85 } // from memory
/** Pressure at the edge, Pa, and seconds of it per pass. From memory; the order is common practice. */
const STROKE_PA: Record<Stroke, number> = { 'toward-tape': 4000, along: 2000, outward: 1000, roller: 600, spray: 0 }
export const STROKE_SECONDS = known(0.1, 's', 'from-memory', word('source', 'two-passes-of-a-30-mm-brush'))
/** Less grip lets the edge stand off a little more: (reference grip / grip) to this power. */
export const GRIP_WEIGHT = known(0.5, '', 'common-practice', word('source', 'one-view-less-grip-seals-less-well'))
const REFERENCE_GRIP_N25 = 3.4
/** Gap a barrier edge closes when it gels in water-based paint. */
export const BARRIER_GAP_UM = known(205, 'µm', 'common-practice', word('source', 'fits-50-to-75-better-than-plain'))
/** Gap a seal closes. */
const SEAL_GAP_UM: Record<Seal, number> = { none: 0, 'own-colour': 1200, 'clear-glaze': 900, 'wiped-sealant': 1500 } // from memory
/** Share of valleys a careful hand misses when sealing. */
export const SEAL_MISS = known(0.0005, '', 'from-memory', word('source', 'one-valley-in-two-thousand'))
/** Paint that ran further than this shows at normal contrast. */
export const VISIBLE_MM = known(0.4, 'mm', 'from-memory', word('source', '0-3-to-0-5-mm-at'))
const CONTACT_COS = 0.8 // wetting of old paint by new, from memory
/** The thin wedge of paint at the edge gels in this share of the label's open time. */
export const EDGE_GEL_SHARE = known(0.33, '', 'from-memory', word('source', 'thin-film-at-the-edge'))
/** How far the model may be off (log scale of gap height). */
export const BLEED_MODEL_SPREAD = known(0.2, '', 'from-memory', word('source', 'no-trials-yet'))

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
  readonly coating: Pick<Coating, 'base' | 'openMin' | 'restPas' | 'shearedPas' | 'surfaceNm'>
}

/** The stroke a tool makes when told to go gently: a brush outward from the tape. */
export const gentleStroke = (tool: Tool): Stroke => (tool === 'brush' ? 'outward' : tool)

/** Mean gap left under the pressed edge, µm. docs/science.md eq. 11. */
export function meanGapUm(setup: EdgeSetup): number {
  const grip = (REFERENCE_GRIP_N25 / setup.gripN25) ** GRIP_WEIGHT.value
  return TEXTURE_FACTS[setup.texture].valleyUm.value * OPEN_SHARE[setup.backing] * PRESS_FACTOR[setup.pressing] * grip
}

/**
 * The gap through which this paint runs just visibly far: root of a·h + b·h² = L², with Washburn's slit flow
 * (a = γ cosθ t / 3η) until the edge gels and pressure flow under the stroke (b = ΔP t / 6η). docs/science.md eq. 12–13.
 *
 * @returns µm
 */
export function criticalGapUm(setup: EdgeSetup): number {
  const { a, b } = flowTerms(setup)
  const run = (VISIBLE_MM.value * 1e-3) ** 2
  const h = b === 0 ? run / a : (-a + Math.sqrt(a * a + 4 * b * run)) / (2 * b)
  return h * 1e6
}

/** The two terms of L² = a·h + b·h², SI units: capillary until the edge gels, and pressure under the stroke. */
export function flowTerms({ coating, stroke }: EdgeSetup): { a: number; b: number } {
  const gelSeconds = coating.openMin * 60 * EDGE_GEL_SHARE.value
  return {
    a: (coating.surfaceNm * CONTACT_COS * gelSeconds) / (3 * coating.restPas),
    b: (STROKE_PA[stroke] * STROKE_SECONDS.value) / (6 * coating.shearedPas),
  }
}

/** Largest gap that stays shut, µm: by the paint itself, by a gelled barrier edge, by the seal. */
export function closedGapUm(setup: EdgeSetup): number {
  const barrier = setup.edge === 'barrier' && setup.coating.base === 'water' && !setup.dusty ? BARRIER_GAP_UM.value : 0
  return criticalGapUm(setup) + Math.max(barrier, SEAL_GAP_UM[setup.seal])
}

/**
 * Visible bleeds expected on a metre of edge: valleys per metre times the chance that one is deeper than what
 * stays shut. Valley depths follow Rayleigh's law, as peaks of a narrow-band Gaussian profile do
 * (Longuet-Higgins 1952). docs/science.md eq. 14.
 */
export function bleedsPerMetre(setup: EdgeSetup): Estimate {
  const texture = TEXTURE_FACTS[setup.texture]
  const valleys = (1000 / texture.pitchMm.value) * texture.voidShare
  const shut = closedGapUm(setup)
  const miss =
    setup.seal === 'none'
      ? 0
      : SEAL_MISS.value * chanceDeeper(closedGapUm({ ...setup, seal: 'none' }), meanGapUm(setup))
  // A hand's care differs more than a face's roughness: the chance of a miss moves with the fourth power.
  const grain = setup.openGrain ? grainBleedsPerMetre(setup) : 0
  const at = (shift: number) =>
    valleys * (chanceDeeper(shut, meanGapUm(setup) * Math.exp(shift)) + miss * Math.exp(4 * shift)) +
    grain * Math.exp(shift)
  const shift = Z90 * BLEED_MODEL_SPREAD.value
  return { mean: at(0), low: at(-shift), high: at(shift) }
}

/** Vessels of bare wood at the face: radius, spread (log scale) and distance along the edge. From memory. */
export const GRAIN = {
  radiusUm: known(18, 'µm', 'from-memory', word('source', 'open-vessels-of-softwood-and-ring-porous')),
  spread: known(0.5, '', 'from-memory', word('source', 'radii-differ-several-times-over')),
  pitchMm: known(1.5, 'mm', 'from-memory', word('source', 'vessels-cut-by-the-edge')),
}
/** Share of vessels a seal leaves open at the edge. From memory. */
const GRAIN_AFTER_SEAL = 0.05

/**
 * Bleeds along open grain: Washburn 1921 for a round capillary, L² = γ r cosθ t / 2η, so a vessel shows when its
 * radius is over 2ηL²/(γ cosθ t). No tape edge reaches into the wood. docs/science.md eq. 14b.
 */
function grainBleedsPerMetre(setup: EdgeSetup): number {
  const { coating } = setup
  const seconds = coating.openMin * 60 * EDGE_GEL_SHARE.value
  const run = VISIBLE_MM.value * 1e-3
  const criticalUm = (1e6 * 2 * coating.restPas * run * run) / (coating.surfaceNm * CONTACT_COS * seconds)
  const share = normalCdf(Math.log(GRAIN.radiusUm.value / criticalUm) / GRAIN.spread.value)
  return (1000 / GRAIN.pitchMm.value) * share * (setup.seal === 'none' ? 1 : GRAIN_AFTER_SEAL)
}

/**
 * How far paint runs under an edge where the gap is `gapUm` high, mm: the forward form of {@link criticalGapUm}.
 * Nothing runs where barrier or seal has shut the gap.
 */
export function runMm(setup: EdgeSetup, gapUm: number): number {
  const open = gapUm - (closedGapUm(setup) - criticalGapUm(setup))
  if (open <= 0) return 0
  const { a, b } = flowTerms(setup)
  const h = open * 1e-6
  return 1000 * Math.sqrt(a * h + b * h * h)
}

/** Rayleigh: P(depth > x) for a mean depth. */
export const chanceDeeper = (x: number, mean: number): number => Math.exp((-Math.PI / 4) * (x / mean) ** 2)
