import type { JobClocks } from '../cure/areaClocks'
import type { Crew, Job, PaintStep, Room, Said } from '../ground'
import { coatingOf } from '../catalogue/find'
import type { Hem } from '../hems/deriveHems'
import { coverNeeds } from '../covers/coverNeeds'
import { estimateStepTimes } from '../recipes/estimateTimes'
import type { Recipe } from '../recipes/recipe'
import { crewSpeed, longestStretchMin, type Calendars } from '../calendar/calendar'
import { assignCrews } from './assignCrews'
import { groupRounds } from './groupRounds'
import type { After, Round, Task } from './round'
import { roundOf } from './roundTasks'
import { workByWall } from './stepWork'

export interface JobRounds {
  readonly rounds: readonly Round[]
  /** Tasks of rounds, and the covering and uncovering of each room. */
  readonly tasks: readonly Task[]
  readonly problems: readonly Said[]
}

export interface RoundsSetup {
  readonly job: Job
  readonly clocks: (roomId: string) => JobClocks
  readonly hems: readonly Hem[]
  readonly recipes: ReadonlyMap<string, Recipe>
  readonly calendars: Calendars
  readonly nextShift: (at: number) => number
}

/** Groups every room's hems into rounds, step after step, and lists all tasks with what each waits for. */
export function jobRounds(setup: RoundsSetup): JobRounds {
  const { job } = setup
  const crewOf = assignCrews(job.rooms, job.crews, workMinutes(setup))
  const found: { rounds: Round[]; tasks: Task[]; problems: Said[] } = { rounds: [], tasks: [], problems: [] }
  for (const room of job.rooms) {
    const crew = job.crews.find((each) => each.id === crewOf.get(room.id))
    if (!crew || room.steps.length === 0) continue
    addRoom(setup, room, crew, found)
  }
  return found
}

function addRoom(
  setup: RoundsSetup,
  room: Room,
  crew: Crew,
  found: { rounds: Round[]; tasks: Task[]; problems: Said[] },
): void {
  const { job, recipes } = setup
  const cover = coverTask(job, room, crew)
  found.tasks.push(cover)
  const times = estimateStepTimes(job, room, setup.nextShift)
  const stretchMin = longestStretchMin(setup.calendars.get(crew.id))
  let before: Task[] = [cover]
  const stepTasks = new Map<string, Task[]>()
  for (const step of room.steps) {
    const hems = setup.hems.filter((hem) => hem.roomId === room.id && hem.stepId === step.id && recipes.has(hem.id))
    const groups = groupRounds({
      room,
      step,
      hems,
      recipes,
      crew,
      stretchMin,
      house: job.house,
      shelf: job.shelf,
      clocks: setup.clocks(room.id),
      at: times.layAt.get(step.id)!,
    })
    const own: Task[] = []
    const frees = new Set<string>()
    for (const group of groups) {
      const layAfter = [
        ...before.map(plainAfter),
        ...cureGaps(
          setup,
          room,
          group.work.flatMap((work) => work.hems),
          stepTasks,
        ),
      ]
      const layRelease = releaseOf(
        group.work.flatMap((work) => work.hems),
        recipes,
      )
      const round = roundOf({
        room,
        step,
        crew,
        house: job.house,
        shelf: job.shelf,
        recipes,
        group,
        layAfter,
        layRelease,
      })
      if (group.problem) found.problems.push(group.problem)
      found.rounds.push(round)
      for (const id of freeingTasks(round)) frees.add(id)
      own.push(...round.tasks)
    }
    found.tasks.push(...own)
    stepTasks.set(step.id, own)
    if (own.length > 0) before = own.filter((task) => frees.has(task.id))
  }
  const masks = found.rounds.flatMap((round) =>
    round.roomId === room.id ? round.tasks.filter((task) => isPeel(round, task.id)) : [],
  )
  found.tasks.push(uncoverTask(job, room, crew, [...before, ...masks]))
}

/** Minutes of masking and painting in each room for one practised painter, to share rooms out. */
function workMinutes(setup: RoundsSetup): Map<string, number> {
  const { job } = setup
  const { rates } = job.house
  return new Map(
    job.rooms.map((room) => {
      const hems = setup.hems.filter((hem) => hem.roomId === room.id)
      const metres = hems.reduce((sum, hem) => sum + hem.lengthMm, 0) / 1000
      const field = room.steps.reduce(
        (sum, step) =>
          sum + step.coats * workByWall(room, step, [], job.house).reduce((all, work) => all + work.fieldMin, 0),
        0,
      )
      return [room.id, metres * (rates.layPerM + rates.pressPerM + rates.cutInPerM + rates.pullPerM) + field]
    }),
  )
}

const plainAfter = (task: Task): After => ({ taskId: task.id, gap: { clock: 'plain', amount: 0 } })

const isPeel = (round: Round, taskId: string): boolean =>
  round.pulls.some((pull) => pull.manner === 'peel' && pull.taskId === taskId)

/**
 * Tasks of a round that the room's next colour waits for: what comes last in it. A liquid mask does not hold it up: it
 * stays on its panes for a day while work goes on beside them.
 */
function freeingTasks(round: Round): string[] {
  const last = lastOf(round.tasks.filter((task) => !isPeel(round, task.id)))
  return last.map((task) => task.id)
}

const lastOf = (tasks: readonly Task[]): Task[] => {
  const ids = new Set(tasks.flatMap((task) => task.after.map((after) => after.taskId)))
  return tasks.filter((task) => !ids.has(task.id))
}

/** Tape waits until the keep side, coated by an earlier step of this room, has cured enough for its grip. */
function cureGaps(
  setup: RoundsSetup,
  room: Room,
  hems: readonly Hem[],
  stepTasks: ReadonlyMap<string, readonly Task[]>,
): After[] {
  const need = new Map<string, number>()
  for (const hem of hems) {
    const recipe = setup.recipes.get(hem.id)
    if (recipe && hem.keepStepId)
      need.set(hem.keepStepId, Math.max(need.get(hem.keepStepId) ?? 0, recipe.safeAgeRefMin))
  }
  return [...need].flatMap(([stepId, amount]) => {
    const { filmFormingC } = coatingOf(setup.job.shelf, stepIn(room, stepId).coatingId)
    const coats = (stepTasks.get(stepId) ?? []).filter(
      (task) => task.kind === 'coat' && task.coat === stepIn(room, stepId).coats,
    )
    return coats.flatMap((task): After[] => [
      { taskId: task.id, gap: { clock: 'cure', amount, filmFormingC } },
      { taskId: task.id, gap: { clock: 'plain', amount: 60 * setup.job.house.restHours } },
    ])
  })
}

const stepIn = (room: Room, stepId: string): PaintStep => room.steps.find((step) => step.id === stepId)!

/** The instant from which old keep sides bear their tape; null when they do already. */
function releaseOf(hems: readonly Hem[], recipes: ReadonlyMap<string, Recipe>): number | null {
  const from = hems
    .flatMap((hem) => (hem.keepStepId === null ? [recipes.get(hem.id)?.safeFrom ?? null] : []))
    .filter((at) => at !== null)
  return from.length ? Math.max(...from) : null
}

function coverTask(job: Job, room: Room, crew: Crew): Task {
  return { ...roomTask(job, room, crew, 'cover', job.house.rates.coverPerM2), after: [] }
}

function uncoverTask(job: Job, room: Room, crew: Crew, before: readonly Task[]): Task {
  return { ...roomTask(job, room, crew, 'uncover', job.house.rates.uncoverPerM2), after: before.map(plainAfter) }
}

function roomTask(job: Job, room: Room, crew: Crew, kind: 'cover' | 'uncover', perM2: number): Omit<Task, 'after'> {
  const m2 = coverNeeds(room, job.shelf).reduce((sum, need) => sum + need.areaMm2, 0) / 1e6
  const id = `${room.id}/${kind}`
  return {
    id,
    kind,
    roomId: room.id,
    stepId: null,
    roundId: null,
    crewId: crew.id,
    coat: null,
    block: id,
    divisible: true,
    release: null,
    subjects: [`room:${room.id}`],
    minutes: Math.max(1, Math.ceil((m2 * perM2) / crewSpeed(crew))),
  }
}
