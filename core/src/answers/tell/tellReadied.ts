import { listed, readActivity, said, type ActivityId, type Job, type Room, type Said } from '../../base/nouns'
import { tellReady } from '../../masking/recipes/tellReady'
import { readiedIn } from '../../planning/work'
import { tellCleared } from './tellCleared'
import { tellFloor } from './tellFloor'
import { faceName } from '../../survey/rooms/faces'

/**
 * What one go of making a room ready does, in words, a line for each face with where on it; what is cleared first, for its covering.
 */
export function tellReadied(job: Pick<Job, 'rooms' | 'shelf' | 'site'>, room: Room, activityId: ActivityId): Said[] {
  const ref = readActivity(activityId)
  if (ref?.of === 'room' && ref.act === 'cover') return [...tellCleared(room), ...tellFloor(job, room)]
  return readiedIn(room, activityId).map(({ face, steps }) =>
    said('ready.of_face', {
      face: faceName(room, face),
      how: listed(steps.map((step) => tellReady(step, job.site.units))),
    }),
  )
}
