import type { Crew, Painter } from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import { sure } from '../../base/units/sure'
import type { PlacedTask } from '../plan/placement'

interface NamedCrew extends Pick<Crew, 'id'> {
  readonly people: readonly Pick<Painter, 'skill'>[]
}

/**
 * Which people of a crew do what only some of them do, by the place of each among the crew's people; what all of a crew do is left out.
 * Whoever is in a room already goes on there, else whoever is free for longest; where somebody learns, the first who is practised holds the
 * gun and the others stay together. The same plan names the same people.
 */
export function whoDoes(
  crews: readonly NamedCrew[],
  placed: readonly PlacedTask[],
  roomOf: (taskId: string) => string | undefined,
): ReadonlyMap<string, readonly number[]> {
  const who = new Map<string, readonly number[]>()
  const byCrew = groupedBy(
    placed.filter(({ done }) => !done),
    ({ crewId }) => crewId,
  )
  for (const { id, people } of crews) {
    const own = people.map(() => ({ free: Number.NEGATIVE_INFINITY, room: '' }))
    const sprayer = people.some(({ skill }) => skill === 'beginner')
      ? people.findIndex(({ skill }) => skill === 'practised')
      : null
    for (const { taskId, hands = people.length, from, to } of (byCrew.get(id) ?? []).sort((a, b) => a.from - b.from)) {
      const room = roomOf(taskId) ?? ''
      const inOrder = [...own.keys()].sort((a, b) => {
        const [one, other] = [sure(own[a]), sure(own[b])]
        const isOff = (each: typeof one) => Number(each.free > from) * 2 + Number(each.room !== room)
        return isOff(one) - isOff(other) || one.free - other.free || a - b
      })
      const team =
        hands >= people.length || sprayer === null
          ? inOrder.slice(0, hands)
          : inOrder.filter((i) => (i === sprayer) === (hands === 1))
      for (const i of team) own[i] = { free: to, room }
      if (hands < people.length)
        who.set(
          taskId,
          team.sort((a, b) => a - b),
        )
    }
  }
  return who
}
