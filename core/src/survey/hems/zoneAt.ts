import { face, type FaceKey, type Room } from '../../base/nouns'
import type { OnWall } from '../rooms/cutRing'
import { liesIn } from '../rooms/bandShape'

/** The face of a wall at a place: the wall itself, or the band that lies there. */
export function zoneAt(room: Room, wallId: string, place: OnWall): FaceKey {
  const band = room.bands.find((each) => liesIn(each, wallId, place))
  return band ? face('band', band.id) : face('wall', wallId)
}
