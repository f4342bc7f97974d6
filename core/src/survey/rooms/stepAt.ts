import type { Job, PaintStep, Room } from '../../base/nouns'

/** The room and the step that a piece of work belongs to; null where the job has no such step. */
export function stepAt(
  job: Pick<Job, 'rooms'>,
  { roomId, stepId }: { readonly roomId: string; readonly stepId: string | null },
): { readonly room: Room; readonly step: PaintStep } | null {
  const room = job.rooms.find((each) => each.id === roomId)
  const step = room?.steps.find((each) => each.id === stepId)
  return room && step ? { room, step } : null
}
