import { sure } from '../../base/units/sure'
import { type PaintStep, type Room, said, type Said, face, readFace, thingOf, word } from '../../base/nouns'
import { facesOfStep, faceName, groupOf, stepOf, swatchBelow } from './faces'
import { coatsToHide } from './hiding'

/** Orders of colours that crews work in. */
export const ORDER_PRESETS = [
  'ceiling-trim-walls',
  'ceiling-walls-trim',
  'spray-first-trim-later',
  'top-colour-before-bottom-colour',
] as const
type OrderPreset = (typeof ORDER_PRESETS)[number]

const RANK: Record<Exclude<OrderPreset, 'top-colour-before-bottom-colour'>, readonly string[]> = {
  'ceiling-trim-walls': ['ceiling', 'skirting', 'casings', 'leaves', 'pieces', 'walls', 'bands', 'floor'],
  'ceiling-walls-trim': ['ceiling', 'walls', 'bands', 'skirting', 'casings', 'leaves', 'pieces', 'floor'],
  'spray-first-trim-later': ['ceiling', 'walls', 'bands', 'pieces', 'leaves', 'casings', 'skirting', 'floor'],
}

/** Puts a room's steps into a preset's order; steps that rank alike keep theirs. */
export function inOrder(room: Room, preset: OrderPreset): PaintStep[] {
  const rank = (step: PaintStep): number => {
    if (preset === 'top-colour-before-bottom-colour') return -heightOf(room, step)
    const sprayed = preset === 'spray-first-trim-later' && step.tool !== 'spray' ? 100 : 0
    return sprayed + Math.min(...step.targets.map((target) => RANK[preset].indexOf(groupOf(target))))
  }
  return room.steps
    .map((step, i) => ({ step, i, rank: rank(step) }))
    .sort((a, b) => a.rank - b.rank || a.i - b.i)
    .map(({ step }) => step)
}

/** About how high up a step's faces are, mm. */
function heightOf(room: Room, step: PaintStep): number {
  const heights = facesOfStep(room, step).map((key) => {
    const kind = readFace(key)?.kind
    const band = kind === 'band' ? room.bands.find((each) => each.id === thingOf(key)) : undefined
    if (band) return (band.fromMm + band.toMm) / 2
    if (kind === 'ceiling') return room.heightMm * 2
    if (kind === 'wall') return room.heightMm * 0.6
    return kind === 'floor' ? 0 : room.heightMm * 0.2
  })
  return heights.length ? heights.reduce((sum, each) => sum + each, 0) / heights.length : 0
}

/** What is impossible or unwise about a coating plan, each with its reason. */
export function orderFaults(room: Room): Said[] {
  const faults: Said[] = []
  const at = (key: string) => stepOf(room, key)?.index ?? -1
  for (const step of room.steps)
    if (facesOfStep(room, step).length === 0) faults.push(said('order.empty', { step: step.name }))
  const walls = room.walls.map((wall) => at(face('wall', wall.id)))
  const firstWall = Math.min(...walls.filter((index) => index >= 0), Number.POSITIVE_INFINITY)
  const ceiling = at('ceiling')
  if (ceiling > firstWall && sure(room.steps[ceiling]).tool !== 'spray')
    faults.push(said('order.ceiling_late', { tool: word('tool', sure(room.steps[ceiling]).tool) }))
  const floor = at('floor')
  if (floor >= 0 && floor < room.steps.length - 1) faults.push(said('order.floor_early'))
  for (const band of room.bands) {
    const own = at(face('band', band.id))
    const above = Math.max(...band.wallIds.map((wallId) => at(face('wall', wallId))))
    if (band.kind === 'two-tone' && own >= 0 && above > own && band.fromMm < room.heightMm / 3)
      faults.push(said('order.bottom_first', { band: band.name }))
  }
  const late = sprayedLate(room)
  if (late) faults.push(said('order.spray_late', { step: late.step.name, before: late.before.name }))
  return [...faults, ...hidingFaults(room)]
}

/** The first colour that is sprayed beside another one that is on by then. One below it on the same faces needs no cover. */
function sprayedLate(room: Room): { readonly step: PaintStep; readonly before: PaintStep } | null {
  for (const [i, step] of room.steps.entries()) {
    if (step.tool !== 'spray') continue
    const own = new Set(facesOfStep(room, step))
    const before = room.steps.slice(0, i).findLast((each) => facesOfStep(room, each).some((key) => !own.has(key)))
    if (before) return { step, before }
  }
  return null
}

/** Steps with fewer coats than their colour needs over what lies there. */
function hidingFaults(room: Room): Said[] {
  return room.steps.flatMap((step) => {
    const worst = facesOfStep(room, step)
      // What a later colour covers need not hide anything itself.
      .filter((key) => stepOf(room, key)?.step.id === step.id)
      .map((key) => ({ key, hiding: coatsToHide(swatchBelow(room, key, step), step.swatch) }))
      .sort((a, b) => b.hiding.coats - a.hiding.coats)[0]
    if (!worst || worst.hiding.coats <= step.coats) return []
    const facts = { step: step.name, face: faceName(room, worst.key), coats: worst.hiding.coats, planned: step.coats }
    return [said(worst.hiding.whiteTrap ? 'order.white_trap' : 'order.coats', facts)]
  })
}
