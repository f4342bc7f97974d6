import { isGunDown, isGunUp, writeActivity, writeSubject, type ActivityId, type ActivityRef } from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import { AT_ONCE, type Activity, type Lag } from './activity'
import type { GunTurns } from './gunTurns'

interface Tied {
  readonly activities: readonly Activity[]
  readonly lags: readonly Lag[]
}

/** Work with its guns made ready and cleaned where their turns begin and end, and nowhere else, and tied in that order. */
export function withTurns({ turns, idle }: GunTurns, { activities, lags }: Tied): Tied {
  const all = [...activities]
  const gone = new Set(idle)
  const added: Lag[] = []
  const link = (from: ActivityId, to: ActivityId, min = AT_ONCE): Lag => ({ from, to, min, max: null })
  const follows = new Map<ActivityId, ActivityId>()
  const releases = new Map<ActivityId, number>()
  for (const { up, down, coatIds, before, restMin, waitsForAll, notBefore } of turns) {
    const [upId, downId] = [writeActivity(up), writeActivity(down)]
    insert(
      all,
      up,
      all.findIndex((act) => coatIds.includes(act.id)),
      null,
    )
    const last = all.findLastIndex((act) => coatIds.includes(act.id))
    insert(all, down, last + 1, all[last]?.id ?? null)
    added.push(...coatIds.flatMap((id) => [link(upId, id), link(id, downId)]))
    if (notBefore !== undefined) releases.set(upId, notBefore)
    if (waitsForAll)
      added.push(...waitsOfAll(coatIds, lags).map((lag) => ({ ...lag, to: upId })), ...endsKept(coatIds, link))
    for (const id of coatIds) follows.set(id, upId)
    const previous = before === null ? undefined : turns[before]
    if (!previous) continue
    added.push(link(writeActivity(previous.down), upId))
    // Not filled again the same evening: it would stand filled all the same.
    const rest = { clock: 'plain', amount: restMin } as const
    if (restMin > 0) added.push(...previous.coatIds.map((id) => link(id, upId, rest)))
  }
  const kept = all.filter((act) => !gone.has(act.id)).map((act) => released(act, releases.get(act.id)))
  const ids = new Set(kept.map((act) => act.id))
  return {
    activities: kept.map((act) => followed(act, follows, ids)),
    lags: [...around(gone, lags), ...added.filter(({ from, to }) => ids.has(from) && ids.has(to))],
  }
}

/** Who is first and last in a turn stays so: there its gun is made ready and cleaned. */
function endsKept(coatIds: readonly ActivityId[], link: (from: ActivityId, to: ActivityId) => Lag): Lag[] {
  const [first, last, between] = [coatIds[0], coatIds.at(-1), coatIds.slice(1, -1)]
  if (!first || !last || first === last) return []
  return [link(first, last), ...between.flatMap((id) => [link(first, id), link(id, last)])]
}

/** What coats wait for that is none of them nor a gun; what itself waits for a gun, as a seal under the spray, is passed over. */
function waitsOfAll(coatIds: readonly ActivityId[], lags: readonly Lag[]): Lag[] {
  const before = groupedBy(lags, ({ to }) => to)
  const isGun = ({ from }: Lag) => isGunUp(from) || isGunDown(from)
  const waits = (id: ActivityId): readonly Lag[] =>
    (before.get(id) ?? []).flatMap((lag) => {
      if (isGun(lag) || coatIds.includes(lag.from)) return []
      return (before.get(lag.from) ?? []).some(isGun) ? waits(lag.from) : [{ ...lag, max: null }]
    })
  return coatIds.flatMap(waits)
}

/** While a gun is filled, what it sprays goes before other work that could begin as well. */
function followed(act: Activity, follows: ReadonlyMap<ActivityId, ActivityId>, ids: ReadonlySet<ActivityId>): Activity {
  const after = act.follows ?? follows.get(act.id) ?? null
  const known = after !== null && ids.has(after) ? after : null
  return known === act.follows ? act : { ...act, follows: known }
}

const released = (act: Activity, at: number | undefined): Activity =>
  at === undefined ? act : { ...act, release: Math.max(at, act.release ?? at) }

/** Puts in what is done once more like the first time, or the last, of its colour; what is there already stays where it is. */
function insert(all: Activity[], ref: ActivityRef, at: number, follows: ActivityId | null): void {
  const id = writeActivity(ref)
  if (ref.of !== 'step' || at < 0 || all.some((act) => act.id === id)) return
  const { roomId, stepId, act } = ref
  const like =
    all.find((activity) => activity.id === writeActivity({ of: 'step', roomId, stepId, act })) ??
    all.find((activity) => activity.kind === act && activity.stepId === stepId)
  const subjects = [writeSubject({ of: 'work', activityId: id })]
  if (like) all.splice(at, 0, { ...like, id, ref, subjects, follows, impliedBy: null })
}

/** Lags without some activities: what came after them comes after what they waited for. */
function around(gone: ReadonlySet<ActivityId>, lags: readonly Lag[]): Lag[] {
  let left = [...lags]
  for (const id of gone) {
    const [before, after] = [left.filter(({ to }) => to === id), left.filter(({ from }) => from === id)]
    const round = before.flatMap((one) =>
      after.map((two): Lag => ({
        from: one.from,
        to: two.to,
        min: one.min.amount === 0 ? two.min : one.min,
        max: null,
      })),
    )
    left = [...left.filter(({ from, to }) => from !== id && to !== id), ...round]
  }
  return left
}
