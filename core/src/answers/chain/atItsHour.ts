import type { HemId } from '../../base/nouns'
import type { Hem } from '../../survey/hems/deriveHems'
import type { PlacedTask } from '../../planning/plan/placement'
import type { Work } from '../../planning/work'
import { PLAN_STEP_MIN, safeAsPlanned, type JudgedGround } from './asPlanned'

/** How often recipes are judged again at the hours of the plan that was made with them. */
export const MOST_JUDGINGS = 3

/**
 * Hems that had nothing safe by a guess too early, and have at the hour at which the plan masks their colour: with that hour. What
 * is safe already keeps the hour it was judged at; the schedule keeps what each waits for.
 */
export function safeAtTheirHour(
  ground: JudgedGround,
  { activities }: Pick<Work, 'activities'>,
  placed: readonly PlacedTask[],
): ReadonlyMap<HemId, number> {
  const times = new Map(placed.map((each) => [each.taskId, each.from]))
  const unsafe = new Set(ground.answers.flatMap((answer) => (answer.safe ? [] : [answer.hemId])))
  const hourOf = (hem: Hem): number | null => {
    const own = activities.filter(({ roomId, stepId }) => roomId === hem.roomId && stepId === hem.stepIds[0])
    const starts = own.flatMap(({ id, kind }) => (kind === 'lay' || kind === 'coat' ? (times.get(id) ?? []) : []))
    return starts.length > 0 ? Math.floor(Math.min(...starts) / PLAN_STEP_MIN) * PLAN_STEP_MIN : null
  }
  const wanted = ground.hems.flatMap((hem) => {
    const hour = unsafe.has(hem.id) && !ground.laidAt.has(hem.id) ? hourOf(hem) : null
    return hour === null ? [] : [{ hem, hour }]
  })
  const laidAt = new Map(wanted.map(({ hem, hour }) => [hem.id, hour]))
  return new Map(safeAsPlanned(ground, { laidAt }).map(({ hem, layAt }) => [hem.id, layAt]))
}
