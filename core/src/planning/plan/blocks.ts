import type { Mode, ProblemActivity, ScheduleProblem } from '../problem/problem'
import { modeOf } from '../problem/withCrews'

/** Activities that follow one another without a break, as one; most stand alone. */
type NonEmpty = readonly [ProblemActivity, ...ProblemActivity[]]

export interface Block {
  /** In their order; never none. */
  readonly activities: NonEmpty
  readonly modes: readonly Mode[]
  readonly uses: readonly string[]
}

/** Joins activities whose lag allows no time at all between them, in the order of the problem. */
export function blocksOf({ activities, lags }: Pick<ScheduleProblem, 'activities' | 'lags'>): Block[] {
  const byId = new Map(activities.map((act) => [act.id, act]))
  const heads = new Map<string, string>()
  for (const lag of lags) {
    const tied = lag.max !== null && lag.max.clock === null && lag.max.amount === 0
    if (tied && byId.has(lag.from) && byId.has(lag.to)) heads.set(lag.to, lag.from)
  }
  const groups = new Map<string, [ProblemActivity, ...ProblemActivity[]]>()
  for (const act of activities) {
    const head = headOf(heads, act.id)
    const group = groups.get(head)
    if (group) group.push(act)
    else groups.set(head, [act])
  }
  return [...groups.values()].map(blockOf)
}

function headOf(heads: ReadonlyMap<string, string>, id: string): string {
  let head = id
  for (let next = heads.get(head); next !== undefined; next = heads.get(head)) head = next
  return head
}

function blockOf(activities: NonEmpty): Block {
  const [first, ...rest] = activities
  // A crew can take a block when it can take every part of it.
  if (rest.length === 0) return { activities, modes: first.modes, uses: first.uses }
  // What follows without a break between is done by all of a crew: one cuts in while another rolls.
  const modes = firstOfCrews(first.modes).flatMap((mode): Mode[] => {
    const others = rest.map((act) => modeOf({ modes: act.modes }, mode)?.minutes)
    if (others.includes(undefined)) return []
    const minutes = others.reduce<number>((sum, each) => sum + (each ?? 0), mode.minutes)
    return [{ crewId: mode.crewId, minutes }]
  })
  return { activities, modes, uses: mostOf(activities.map((act) => act.uses)) }
}

/** The first way of each crew. */
const firstOfCrews = (modes: readonly Mode[]): Mode[] =>
  modes.filter((mode, i) => modes.findIndex(({ crewId }) => crewId === mode.crewId) === i)

/** How many of a resource something uses. */
export const timesIn = (uses: readonly string[], id: string): number => uses.filter((other) => other === id).length

/** What several activities use, each as often as the one that uses it most. */
const mostOf = (lists: readonly (readonly string[])[]): string[] => {
  const most = new Map<string, number>()
  for (const list of lists) for (const id of list) most.set(id, Math.max(most.get(id) ?? 0, timesIn(list, id)))
  return [...most].flatMap(([id, count]) => Array.from({ length: count }, () => id))
}
