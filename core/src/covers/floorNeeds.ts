import { type Room, said, type Shelf, word } from '../ground'
import { faceAreaMm2, reachesFloor } from '../survey/areas'
import { stepOf } from '../survey/faces'
import { coversByKind, fromRoll, inPieces, type CoverNeed } from './coverNeed'

/** Paper of this width and more lies on a floor as a field, mm. From memory. */
const FIELD_PAPER_MM = 600
/** Neighbouring cloths overlap by about a tenth of their area. From memory. */
const LAP_SHARE = 0.9
/** Soles are wiped on two layers of cloth: common practice. */
const WAY_OUT_LAYERS = 2

/** Ways in and out of a room along its floor. */
export const waysOut = (room: Room): Room['openings'] =>
  room.openings.filter((each) => each.kind !== 'window' && reachesFloor(each))

/** A room people walk through while the work lasts: it has more than one way out. */
export const isBusy = (room: Room): boolean => waysOut(room).length > 1

/**
 * What protects a floor, by floor and traffic. Mist wants paper over the whole field; drips want cloths. A busy hard
 * floor gets stiff boards along its length, which knocks do not go through but which drink nothing, so that a doubled
 * cloth lies at every way out and cleans soles. Common practice.
 */
export function floorNeeds(room: Room, shelf: Shelf, sprayed: boolean): CoverNeed[] {
  if (stepOf(room, 'floor')) return []
  const { cloth, paper, board } = coversByKind(shelf)
  const [field, small] = [cloth.at(-1), cloth[0]]
  const wide = paper.filter((cover) => cover.widthMm >= FIELD_PAPER_MM).at(-1)
  const areaMm2 = faceAreaMm2(room, 'floor')
  const at = { roomId: room.id, what: word('cover', 'floor'), hold: 'lies' } as const
  const needs: CoverNeed[] = []
  if (sprayed && wide) needs.push(fromRoll({ ...at, why: said('cover.mist') }, wide, areaMm2))
  else if (field) {
    const pieces = Math.ceil(areaMm2 / (field.widthMm * field.lengthMm * LAP_SHARE))
    needs.push(inPieces({ ...at, why: said('cover.drips') }, field, areaMm2, pieces))
  } else if (wide) needs.push(fromRoll({ ...at, why: said('cover.drips') }, wide, areaMm2))
  if (room.kind !== 'room') return needs
  const stiff = board.at(-1)
  if (isBusy(room) && isHard(room) && stiff) {
    const longest = Math.max(...room.walls.map((wall) => wall.lengthMm))
    const pieces = Math.ceil(longest / stiff.lengthMm)
    needs.push(inPieces({ ...at, why: said('cover.knocks') }, stiff, pieces * stiff.widthMm * stiff.lengthMm, pieces))
  }
  const ways = waysOut(room)
  if (small && ways.length > 0) {
    const pieces = ways.length * WAY_OUT_LAYERS
    const place = { ...at, what: said('cover.ways_out', { count: ways.length }), why: said('cover.soles') }
    needs.push(inPieces(place, small, ways.length * small.widthMm * small.lengthMm, pieces))
  }
  return needs
}

const isHard = (room: Room): boolean => room.floor.material !== 'carpet'
