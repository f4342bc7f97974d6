import {
  articleKey,
  isOfKind,
  tintedKey,
  type ArticleKey,
  type Job,
  type PaintStep,
  type SubjectKey,
} from '../../base/nouns'
import { coatingOf, coverOf, glazeOf, liquidOf, sealantOf, tapeOf } from '../../survey/shelf/find'
import type { CoverNeed } from '../../masking/covers/coverNeed'
import type { Hem } from '../../survey/hems/deriveHems'
import type { Parameters } from '../../base/parameters/parameters'
import type { Recipe } from '../../masking/recipes/recipe'
import { faceAreaMm2 } from '../../survey/rooms/areas'
import { faceOf, facesOfStep } from '../../survey/rooms/faces'
import { stepAt } from '../../survey/rooms/stepAt'
import type { MinutePart } from '../../planning/work'
import { holdingMm } from '../../masking/load/holdingTape'
import { stripNeeds } from '../../masking/load/stripNeeds'
import { glazeLines, liquidLines, paintShare, sealantLines, sealPaint } from '../../masking/load/supplies'
import { tapedMm, wastePctIn } from '../../masking/load/tapedMm'
import { toolLines } from '../../masking/load/tools'

export const VAN_UNITS = ['mm', 'litres', 'tubes', 'tins', 'cans', 'pieces'] as const

/** A thing to load, and how much of it the work takes: mm by the metre, parts of a tube, tin or litre, whole pieces. */
export interface VanItem {
  /** An article's key, or `tool:gun` and the like. */
  readonly key: ArticleKey
  readonly name: string
  readonly widthMm: number | null
  readonly amount: number
  readonly unit: (typeof VAN_UNITS)[number]
  readonly roomIds: readonly string[]
}

/** A task, as far as it says what it takes. */
export interface VanTask {
  readonly kind: string
  readonly roomId: string
  readonly stepId: string | null
  readonly coat: number | null
  readonly subjects: readonly SubjectKey[]
  readonly work: readonly MinutePart[]
}

export interface VanSetup {
  readonly job: Job
  readonly hems: ReadonlyMap<string, Hem>
  readonly recipes: ReadonlyMap<string, Recipe>
  /** Minutes in which each coat goes on, over all its tasks, by {@link coatKey}: they share its paint. */
  readonly coatMin: ReadonlyMap<string, number>
  /** What each room is covered with, by its id. */
  readonly needs: ReadonlyMap<string, readonly CoverNeed[]>
  /** What holds papers and films, as the whole load chose it; null where nothing has to be held. */
  readonly holding: { readonly tapeId: string; readonly widthMm: number } | null
  readonly parameters: Pick<Parameters, 'textures' | 'work'>
}

/** What some tasks take from the van, added up by thing. */
export function vanItems(setup: VanSetup, tasks: readonly VanTask[]): VanItem[] {
  const found = new Map<string, VanItem>()
  for (const task of tasks)
    for (const item of itemsOf(setup, task)) {
      if (item.amount <= 0) continue
      const before = found.get(item.key)
      const amount = item.unit === 'pieces' && isTool(item) ? item.amount : (before?.amount ?? 0) + item.amount
      const roomIds = [...new Set([...(before?.roomIds ?? []), ...item.roomIds])]
      found.set(item.key, { ...item, amount, roomIds })
    }
  return [...found.values()]
}

/** A tool goes in once, however many tasks want it. */
const isTool = ({ key }: VanItem): boolean => isOfKind(key, 'tool')

function itemsOf(setup: VanSetup, task: VanTask): VanItem[] {
  const hems = task.subjects.flatMap((id) => setup.hems.get(id) ?? [])
  switch (task.kind) {
    case 'lay':
      return [...tapeItems(setup, task, hems), ...stripItems(setup, task, hems), ...toolItems(setup, task, hems)]
    case 'seal':
      return [...sealItems(setup, task, hems)]
    case 'gun-up':
      return gunItems(setup, task)
    case 'cover':
      return coverItems(setup, task)
    case 'coat':
    case 'roll':
      return paintItems(setup, task)
    default:
      return []
  }
}

const at = (task: VanTask) => ({ widthMm: null, roomIds: [task.roomId] })

function tapeItems(setup: VanSetup, task: VanTask, hems: readonly Hem[]): VanItem[] {
  const { job, recipes } = setup
  return [
    ...hems.flatMap((hem): VanItem[] => {
      const recipe = recipes.get(hem.id)
      if (!recipe?.tapeId) return []
      const waste = 1 + wastePctIn(job, hem.roomId) / 100
      const mm = tapedMm(job.house, hem, recipe) * waste
      return [tapeItem(job, task, { tapeId: recipe.tapeId, widthMm: recipe.widthMm }, mm)]
    }),
    ...held(setup, task, hems, []),
  ]
}

const tapeItem = (job: Job, task: VanTask, kind: { tapeId: string; widthMm: number }, mm: number): VanItem => ({
  ...at(task),
  key: articleKey('tape', kind.tapeId, kind.widthMm),
  name: tapeOf(job.shelf, kind.tapeId).name,
  widthMm: kind.widthMm,
  amount: mm,
  unit: 'mm',
})

const wasteOf = ({ house }: Job): number => 1 + house.wastePct / 100

/** Tape that holds films and papers rather than an edge. */
function held(setup: VanSetup, task: VanTask, hems: readonly Hem[], needs: readonly CoverNeed[]): VanItem[] {
  const { job, recipes, holding, parameters } = setup
  return holding
    ? [tapeItem(job, task, holding, holdingMm({ job, hems, recipes, needs, parameters }) * wasteOf(job))]
    : []
}

/** Paper and film beside hems, and what holds it. */
function stripItems(setup: VanSetup, task: VanTask, hems: readonly Hem[]): VanItem[] {
  const { job, recipes } = setup
  const own = { ...job, rooms: job.rooms.filter((room) => room.id === task.roomId) }
  const needs = stripNeeds(own, hems, recipes, setup.needs.get(task.roomId) ?? [])
  return [...needs.map((need) => coverItem(job, task, need)), ...held(setup, task, [], needs)]
}

function coverItem(job: Job, task: VanTask, need: CoverNeed): VanItem {
  const cover = coverOf(job.shelf, need.coverId)
  const isPieces = cover.reusable
  return {
    ...at(task),
    key: articleKey('cover', cover.id),
    name: cover.name,
    amount: isPieces ? need.pieces : need.runMm * wasteOf(job),
    unit: isPieces ? 'pieces' : 'mm',
  }
}

/** What a room is covered with before anything, or before one of its colours. */
function coverItems(setup: VanSetup, task: VanTask): VanItem[] {
  const { job } = setup
  const own = (setup.needs.get(task.roomId) ?? []).filter(({ stepIds }) => (stepIds?.[0] ?? null) === task.stepId)
  return [...own.map((need) => coverItem(job, task, need)), ...held(setup, task, [], own)]
}

function sealItems(setup: VanSetup, task: VanTask, hems: readonly Hem[]): VanItem[] {
  const { job, recipes, parameters } = setup
  const items = (kind: 'sealant' | 'glaze', of: (id: string) => string, lines: ReturnType<typeof sealantLines>) =>
    lines.map((line): VanItem => ({
      ...at(task),
      key: articleKey(kind, line.id),
      name: of(line.id),
      amount: line.exact,
      unit: line.unit,
    }))
  return [
    ...items('sealant', (id) => sealantOf(job.shelf, id).name, sealantLines(job, hems, recipes)),
    ...sealPaint(job, hems, recipes, parameters).map(({ step, litres }) => paintItem(job, task, step, litres)),
    ...items('glaze', (id) => glazeOf(job.shelf, id).name, glazeLines(job, hems, recipes, parameters)),
  ]
}

/** The gun, from the van; where there is none it has to be got all the same. */
function gunItems({ job }: VanSetup, task: VanTask): VanItem[] {
  const gun = job.shelf.tools.find((tool) => tool.kind === 'gun' && !tool.retired)
  return [{ ...at(task), key: articleKey('tool', 'gun'), name: gun?.name ?? 'gun', amount: 1, unit: 'pieces' }]
}

function toolItems({ job, recipes }: VanSetup, task: VanTask, hems: readonly Hem[]): VanItem[] {
  const own = hems.flatMap((hem) => recipes.get(hem.id) ?? [])
  const tools = toolLines(job.shelf, own).map((line): VanItem => ({
    ...at(task),
    key: articleKey('tool', line.kind),
    name: line.name,
    amount: 1,
    unit: 'pieces',
  }))
  const masks = liquidLines(job, hems, recipes).map((line): VanItem => ({
    ...at(task),
    key: articleKey('liquid', line.id),
    name: liquidOf(job.shelf, line.id).name,
    amount: line.exact,
    unit: line.unit,
  }))
  return [...tools, ...masks]
}

const PAINTING = new Set<MinutePart['part']>(['field', 'spray', 'cut-in', 'freehand'])
const paintingMin = (task: VanTask): number =>
  task.work.reduce((sum, { part, minutes }) => sum + (PAINTING.has(part) ? minutes : 0), 0)

/** One coat of one step. */
const coatKey = ({ roomId, stepId, coat }: VanTask): string => `${roomId} ${stepId} ${coat}`

/** Minutes in which each coat goes on, over all tasks of a job. */
export function coatMinutes(tasks: readonly VanTask[]): Map<string, number> {
  const found = new Map<string, number>()
  for (const task of tasks)
    if (task.kind === 'coat' || task.kind === 'roll')
      found.set(coatKey(task), (found.get(coatKey(task)) ?? 0) + paintingMin(task))
  return found
}

/** A task's part of one coat's paint, by its share of the minutes in which that coat goes on. */
function paintItems(setup: VanSetup, task: VanTask): VanItem[] {
  const { job, parameters, coatMin } = setup
  const found = stepAt(job, task)
  if (!found) return []
  const { room, step } = found
  const whole = coatMin.get(coatKey(task)) ?? 0
  if (whole <= 0) return []
  const coating = coatingOf(job.shelf, step.coatingId)
  const mm2 = facesOfStep(room, step).reduce(
    (sum, key) => sum + faceAreaMm2(room, key) * paintShare(faceOf(room, key).texture, step.tool, parameters),
    0,
  )
  const litres = mm2 / 1e6 / coating.spreadM2PerL
  return [paintItem(job, task, step, (litres * paintingMin(task)) / whole)]
}

const paintItem = (job: Job, task: VanTask, step: PaintStep, litres: number): VanItem => {
  const coating = coatingOf(job.shelf, step.coatingId)
  return {
    ...at(task),
    key: tintedKey(coating.id, step.colour),
    name: `${step.colour}, ${coating.name}`,
    amount: litres,
    unit: 'litres',
  }
}
