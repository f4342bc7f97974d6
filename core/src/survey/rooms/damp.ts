import {
  isFace,
  known,
  readRound,
  thingOf,
  word,
  type Face,
  type FaceKey,
  type Known,
  type PaintStep,
  type Room,
  type RoundId,
} from '../../base/nouns'
import { faceOf, facesOfStep } from './faces'

/** Meter readings, %, above which a face is left to dry before tape or paint goes on: wood, and what is laid or cast. */
const WOOD = known(16, '%', 'common-practice', word('source', 'paint-makers-ask-for-dry-ground'))
const MINERAL = known(12, '%', 'common-practice', word('source', 'paint-makers-ask-for-dry-ground'))

/** The most a moisture meter may read on a face before anything goes on it. */
export const dampLimit = ({ material }: Pick<Face, 'material'>): Known =>
  material === 'wood' || material === 'lapped-boards' ? WOOD : MINERAL

/** Read by a meter, and too damp for tape or paint. */
export const isTooDamp = (face: Pick<Face, 'material' | 'moisturePct'>): boolean =>
  face.moisturePct !== null && face.moisturePct > dampLimit(face).value

/**
 * Faces of a step that are too damp to be coated, as they were read last.
 *
 * @param roundId  the round asked about: of walls only its own count, other faces of the step whichever it is
 */
export function dampFacesOf(room: Room, step: PaintStep, roundId: RoundId | null): FaceKey[] {
  const wallIds = (roundId && readRound(roundId)?.wallIds) ?? []
  return facesOfStep(room, step).filter(
    (key) => (!isFace(key, 'wall') || wallIds.includes(thingOf(key) ?? '')) && isTooDamp(faceOf(room, key)),
  )
}
