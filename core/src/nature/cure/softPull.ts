import type { HouseRules, PaintStep, Room, Shelf, Coating } from '../../base/nouns'
import { coatOfStep } from './film'

interface PulledStep {
  readonly house: Pick<HouseRules, 'frontsInADay'>
  readonly outdoors: boolean
  readonly step: Pick<PaintStep, 'coatingId' | 'tool'>
}

/**
 * A house that unmasks a sprayed front the day it was sprayed takes tape off once the film is dry to touch, while it is still soft: a
 * house in a day. Common practice, no published source.
 */
export const isPulledSoft = ({ house, outdoors, step }: PulledStep): boolean =>
  house.frontsInADay && outdoors && step.tool === 'spray'

/** A step's coating as its pull sees it: it parts from the tape once it is hard, or, where it is pulled soft, once it is dry to touch. */
export function coatAtPull(
  shelf: Shelf,
  { house, room, step }: Pick<PulledStep, 'house' | 'step'> & { readonly room: Pick<Room, 'kind'> },
): Coating {
  const coating = coatOfStep(shelf, step)
  return isPulledSoft({ house, outdoors: room.kind === 'elevation', step })
    ? { ...coating, hardDryMin: Math.min(coating.touchDryMin, coating.hardDryMin) }
    : coating
}
