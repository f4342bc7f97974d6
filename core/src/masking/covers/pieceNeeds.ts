import { type Fact, type Room, said, type Shelf, face } from '../../base/nouns'
import { stepOf } from '../../survey/rooms/faces'
import { runnersFor } from './floorPlan'
import { gatheredIn, type GatheredNeeds } from './gather'
import { coversByKind, fromRoll, inPieces, narrowestOver, panelsOver, rolledOff, type CoverNeed } from './coverNeed'

/** Hems of a sheet hang over on every side, mm. From memory. */
const OVERHANG_MM = 300
const FIELD_PAPER_MM = 600

/**
 * What covers the things in a room. Furniture is sheeted even where only the ceiling is painted; full cabinets are
 * papered, stairs get a runner. Where a gun goes over it twice a sheet is taped all round, since paint dried on loose
 * film flakes into the second coat; what cannot be taped so gets paper. Common practice.
 *
 * @param gunCoats  most coats the gun lays in this room; 0 where nothing is sprayed
 */
export function pieceNeeds(room: Room, shelf: Shelf, gunCoats: number): CoverNeed[] {
  const covers = coversByKind(shelf)
  const film = covers.film.at(-1)
  const paper = covers.paper.filter((cover) => cover.widthMm >= FIELD_PAPER_MM).at(-1)
  const runner = covers.cloth[0]
  const again = gunCoats > 1
  const gathered = gatheredIn(room)
  return room.pieces.flatMap((piece): CoverNeed[] => {
    const painted = stepOf(room, face('piece', piece.id)) !== null
    const at = { roomId: room.id, what: piece.name, hold: 'loose' } as const
    switch (piece.kind) {
      case 'furniture': {
        // One sheet lies over all that is gathered; it is told with the first piece of it.
        const own = gathered?.pieces.includes(piece) ? gathered : null
        if (own && own.pieces[0] !== piece) return []
        const what = own ? said('cover.gathered', { count: own.pieces.length }) : piece.name
        return sheet(what, own ?? { longMm: piece.widthMm, deepMm: piece.depthMm, heightMm: piece.heightMm })
      }
      case 'cabinets':
        if (painted) {
          const why = said('cover.contents')
          if (!piece.inUse || !paper) return []
          const cuts = panelsOver(piece.widthMm, piece.heightMm, paper)
          return [fromRoll({ ...at, hold: 'lies', why }, paper, piece.widthMm * piece.heightMm, cuts)]
        }
        return spatter(piece.widthMm, piece.heightMm + piece.depthMm)
      case 'shutters':
        return painted || piece.takenOff ? [] : spatter(piece.widthMm, piece.heightMm)
      case 'roof-window': {
        // Below a coated ceiling its glass is kept from drips, and from the gun.
        const over = stepOf(room, 'ceiling')
        const pane = narrowestOver(covers.film, Math.min(piece.widthMm, piece.heightMm))
        if (!over || !pane) return []
        const long = Math.max(piece.widthMm, piece.heightMm)
        const place = { ...at, hold: 'taut' as const, why: said('cover.taut'), stepIds: [over.step.id] }
        return [fromRoll(place, pane, piece.widthMm * piece.heightMm, rolledOff(long, pane))]
      }
      case 'radiator':
        return painted ? [] : spatter(piece.widthMm, piece.heightMm + OVERHANG_MM)
      case 'stairs': {
        const long = piece.heightMm + piece.depthMm
        if (painted || !runner) return []
        const place = { ...at, hold: 'lies' as const, why: said('cover.feet') }
        return [inPieces(place, runner, long * piece.widthMm, runnersFor(piece, runner.lengthMm))]
      }
    }
    function sheet(
      what: Fact,
      { longMm, deepMm, heightMm }: Pick<GatheredNeeds, 'longMm' | 'deepMm' | 'heightMm'>,
    ): CoverNeed[] {
      // It falls to the floor on all four sides.
      const long = longMm + 2 * (heightMm + OVERHANG_MM)
      const deep = deepMm + 2 * (heightMm + OVERHANG_MM)
      const place = again
        ? { ...at, what, hold: 'taut' as const, why: said('cover.taut_again') }
        : { ...at, what, why: said('cover.falls') }
      return film ? [fromRoll(place, film, long * deep, panelsOver(long, deep, film))] : []
    }
    function spatter(long: number, deep: number): CoverNeed[] {
      const cover = again ? (paper ?? film) : film
      if (!cover) return []
      const place = { ...at, why: said(again ? 'cover.paper_again' : 'cover.spatter') }
      return [fromRoll(place, cover, long * deep, panelsOver(long, deep, cover))]
    }
  })
}
