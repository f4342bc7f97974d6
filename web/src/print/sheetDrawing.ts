import { formatLength, topAtMm, type Fitting, type Hem, type Room, type UnitSystem } from '@crisp-hem/core'
import { unrollRoom, type Unrolled } from '../app/drawing/unroll'
import { paintSide } from '../app/drawing/stitch'

/** A wall on paper is at least this tall, so that most rooms fill one row of the page, pt. */
const LEAST_TALL_PT = 76
/** What the screen leaves free above a drawing for its own buttons, and below it, pt: paper does not. */
const [TOP_PT, FOOT_PT] = [16, 12]
const INK = '#1e2326'
const SOFT = '#8a8574'
const KRAFT = '#cbb68f'

interface SheetDrawingSetup {
  readonly room: Room
  readonly hems: readonly Hem[]
  readonly letters: ReadonlyMap<string, string>
  readonly width: number
  readonly units: UnitSystem
}

/**
 * A room's working drawing for paper, as SVG text: walls, things on them, and each hem as a tape strip with its
 * letter, hatched on the paint side. Kept to plain lines, which every printer draws alike.
 *
 * @param letters  the letter of each hem's recipe, by hem id
 */
export function sheetDrawing({ room, hems, letters, width, units }: SheetDrawingSetup): string {
  const drawing = unrollRoom(room, width, LEAST_TALL_PT)
  const parts = [
    ...drawing.walls.map((wall) => wallSvg(wall, drawing, units)),
    ...room.openings.map((o) =>
      box({
        drawing,
        wallId: o.wallId,
        atMm: o.atMm,
        bottomMm: o.sillMm,
        widthMm: o.widthMm,
        heightMm: o.heightMm,
        name: o.name,
      }),
    ),
    ...room.pieces.map((p) =>
      box({
        drawing,
        wallId: p.wallId,
        atMm: p.atMm,
        bottomMm: p.bottomMm,
        widthMm: p.widthMm,
        heightMm: p.heightMm,
        name: p.name,
      }),
    ),
    ...room.fittings.map((f) => fittingSvg(room, drawing, f)),
    ...hems.map((hem) => hemSvg(hem, letters.get(hem.id) ?? '', drawing)),
  ]
  const high = drawing.height - TOP_PT - FOOT_PT
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="-4 ${TOP_PT} ${n(width + 8)} ${n(high)}" width="${n(width)}" height="${n(high)}">${parts.join('')}</svg>`
}

/** A fitting on its wall; one on the ceiling stands on the line of the wall it is measured from. */
function fittingSvg(room: Room, drawing: Unrolled, { on, wallId, atMm, bottomMm, widthMm, heightMm }: Fitting): string {
  const wall = room.walls.find(({ id }) => id === wallId)
  const low = on === 'ceiling' && wall ? topAtMm(room, wall, atMm + widthMm / 2) : bottomMm
  return box({ drawing, wallId, atMm, bottomMm: low, widthMm, heightMm, name: '' })
}

/** How tall a room's drawing is on paper at a width, pt. */
export const drawnTall = (room: Room, width: number): number =>
  unrollRoom(room, width, LEAST_TALL_PT).height - TOP_PT - FOOT_PT

const n = (value: number): string => String(Math.round(value * 10) / 10)
const safe = (text: string): string => text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`)

function wallSvg(wall: Unrolled['walls'][number], { tall }: Unrolled, units: UnitSystem): string {
  const floor = wall.y + tall
  const top = wall.top.map((point) => `${n(point.x)} ${n(point.y)}`).join('L')
  const outline = `M${n(wall.x)} ${n(floor)}L${top}L${n(wall.x + wall.width)} ${n(floor)}Z`
  const skirting =
    wall.skirting > 0
      ? `<path d="M${n(wall.x)} ${n(floor - wall.skirting)}h${n(wall.width)}" stroke="${SOFT}" stroke-width="0.6"/>`
      : ''
  const name = `<text x="${n(wall.x + 3)}" y="${n(wall.y - 6)}" font-size="9" fill="${INK}">${safe(`${wall.name}  ${formatLength(wall.lengthMm, units)}`)}</text>`
  return `<path d="${outline}" fill="none" stroke="${INK}" stroke-width="0.9"/>${skirting}${name}`
}

interface BoxSetup {
  readonly drawing: Unrolled
  readonly wallId: string
  readonly atMm: number
  readonly bottomMm: number
  readonly widthMm: number
  readonly heightMm: number
  readonly name: string
}

function box({ drawing, wallId, atMm, bottomMm, widthMm, heightMm, name }: BoxSetup): string {
  const { x, y } = drawing.at(wallId, atMm, bottomMm + heightMm)
  const [wide, tall] = [widthMm * drawing.scale, heightMm * drawing.scale]
  const label =
    name && wide > 26
      ? `<text x="${n(x + wide / 2)}" y="${n(y + tall / 2)}" font-size="6.5" fill="${SOFT}" text-anchor="middle">${safe(name)}</text>`
      : ''
  return `<rect x="${n(x)}" y="${n(y)}" width="${n(wide)}" height="${n(tall)}" fill="none" stroke="${SOFT}" stroke-width="0.7"/>${label}`
}

function hemSvg(hem: Hem, letter: string, drawing: Unrolled): string {
  const side = paintSide(hem)
  const lines = hem.segments.map(drawing.line)
  const strips = lines
    .map(({ x1, y1, x2, y2 }) => {
      const path = `M${n(x1)} ${n(y1)}L${n(x2)} ${n(y2)}`
      return `<path d="${path}" stroke="${KRAFT}" stroke-width="3.4"/><path d="${path}" stroke="${INK}" stroke-width="0.8" stroke-dasharray="4 2.5"/>${ticks({ x1, y1, x2, y2, side })}`
    })
    .join('')
  const first = lines[0]
  if (!first || !letter) return strips
  const [mx, my] = [(first.x1 + first.x2) / 2, (first.y1 + first.y2) / 2]
  return `${strips}<circle cx="${n(mx)}" cy="${n(my)}" r="6.2" fill="#ffffff" stroke="${INK}" stroke-width="0.7"/><text x="${n(mx)}" y="${n(my + 2.5)}" font-size="6.4" fill="${INK}" text-anchor="middle">${safe(letter)}</text>`
}

interface TicksSetup {
  readonly x1: number
  readonly y1: number
  readonly x2: number
  readonly y2: number
  readonly side: -1 | 1
}

/** Short strokes on the paint side, eight px apart. */
function ticks({ x1, y1, x2, y2, side }: TicksSetup): string {
  const length = Math.hypot(x2 - x1, y2 - y1)
  if (length < 14) return ''
  const [ux, uy] = [(x2 - x1) / length, (y2 - y1) / length]
  const marks: string[] = []
  for (let at = 5; at < length - 3; at += 8) {
    const [x, y] = [x1 + ux * at, y1 + uy * at]
    marks.push(`M${n(x)} ${n(y)}l${n(-uy * side * 4 + ux * 2)} ${n(ux * side * 4 + uy * 2)}`)
  }
  return `<path d="${marks.join('')}" stroke="${INK}" stroke-width="0.5"/>`
}
