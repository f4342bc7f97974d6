import {
  needsTower,
  whoDoes,
  type Crew,
  type PlacedTask,
  type Plan,
  type PullPlan,
  type Room,
  type Task,
} from '@crisp-hem/core'

export interface RowTask {
  readonly task: Task
  readonly placed: PlacedTask
  /** Which of so many people of its crew do it, where that are not all. */
  readonly some?: { readonly people: readonly number[]; readonly of: number }
}

/** Ribbons of one row's rounds, in lanes so that none lies on another. */
interface RibbonLane {
  readonly pulls: readonly PullPlan[]
}

/** One line of the chart: a crew, a person, the gun or a room, with its work. */
export interface ChartRow {
  readonly id: string
  readonly of: 'crew' | 'person' | 'gun' | 'tower' | 'room'
  readonly name: string
  readonly tasks: readonly RowTask[]
  readonly lanes: readonly RibbonLane[]
}

interface Named {
  readonly id: string
  readonly name: string
}

interface RowSetup {
  readonly plan: Pick<Plan, 'tasks' | 'pulls'>
  /** What is shown of it: as told, or as proposed. */
  readonly placed: readonly PlacedTask[]
  readonly rooms: readonly Pick<Room, 'id' | 'name' | 'steps' | 'heightMm'>[]
  readonly from: number
  readonly to: number
}

/** What each crew does between two instants, the pull windows that follow from it, and where the gun and the tower are. */
export function crewRows(
  setup: RowSetup,
  crews: readonly Crewed[],
  names: { readonly gun: string; readonly tower: string },
): ChartRow[] {
  const shown = withPeople(setup, crews, shownTasks(setup))
  const rows = crews.map((crew): ChartRow => ({
    id: crew.id,
    of: 'crew',
    name: crew.name,
    tasks: shown.filter(({ placed }) => placed.crewId === crew.id),
    lanes: lanesOf(setup, (pull) => pull.crewId === crew.id),
  }))
  const high = new Set(setup.rooms.filter(needsTower).map((room) => room.id))
  const things = [
    { of: 'gun', tasks: shown.filter(({ task }) => usesGun(setup, task)) },
    { of: 'tower', tasks: shown.filter(({ task }) => task.roundId !== null && high.has(task.roomId)) },
  ] as const
  return [
    ...rows,
    ...things
      .filter(({ tasks }) => tasks.length > 0)
      .map(({ of, tasks }): ChartRow => ({ id: of, of, name: names[of], tasks: tasks.map(whole), lanes: [] })),
  ]
}

const whole = ({ task, placed }: RowTask): RowTask => ({ task, placed })

type Crewed = Named & { readonly people?: Crew['people'] }

/** Work with who of its crew does it, where that are not all. */
function withPeople({ placed, plan }: RowSetup, crews: readonly Crewed[], shown: readonly RowTask[]): RowTask[] {
  const rooms = new Map<string, string>(plan.tasks.map(({ id, roomId }) => [id, roomId]))
  const able = crews.map(({ id, people = [] }) => ({ id, people }))
  const who = whoDoes(able, placed, (id) => rooms.get(id))
  return shown.map((each) => {
    const people = who.get(each.task.id)
    const of = able.find(({ id }) => id === each.placed.crewId)?.people.length
    return people && of ? { ...each, some: { people, of } } : each
  })
}

/** What each person does between two instants: what he does by himself, and what all of his crew do. */
export function peopleRows(setup: RowSetup, crews: readonly Crewed[]): ChartRow[] {
  const shown = withPeople(setup, crews, shownTasks(setup))
  return crews.flatMap((crew) => {
    const tasks = shown.filter(({ placed }) => placed.crewId === crew.id)
    return (crew.people ?? []).map(({ name }, i): ChartRow => ({
      id: `${crew.id}/${i}`,
      of: 'person',
      name,
      tasks: tasks.flatMap((each) => (!each.some || each.some.people.includes(i) ? whole(each) : [])),
      lanes: [],
    }))
  })
}

/** What is done in each room between two instants, by whomever. */
export function roomRows(setup: RowSetup): ChartRow[] {
  const shown = shownTasks(setup)
  return setup.rooms
    .map((room): ChartRow => ({
      id: room.id,
      of: 'room',
      name: room.name,
      tasks: shown.filter(({ task }) => task.roomId === room.id),
      lanes: lanesOf(setup, (pull) => pull.roomId === room.id),
    }))
    .filter((row) => setup.plan.tasks.some((task) => task.roomId === row.id))
}

function shownTasks({ plan, placed, from, to }: RowSetup): RowTask[] {
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]))
  return placed
    .filter((task) => task.to > from && task.from < to)
    .flatMap((each) => {
      const task = tasks.get(each.taskId)
      return task ? [{ placed: each, task }] : []
    })
    .sort((a, b) => a.placed.from - b.placed.from)
}

function usesGun({ rooms }: RowSetup, { kind, roomId, stepId }: Task): boolean {
  if (kind === 'gun-up' || kind === 'gun-down') return true
  const room = rooms.find((each) => each.id === roomId)
  return kind === 'coat' && room?.steps.find((step) => step.id === stepId)?.tool === 'spray'
}

/** A ribbon on the chart ends with its wet window; what comes after is told on the board. */
export const ribbonEnd = (pull: PullPlan): number => pull.spans.find((span) => span.kind === 'wet')?.to ?? pull.coatedTo

function lanesOf({ plan, from, to }: RowSetup, isOwn: (pull: PullPlan) => boolean): RibbonLane[] {
  const plans = plan.pulls.filter((pull) => isOwn(pull) && pull.coatedFrom < to && ribbonEnd(pull) > from)
  const lanes: PullPlan[][] = []
  for (const pull of plans.sort((a, b) => a.coatedFrom - b.coatedFrom)) {
    const lane = lanes.find((each) => ribbonEnd(each[each.length - 1]!) <= pull.coatedFrom)
    if (lane) lane.push(pull)
    else lanes.push([pull])
  }
  return lanes.map((pulls) => ({ pulls }))
}

/** What there is only so many of, and people, who go with their crew: shown, not moved. */
export const isThing = ({ of }: ChartRow): boolean => of === 'gun' || of === 'tower' || of === 'person'
