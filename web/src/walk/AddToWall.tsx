import { useState } from 'react'
import { USUAL_FACES, USUAL_SIZES, type Fitting, type Opening, type Room } from '@crisp-hem/core'
import type { Pick } from '../drawing/UnrolledRoom'
import { useEditRoom } from '../state/useJob'
import { Button } from '../ui/Button'
import { ChoiceField } from '../ui/fields'
import { W } from '../words'

/** Usual doors and windows, mm: from memory. */
const DOOR = { widthMm: 826, heightMm: 2040, sillMm: 0 }
const WINDOW = { widthMm: 1200, heightMm: 1200, sillMm: 900 }
const PLATE = { widthMm: 86, heightMm: 86, bottomMm: 300 }

/** Puts a door, window or fitting on a wall, in its middle; the inspector moves it. */
export function AddToWall({ room, onPick }: { room: Room; onPick: (pick: Pick) => void }) {
  const editRoom = useEditRoom(room.id)
  const [wallId, setWallId] = useState(room.walls[0]!.id)
  const wall = room.walls.find((each) => each.id === wallId) ?? room.walls[0]!
  const middle = (widthMm: number) => Math.max(0, Math.round((wall.lengthMm - widthMm) / 2))
  const addOpening = (kind: 'door' | 'window') => {
    const size = kind === 'door' ? DOOR : WINDOW
    const number = room.openings.length + 1
    const opening: Opening = {
      id: freeId('o', room.openings),
      name: `${kind} ${number}`,
      kind,
      wallId: wall.id,
      atMm: middle(size.widthMm),
      ...size,
      casingMm: USUAL_SIZES.casingMm,
      casing: USUAL_FACES.trim,
      leaf: kind === 'door' ? USUAL_FACES.trim : USUAL_FACES.glass,
    }
    if (editRoom((before) => ({ ...before, openings: [...before.openings, opening] })))
      onPick({ kind: 'opening', id: opening.id })
  }
  const addFitting = () => {
    const fitting: Fitting = {
      id: freeId('f', room.fittings),
      name: `socket ${room.fittings.length + 1}`,
      kind: 'socket',
      wallId: wall.id,
      atMm: middle(PLATE.widthMm),
      ...PLATE,
      scope: 'mask',
    }
    if (editRoom((before) => ({ ...before, fittings: [...before.fittings, fitting] })))
      onPick({ kind: 'fitting', id: fitting.id })
  }
  return (
    <div className="grid gap-1.5">
      <ChoiceField
        label={W.walk.onWall}
        value={wall.id}
        options={room.walls.map(({ id, name }) => ({ value: id, text: name }))}
        onCommit={setWallId}
      />
      <Button onClick={() => addOpening('door')}>{W.walk.addDoor}</Button>
      <Button onClick={() => addOpening('window')}>{W.walk.addWindow}</Button>
      <Button onClick={addFitting}>{W.walk.addFitting}</Button>
    </div>
  )
}

/** The first of o1, o2, … that is not taken. */
export function freeId(letter: string, taken: readonly { readonly id: string }[]): string {
  const ids = new Set(taken.map((each) => each.id))
  let n = taken.length + 1
  while (ids.has(`${letter}${n}`)) n += 1
  return `${letter}${n}`
}
