import { activityName, coatsBelow, type Room, type Standing, type Task } from '@crisp-hem/core'
import { factText, W } from '../words'

/** A task in a line: where, which colour, which walls, what is done. */
export function taskWords(rooms: readonly Room[], task: Task | undefined, id: string): string {
  const room = rooms.find((each) => each.id === task?.roomId)
  return factText(activityName(rooms, id, task && actWords(room, task)))
}

/** What is done, and for which coat. */
function actWords(room: Room | undefined, task: Task): string {
  const coat = coatInStep(room, task)
  if (coat === null) return W.rounds.kinds[task.kind]
  return task.kind === 'roll' ? W.rounds.rollOf({ n: coat }) : `${W.rounds.kinds[task.kind]} ${coat}`
}

/** Which plan a date is of: the published one by its number, or a draft. */
export const planName = (standing: Pick<Standing, 'number'> | null): string =>
  standing ? W.publish.plan({ number: standing.number }) : W.publish.draft

/** Which coat of its own step a task is; coats below it are another step's. Null for other work. */
export function coatInStep(room: Room | undefined, task: Task): number | null {
  const step = room?.steps.find((each) => each.id === task.stepId)
  return task.coat !== null && room && step ? task.coat - coatsBelow(room, step) : task.coat
}
