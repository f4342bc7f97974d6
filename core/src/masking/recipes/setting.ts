import { isFace } from '../../base/nouns'
import type { BesidePlace } from '../covers/besideHem'
import { isRoundFitting, type Hem } from '../../survey/hems/deriveHems'
import type { HemContext } from './hemContext'

/** Settings that have a recipe of their own, by what the tape meets. */
export const SETTINGS = [
  'panes',
  'glass',
  'ground-line',
  'skirting-over-carpet',
  'tight-joint-at-the-floor',
  'skirting-over-hard-floor',
  'ceiling-last',
  'below-a-dry-ceiling',
  'ceiling-line',
  'lapped-boards',
  'plate',
  'thing-on-the-wall',
  'cabinets-in-use',
  'rounded-corner',
  'line-to-make',
  'joint',
] as const
export type Setting = (typeof SETTINGS)[number]

/** What of a hem decides its setting. */
export type SettingFacts = Pick<HemContext, 'hem' | 'keepFace' | 'step' | 'outdoors'>

/** The setting of a hem: the first that fits, most particular first. */
export function settingOf({ hem, keepFace, step, outdoors }: SettingFacts): Setting {
  if (hem.kind === 'casing-to-floor' && keepFace.material !== 'carpet') return 'joint'
  if (hem.kind === 'casing-to-glass') return hem.panes > 1 ? 'panes' : 'glass'
  if (isFace(hem.keep, 'floor')) {
    if (outdoors) return 'ground-line'
    if (keepFace.material === 'carpet') return 'skirting-over-carpet'
    return hem.gapMm === 0 ? 'tight-joint-at-the-floor' : 'skirting-over-hard-floor'
  }
  if (hem.kind === 'wall-to-ceiling') {
    if (step.tool !== 'spray') return 'ceiling-line'
    return hem.paint === 'ceiling' ? 'ceiling-last' : 'below-a-dry-ceiling'
  }
  if (hem.laps > 0) return 'lapped-boards'
  if (isRoundFitting(hem)) return hem.standsOut ? 'thing-on-the-wall' : 'plate'
  if (hem.kind === 'cabinet-mouth') return 'cabinets-in-use'
  if (hem.radiusMm > 0) return 'rounded-corner'
  // Along a rail that is there the line is a joint like any other.
  return (hem.kind === 'two-tone-line' && hem.line === 'straighten') || hem.kind === 'by-hand'
    ? 'line-to-make'
    : 'joint'
}

/** Doors, floors, skirtings and stairs: people brush past a tape there. */
export const isBrushedPast = ({ hem, outdoors }: Pick<SettingFacts, 'hem' | 'outdoors'>): boolean =>
  !outdoors && PASSED.includes(hem.kind)
const PASSED: readonly Hem['kind'][] = ['wall-to-casing', 'wall-to-skirting', 'skirting-to-floor', 'stair-string']

/** A gap from which lining paper slides under the skirting, mm. From memory. */
export const SLIDES_UNDER_MM = 3

/** Where a sprayed hem's cover lies. Beside a casing it is the film over its opening, from tape to tape. */
export function besidePlaceOf(setting: Setting, kind: Hem['kind']): BesidePlace {
  if (kind === 'wall-to-casing' || kind === 'wall-to-frame') return 'glass'
  switch (setting) {
    case 'glass':
    case 'panes':
      return 'glass'
    case 'ground-line':
    case 'skirting-over-carpet':
    case 'skirting-over-hard-floor':
    case 'tight-joint-at-the-floor':
      return 'floor'
    case 'ceiling-last':
    case 'below-a-dry-ceiling':
    case 'ceiling-line':
      return 'ceiling-line'
    default:
      return 'thing'
  }
}

/** Least width of tape that does the job in practised hands, mm. */
export function leastWidthMm(setting: Setting, radiusMm: number): number {
  switch (setting) {
    case 'panes':
      return 18
    case 'skirting-over-carpet':
      // Half of it is tucked under the skirting.
      return 48
    case 'skirting-over-hard-floor':
    case 'tight-joint-at-the-floor':
    case 'plate':
      return 36
    case 'rounded-corner':
      // A bigger radius or a messier hand wants wider tape: most of it lies on the keep side.
      return radiusMm > 20 ? 36 : 24
    default:
      return 24
  }
}

/** Least width of tape that a hem wants, mm: a size wider where it is a line and a learner's, not a piece at a foot or round a plate. */
export const needsWidthMm = (ctx: SettingFacts & Pick<HemContext, 'byLearner'>): number => {
  const leastMm = leastWidthMm(settingOf(ctx), ctx.hem.radiusMm)
  const isLine = ctx.hem.kind !== 'casing-to-floor' && !isRoundFitting(ctx.hem)
  return ctx.byLearner && isLine ? (LEARNERS_MM[leastMm] ?? leastMm) : leastMm
}

/** What a learner lays in place of a width: whose brush wanders needs more to wander on. Common practice, no published source. */
const LEARNERS_MM: Readonly<Record<number, number>> = { 24: 36, 36: 48 }
