import type { Coating } from '../../base/nouns'
import { instantOfGain, type RateClock } from './rateClock'

/** Drying states in order, with the terms of ISO 9117 and ASTM D1640. */
export const DRYING_STATES = ['wet', 'set-to-touch', 'dry-to-touch', 'dry-hard', 'dry-through', 'cured'] as const
export type DryingState = (typeof DRYING_STATES)[number]

/** Dry-through after dry-hard, as a multiple of its label time. From memory. */
const THROUGH_SHARE = 2
/** A brushed or rolled coat is fully cured at about 30 days: common practice. */
export const CURED_MIN = 30 * 1440

/** When a coat enters each state, minutes since the epoch; null when this air never gets it there. */
export function stateTimes(
  coating: Coating,
  coatedAt: number,
  drying: RateClock,
  cure: RateClock,
): Record<DryingState, number | null> {
  const dried = (label: number) => instantOfGain(drying, coatedAt, label)
  return {
    wet: coatedAt,
    'set-to-touch': dried(coating.openMin),
    'dry-to-touch': dried(coating.touchDryMin),
    'dry-hard': dried(coating.hardDryMin),
    'dry-through': dried(coating.hardDryMin * THROUGH_SHARE),
    cured: instantOfGain(cure, coatedAt, CURED_MIN),
  }
}

/** The state a coat is in at an instant. */
export function stateAt(times: Record<DryingState, number | null>, at: number): DryingState {
  const reached = DRYING_STATES.filter((state) => times[state] !== null && times[state] <= at)
  return reached[reached.length - 1] ?? 'wet'
}
