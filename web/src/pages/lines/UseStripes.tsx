import { Link } from 'react-router'
import type { Band, Room } from '@crisp-hem/core'
import { useEditRoom, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { W } from '../../app/words'

interface UseStripesProps {
  readonly room: Room
  /** The room with the pattern. */
  readonly after: Room
}

/** Puts a pattern on the walls, so that its lines are taped and planned like all others. */
export function UseStripes({ room, after }: UseStripesProps) {
  const { id } = useFacts()
  const editRoom = useEditRoom(room.id)
  const isThere = shapesIn(room) === shapesIn(after)
  return (
    <div className="flex flex-wrap items-center gap-3">
      <Button tone="act" disabled={isThere} onClick={() => editRoom(() => after)}>
        {W.lines.useStripes}
      </Button>
      {isThere && (
        <p role="status">
          {W.lines.stripesThere}{' '}
          <Link className="underline" to={`/jobs/${id}/walk/${room.id}`}>
            {W.lines.toWalk}
          </Link>
        </p>
      )}
    </div>
  )
}

/** What a room's patterns are, whatever their ids. */
const shapesIn = (room: Room): string =>
  JSON.stringify(
    room.bands
      .filter(({ kind }) => kind === 'stripe')
      .map(({ fromMm, toMm, wallIds, shapes }: Band) => [fromMm, toMm, wallIds, shapes]),
  )
