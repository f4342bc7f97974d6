import { isGunUp } from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import { checkPlan } from '../../planning/check/checkPlan'
import type { PlacedTask, Placement } from '../../planning/plan/placement'
import type { ScheduleProblem } from '../../planning/problem/problem'

/**
 * A plan without the holes that are left where a gun was laid out and is filled later, just before it sprays: what comes after such a
 * hole moves up, as long as that breaks nothing. Nobody stands about for as long as a gun takes to fill.
 */
export function closedUp(problem: ScheduleProblem, plan: Placement): Placement {
  const left = plan.placed.filter(({ done }) => !done)
  if (!left.some(({ taskId }) => isGunUp(taskId))) return plan
  return [...groupedBy(left, ({ crewId }) => crewId).values()]
    .flatMap((own) => holesIn(problem, own))
    .reduce((at, hole) => filled(problem, at, hole), plan)
}

/** Minutes in which a crew has nothing to do. */
type Hole = Pick<PlacedTask, 'crewId' | 'from' | 'to'>

/**
 * Holes of a crew that are as long as one of its guns takes to fill, at the beginning of a shift too, or shorter where one of it filled
 * while others did something else.
 */
function holesIn({ crews }: ScheduleProblem, own: readonly PlacedTask[]): Hole[] {
  const shifts = crews.find(({ id }) => id === own[0]?.crewId)?.shifts ?? []
  const beganAt = (at: number) => shifts.find(([from, to]) => from <= at && at < to)?.[0] ?? Number.NEGATIVE_INFINITY
  const fills = new Set(own.flatMap(({ taskId, from, to }) => (isGunUp(taskId) ? [to - from] : [])))
  const longest = Math.max(...fills, 0)
  const inOrder = [...own].sort((a, b) => a.from - b.from)
  let last: PlacedTask | null = null
  return inOrder.flatMap((task): Hole[] => {
    const before = last
    last = before && before.to > task.to ? before : task
    const from = Math.max(before?.to ?? Number.NEGATIVE_INFINITY, beganAt(task.from))
    const long = task.from - from
    const isPart = long > 0 && long < longest && before !== null && isApart(before) && !isApart(task)
    return fills.has(long) || isPart ? [{ crewId: task.crewId, from, to: task.from }] : []
  })
}

/** Done by some of a crew, so that others of it may have been at something else. */
const isApart = ({ hands }: PlacedTask): boolean => hands !== null && hands !== undefined

function filled(problem: ScheduleProblem, plan: Placement, first: Hole): Placement {
  let [best, hole] = [plan, first]
  const most = checkPlan(problem, plan).length
  for (;;) {
    const next = best.placed.find(
      ({ crewId, from, done, pieces, taskId }) =>
        crewId === hole.crewId && from === hole.to && !done && pieces.length === 1 && !isGunUp(taskId),
    )
    if (!next) return best
    const moved = movedTo(next, hole.from)
    const tried = { ...best, placed: best.placed.map((task) => (task === next ? moved : task)) }
    if (checkPlan(problem, tried).length > most) return best
    best = tried
    hole = { ...hole, from: moved.to, to: next.to }
  }
}

function movedTo(task: PlacedTask, from: number): PlacedTask {
  const to = from + task.to - task.from
  return { ...task, from, to, pieces: [{ from, to }] }
}
