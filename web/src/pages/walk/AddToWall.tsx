import { W, wordIn, wordText } from '../../app/words'
import { OPENING_KINDS, PIECE_KINDS, type Room, writeEdge, writeHem } from '@crisp-hem/core'
import { useState } from 'react'
import type { Pick } from '../../app/drawing/pick'
import { useEditRoom } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { ChoiceField } from '../../app/ui/fields'
import { newBand, newFitting, newFoot, newHandHem, newPiece, overlaps, withOpening } from './things'

/** Puts a door, window, fitting, piece, band or line on a wall, in its middle; the inspector moves it. */
export function AddToWall({ room, onPick }: { room: Room; onPick: (pick: Pick) => void }) {
  const editRoom = useEditRoom(room.id)
  const [wallId, setWallId] = useState(room.walls[0]!.id)
  const [kind, setKind] = useState<(typeof KINDS)[number]>('door')
  const wall = room.walls.find((each) => each.id === wallId) ?? room.walls[0]!
  const add = () => {
    const [change, pick] = adding(room, wall, kind)
    if (editRoom((before) => ({ ...before, ...change }))) onPick(pick)
  }
  return (
    <div className="mt-2 grid grid-cols-2 items-end gap-1.5">
      <ChoiceField
        label={W.walk.toWall}
        value={wall.id}
        options={room.walls.map(({ id, name }) => ({ value: id, text: name }))}
        onCommit={setWallId}
      />
      <ChoiceField
        label={W.walk.addWhat}
        value={kind}
        options={KINDS.map((value) => ({ value, text: addName(value) }))}
        onCommit={setKind}
      />
      <Button className="col-span-2" onClick={add}>
        {W.walk.addIt}
      </Button>
      <Overlaps room={room} />
    </div>
  )
}

/** What lies over one another, in words. */
function Overlaps({ room }: { room: Room }) {
  const pairs = overlaps(room)
  if (pairs.length === 0) return null
  return (
    <ul role="alert" className="col-span-2 border-l-4 border-act pl-2 text-sm">
      {pairs.map(({ one, other, wallId }) => (
        <li key={`${one}|${other}`}>
          {W.walk.overlap({ one, other, wall: room.walls.find(({ id }) => id === wallId)?.name ?? '' })}
        </li>
      ))}
    </ul>
  )
}

const KINDS = [...OPENING_KINDS, 'fitting', ...PIECE_KINDS, 'band', 'floor', 'line'] as const

function adding(room: Room, wall: Room['walls'][number], kind: (typeof KINDS)[number]): [Partial<Room>, Pick] {
  switch (kind) {
    case 'door':
    case 'window':
    case 'glazed-doors':
    case 'gap': {
      const { room: after, id } = withOpening(room, wall, kind)
      return [{ openings: after.openings }, { kind: 'opening', id }]
    }
    case 'fitting': {
      const fitting = newFitting(room, wall)
      return [{ fittings: [...room.fittings, fitting] }, { kind: 'fitting', id: fitting.id }]
    }
    case 'band': {
      const band = newBand(room)
      return [{ bands: [...room.bands, band] }, { kind: 'band', id: band.id }]
    }
    case 'floor': {
      const foot = newFoot(room, wall)
      return [{ foot: [...room.foot, foot] }, { kind: 'foot', id: foot.id }]
    }
    case 'line': {
      const hem = newHandHem(room, wall)
      return [
        { handHems: [...room.handHems, hem] },
        { kind: 'hem', id: writeHem({ roomId: room.id, edge: writeEdge({ is: 'hand', id: hem.id, part: null }) }) },
      ]
    }
    default: {
      const piece = newPiece(room, wall, kind)
      return [{ pieces: [...room.pieces, piece] }, { kind: 'piece', id: piece.id }]
    }
  }
}

/** What can be added, by the name of its kind. */
function addName(kind: (typeof KINDS)[number]): string {
  if (kind in W.walk.addNames) return wordIn(W.walk.addNames, kind)
  return wordText((OPENING_KINDS as readonly string[]).includes(kind) ? 'opening' : 'piece', kind)
}
