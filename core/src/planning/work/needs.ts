import type { Crew, PaintStep, Room } from '../../base/nouns'
import { LADDER_REACH_MM } from '../../survey/rooms/reach'
import type { Activity, MinutePart, Needs } from './activity'

/** Whether people stand on a tower or a scaffold to reach all of a room. */
export const needsTower = ({ heightMm }: Pick<Room, 'heightMm'>): boolean => heightMm > LADDER_REACH_MM.value

interface NeedsSetup {
  readonly room: Room
  readonly step: PaintStep
  readonly crew: Crew
  readonly kind: Activity['kind']
  readonly work: readonly MinutePart[]
}

/** What an activity on a step's faces needs besides minutes. */
export function needsOf({ room, step, crew, kind, work }: NeedsSetup): Needs {
  return {
    crewId: crew.id,
    skill: work.some((part) => part.part === 'freehand') ? 'practised' : null,
    gun: kind === 'coat' && step.tool === 'spray',
    tower: needsTower(room),
  }
}
