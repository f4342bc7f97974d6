import { said, type Job, type Room, type Said } from '../../base/nouns'
import { floorPlan } from '../../masking/covers/floorPlan'
import { ladderRunner } from '../../masking/covers/floorNeeds'
import { fieldSprays } from '../../masking/covers/mist'

/** How a floor's boards lie, and what a ladder stands on. Nothing where there are neither. Common practice, no published source. */
export function tellFloor({ rooms, shelf }: Pick<Job, 'rooms' | 'shelf'>, room: Room): Said[] {
  const plan = floorPlan(room, shelf, fieldSprays(room).length > 0, rooms)
  return [
    ...(plan && plan.boards.length > 0 ? [said('floor.boards')] : []),
    ...(ladderRunner(room, shelf) ? [said('floor.ladder')] : []),
  ]
}
