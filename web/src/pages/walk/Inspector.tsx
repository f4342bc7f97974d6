import { W } from '../../app/words'
import { hasFace, type Hem, type Room } from '@crisp-hem/core'
import { ArrowLeft } from 'lucide-react'
import type { Pick } from '../../app/drawing/pick'
import { Button } from '../../app/ui/Button'
import { BandForm } from './BandForm'
import { FaceForm } from './FaceForm'
import { FittingForm } from './FittingForm'
import { FootForm } from './FootForm'
import { HemFacts } from './HemFacts'
import { INSPECTOR_ID } from './inspectorPanel'
import { OpeningForm } from './OpeningForm'
import { PieceForm } from './PieceForm'
import { RoomForm } from './RoomForm'

interface InspectorProps {
  readonly room: Room
  readonly hems: readonly Hem[]
  readonly pick: Pick
  /** Hems chosen together with the picked one. */
  readonly chosen: ReadonlySet<string>
  readonly onPick: (pick: Pick) => void
}

/** Facts of whatever is picked on the drawing, open to change; the room itself where that has gone. */
export function Inspector(props: InspectorProps) {
  return (
    <aside
      id={INSPECTOR_ID}
      tabIndex={-1}
      className="min-w-0 self-start lg:sticky lg:top-3"
      aria-label={W.walk.inspector}
    >
      {props.pick.kind !== 'room' && (
        <Button
          className="mb-2"
          icon={<ArrowLeft size={16} aria-hidden />}
          onClick={() => props.onPick({ kind: 'room' })}
        >
          {W.walk.toRoom({ name: props.room.name })}
        </Button>
      )}
      <Picked {...props} />
    </aside>
  )
}

function Picked({ room, hems, pick, chosen, onPick }: InspectorProps) {
  const whole = <RoomForm room={room} onPick={onPick} />
  const find = <T extends { readonly id: string }>(list: readonly T[]) =>
    'id' in pick ? list.find((each) => each.id === pick.id) : undefined
  switch (pick.kind) {
    case 'hem':
      return <HemFacts room={room} hem={find(hems) ?? null} chosen={chosen} onPick={onPick} />
    case 'face':
      return hasFace(room, pick.key) ? (
        <FaceForm key={pick.key} room={room} faceKey={pick.key} onPick={onPick} />
      ) : (
        whole
      )
    case 'opening': {
      const opening = find(room.openings)
      return opening ? <OpeningForm key={opening.id} room={room} opening={opening} onPick={onPick} /> : whole
    }
    case 'fitting': {
      const fitting = find(room.fittings)
      return fitting ? <FittingForm key={fitting.id} room={room} fitting={fitting} onPick={onPick} /> : whole
    }
    case 'piece': {
      const piece = find(room.pieces)
      return piece ? <PieceForm key={piece.id} room={room} piece={piece} onPick={onPick} /> : whole
    }
    case 'band': {
      const band = find(room.bands)
      return band ? <BandForm key={band.id} room={room} band={band} onPick={onPick} /> : whole
    }
    case 'foot': {
      const stretch = find(room.foot)
      return stretch ? <FootForm key={stretch.id} room={room} stretch={stretch} onPick={onPick} /> : whole
    }
    case 'room':
      return whole
  }
}
