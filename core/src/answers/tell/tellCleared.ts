import { face, listed, said, type Room, type Said } from '../../base/nouns'
import { careOfKind } from '../../masking/recipes/recipeCautions'
import { gatheredIn } from '../../masking/covers/gather'
import { stepOf } from '../../survey/rooms/faces'

/**
 * What is cleared before the first cloth lies: loose things out, furniture together or by itself, and plates off that come off, with
 * the caution of their kinds. In the order in which it is done; common practice, no published source. A front is cleared of what leans
 * on it.
 */
export function tellCleared(room: Room): Said[] {
  if (room.kind === 'elevation') return [said('clear.front')]
  const off = room.fittings.filter(({ scope }) => scope === 'take-off')
  const gathered = gatheredIn(room)
  const alone = room.pieces.filter(
    (piece) => piece.kind === 'furniture' && !gathered && stepOf(room, face('piece', piece.id)) === null,
  )
  const cautions = new Map(off.flatMap(({ kind }) => careOfKind(kind) ?? []).map((each) => [each.code, each]))
  return [
    said('clear.room'),
    ...(gathered ? [said('clear.gather', { things: listed(gathered.pieces.map(({ name }) => name)) })] : []),
    ...(alone.length > 0 ? [said('clear.from_walls', { things: listed(alone.map(({ name }) => name)) })] : []),
    ...(off.length > 0 ? [said('clear.take_off', { things: listed(off.map(({ name }) => name)) })] : []),
    ...cautions.values(),
  ]
}
