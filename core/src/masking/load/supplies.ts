import { wholeUp } from '../../base/units/wholeUp'
import { sure } from '../../base/units/sure'
import { type Job, type PaintStep, type Room, type Texture, thingOf, type Tool, type Shelf } from '../../base/nouns'
import { coatingOf, glazeOf, liquidOf, sealantOf } from '../../survey/shelf/find'
import type { Hem } from '../../survey/hems/deriveHems'
import type { Parameters } from '../../base/parameters/parameters'
import type { Recipe } from '../recipes/recipe'
import { faceAreaMm2 } from '../../survey/rooms/areas'
import { faceOf, facesOfStep } from '../../survey/rooms/faces'
import { glassPerEdgeM } from '../../survey/rooms/glazing'

/** What comes in tubes, tins, cans and litres: how much a job takes of it. Money in minor units. */
export interface SupplyLine {
  readonly id: string
  readonly name: string
  readonly amount: number
  readonly unit: 'tubes' | 'litres' | 'tins' | 'cans'
  readonly exact: number
  readonly costMinor: number
}

/** Metres of hems by what `idOf` names on their recipes. */
function metresBy(
  hems: readonly Hem[],
  recipes: ReadonlyMap<string, Recipe>,
  idOf: (recipe: Recipe) => string | null,
): [string, number][] {
  const metres = new Map<string, number>()
  for (const hem of hems) {
    const recipe = recipes.get(hem.id)
    const id = recipe ? idOf(recipe) : null
    if (id) metres.set(id, (metres.get(id) ?? 0) + hem.lengthMm / 1000)
  }
  return [...metres]
}

/** Sealant for wiped beads. */
export function sealantLines(job: Job, hems: readonly Hem[], recipes: ReadonlyMap<string, Recipe>): SupplyLine[] {
  return metresBy(hems, recipes, (recipe) => recipe.sealantId).map(([id, m]) => {
    const sealant = sealantOf(job.shelf, id)
    const exact = m / sealant.metresPerTube
    const amount = wholeUp(exact)
    return { id, name: sealant.name, amount, exact, unit: 'tubes', costMinor: amount * sealant.priceMinor }
  })
}

/** Clear glaze for sealing passes, by the tin. */
export function glazeLines(
  job: Job,
  hems: readonly Hem[],
  recipes: ReadonlyMap<string, Recipe>,
  parameters: Pick<Parameters, 'work'>,
): SupplyLine[] {
  return metresBy(hems, recipes, (recipe) => recipe.glazeId).map(([id, m]) => {
    const glaze = glazeOf(job.shelf, id)
    const exact = (m * parameters.work.sealPassM.value) / (glaze.litres * glaze.spreadM2PerL)
    const amount = wholeUp(exact)
    return { id, name: glaze.name, amount, exact, unit: 'tins', costMinor: amount * glaze.priceMinor }
  })
}

/** Liquid masks by the glass they cover. */
export function liquidLines(job: Job, hems: readonly Hem[], recipes: ReadonlyMap<string, Recipe>): SupplyLine[] {
  const glass = new Map<string, number>()
  for (const hem of hems) {
    const id = recipes.get(hem.id)?.liquidId
    const room = sure(job.rooms.find((each) => each.id === hem.roomId))
    const opening = room.openings.find((each) => each.id === thingOf(hem.keep))
    if (id && opening) glass.set(id, (glass.get(id) ?? 0) + (glassPerEdgeM(opening) * hem.lengthMm) / 1000)
  }
  return [...glass].map(([id, m2]) => {
    const liquid = liquidOf(job.shelf, id)
    const exact = m2 / liquid.spreadM2
    const amount = wholeUp(exact)
    const unit = liquid.how === 'brush' ? 'tins' : 'cans'
    return { id, name: liquid.name, amount, exact, unit, costMinor: amount * liquid.priceMinor }
  })
}

/** A hem sealed with its keep side's colour, and the step that puts that colour on; null where this job does not. */
interface OwnSeal {
  readonly hem: Hem
  readonly room: Room
  readonly keepStep: PaintStep | null
}

function ownSeals(job: Job, hems: readonly Hem[], recipes: ReadonlyMap<string, Recipe>): OwnSeal[] {
  const rooms = new Map(job.rooms.map((room) => [room.id, room]))
  return hems.flatMap((hem) => {
    if (recipes.get(hem.id)?.seal !== 'own-colour') return []
    const room = sure(rooms.get(hem.roomId))
    return [{ hem, room, keepStep: room.steps.find((step) => step.id === hem.keepStepId) ?? null }]
  })
}

const passM2 = ({ hem }: OwnSeal, { work }: Pick<Parameters, 'work'>): number =>
  (hem.lengthMm / 1000) * work.sealPassM.value

/**
 * Colours to bring for sealing that this job does not put on anyway, rounded up to a decilitre. They are at hand, or
 * the recipe would not ask for them. How far the old paint goes nobody knows: it spreads like the coat beside it.
 */
export function keepColourLines(
  job: Job,
  hems: readonly Hem[],
  recipes: ReadonlyMap<string, Recipe>,
  parameters: Pick<Parameters, 'work'>,
): SupplyLine[] {
  const litres = new Map<string, { name: string; exact: number }>()
  for (const seal of ownSeals(job, hems, recipes)) {
    if (seal.keepStep) continue
    const step = sure(seal.room.steps.find((each) => each.id === seal.hem.stepId))
    const name = faceOf(seal.room, seal.hem.keep).colour.trim()
    const line = litres.get(name.toLowerCase()) ?? { name, exact: 0 }
    const exact = line.exact + passM2(seal, parameters) / coatingOf(job.shelf, step.coatingId).spreadM2PerL
    litres.set(name.toLowerCase(), { ...line, exact })
  }
  return [...litres].map(([id, { name, exact }]) => {
    const amount = wholeUp(exact, 0.1)
    return { id, name, amount, exact, unit: 'litres', costMinor: 0 }
  })
}

/** What sealing with own colour takes of colours this job puts on anyway, by coating and colour. */
export const sealPaint = (
  job: Job,
  hems: readonly Hem[],
  recipes: ReadonlyMap<string, Recipe>,
  parameters: Pick<Parameters, 'work'>,
): { readonly step: PaintStep; readonly litres: number }[] =>
  ownSeals(job, hems, recipes).flatMap((seal) => {
    const step = seal.keepStep
    return step ? [{ step, litres: passM2(seal, parameters) / coatingOf(job.shelf, step.coatingId).spreadM2PerL }] : []
  })

/** How much more paint a face takes than its area by the label: rough ones hold more, and a gun loses some as mist. */
export const paintShare = (
  texture: Texture,
  tool: Tool,
  { textures, work }: Pick<Parameters, 'textures' | 'work'>,
): number => textures[texture].paintShare.value * (tool === 'spray' ? work.gunPaintShare.value : 1)

/** All coats of a step over its faces, as much as they take, m² by the label's spread. */
const coatedM2 = (room: Room, step: PaintStep, parameters: Pick<Parameters, 'textures' | 'work'>): number =>
  (facesOfStep(room, step).reduce(
    (sum, key) => sum + faceAreaMm2(room, key) * paintShare(faceOf(room, key).texture, step.tool, parameters),
    0,
  ) *
    step.coats) /
  1e6

/** Paint for all coats of a step, litres. */
export const stepLitres = (
  room: Room,
  step: PaintStep,
  shelf: Shelf,
  parameters: Pick<Parameters, 'textures' | 'work'>,
): number => coatedM2(room, step, parameters) / coatingOf(shelf, step.coatingId).spreadM2PerL

/** Paint for every step of a job, and for sealing with it. Sold by the half litre. */
export function coatingLines(
  job: Job,
  hems: readonly Hem[],
  recipes: ReadonlyMap<string, Recipe>,
  parameters: Pick<Parameters, 'textures' | 'work'>,
): SupplyLine[] {
  const litres = new Map<string, { id: string; name: string; exact: number; price: number }>()
  const add = (step: PaintStep, m2: number): void => {
    const coating = coatingOf(job.shelf, step.coatingId)
    const key = `${coating.id}|${step.colour.trim().toLowerCase()}`
    const name = `${step.colour}, ${coating.name}`
    const line = litres.get(key) ?? { id: key, name, exact: 0, price: coating.priceMinorPerL }
    litres.set(key, { ...line, exact: line.exact + m2 / coating.spreadM2PerL })
  }
  for (const room of job.rooms) {
    for (const step of room.steps) {
      add(step, coatedM2(room, step, parameters))
    }
  }
  for (const seal of ownSeals(job, hems, recipes)) if (seal.keepStep) add(seal.keepStep, passM2(seal, parameters))
  return [...litres.values()].map(({ id, name, exact, price }) => {
    const amount = wholeUp(exact, 0.5)
    return { id, name, amount, exact, unit: 'litres', costMinor: Math.round(amount * price) }
  })
}
