import { known, type Known, type Shelf, type Soundness, type Texture, type Constant } from '../ground'
import { DEW_MARGIN } from '../air/vapour'
import { BEAM, FACE_CONDUCTANCE } from '../air/sun'
import { HOLD_SHARE } from '../catalogue/soundness'
import { TEXTURE_FACTS } from '../catalogue/textures'
import { coatingOf, sealantOf, tapeOf } from '../catalogue/find'
import { CURE_ACTIVATION } from '../cure/clocks'
import { SETTLE_SHARE } from '../cure/pullWindow'
import { BARRIER_GAP_UM, BLEED_MODEL_SPREAD, EDGE_GEL_SHARE, GRIP_WEIGHT, SEAL_MISS, VISIBLE_MM } from '../risk/bleed'
import { BEAD_RIM_MM } from '../risk/crack'
import { FAST_PULL, HOLD, HOLD_SPREAD, LIFT_MODEL_SPREAD } from '../risk/lift'
import { STAY_MARGIN } from '../risk/residue'
import type { BenchSetup } from './benchSetup'
import type { RiskName } from './judgeBench'

/** What the answers for a setup rest on, by risk: every constant with its mark, so that none has to be believed. */
export function restsOn(setup: BenchSetup, shelf: Shelf): Readonly<Record<RiskName | 'window', readonly Constant[]>> {
  const tape = tapeOf(shelf, setup.tapeId)
  const coating = coatingOf(shelf, setup.coatingId)
  const sealant = setup.seal === 'wiped-sealant' && setup.sealantId ? sealantOf(shelf, setup.sealantId) : null
  const texture = TEXTURE_FACTS[setup.texture satisfies Texture]
  const at = (name: string, value: Known): Constant => ({ name, value })
  const ofTape = (name: string, column: string, value: number, unit: string) =>
    at(name, known(value, unit, tape.defaults.includes(column) ? 'from-memory' : tape.mark, tape.name))
  const ofCoating = (name: string, column: string, value: number, unit: string) =>
    at(name, known(value, unit, coating.defaults.includes(column) ? 'from-memory' : coating.mark, coating.name))
  return {
    bleed: [
      at('valley-depth', texture.valleyUm),
      at('valley-to-valley', texture.pitchMm),
      ofCoating('paint-at-rest', 'rest_pas', coating.restPas, 'Pa·s'),
      ofCoating('paint-under-the-brush', 'sheared_pas', coating.shearedPas, 'Pa·s'),
      at('edge-gels-in-this-share-of-open', EDGE_GEL_SHARE),
      at('a-run-shows-from', VISIBLE_MM),
      at('grips-weight-in-the-gap', GRIP_WEIGHT),
      ...(tape.edge === 'barrier' ? [at('gap-a-barrier-edge-shuts', BARRIER_GAP_UM)] : []),
      ...(setup.seal === 'none' ? [] : [at('valleys-a-careful-hand-misses', SEAL_MISS)]),
      at('model-may-be-off-by-log', BLEED_MODEL_SPREAD),
    ],
    lift: [
      ofTape('grip', 'grip', tape.gripN25, 'N/25 mm'),
      at('hold-at-touch-dry', HOLD.freshN25),
      at('hold-at-full-cure', HOLD.fullN25),
      at('hold-grows-over', setup.keepTool === 'spray' ? HOLD.sprayedGrowthDays : HOLD.growthDays),
      at('share-of-hold', HOLD_SHARE[setup.soundness satisfies Soundness]),
      at('hold-varies-by-log', setup.ageDays === null ? HOLD_SPREAD.unknown : HOLD_SPREAD.known),
      ...(setup.speed === 'fast' ? [at('fast-pull-over-slow', FAST_PULL)] : []),
      at('cure-activation-energy', CURE_ACTIVATION),
      at('model-may-be-off-by-log', LIFT_MODEL_SPREAD),
    ],
    tear: [ofCoating('hard-dry', 'hard_dry_min', coating.hardDryMin, 'min')],
    residue: [ofTape('stays', 'stay_days', tape.stayDays, 'd'), at('share-of-it-we-plan-with', STAY_MARGIN)],
    crack: sealant
      ? [
          at('shrinks', known(sealant.shrinkPct, '%', sealant.mark, sealant.name)),
          at('rim-the-bead-leaves', BEAD_RIM_MM),
        ]
      : [],
    window: [
      ofCoating('open-time', 'open_min', coating.openMin, 'min'),
      at('edge-still-runs-for-this-share-of', SETTLE_SHARE),
      ...(sealant ? [at('bead-skins', known(sealant.skinMin, 'min', sealant.mark, sealant.name))] : []),
      at('least-above-dew-point', DEW_MARGIN),
      ...(setup.sun ? [at('sun-outside-the-air', BEAM.outsideWm2), at('face-gives-off', FACE_CONDUCTANCE)] : []),
    ],
  }
}
