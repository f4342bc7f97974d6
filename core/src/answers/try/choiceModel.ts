import { intAt } from '../../base/units/sure'
import { wayTaken } from '../../solve/engine/guards'
import { ABSENT, type Choice, type ModelLag, type Model, type Schedule } from '../../solve/engine/model'
import { translate, type Translation } from '../../planning/plan/problemModel'
import { sharedOf, type Using } from '../../planning/plan/sharedModel'
import type { Chain } from '../chain/planJob'
import type { Supposed } from './whatIf'

/** Rooms that are done in the same way, and the ways there are, the first as it is now. */
export interface RoomChoice {
  readonly roomIds: readonly string[]
  readonly ways: readonly (readonly Supposed[])[]
}

/** The job planned with every room that can be done in one kind of way. */
export interface Variant {
  readonly kind: string
  readonly chain: Chain
}

/** A model in which each room is there in each of its ways. */
interface ChoiceModel {
  readonly model: Model
  readonly origin: number
  readonly hint: Schedule
  readonly tasksOfRoom: ReadonlyMap<string, readonly number[]>
  /** Which way each choice takes in a schedule. */
  readonly taken: (schedule: Schedule) => number[]
  /** Starts by the id of the task, of what is done. */
  readonly startsOf: (schedule: Schedule) => Map<string, number>
}

interface Part {
  readonly translation: Translation
  /** Rooms that are taken from it, with the choice and the way they stand for; null for what is done as it is. */
  readonly rooms: ReadonlyMap<string, { readonly choice: number; readonly way: number } | null>
}

/**
 * Puts the plan at hand and its variants together: of each room its tasks as they are, and once more for each other way. A way
 * whose variant could not be made in time is left out.
 */
export function choiceModel(base: Chain, variants: readonly Variant[], choices: readonly RoomChoice[]): ChoiceModel {
  const chains = [base, ...variants.map(({ chain }) => chain)]
  const until = Math.max(...chains.flatMap(({ plan }) => plan.proposed.map((task) => task.to)))
  const translated = ({ plan, problem }: Chain) => translate(problem, { placed: plan.proposed }, { until })
  const choiceOf = new Map(choices.flatMap(({ roomIds }, choice) => roomIds.map((id) => [id, choice] as const)))
  const parts: Part[] = [
    {
      translation: translated(base),
      rooms: new Map(
        [...new Set(base.problem.activities.map((act) => act.roomId))].map((roomId) => {
          const choice = choiceOf.get(roomId)
          return [roomId, choice === undefined ? null : { choice, way: 0 }] as const
        }),
      ),
    },
    ...variants.map(({ kind, chain }) => ({
      translation: translated(chain),
      rooms: new Map(
        choices.flatMap(({ roomIds, ways }, choice) => {
          const way = ways.findIndex((each) => each.length > 0 && kindOfWay(each) === kind)
          // Work without a place takes no time: such a way would only look shorter.
          const isWhole = roomIds.every((id) => leftOut(chain, id) <= leftOut(base, id))
          return way < 0 || !isWhole ? [] : roomIds.map((id) => [id, { choice, way }] as const)
        }),
      ),
    })),
  ]
  return merged(base, parts, choices)
}

/** How much work of a room has found no place. */
function leftOut({ plan, problem }: Chain, roomId: string): number {
  const placed = new Set<string>(plan.proposed.map((task) => task.taskId))
  return problem.activities.filter((act) => act.roomId === roomId && !placed.has(act.id)).length
}

/** The same words for the same kind of way, whatever the room. */
export const kindOfWay = (way: readonly Supposed[]): string =>
  [...new Set(way.map((move) => JSON.stringify({ ...move, roomId: '' })))].join()

function merged(chain: Chain, parts: readonly Part[], choices: readonly RoomChoice[]): ChoiceModel {
  const items: Using[] = []
  const tasks: Model['tasks'][number][] = []
  const lags: ModelLag[] = []
  const hint: number[] = []
  const own = new Map<string, number[]>()
  const ways: number[][][] = choices.map((choice) => choice.ways.map(() => []))
  const fixed = new Map<string, number>()
  for (const { translation, rooms } of parts) {
    const { model } = translation
    const roomOf = new Map([...translation.tasksOfRoom].flatMap(([room, list]) => list.map((i) => [i, room] as const)))
    const place = new Map<number, number>()
    model.tasks.forEach((task, i) => {
      const room = roomOf.get(i) ?? ''
      const part = rooms.get(room)
      if (part === undefined) return
      const at = tasks.push(task) - 1
      place.set(i, at)
      hint.push(intAt(translation.hint, i))
      const item = translation.items[i]
      if (item) items.push(item)
      own.set(room, [...(own.get(room) ?? []), at])
      if (part) ways[part.choice]?.[part.way]?.push(at)
      else fixed.set(task.id, at)
    })
    for (const lag of model.lags) {
      const end = (i: number) => place.get(i) ?? fixed.get(model.tasks[i]?.id ?? '')
      const [from, to] = [end(lag.from), end(lag.to)]
      // Between two rooms that stay as they are it stands once, from the plan at hand.
      const isOwn = place.has(lag.from) || place.has(lag.to)
      if (isOwn && from !== undefined && to !== undefined) lags.push({ ...lag, from, to })
    }
  }
  // A way of which nothing could be made is none.
  const made = ways.map((list) => list.flatMap((way, w) => (way.length > 0 ? [{ way, w }] : [])))
  const all: Choice[] = made.map((list, c) => ({ id: String(c), ways: list.map(({ way }) => way) }))
  const horizon = Math.max(...parts.map(({ translation }) => translation.model.horizon))
  return {
    model: { horizon, tasks, lags, shared: sharedOf(chain.problem, items), choices: all },
    origin: parts[0]?.translation.origin ?? 0,
    hint: Int32Array.from(hint),
    tasksOfRoom: own,
    taken: (schedule) => all.map((choice, c) => made[c]?.[wayTaken(choice.ways, schedule)]?.w ?? 0),
    startsOf: (schedule) =>
      new Map(tasks.flatMap(({ id }, i) => (schedule[i] === ABSENT ? [] : [[id, intAt(schedule, i)] as const]))),
  }
}
