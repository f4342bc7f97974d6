import { said, type Job, type Room, type Said } from '../../base/nouns'
import { floorPlan } from '../../masking/covers/floorPlan'
import { ladderRunner } from '../../masking/covers/floorNeeds'
import { coverOf } from '../../survey/shelf/find'
import { fieldSprays } from '../../masking/covers/mist'

/** How film and boards lie on a floor, and what a ladder stands on. Nothing where there are neither. Common practice, no published source. */
export function tellFloor({ rooms, shelf }: Pick<Job, 'rooms' | 'shelf'>, room: Room): Said[] {
  const plan = floorPlan(room, shelf, fieldSprays(room).length > 0, rooms)
  return [
    ...(plan?.field.some(({ coverId }) => coverOf(shelf, coverId).kind === 'film') ? [said('floor.middle')] : []),
    ...(plan && plan.boards.length > 0 ? [said('floor.boards')] : []),
    ...(ladderRunner(room, shelf) ? [said('floor.ladder')] : []),
  ]
}
