import type { Job } from '../../base/nouns'
import { isByLearner, laidBy } from '../../masking/recipes/byLearner'
import type { Recipe } from '../../masking/recipes/recipe'
import type { LineLaid } from '../../nature/learn/ownFactors'
import { faceOf } from '../../survey/rooms/faces'
import type { Plan } from '../chain/planJob'

/** A line that is taped: its recipe, its length, and what a record counts it under. */
export interface TapedLine extends LineLaid {
  readonly recipe: Recipe
  readonly metres: number
}

/** Lines of a job that have tape by their recipe. */
export function tapedLines(job: Job, { hems, recipes }: Pick<Plan, 'hems' | 'recipes'>): TapedLine[] {
  const known = new Map(hems.map((hem) => [hem.id, hem]))
  const rooms = new Map(job.rooms.map((room) => [room.id, room]))
  return recipes.flatMap((answer): TapedLine[] => {
    const hem = known.get(answer.hemId)
    const room = hem && rooms.get(hem.roomId)
    if (!answer.safe || answer.tapeId === null || !hem || !room) return []
    return [
      {
        recipe: answer,
        metres: hem.lengthMm / 1000,
        tapeId: answer.tapeId,
        texture: faceOf(room, hem.keep).texture,
        laidBy: laidBy(isByLearner(job.crews, room.crewId)),
      },
    ]
  })
}
