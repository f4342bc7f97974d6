import type { Room, Task } from '@crisp-hem/core'
import { W } from '../words'

/** A task in a line: where, which colour, what is done. Its id where it belongs to no work here any more. */
export function taskWords(rooms: readonly Room[], task: Task | undefined, id: string): string {
  if (!task) return id
  const room = rooms.find((each) => each.id === task.roomId)
  const step = room?.steps.find((each) => each.id === task.stepId)
  const act = task.coat ? `${W.rounds.kinds[task.kind]} ${task.coat}` : W.rounds.kinds[task.kind]
  return [room?.name ?? task.roomId, ...(step ? [step.name] : []), act].join(', ')
}
