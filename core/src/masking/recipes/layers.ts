import type { Layer, LayerKind } from './layer'
import type { Candidate } from './candidate'
import type { HemContext } from './hemContext'
import { coversByKind } from '../covers/coverNeed'
import { settingOf, SLIDES_UNDER_MM, type Setting } from './setting'

const layer = (kind: LayerKind, name: string, more: Partial<Layer> = {}): Layer => ({
  kind,
  name,
  coverId: null,
  widthMm: null,
  edge: null,
  tackMm: null,
  seat: 'beside',
  ...more,
})

/** What lies on the keep side of a hem, layer by layer in the order it goes on, and what seals and colours the edge. */
export function recipeLayers(ctx: HemContext, pick: Candidate): Layer[] {
  const setting = settingOf(ctx)
  return [...under(ctx, setting), ...edge(ctx, pick, setting), ...over(ctx, pick, setting), ...wet(ctx, pick)]
}

/** Lining paper slides under a skirting where there is a gap for it. */
function under(ctx: HemContext, setting: Setting): Layer[] {
  if (!slidesUnder(ctx, setting)) return []
  const paper = paperOf(ctx, 0)
  return paper ? [layer('lining', paper.name, { coverId: paper.id, widthMm: paper.widthMm, seat: 'under' })] : []
}

const slidesUnder = ({ hem }: HemContext, setting: Setting): boolean =>
  setting === 'skirting-over-hard-floor' && hem.gapMm >= SLIDES_UNDER_MM

const SEATS: Partial<Record<Setting, Layer['seat']>> = {
  'skirting-over-carpet': 'tucked',
}

/** In short pieces only where the joint opens and closes: along a flush one a long run lies truer. */
const seatOf = ({ hem }: HemContext, setting: Setting): Layer['seat'] =>
  setting === 'tight-joint-at-the-floor' && hem.gapVaries ? 'in-pieces' : (SEATS[setting] ?? 'beside')

function edge(ctx: HemContext, { tape, roll, liquid }: Candidate, setting: Setting): Layer[] {
  if (liquid) return [layer('liquid', liquid.name)]
  if (!tape || !roll) return []
  return [layer('tape', tape.name, { widthMm: roll.widthMm, edge: tape.edge, seat: seatOf(ctx, setting) })]
}

/** Covers over the tape: a sprayed hem's own, and what keeps feet and drips off a floor. */
function over(ctx: HemContext, pick: Candidate, setting: Setting): Layer[] {
  const layers: Layer[] = []
  // The paper that slides under is the one there is: it catches mist and drips.
  const isLined = slidesUnder(ctx, setting)
  if (pick.cover && !isLined) {
    const { cover, hold } = pick.cover
    layers.push(
      layer(cover.kind === 'film' ? 'film' : 'paper', cover.name, {
        // Taut and hung film, and paper over cabinets' mouths, cover a face of the room, which the load counts by faces.
        coverId: (hold === 'lies' || hold === 'loose') && setting !== 'cabinets-in-use' ? cover.id : null,
        widthMm: hold === 'taut' ? null : cover.widthMm,
        tackMm: pick.tackMm,
      }),
    )
  } else if (setting === 'skirting-over-carpet' || setting === 'skirting-over-hard-floor') {
    const paper = paperOf(ctx, 0)
    if (paper && !ctx.isFloorPapered && !isLined)
      layers.push(layer('paper', paper.name, { coverId: paper.id, widthMm: paper.widthMm }))
  } else if (setting === 'thing-on-the-wall') {
    // The load counts its film with the room's covers.
    const film = coversByKind(ctx.shelf).film[0]
    if (film) layers.push(layer('film', film.name))
  } else if (setting === 'cabinets-in-use') {
    const paper = paperOf(ctx, 600)
    if (paper) layers.push(layer('paper', paper.name))
  }
  if (FLOORS.includes(setting)) {
    const cloth = ctx.shelf.covers.find((cover) => cover.kind === 'cloth' && !cover.retired)
    if (cloth) layers.push(layer('cloth', cloth.name))
  }
  return layers
}
const FLOORS: readonly Setting[] = ['skirting-over-carpet', 'skirting-over-hard-floor', 'tight-joint-at-the-floor']

/** The narrowest paper of at least a width. */
const paperOf = (ctx: HemContext, leastMm: number) =>
  ctx.shelf.covers
    .filter((cover) => cover.kind === 'paper' && !cover.retired && cover.widthMm >= leastMm)
    .sort((a, b) => a.widthMm - b.widthMm)[0]

function wet(ctx: HemContext, pick: Candidate): Layer[] {
  const seal = pick.seal === 'none' ? [] : [layer('seal', pick.sealant?.name ?? pick.glaze?.name ?? ctx.keepColour)]
  return [...seal, ...ctx.steps.map((step) => layer('colour', `${step.colour} × ${step.coats}`))]
}
