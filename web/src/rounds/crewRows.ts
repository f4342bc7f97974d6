import type { Plan, PlacedTask, PullPlan, Task } from '@crisp-hem/core'

export interface RowTask {
  readonly task: Task
  readonly placed: PlacedTask
}

/** Ribbons of one crew's rounds, in lanes so that none lies on another. */
export interface RibbonLane {
  readonly pulls: readonly PullPlan[]
}

export interface CrewRow {
  readonly crewId: string
  readonly tasks: readonly RowTask[]
  readonly lanes: readonly RibbonLane[]
}

/** What each crew does between two instants, and the pull windows that follow from it. */
export function crewRows(plan: Plan, crewIds: readonly string[], from: number, to: number): CrewRow[] {
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]))
  const shown = plan.placed.filter((placed) => placed.to > from && placed.from < to)
  return crewIds.map((crewId) => ({
    crewId,
    tasks: shown
      .filter((placed) => placed.crewId === crewId)
      .map((placed) => ({ placed, task: tasks.get(placed.taskId)! }))
      .sort((a, b) => a.placed.from - b.placed.from),
    lanes: inLanes(
      plan.pulls.filter((pull) => pull.crewId === crewId && pull.coatedFrom < to && ribbonEnd(pull) > from),
    ),
  }))
}

/** A ribbon on the chart ends with its wet window; what comes after is told on the board. */
export const ribbonEnd = (pull: PullPlan): number => pull.spans.find((span) => span.kind === 'wet')?.to ?? pull.coatedTo

function inLanes(pulls: readonly PullPlan[]): RibbonLane[] {
  const lanes: PullPlan[][] = []
  for (const pull of [...pulls].sort((a, b) => a.coatedFrom - b.coatedFrom)) {
    const lane = lanes.find((each) => ribbonEnd(each[each.length - 1]!) <= pull.coatedFrom)
    if (lane) lane.push(pull)
    else lanes.push([pull])
  }
  return lanes.map((own) => ({ pulls: own }))
}
