import { isFace, type FaceKey, type PaintStep, type Room } from '../../base/nouns'
import { facesOfStep, isBroad } from '../../survey/rooms/faces'

/**
 * Colours that still drip on the masking of a floor once the edge above it is painted: walls and ceilings that come after a
 * skirting. Tape, paper and cloth stay until the last of them is on. Common practice, no published source (C29).
 *
 * @param keep    what the tape lies on
 * @param stepId  the colour that its edge is painted in
 * @returns none for tape that lies on no floor inside
 */
export function dripsOnFloor(room: Room, keep: FaceKey, stepId: string): readonly PaintStep[] {
  if (room.kind !== 'room' || !isFace(keep, 'floor')) return []
  const own = room.steps.findIndex(({ id }) => id === stepId)
  return room.steps.slice(own + 1).filter((step) => facesOfStep(room, step).some((key) => isBroad(room, key)))
}
