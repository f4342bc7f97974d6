import { nth } from '../../base/units/sure'
import { isGunDown, isGunUp, readActivity, writeActivity, type ActivityId, type ActivityRef } from '../../base/nouns'
import type { GunRun } from './activity'

/** What goes through a gun from its being made ready to its being cleaned, in the order it is sprayed. */
export interface GunTurn {
  readonly up: ActivityRef
  readonly down: ActivityRef
  readonly coatIds: readonly ActivityId[]
  /** The turn that the same gun takes before; null for its first. */
  readonly before: number | null
  /** Minutes it rests before at least, so that it is not filled again the same evening; 0 where it goes on at once. */
  readonly restMin: number
  /** It is filled once everything is masked that it sprays; left out where it is filled for the first. */
  readonly waitsForAll?: boolean
  /** It is filled no sooner than this, minutes since the epoch: what is left over in the evening would be filled for again. */
  readonly notBefore?: number
}

/** What goes through which gun after what. */
export interface GunTurns {
  readonly turns: readonly GunTurn[]
  /** What there is no need for: a gun that goes on with its colour elsewhere is neither cleaned nor made ready. */
  readonly idle: readonly ActivityId[]
}

export const NO_TURNS: GunTurns = { turns: [], idle: [] }

const sameAct = (a: ActivityRef, b: ActivityRef): boolean => writeActivity(a) === writeActivity(b)
const sameIds = (a: readonly ActivityId[], b: readonly ActivityId[]): boolean =>
  a.length === b.length && a.every((id, i) => id === b[i])
const sameTurn = (a: GunTurn, b: GunTurn): boolean =>
  a.before === b.before &&
  a.restMin === b.restMin &&
  sameAct(a.up, b.up) &&
  sameAct(a.down, b.down) &&
  sameIds(a.coatIds, b.coatIds)

/** Whether guns take the same turns in both, in the same order. */
export const sameTurns = (a: GunTurns, b: GunTurns): boolean =>
  sameIds(a.idle, b.idle) &&
  a.turns.length === b.turns.length &&
  a.turns.every((turn, i) => sameTurn(turn, nth(b.turns, i)))

/** Paint stays in a gun for this long at most, its tip in water, min. From memory. */
export const STAYS_MIN = 6 * 60

/** A night lies in a rest longer than this, min: nobody fills a gun in the evening for the morning. From memory. */
const NIGHT_MIN = 12 * 60

const restOf = (gapMin: number): number => (gapMin > NIGHT_MIN ? NIGHT_MIN : gapMin > STAYS_MIN ? STAYS_MIN : 0)

/**
 * As if paint that several runs have were in the gun already, and no gun were ever cleaned between: nothing takes longer than it may
 * in a real plan, whatever turns it takes.
 */
export function freestTurns(runs: readonly GunRun[]): GunTurns {
  const count = new Map<string, number>()
  for (const { paint } of runs) count.set(paint, (count.get(paint) ?? 0) + 1)
  return { turns: [], idle: runs.flatMap((run) => ((count.get(run.paint) ?? 0) > 1 ? endsOf(run) : [])) }
}

const endsOf = ({ first, last }: GunRun): ActivityId[] => [
  writeActivity({ of: 'step', ...first, act: 'gun-up' }),
  writeActivity({ of: 'step', ...last, act: 'gun-down' }),
]

/** When a plan does something, minutes since the epoch. */
interface Timed {
  readonly taskId: ActivityId
  readonly crewId: string
  readonly from: number
  readonly to: number
  readonly done: boolean
}

interface Sprayed {
  readonly run: GunRun
  readonly coat: Timed
}
type Stretch = Sprayed[]

/**
 * The turns of all guns as a plan has them that was made without: a coat goes through the gun that its colour is in, while that
 * is fresh, else through one that is clean, else through the one that stood longest.
 *
 * @param guns  how many there are; of any number where nobody knows
 */
export function gunTurns(runs: readonly GunRun[], placed: readonly Timed[], guns: number): GunTurns {
  const times = new Map(placed.map((each) => [each.taskId, each]))
  const ticked = placed.filter(({ taskId, done }) => done && (isGunUp(taskId) || isGunDown(taskId)))
  const coats = runs
    .flatMap((run) => run.coatIds.flatMap((id) => times.get(id) ?? []).map((coat) => ({ run, coat })))
    .sort((a, b) => a.coat.from - b.coat.from)
  const held: Stretch[][] = []
  for (const next of coats) {
    const able = held.filter((gun) => goesOn(gun.at(-1) ?? [], next, ticked))
    // Whoever holds one with the colour in it goes on with it; else it is handed on.
    const filled = able.find((gun) => gun.at(-1)?.at(-1)?.coat.crewId === next.coat.crewId) ?? able[0]
    // Two at once are two guns.
    const stretches = held.find(
      (gun) => gun.at(-1)?.at(-1)?.run.paint === next.run.paint && endOf(gun.at(-1)) <= next.coat.from,
    )
    if (filled) filled.at(-1)?.push(next)
    else (stretches ?? freeGun(held, guns)).push([next])
  }
  return named(runs, held, times)
}

const endOf = (stretch: Stretch | undefined): number => Math.max(...(stretch ?? []).map(({ coat }) => coat.to))

/** Whether a gun sprays a coat with what it is filled with: the same paint, fresh, whoever holds it, and nobody cleaned it. */
function goesOn(stretch: Stretch, { run, coat }: Sprayed, ticked: readonly Timed[]): boolean {
  const last = stretch.at(-1)
  const end = endOf(stretch)
  // Two at once are two guns.
  if (!last || last.run.paint !== run.paint || coat.from < end) return false
  const isBetween = ({ taskId, to }: Timed): boolean =>
    to > end && to <= coat.from && (isOf(taskId, run) || stretch.some((each) => isOf(taskId, each.run)))
  return coat.from - end <= STAYS_MIN && !ticked.some(isBetween)
}

function isOf(id: ActivityId, { first, last }: GunRun): boolean {
  const ref = readActivity(id)
  return ref?.of === 'step' && [first, last].some((each) => each.roomId === ref.roomId && each.stepId === ref.stepId)
}

/** A gun nobody has used yet, or the one whose last coat is longest ago. */
function freeGun(held: Stretch[][], guns: number): Stretch[] {
  if (held.length < guns) {
    const gun: Stretch[] = []
    held.push(gun)
    return gun
  }
  return held.reduce((best, gun) => (endOf(gun.at(-1)) < endOf(best.at(-1)) ? gun : best))
}

/** How each stretch begins and ends, and what its runs need not do for it. */
function named(
  runs: readonly GunRun[],
  held: readonly (readonly Stretch[])[],
  times: ReadonlyMap<ActivityId, Timed>,
): GunTurns {
  const all = held.flat()
  const stretchesOf = new Map(runs.map((run) => [run, all.filter((stretch) => stretch.some((one) => one.run === run))]))
  const begun = new Map(all.map((stretch) => [stretch, refOf(stretch, stretch[0], 'gun-up')]))
  const ended = new Map(all.map((stretch) => [stretch, refOf(stretch, stretch.at(-1), 'gun-down')]))
  function refOf(stretch: Stretch, one: Sprayed | undefined, act: 'gun-up' | 'gun-down'): ActivityRef | null {
    const stretches = one && stretchesOf.get(one.run)
    if (!stretches) return null
    const turn = stretches.indexOf(stretch) + (act === 'gun-up' ? 0 : 1)
    const isEnd = act === 'gun-up' ? turn === 0 : turn === stretches.length
    return { of: 'step', ...(isEnd && act === 'gun-down' ? one.run.last : one.run.first), act, ...(!isEnd && { turn }) }
  }
  const isTicked = (ref: ActivityRef): boolean => times.get(writeActivity(ref))?.done ?? false
  const isBegun = (stretch: Stretch | undefined): boolean => stretch?.some(({ coat }) => coat.done) ?? false
  // Once it has sprayed again it was cleaned and filled, whether or not somebody ticked it.
  const isPast = (ref: ActivityRef, next: Stretch | undefined): boolean =>
    ref.of === 'step' && ref.turn !== undefined && isBegun(next) && !isTicked(ref)
  const turns: GunTurn[] = []
  const past: ActivityId[] = []
  for (const gun of held)
    gun.forEach((stretch, i) => {
      const [up, down] = [begun.get(stretch), ended.get(stretch)]
      if (!up || !down) return
      if (isPast(up, stretch)) past.push(writeActivity(up))
      if (isPast(down, gun[i + 1])) past.push(writeActivity(down))
      const first = nth(stretch, 0)
      const restMin = i > 0 ? restOf(first.coat.from - endOf(gun[i - 1])) : 0
      const coatIds = stretch.map(({ coat }) => coat.taskId)
      turns.push({ up, down, coatIds, before: i > 0 ? turns.length - 1 : null, restMin })
    })
  const needed = new Set(turns.flatMap(({ up, down }) => [writeActivity(up), writeActivity(down)]))
  const sprayed = runs.filter((run) => (stretchesOf.get(run)?.length ?? 0) > 0)
  const idle = sprayed.flatMap((run) => endsOf(run).filter((id) => !needed.has(id) && !times.get(id)?.done))
  return { turns, idle: [...idle, ...past] }
}

/** Whether a plan keeps the turns it has by itself: nothing is done more or less often, and no gun is filled before it is clean. */
export function areKept({ turns, idle }: GunTurns, placed: readonly Timed[]): boolean {
  const times = new Map(placed.map((each) => [each.taskId, each]))
  const at = (ref: ActivityRef | undefined) => ref && times.get(writeActivity(ref))
  const isAgain = (ref: ActivityRef): boolean => ref.of === 'step' && ref.turn !== undefined
  return (
    idle.length === 0 &&
    turns.every(({ up, down, before }) => {
      const [cleaned, filled] = [at(before === null ? undefined : turns[before]?.down), at(up)]
      return !isAgain(up) && !isAgain(down) && (!cleaned || !filled || cleaned.to <= filled.from)
    })
  )
}
