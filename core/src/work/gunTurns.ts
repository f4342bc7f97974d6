import { writeActivity, writeSubject, type ActivityId, type ActivityRef } from '../ground'
import { AT_ONCE, type Activity, type GunRun, type Lag } from './activity'

/** A gun cleaned between two coats of one run, and made ready again: it takes another colour there, or it is night. */
export interface GunRest {
  readonly up: ActivityRef
  readonly down: ActivityRef
  readonly before: readonly ActivityId[]
  readonly after: readonly ActivityId[]
  /** It rests for so long that it is not filled again the same evening. */
  readonly isLong: boolean
}

/** What goes through which gun after what. */
export interface GunTurns {
  readonly rests: readonly GunRest[]
  /** A gun is cleaned of one colour before it is filled with the next: ids of both. */
  readonly orders: readonly (readonly [ActivityId, ActivityId])[]
}

export const NO_TURNS: GunTurns = { rests: [], orders: [] }

/** Paint stays in a gun for this long at most, its tip in water, min. From memory. */
const STAYS_MIN = 6 * 60

/** When a plan does something, minutes since the epoch. */
interface Timed {
  readonly taskId: ActivityId
  readonly from: number
  readonly to: number
  readonly done: boolean
}

/** Coats of one run that a gun sprays without being cleaned between. */
interface Stretch {
  readonly run: GunRun
  readonly coats: Timed[]
}

/**
 * The turns of all guns as a plan has them that was made without: a coat goes through the gun that its colour is in, while that
 * is fresh, else through one that is clean, else through the one that stood longest.
 *
 * @param guns  how many there are; of any number where nobody knows
 */
export function gunTurns(runs: readonly GunRun[], placed: readonly Timed[], guns: number): GunTurns {
  const times = new Map(placed.map((each) => [each.taskId, each]))
  const coats = runs
    .flatMap((run) => run.coatIds.flatMap((id) => times.get(id) ?? []).map((coat) => ({ run, coat })))
    .sort((a, b) => a.coat.from - b.coat.from)
  const held: Stretch[][] = []
  for (const { run, coat } of coats) {
    const own = held.find((gun) => gun.at(-1)?.run === run)
    const last = own?.at(-1)
    if (last && coat.from - endOf(last) <= STAYS_MIN) last.coats.push(coat)
    else (own ?? freeGun(held, guns)).push({ run, coats: [coat] })
  }
  const turns = runs.map((run) => turnsOf(run, held, times))
  const namesOf = new Map(turns.flatMap(({ names }) => [...names]))
  const orders = held.flatMap((gun) =>
    gun.flatMap((stretch, i): (readonly [ActivityId, ActivityId])[] => {
      const next = gun[i + 1]
      const [down, up] = [namesOf.get(stretch)?.down, next && namesOf.get(next)?.up]
      if (!next || !down || !up || stretch.run === next.run) return []
      const isPast = next.coats.some(({ done }) => done) || times.get(up)?.done
      return isPast ? [] : [[down, up]]
    }),
  )
  return { rests: turns.flatMap(({ rests }) => rests), orders }
}

const endOf = (stretch: Stretch | undefined): number => Math.max(...(stretch?.coats ?? []).map(({ to }) => to))

/** A gun nobody has used yet, or the one whose last coat is longest ago. */
function freeGun(held: Stretch[][], guns: number): Stretch[] {
  if (held.length < guns) {
    const gun: Stretch[] = []
    held.push(gun)
    return gun
  }
  return held.reduce((best, gun) => (endOf(gun.at(-1)) < endOf(best.at(-1)) ? gun : best))
}

/** How each stretch of a run begins and ends, and the rests between them. */
function turnsOf(run: GunRun, held: readonly Stretch[][], times: ReadonlyMap<ActivityId, Timed>) {
  const own = held
    .flat()
    .filter((each) => each.run === run)
    .sort((a, b) => (a.coats[0]?.from ?? 0) - (b.coats[0]?.from ?? 0))
  const ref = (act: 'gun-up' | 'gun-down', turn: number): ActivityRef => {
    const isEnd = act === 'gun-up' ? turn === 0 : turn === own.length
    return { of: 'step', ...(isEnd && act === 'gun-down' ? run.last : run.first), act, ...(!isEnd && { turn }) }
  }
  const names = new Map(
    own.map((each, i) => [each, { up: writeActivity(ref('gun-up', i)), down: writeActivity(ref('gun-down', i + 1)) }]),
  )
  const rests = own.slice(1).flatMap((next, i): GunRest[] => {
    const [up, down] = [ref('gun-up', i + 1), ref('gun-down', i + 1)]
    const after = own.slice(i + 1).flatMap(({ coats }) => coats)
    // Once it has sprayed again it was cleaned, whether or not somebody ticked it.
    const isOver = after.some(({ done }) => done) && ![up, down].some((each) => times.get(writeActivity(each))?.done)
    if (isOver) return []
    const before = own.slice(0, i + 1).flatMap(({ coats }) => coats)
    const isLong = (next.coats[0]?.from ?? 0) - endOf(own[i]) > STAYS_MIN
    return [{ up, down, before: before.map(idOf), after: after.map(idOf), isLong }]
  })
  return { names, rests }
}

const idOf = ({ taskId }: Timed): ActivityId => taskId

/** Whether a plan keeps the turns it has by itself: no gun is cleaned between, and none is filled before it is clean. */
export const areKept = ({ rests, orders }: GunTurns, placed: readonly Timed[]): boolean => {
  const times = new Map(placed.map((each) => [each.taskId, each]))
  const isKept = ([down, up]: readonly [ActivityId, ActivityId]): boolean => {
    const [before, after] = [times.get(down), times.get(up)]
    return !before || !after || before.to <= after.from
  }
  return rests.length === 0 && orders.every(isKept)
}

/** Activities with those of the rests where they belong, and what is tied by the turns. */
export function withTurns(
  { rests, orders }: GunTurns,
  activities: readonly Activity[],
): { readonly activities: Activity[]; readonly lags: Lag[] } {
  const all = [...activities]
  const lags: Lag[] = []
  const link = (from: ActivityId, to: ActivityId, min = AT_ONCE): Lag => ({ from, to, min, max: null })
  for (const rest of rests) {
    const up = likeOf(all, rest.up, null)
    const last = all.findLast((act) => rest.before.includes(act.id))
    const down = likeOf(all, rest.down, last?.id ?? null)
    if (!up || !down || !last) continue
    all.splice(all.indexOf(last) + 1, 0, down)
    const next = all.findIndex((act) => rest.after.includes(act.id))
    all.splice(next < 0 ? all.length : next, 0, up)
    lags.push(
      ...rest.before.map((id) => link(id, down.id)),
      link(down.id, up.id),
      ...rest.after.map((id) => link(up.id, id)),
    )
    if (rest.isLong) lags.push(...rest.before.map((id) => link(id, up.id, { clock: 'plain', amount: STAYS_MIN })))
  }
  const ids = new Set(all.map((act) => act.id))
  lags.push(...orders.flatMap(([down, up]) => (ids.has(down) && ids.has(up) ? [link(down, up)] : [])))
  return { activities: sprayedWhileFilled(rests, all), lags }
}

/** After a gun was made ready, what it sprays goes before other work that could begin as well. */
function sprayedWhileFilled(rests: readonly GunRest[], activities: readonly Activity[]): Activity[] {
  const again = new Map(rests.flatMap((rest) => rest.after.map((id) => [id, writeActivity(rest.up)] as const)))
  return activities.map((act) => {
    const up = again.get(act.id)
    return up === undefined || act.follows !== null ? act : { ...act, follows: up }
  })
}

/** What is done once more like the first time, or the last, of a colour in a room. */
function likeOf(activities: readonly Activity[], ref: ActivityRef, follows: ActivityId | null): Activity | null {
  if (ref.of !== 'step') return null
  const { roomId, stepId, act } = ref
  const like =
    activities.find((each) => each.id === writeActivity({ of: 'step', roomId, stepId, act })) ??
    activities.find((each) => each.kind === act && each.stepId === stepId)
  const id = writeActivity(ref)
  const subjects = [writeSubject({ of: 'work', activityId: id })]
  return like ? { ...like, id, ref, subjects, follows, impliedBy: null } : null
}
