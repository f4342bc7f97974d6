import { face, said, type Room, type Shelf } from '../../base/nouns'
import { isBagged } from '../../survey/rooms/fittings'
import { stepsOf } from '../../survey/rooms/faces'
import { coversByKind, fromRoll, panelsOver, type CoverNeed } from './coverNeed'

/** How far film goes round what stands out, mm on every side. From memory. */
const ROUND_MM = 100

/** A bag or a piece of film for each fitting that stands out from a wall that is coated, for as long as that colour lasts. */
export function fittingNeeds(room: Room, shelf: Shelf): CoverNeed[] {
  const film = coversByKind(shelf).film[0]
  if (!film) return []
  return room.fittings
    .filter((fitting) => fitting.scope === 'mask' && isBagged(room, fitting))
    .flatMap((fitting) => {
      const stepIds = stepsOf(room, face('wall', fitting.wallId)).map(({ step }) => step.id)
      if (stepIds.length === 0) return []
      const [wide, high] = [fitting.widthMm + 2 * ROUND_MM, fitting.heightMm + 2 * ROUND_MM]
      const place = { roomId: room.id, what: fitting.name, hold: 'bagged', why: said('cover.bag'), stepIds } as const
      return [fromRoll(place, film, wide * high, panelsOver(wide, high, film))]
    })
}
