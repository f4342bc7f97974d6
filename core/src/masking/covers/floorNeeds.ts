import { type Cover, type Room, said, type Shelf, word } from '../../base/nouns'
import { facesOfStep, stepOf, isBroad } from '../../survey/rooms/faces'
import { STANDING_REACH_MM } from '../../survey/rooms/reach'
import { highestMm } from '../../survey/rooms/wallTop'
import { faceAreaMm2 } from '../../survey/rooms/areas'
import { signedAreaMm2 } from '../../survey/rooms/outline'
import { groupedBy } from '../../base/units/groupedBy'
import { coversByKind, fromRoll, inPieces, type CoverNeed } from './coverNeed'
import { floorPlan } from './floorPlan'
import { waysOut } from './waysOut'
import { lengthOf, type Laid } from './layFloor'

/**
 * What protects a floor, by floor and traffic, as it is laid over the real outline. Mist wants paper over the whole field;
 * drips want cloths. An open middle away from the gun may lie under film. A busy hard floor gets stiff boards along its passage, which knocks do not go through but which
 * drink nothing, so that a doubled cloth lies at every way out and cleans soles. Common practice.
 */
export function floorNeeds(room: Room, shelf: Shelf, sprayed: boolean, rooms: readonly Room[]): CoverNeed[] {
  const plan = floorPlan(room, shelf, sprayed, rooms)
  if (!plan) return []
  const at = { roomId: room.id, what: word('cover', 'floor'), hold: 'lies' } as const
  const byCover = groupedBy(plan.field, (laid) => laid.coverId)
  const coverOf = (laid: readonly Laid[]): Cover | undefined =>
    shelf.covers.find((cover) => cover.id === laid[0]?.coverId)
  const needs: CoverNeed[] = []
  const [stiff, small] = [coverOf(plan.boards), coverOf(plan.waysOut)]
  const laidMm2 = (laid: readonly Laid[]) =>
    laid.reduce((sum, { corners }) => sum + Math.abs(signedAreaMm2(corners)), 0)
  for (const pieces of byCover.values()) {
    const field = coverOf(pieces)
    if (!field) continue
    // Of several sizes each has its share of the floor.
    const areaMm2 = (faceAreaMm2(room, 'floor') * laidMm2(pieces)) / laidMm2(plan.field)
    const place =
      field.kind === 'film'
        ? { ...at, what: said('cover.floor_middle'), why: said('cover.open_middle'), hold: 'taped' as const }
        : { ...at, why: said(field.reusable || !sprayed ? 'cover.drips' : 'cover.mist') }
    needs.push(
      field.reusable
        ? inPieces(place, field, areaMm2, pieces.length)
        : fromRoll(place, field, areaMm2, pieces.map(lengthOf)),
    )
  }
  if (stiff) {
    const pieces = plan.boards.length
    needs.push(inPieces({ ...at, why: said('cover.knocks') }, stiff, pieces * stiff.widthMm * stiff.lengthMm, pieces))
  }
  if (small) {
    const count = waysOut(room, rooms).length
    const place = { ...at, what: said('cover.ways_out', { count }), why: said('cover.soles') }
    needs.push(inPieces(place, small, count * small.widthMm * small.lengthMm, plan.waysOut.length))
  }
  const runner = ladderRunner(room, shelf)
  if (runner) {
    const place = { ...at, what: said('cover.at_ladder'), why: said('cover.ladder') }
    needs.push(inPieces(place, runner, runner.widthMm * runner.lengthMm, 1))
  }
  return needs
}

/**
 * A runner that moves along under the ladder, where a hard floor lies under loose cloth or paper and something above a standing
 * person's reach is painted: cloth slips on it. Common practice, no published source. Null where none is needed or kept.
 */
export function ladderRunner(room: Room, shelf: Shelf): Cover | null {
  const isHigh =
    room.steps.some((step) => facesOfStep(room, step).some((key) => isBroad(room, key))) &&
    highestMm(room) > STANDING_REACH_MM.value
  const isLoose = room.kind === 'room' && room.floor.material !== 'carpet' && stepOf(room, 'floor') === null
  return isHigh && isLoose ? (coversByKind(shelf).cloth[0] ?? null) : null
}
