import type { HemId } from '../../base/nouns'
import type { PlannedLay } from '../../masking/recipes/judgeRoom'
import { groupedBy } from '../../base/units/groupedBy'
import type { Hem } from '../../survey/hems/deriveHems'
import type { PlacedTask } from '../../planning/plan/placement'
import type { Work } from '../../planning/work'
import { PLAN_STEP_MIN, safeAsPlanned, type FromPlan, type JudgedGround } from './asPlanned'

/** How often recipes are judged again at the hours of the plan that was made with them. */
export const MOST_JUDGINGS = 3

/**
 * Hems that had nothing safe by a guess, and have as the plan masks their colour: at its hour, behind the coats as it places them,
 * or for the stay it gives the tape of that colour. What is safe already keeps the hour it was judged at; the schedule keeps what
 * each waits for.
 */
export function safeAtTheirHour(
  ground: JudgedGround,
  work: Pick<Work, 'activities' | 'rounds'>,
  placed: readonly PlacedTask[],
): FromPlan {
  const planned = plannedMasking(work, placed)
  const unsafe = new Map(
    ground.answers.flatMap((answer) => (answer.safe ? [] : [[answer.hemId, answer.ruledOut] as const])),
  )
  const lays = new Map<HemId, PlannedLay>()
  const stays = new Map<HemId, number>()
  for (const hem of ground.hems) {
    const ruledOut = unsafe.get(hem.id)
    const masking = planned(hem)
    if (!ruledOut || !masking || ground.lays.has(hem.id)) continue
    lays.set(hem.id, masking.lay)
    if (masking.stayMin !== null && ruledOut.some(({ why }) => why.code === 'out.stay'))
      stays.set(hem.id, masking.stayMin)
  }
  const safe = safeAsPlanned(ground, { lays, stays }).map(({ hem }) => hem.id)
  return { lays: only(lays, safe), stays: only(stays, safe) }
}

const only = <T>(all: ReadonlyMap<HemId, T>, ids: readonly HemId[]): ReadonlyMap<HemId, T> =>
  new Map(ids.flatMap((id): [HemId, T][] => (all.has(id) ? [[id, all.get(id) as T]] : [])))

interface Masking {
  readonly lay: PlannedLay
  /** How long the tape of its colour stays on, min; null where none of it comes off. */
  readonly stayMin: number | null
}

/** When a plan masks the colour of a hem and takes its tape off. */
function plannedMasking(
  { activities, rounds }: Pick<Work, 'activities' | 'rounds'>,
  placed: readonly PlacedTask[],
): (hem: Hem) => Masking | null {
  const times = new Map(placed.map((task) => [task.taskId, task]))
  const [actsOf, roundsOf] = [groupedBy(activities, (act) => act.roomId), groupedBy(rounds, (round) => round.roomId)]
  return ({ roomId, stepIds }) => {
    const inRoom = actsOf.get(roomId) ?? []
    const starts = inRoom.flatMap(({ id, kind, stepId }) =>
      stepId === stepIds[0] && (kind === 'lay' || kind === 'coat') ? (times.get(id)?.from ?? []) : [],
    )
    if (starts.length === 0) return null
    const at = Math.floor(Math.min(...starts) / PLAN_STEP_MIN) * PLAN_STEP_MIN
    const coatedAt = new Map<string, number>()
    for (const { id, kind, stepId } of inRoom) {
      const end = times.get(id)?.to
      if (end === undefined || stepId === null || (kind !== 'coat' && kind !== 'roll')) continue
      coatedAt.set(stepId, Math.max(coatedAt.get(stepId) ?? end, end))
    }
    const off = (roundsOf.get(roomId) ?? []).flatMap((round) =>
      round.stepId === stepIds.at(-1) ? round.pulls.flatMap(({ taskId }) => times.get(taskId)?.to ?? []) : [],
    )
    const stayMin = off.length > 0 ? Math.ceil((Math.max(...off) - at) / PLAN_STEP_MIN) * PLAN_STEP_MIN : null
    return { lay: { at, coatedAt }, stayMin }
  }
}
