import { readActivity, type ActivityId } from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import type { PlacedTask } from '../../planning/plan/placement'
import { gunTurns, sameTurns, type GunRun, type GunTurn, type GunTurns } from '../../planning/work'

/** A plan for work whose guns take such turns. */
interface Turned {
  readonly setup: { readonly work: { readonly gunRuns: readonly GunRun[] } }
  readonly proposed: readonly PlacedTask[]
}

interface FewerSetup<T extends Turned> {
  readonly made: T
  readonly guns: number
  readonly proposedWith: (turns: GunTurns) => T
  readonly isBetter: (one: T, other: T) => boolean
}

/**
 * A plan that holds a paint back until all that it goes on is masked, and until a morning where an evening would not do for all of
 * it, so that its gun is filled once for each coat and not once for each evening something is left over: taken where it is better.
 * Common practice, no published source.
 */
export function withFewerFillings<T extends Turned>(setup: FewerSetup<T>): T {
  const { made, guns, isBetter } = setup
  const runs = made.setup.work.gunRuns
  const wanted = heldBack(runs, gunTurns(runs, made.proposed, guns), made.proposed, guns)
  if (!wanted) return made
  const atOnce = heldBy(setup, wanted)
  const isSplit = atOnce.own.turns.length > wanted.turns.length
  const tried = isSplit ? [atOnce, heldBy(setup, untilMorning(wanted, atOnce.own, atOnce.made.proposed))] : [atOnce]
  return tried.reduce((best, each) => (each.isKept && isBetter(each.made, best) ? each.made : best), made)
}

/** How often a plan is made around the turns that came of the one before. */
const MOST_TURNINGS = 3

/** A plan with the turns that were asked for or such as come of them, and whether it keeps them. */
function heldBy<T extends Turned>({ guns, proposedWith }: FewerSetup<T>, wanted: GunTurns) {
  let turns = wanted
  for (let left = MOST_TURNINGS; ; left--) {
    const made = proposedWith(turns)
    const own = gunTurns(made.setup.work.gunRuns, made.proposed, guns)
    const isKept = areAlike(own, turns)
    if (isKept || left === 1) return { made, own, isKept }
    turns = heldAs(wanted, own)
  }
}

/** The same turns, whatever their order between their first and their last coat: nothing hangs on that. */
const areAlike = (one: GunTurns, other: GunTurns): boolean => sameTurns(inOrder(one), inOrder(other))

const inOrder = ({ turns, idle }: GunTurns): GunTurns => ({
  idle: [...idle].sort(),
  turns: turns.map((turn) => ({ ...turn, coatIds: [...turn.coatIds].sort() })),
})

/** Turns whose coats are held back as they were asked to be. */
function heldAs(wanted: GunTurns, { turns, idle }: GunTurns): GunTurns {
  const asked = new Map(wanted.turns.flatMap((turn) => turn.coatIds.map((id) => [id, turn] as const)))
  return {
    idle,
    turns: turns.map((turn): GunTurn => {
      const { waitsForAll = false, notBefore } = asked.get(turn.coatIds[0] as ActivityId) ?? {}
      return { ...turn, waitsForAll, ...(notBefore === undefined ? {} : { notBefore }) }
    }),
  }
}

/** The same turns, but what did not get done in one go is begun when the rest of it was. */
function untilMorning({ turns, idle }: GunTurns, own: GunTurns, placed: readonly PlacedTask[]): GunTurns {
  const at = new Map(placed.map((task) => [task.taskId, task.from]))
  return {
    idle,
    turns: turns.map((turn): GunTurn => {
      const ids = new Set(turn.coatIds)
      const parts = own.turns.filter(({ coatIds }) => coatIds.some((id) => ids.has(id)))
      const rest = parts.slice(1).flatMap(({ coatIds }) => coatIds.flatMap((id) => at.get(id) ?? []))
      return turn.waitsForAll && rest.length > 0 ? { ...turn, notBefore: Math.min(...rest) - FILLED_MIN } : turn
    }),
  }
}
/** A gun is filled within this before its first coat, min. From memory. */
const FILLED_MIN = 60

/** Turns in which every paint that is filled more often than it has coats is sprayed coat by coat, all of a coat at once. Null where there is none. */
function heldBack(
  runs: readonly GunRun[],
  { turns }: GunTurns,
  placed: readonly PlacedTask[],
  guns: number,
): GunTurns | null {
  const paintOf = new Map(runs.flatMap(({ coatIds, paint }) => coatIds.map((id) => [id, paint] as const)))
  const byPaint = groupedBy(turns, ({ coatIds }) => paintOf.get(coatIds[0] as ActivityId) ?? '')
  const at = new Map(placed.map((task) => [task.taskId, task]))
  const together = [...byPaint.values()].flatMap((own) => {
    const coats = own.flatMap(({ coatIds }) => coatIds.flatMap((id) => at.get(id) ?? []))
    const byCoat = [...groupedBy(coats, ({ taskId }) => coatNumber(taskId)).values()]
    return own.length > byCoat.length && coats.every(({ done }) => !done) ? byCoat : []
  })
  if (together.length === 0) return null
  const moved = new Map(together.flatMap((coats) => atTheLast(coats).map((task) => [task.taskId, task] as const)))
  const timed = placed.map((task) => moved.get(task.taskId) ?? task)
  return waitingFor(gunTurns(runs, timed, guns), new Set(moved.keys()))
}

const coatNumber = (id: ActivityId): number => {
  const ref = readActivity(id)
  return ref?.of === 'round' && 'coat' in ref ? ref.coat : 1
}

/** Coats one after another, as the last of them begins: only their order counts. */
function atTheLast(coats: readonly PlacedTask[]): PlacedTask[] {
  const inOrder = [...coats].sort((a, b) => a.from - b.from)
  const last = inOrder.at(-1)?.from ?? 0
  return inOrder.map((task, i) => ({ ...task, from: last + i * APART_MIN, to: last + (i + 0.5) * APART_MIN }))
}
/** So little that nothing else comes between, min. */
const APART_MIN = 1e-3

const waitingFor = ({ turns, idle }: GunTurns, coatIds: ReadonlySet<ActivityId>): GunTurns => ({
  idle,
  turns: turns.map((turn): GunTurn => ({ ...turn, waitsForAll: turn.coatIds.some((id) => coatIds.has(id)) })),
})
