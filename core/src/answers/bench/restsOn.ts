import { known, type Known, type Shelf, type Constant } from '../../base/nouns'
import { DEW_MARGIN } from '../../nature/air/vapour'
import { FACE_FILM } from '../../nature/air/faceHeat'
import { BEAM } from '../../nature/air/sun'
import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { coatingOf, sealantOf, tapeOf } from '../../survey/shelf/find'
import { CURE_ACTIVATION } from '../../nature/cure/clocks'
import type { BenchSetup } from './benchSetup'
import type { RiskName } from './judgeBench'

/** What the answers for a setup rest on, by risk: every constant with its mark, so that none has to be believed. */
export function restsOn(
  setup: BenchSetup,
  shelf: Shelf,
  { bleed, lift, residue, crack, work, textures, holdShare }: Parameters = DEFAULT_PARAMETERS,
): Readonly<Record<RiskName | 'window', readonly Constant[]>> {
  const tape = tapeOf(shelf, setup.tapeId)
  const coating = coatingOf(shelf, setup.coatingId)
  const sealant = setup.seal === 'wiped-sealant' && setup.sealantId ? sealantOf(shelf, setup.sealantId) : null
  const texture = textures[setup.texture]
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
      at('edge-gels-in-this-share-of-open', bleed.edgeGelShare),
      at('a-run-shows-from', bleed.visibleMm),
      at('grips-weight-in-the-gap', bleed.gripWeight),
      ...(tape.edge === 'barrier' ? [at('gap-a-barrier-edge-shuts', bleed.barrierGapUm)] : []),
      ...(setup.seal === 'none' ? [] : [at('valleys-a-careful-hand-misses', bleed.sealMiss)]),
      at('model-may-be-off-by-log', bleed.modelSpread),
    ],
    lift: [
      ofTape('grip', 'grip', tape.gripN25, 'N/25 mm'),
      at('hold-at-touch-dry', lift.freshN25),
      at('hold-at-full-cure', lift.fullN25),
      at('hold-grows-over', setup.keepTool === 'spray' ? lift.sprayedGrowthDays : lift.growthDays),
      at('share-of-hold', holdShare[setup.soundness]),
      at('hold-varies-by-log', setup.ageDays === null ? lift.spreadUnknown : lift.spreadKnown),
      ...(setup.speed === 'fast' ? [at('fast-pull-over-slow', lift.fastPull)] : []),
      at('cure-activation-energy', CURE_ACTIVATION),
    ],
    tear: [ofCoating('hard-dry', 'hard_dry_min', coating.hardDryMin, 'min')],
    residue: [ofTape('stays', 'stay_days', tape.stayDays, 'd'), at('share-of-it-we-plan-with', residue.stayMargin)],
    crack: sealant
      ? [
          at('shrinks', known(sealant.shrinkPct, '%', sealant.mark, sealant.name)),
          at('rim-the-bead-leaves', crack.beadRimMm),
        ]
      : [],
    window: [
      ofCoating('open-time', 'open_min', coating.openMin, 'min'),
      at('edge-still-runs-for-this-share-of', work.settleShare),
      ...(sealant ? [at('bead-skins', known(sealant.skinMin, 'min', sealant.mark, sealant.name))] : []),
      at('least-above-dew-point', DEW_MARGIN),
      ...(setup.sun ? [at('sun-outside-the-air', BEAM.outsideWm2), at('face-gives-off', FACE_FILM.perMs)] : []),
    ],
  }
}
