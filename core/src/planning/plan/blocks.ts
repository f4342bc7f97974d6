import type { Mode, ProblemActivity, ScheduleProblem } from '../problem/problem'

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
  const modes = first.modes.flatMap((mode): Mode[] => {
    const others = rest.map((act) => act.modes.find((each) => each.crewId === mode.crewId)?.minutes)
    if (others.includes(undefined)) return []
    return [{ crewId: mode.crewId, minutes: others.reduce<number>((sum, each) => sum + (each ?? 0), mode.minutes) }]
  })
  return { activities, modes, uses: [...new Set(activities.flatMap((act) => act.uses))] }
}
