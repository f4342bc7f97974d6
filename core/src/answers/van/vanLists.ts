import { isOfKind, orderKey, readArticle, type Job, type Said, type ActivityId, type RoundId } from '../../base/nouns'
import { coatingOf, coverOf } from '../../survey/shelf/find'
import { clothShelves } from '../../masking/covers/clothShelves'
import { coverNeeds } from '../../masking/covers/coverNeeds'
import type { Hem } from '../../survey/hems/deriveHems'
import type { Parameters } from '../../base/parameters/parameters'
import type { PlacedTask } from '../../planning/plan/placement'
import type { Recipe } from '../../masking/recipes/recipe'
import { stepAt } from '../../survey/rooms/stepAt'
import { readiedIn } from '../../planning/work'
import { groupedBy } from '../../base/units/groupedBy'
import { workDayOf } from '../../nature/calendar/workDay'
import { lotsOf, stockOf, type Lots, type Stock } from './lots'
import { sundriesOf, type SundryLine } from './sundries'
import type { Load } from '../../masking/load/takeLoad'
import { coatMinutes, vanItems, type VanItem, type VanSetup, type VanTask } from './vanItems'

/** What one crew loads for one day. Days are those of the site, since the epoch. */
export interface VanList {
  readonly crewId: string
  readonly day: number
  readonly items: readonly VanItem[]
  readonly sundries: readonly SundryLine[]
  /** What could hurt somebody in that day's work, each said once. */
  readonly cautions: readonly Said[]
}

/** Something of which the van has not enough: how much all days take, what is there, and the day on which it runs out. */
export interface Shortage {
  readonly item: VanItem
  readonly needed: number
  readonly there: number
  readonly day: number
  /** Last day on which it can be ordered to be there in time; null where it is bought over the counter. */
  readonly orderBy: number | null
}

export interface VanPlan {
  readonly lists: readonly VanList[]
  readonly shortages: readonly Shortage[]
  readonly stock: Stock
  /** The same by when it came, the oldest first. */
  readonly lots: Lots
}

/** A plan, as far as it says what is loaded. */
interface PlannedWork {
  readonly hems: readonly Hem[]
  readonly recipes: ReadonlyMap<string, Recipe>
  readonly tasks: readonly (VanTask & { readonly id: ActivityId; readonly roundId: RoundId | null })[]
  readonly placed: readonly PlacedTask[]
  readonly load: Load
}

/** Loading by day and crew for everything that is not done, and what runs short when. */
export function vanPlan(job: Job, plan: PlannedWork, parameters: Pick<Parameters, 'textures' | 'work'>): VanPlan {
  const hems = new Map(plan.hems.map((hem) => [hem.id, hem]))
  const held = plan.load.tapes.find((line) => line.holdMm > 0)
  const shelves = clothShelves(job.rooms, job.shelf)
  const setup: VanSetup = {
    job,
    hems,
    recipes: plan.recipes,
    coatMin: coatMinutes(plan.tasks),
    needs: new Map(
      job.rooms.map((room) => [
        room.id,
        coverNeeds(room, shelves.get(room.id) ?? job.shelf, job.site.units, job.rooms),
      ]),
    ),
    holding: held ? { tapeId: held.tapeId, widthMm: held.widthMm } : null,
    parameters,
  }
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]))
  const dayOf = workDayOf(job)
  const open = plan.placed.filter((task) => !task.done)
  const days = groupedBy(open, (task) => `${dayOf(task.from)} ${task.crewId}`)
  const lists = [...days.values()]
    .map((own): VanList => {
      const [first] = own
      const mine = own.flatMap((task) => tasks.get(task.taskId) ?? [])
      const items = vanItems(setup, mine)
      const crewId = first?.crewId ?? ''
      return {
        crewId,
        day: dayOf(first?.from ?? 0),
        items,
        sundries: sundriesFor(job, crewId, mine, items),
        cautions: cautionsOf(mine, plan.recipes),
      }
    })
    .filter(({ items, sundries }) => items.length + sundries.length > 0)
    .sort((a, b) => a.day - b.day || (a.crewId < b.crewId ? -1 : 1))
  const lots = lotsOf(job, hems, plan.recipes)
  const stock = stockOf(lots)
  return { lists, stock, lots, shortages: shortagesOf(job, lists, stock) }
}

/** Cautions of the recipes that a day's tasks touch, each once, in the order of the day. */
function cautionsOf(tasks: readonly VanTask[], recipes: ReadonlyMap<string, Recipe>): Said[] {
  const all = tasks.flatMap((task) => task.subjects.flatMap((id) => recipes.get(id)?.cautions ?? []))
  return [...new Map(all.map((said) => [JSON.stringify(said), said])).values()]
}

function sundriesFor(
  job: Job,
  crewId: string,
  tasks: readonly (VanTask & { roundId: RoundId | null; id: ActivityId })[],
  items: readonly VanItem[],
) {
  const steps = tasks.flatMap((task) => (['coat', 'roll', 'seal'].includes(task.kind) ? (stepAt(job, task) ?? []) : []))
  const readied = tasks.flatMap((task) => {
    const room = job.rooms.find(({ id }) => id === task.roomId)
    return room ? readiedIn(room, task.id).flatMap((face) => face.steps.map(({ act }) => act)) : []
  })
  return sundriesOf({
    readied: new Set(readied),
    people: job.crews.find((crew) => crew.id === crewId)?.people.length ?? 1,
    work: tasks.flatMap((task) => task.work),
    tapeMm: sumOf(items, (item) => (isOfKind(item.key, 'tape') ? item.amount : 0)),
    coverM2: sumOf(items, (item) => {
      const ref = item.unit === 'mm' ? readArticle(item.key) : null
      const cover = ref?.kind === 'cover' ? coverOf(job.shelf, ref.id) : null
      return cover ? (item.amount * cover.widthMm) / 1e6 : 0
    }),
    rounds: new Set(tasks.flatMap((task) => (task.kind === 'lay' ? (task.roundId ?? []) : []))).size,
    isRolled: steps.some(({ step }) => step.tool === 'roller'),
    isSprayed: steps.some(({ step }) => step.tool === 'spray'),
    hasSolvent: steps.some(({ step }) => coatingOf(job.shelf, step.coatingId).base === 'solvent'),
  })
}

const sumOf = (items: readonly VanItem[], of: (item: VanItem) => number): number =>
  items.reduce((sum, item) => sum + of(item), 0)

/** What a day takes in the unit stock is kept in. Cloths and boards come back: of them the most on any day counts. */
function shortagesOf(job: Job, lists: readonly VanList[], stock: Stock): Shortage[] {
  const keys = new Map(lists.flatMap(({ items }) => items.map((item) => [item.key, item])))
  return [...keys.values()].flatMap((item): Shortage[] => {
    // Paint is bought for the job by the litre, and tools are told where they are missing.
    if (isOfKind(item.key, 'tool') || item.unit === 'litres') return []
    const there = stock.get(item.key) ?? 0
    const isBack = comesBack(item)
    const byDay = groupedBy(lists, (list) => list.day)
    let used = 0
    let ranOut: number | null = null
    let most = 0
    for (const [day, own] of byDay) {
      const today = sumOf(
        own.flatMap((list) => list.items.filter((each) => each.key === item.key)),
        (each) => each.amount,
      )
      used = isBack ? today : used + today
      most = Math.max(most, used)
      if (ranOut === null && used > there + 1e-6) ranOut = day
    }
    if (ranOut === null) return []
    const lead = job.shelf.articles.find((article) => article.id === orderKey(item.key))?.leadDays ?? null
    return [{ item, needed: most, there, day: ranOut, orderBy: lead === null ? null : workdaysBefore(ranOut, lead) }]
  })
}

/** Cloths and boards come back to the van in the evening. */
export const comesBack = ({ unit, key }: VanItem): boolean => unit === 'pieces' && isOfKind(key, 'cover')

/** So many days before one, Saturdays and Sundays not counted. Day 0 was a Thursday. */
export function workdaysBefore(day: number, count: number): number {
  let at = day
  let left = count
  while (left > 0) {
    at -= 1
    const weekday = (((at + 3) % 7) + 7) % 7
    if (weekday < 5) left -= 1
  }
  return at
}
