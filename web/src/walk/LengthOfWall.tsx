import { resizeWall, type Room } from '@crisp-hem/core'
import { useEditRoom, useFacts } from '../state/useJob'
import { LengthField } from '../ui/fields'
import { W } from '../words'

/** A wall's length; the wall opposite takes the difference, so the room stays closed. */
export function LengthOfWall({ room, wallId }: { room: Room; wallId: string }) {
  const { site } = useFacts()
  const editRoom = useEditRoom(room.id)
  const index = room.walls.findIndex((wall) => wall.id === wallId)
  return (
    <LengthField
      label={W.walk.length}
      mm={room.walls[index]!.lengthMm}
      units={site.units}
      onCommit={(lengthMm) =>
        editRoom((before) => ({ ...before, walls: resizeWall(before.walls, index, lengthMm) ?? before.walls }))
      }
    />
  )
}
