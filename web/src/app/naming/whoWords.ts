import { whoDoes, type Crew, type PlacedTask, type Task } from '@crisp-hem/core'

/** Names the people of a crew who do a task by themselves; nobody where all of the crew do it. */
export type NamesOf = (taskId: string) => readonly string[]

export function namesOf(
  crews: readonly Crew[],
  placed: readonly PlacedTask[],
  tasks: readonly Pick<Task, 'id' | 'roomId'>[],
): NamesOf {
  const rooms = new Map<string, string>(tasks.map(({ id, roomId }) => [id, roomId]))
  const who = whoDoes(crews, placed, (id) => rooms.get(id))
  const crewOf = new Map<string, string>(placed.map(({ taskId, crewId }) => [taskId, crewId]))
  return (taskId) => {
    const people = crews.find(({ id }) => id === crewOf.get(taskId))?.people ?? []
    return (who.get(taskId) ?? []).flatMap((i) => people[i]?.name ?? [])
  }
}

/** What is done, and by whom where only some of a crew do it. */
export const withNames = (what: string, names: readonly string[]): string => [what, ...names].join(', ')
