import type { Room } from '@crisp-hem/core'
import type { Pick } from '../drawing/UnrolledRoom'
import { FaceForm } from './FaceForm'
import { FittingForm } from './FittingForm'
import { HemFacts } from './HemFacts'
import { OpeningForm } from './OpeningForm'
import { RoomForm } from './RoomForm'

interface InspectorProps {
  readonly room: Room
  readonly pick: Pick
  readonly onPick: (pick: Pick) => void
}

/** Facts of whatever is picked on the drawing, open to change. */
export function Inspector({ room, pick, onPick }: InspectorProps) {
  const opening = pick.kind === 'opening' ? room.openings.find((each) => each.id === pick.id) : undefined
  const fitting = pick.kind === 'fitting' ? room.fittings.find((each) => each.id === pick.id) : undefined
  return (
    <aside className="min-w-0 self-start lg:sticky lg:top-3" aria-label="inspector">
      {pick.kind === 'hem' && <HemFacts room={room} hemId={pick.id} onPick={onPick} />}
      {pick.kind === 'face' && <FaceForm key={pick.key} room={room} faceKey={pick.key} />}
      {opening && <OpeningForm key={opening.id} room={room} opening={opening} onPick={onPick} />}
      {fitting && <FittingForm key={fitting.id} room={room} fitting={fitting} onPick={onPick} />}
      {(pick.kind === 'room' || (pick.kind === 'opening' && !opening) || (pick.kind === 'fitting' && !fitting)) && (
        <RoomForm room={room} onPick={onPick} />
      )}
    </aside>
  )
}
