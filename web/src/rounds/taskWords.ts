import { activityName, coatsBelow, type Room, type Standing, type Task } from '@crisp-hem/core'
import { factText, W } from '../words'

/** A task in a line: where, which colour, what is done. By its id alone where the job no longer needs it. */
export function taskWords(rooms: readonly Room[], task: Task | undefined, id: string): string {
  if (!task) return factText(activityName(rooms, id))
  const room = rooms.find((each) => each.id === task.roomId)
  const step = room?.steps.find((each) => each.id === task.stepId)
  const coat = coatInStep(room, task)
  const act = coat ? `${W.rounds.kinds[task.kind]} ${coat}` : W.rounds.kinds[task.kind]
  return [room?.name ?? task.roomId, ...(step ? [step.name] : []), act].join(', ')
}

/** Which plan a date is of: the published one by its number, or a draft. */
export const planName = (standing: Pick<Standing, 'number'> | null): string =>
  standing ? W.publish.plan({ number: standing.number }) : W.publish.draft

/** Which coat of its own step a task is; coats below it are another step's. Null for other work. */
export function coatInStep(room: Room | undefined, task: Task): number | null {
  const step = room?.steps.find((each) => each.id === task.stepId)
  return task.coat !== null && room && step ? task.coat - coatsBelow(room, step) : task.coat
}
