import type { PlacedTask } from '../plan/placement'
import type { Resource, ScheduleProblem } from '../problem/problem'

/** A thing that is taken down in one room and put up in another by whoever uses it there. */
interface Carry {
  readonly crewId: string
  /** When it is in use again, minutes since the epoch. */
  readonly at: number
  readonly minutes: number
}

type Ground = Pick<ScheduleProblem, 'activities' | 'resources' | 'done'>

/**
 * Tells what is carried in any plan of one problem: a tower goes from where it stood last to where it is used next, taken down and put
 * up by the crew that uses it there, in the house's minutes. One that stands there already is taken first. Its first way, off the van,
 * is part of setting up.
 */
export function carriesOf({ activities, resources, done }: Ground): (placed: readonly PlacedTask[]) => Carry[] {
  const carried = resources.filter(({ carryMin }) => carryMin > 0)
  if (carried.length === 0) return () => []
  const known = new Map<string, { readonly roomId: string; readonly uses: readonly string[] }>()
  for (const each of [...activities, ...done]) known.set(each.id, each)
  return (placed) => {
    const inOrder = [...placed].sort((a, b) => a.from - b.from)
    return carried.flatMap((resource) => carriesOfOne(resource, inOrder, known))
  }
}

function carriesOfOne(
  { id, capacity, carryMin }: Resource,
  inOrder: readonly PlacedTask[],
  known: ReadonlyMap<string, { readonly roomId: string; readonly uses: readonly string[] }>,
): Carry[] {
  const units: { roomId: string | null; until: number }[] = Array.from({ length: capacity }, () => ({
    roomId: null,
    until: Number.NEGATIVE_INFINITY,
  }))
  return inOrder.flatMap(({ taskId, crewId, from, to, done }): Carry[] => {
    const act = known.get(taskId)
    if (!act?.uses.includes(id)) return []
    const free = units.filter(({ until }) => until <= from)
    const there = free.find(({ roomId }) => roomId === act.roomId)
    const unit = there ?? free.find(({ roomId }) => roomId === null) ?? free.sort((a, b) => a.until - b.until)[0]
    if (!unit) return []
    const isCarried = unit.roomId !== null && unit.roomId !== act.roomId
    unit.roomId = act.roomId
    unit.until = to
    return isCarried && !done ? [{ crewId, at: from, minutes: carryMin }] : []
  })
}
