import { readFace, type FaceKey, type Opening, type Piece, type Room } from '../../base/nouns'

/** Doors of a room that are painted as things with sides and edges, not as square metres of wall. */
export interface Leaves {
  readonly kind: 'door' | 'cabinet'
  readonly count: number
  /** Sides painted, of all of them together. */
  readonly sides: number
  readonly takenOff: boolean
}

/** Leaves of a face: a door's, those of cabinets or shutters; null for all that is painted by area or by run. */
export function leavesOf(room: Room, key: FaceKey): Leaves | null {
  const { kind, id } = readFace(key) ?? { kind: null, id: null }
  if (kind === 'leaf') return doorLeaf(room.openings.find((opening) => opening.id === id))
  return kind === 'piece' ? pieceLeaves(room.pieces.find((piece) => piece.id === id)) : null
}

/** Bars of glazed doors are brushed by their run, and the pane of a window is not painted. */
function doorLeaf(opening: Opening | undefined): Leaves | null {
  if (opening?.kind !== 'door' || opening.glazing) return null
  return { kind: 'door', count: 1, sides: opening.paintedSides, takenOff: opening.takenOff }
}

function pieceLeaves(piece: Piece | undefined): Leaves | null {
  if (piece?.kind !== 'cabinets' && piece?.kind !== 'shutters') return null
  const { count, paintedSides, takenOff } = piece
  return { kind: 'cabinet', count, sides: count * paintedSides, takenOff }
}

/** All leaves of a room that some keys name. */
export const leavesAmong = (room: Room, keys: readonly FaceKey[]): Leaves[] =>
  keys.flatMap((key) => leavesOf(room, key) ?? [])
