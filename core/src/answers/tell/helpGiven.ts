import { groupedBy } from '../../base/units/groupedBy'
import { nth } from '../../base/units/sure'
import type { PlacedTask } from '../../planning/plan/placement'
import type { Task } from './task'

/** Work that one crew does in a room that is another's, still to come. */
export interface HelpGiven {
  readonly roomId: string
  readonly crewId: string
  readonly ofCrewId: string
  /** Colours it works on, in the order in which it comes to them; none where it makes ready or covers. */
  readonly stepIds: readonly string[]
  /** Minutes it works there, and from when to when, minutes since the epoch. */
  readonly minutes: number
  readonly from: number
  readonly to: number
}

/** Who helps whom in which room, the soonest first. */
export function helpGiven({
  tasks,
  placed,
}: {
  readonly tasks: readonly Task[]
  readonly placed: readonly PlacedTask[]
}) {
  const at = new Map(placed.map((task) => [task.taskId, task]))
  const helped = tasks.flatMap((task) => {
    const place = at.get(task.id)
    return place && !place.done && place.crewId !== task.crewId ? [{ task, place }] : []
  })
  const groups = groupedBy(helped, ({ task, place }) => [task.roomId, place.crewId, task.crewId].join(' '))
  return [...groups.values()].map(helpOf).sort((a, b) => a.from - b.from)
}

/** Which crews work on each round of a plan, in the order in which they come to it. */
export function crewsOfRounds({
  tasks,
  placed,
}: {
  readonly tasks: readonly Task[]
  readonly placed: readonly PlacedTask[]
}): ReadonlyMap<string, readonly string[]> {
  const roundOf = new Map(tasks.map((task) => [task.id, task.roundId]))
  const crews = new Map<string, string[]>()
  for (const { taskId, crewId } of [...placed].sort((a, b) => a.from - b.from)) {
    const roundId = roundOf.get(taskId)
    if (!roundId) continue
    const known = crews.get(roundId) ?? []
    if (!known.includes(crewId)) crews.set(roundId, [...known, crewId])
  }
  return crews
}

function helpOf(group: readonly { readonly task: Task; readonly place: PlacedTask }[]): HelpGiven {
  const inOrder = [...group].sort((a, b) => a.place.from - b.place.from)
  const { task, place } = nth(inOrder, 0)
  return {
    roomId: task.roomId,
    crewId: place.crewId,
    ofCrewId: task.crewId,
    stepIds: [...new Set(inOrder.flatMap(({ task: { stepId } }) => stepId ?? []))],
    minutes: inOrder.flatMap(({ place: { pieces } }) => pieces).reduce((sum, { from, to }) => sum + to - from, 0),
    from: place.from,
    to: Math.max(...inOrder.map(({ place: { to } }) => to)),
  }
}
