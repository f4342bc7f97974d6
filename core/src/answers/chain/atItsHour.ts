import type { HemId, Job } from '../../base/nouns'
import { safeOf } from '../../masking/recipes/pickCandidate'
import { judgeRoom } from '../../masking/recipes/judgeRoom'
import type { RecipeAnswer } from '../../masking/recipes/recipe'
import type { JobClocks } from '../../nature/cure/areaClocks'
import type { PlacedTask } from '../../planning/plan/placement'
import type { Work } from '../../planning/work'
import type { Parameters } from '../../base/parameters/parameters'
import type { Hem } from '../../survey/hems/deriveHems'

/** How often recipes are judged again at the hours of the plan that was made with them. */
export const MOST_JUDGINGS = 3

/** Hours are rounded down to so many minutes: a plan that moves by a little changes no recipe. From memory. */
const STEP_MIN = 6 * 60

interface AtItsHourSetup {
  readonly job: Job
  readonly hems: readonly Hem[]
  readonly answers: readonly RecipeAnswer[]
  readonly clocks: (roomId: string) => JobClocks
  readonly nextShift: (at: number) => number
  readonly parameters: Parameters
  /** Hours that are known already. */
  readonly laidAt: ReadonlyMap<HemId, number>
}

/**
 * Hems that had nothing safe by a guess too early, and have at the hour at which the plan masks their colour: with that hour. What
 * is safe already stays as it is, so that a plan once made does not change its tapes; the schedule keeps what each waits for.
 */
export function safeAtTheirHour(
  setup: AtItsHourSetup,
  { activities }: Pick<Work, 'activities'>,
  placed: readonly PlacedTask[],
): ReadonlyMap<HemId, number> {
  const { job, clocks, nextShift, parameters } = setup
  const times = new Map(placed.map((each) => [each.taskId, each.from]))
  const unsafe = new Set(setup.answers.flatMap((answer) => (answer.safe ? [] : [answer.hemId])))
  const hourOf = (hem: Hem): number | null => {
    const own = activities.filter(({ roomId, stepId }) => roomId === hem.roomId && stepId === hem.stepIds[0])
    const starts = own.flatMap(({ id, kind }) => (kind === 'lay' || kind === 'coat' ? (times.get(id) ?? []) : []))
    return starts.length > 0 ? Math.floor(Math.min(...starts) / STEP_MIN) * STEP_MIN : null
  }
  const wanted = setup.hems.flatMap((hem) => {
    const hour = unsafe.has(hem.id) && !setup.laidAt.has(hem.id) ? hourOf(hem) : null
    return hour === null ? [] : [{ hem, hour }]
  })
  const found = job.rooms.flatMap((room) => {
    const own = wanted.filter(({ hem }) => hem.roomId === room.id)
    if (own.length === 0) return []
    const laidAt = new Map(own.map(({ hem, hour }) => [hem.id, hour]))
    const hems = own.map(({ hem }) => hem)
    return judgeRoom({ job, room, hems, clocks: clocks(room.id), nextShift, parameters, laidAt }).flatMap(
      ({ ctx, judged }) => (safeOf(judged).length > 0 ? [[ctx.hem.id, ctx.layAt] as const] : []),
    )
  })
  return new Map(found)
}
